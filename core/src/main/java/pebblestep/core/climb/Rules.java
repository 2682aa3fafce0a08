package pebblestep.core.climb;

import pebblestep.core.Refusal;

/**
 * When a rung is passed and when to go back. Speed follows evenness: only clean tries count (common practice, no
 * source).
 *
 * @param cleanToPass clean tries in a row, at or above a rung, that pass it
 * @param missesToStepBack tries in a row that are not clean, after which one rung is given up
 * @param rungsADay most rungs passed in a day; more is often undone by the next
 */
public record Rules(int cleanToPass, int missesToStepBack, int rungsADay) {
    /** Three of each. */
    public static final Rules USUAL = new Rules(3, 3, 3);

    /** Refuses rules that could never pass or never hold. */
    public Rules {
        if (cleanToPass < 1 || missesToStepBack < 1 || rungsADay < 1) {
            throw Refusal.of("The numbers of a climb's rules are 1 or more.");
        }
    }
}
