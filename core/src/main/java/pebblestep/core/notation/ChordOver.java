package pebblestep.core.notation;

import pebblestep.core.harmony.ChordSymbol;

/**
 * A chord over a bar.
 *
 * @param glyph the glyph of the bar over which it stands: the one that sounds where it begins
 * @param chord as it is read
 */
public record ChordOver(int glyph, ChordSymbol chord) {}
