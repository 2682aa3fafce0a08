package pebblestep.core.notation;

import pebblestep.core.voice.By;

/**
 * A staff beside that of the line.
 *
 * @param voice the further voice that it is written for, from 0
 * @param by who plays it
 * @param above whether it stands above the staff of the line
 * @param score what is on it; bar for bar as long as the score of the line
 */
public record OtherStaff(int voice, By by, boolean above, Score score) {}
