package pebblestep.core.quiz;

import pebblestep.core.Identified;

/** What can be asked. */
public enum QuestionKind implements Identified {
    SPELL,
    RELATIVE,
    RAISED,
    SIGNATURE,
    FINGER,
    SYLLABLES
}
