package pebblestep.core.metronome;

import pebblestep.core.rhythm.Fraction;

/**
 * One click.
 *
 * @param at exact position from the downbeat of bar 1
 * @param beat the beat it counts, from 1
 * @param accent whether it sounds stronger
 * @param countIn whether it stands before the bar in which the line starts
 * @param between whether it stands between beats
 */
public record Click(Fraction at, int beat, boolean accent, boolean countIn, boolean between) {}
