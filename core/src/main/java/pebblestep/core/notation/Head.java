package pebblestep.core.notation;

import java.util.Optional;
import pebblestep.core.pitch.Pitch;

/**
 * A further head on the stem of a note: what the same hand plays with it.
 *
 * @param voice the further voice it belongs to, from 0
 * @param pitch its written pitch
 * @param accidental the sign to print, empty where the signature or the bar has said it
 */
public record Head(int voice, Pitch pitch, Optional<Accidental> accidental) {}
