package pebblestep.core.notation;

import pebblestep.core.scale.KeySignature;

/**
 * A signature that changes at a bar line; what the one before had and this one has not is cancelled by naturals.
 *
 * @param to the signature from there on
 * @param from the one before
 */
public record KeyChange(KeySignature to, KeySignature from) {}
