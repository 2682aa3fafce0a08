package pebblestep.documents.practice;

import pebblestep.core.practice.Progress;

/**
 * What a page has reckoned a take to come to: the studio, which is the judge, holds it against what it finds itself.
 *
 * @param edition after how many decisions of the teacher
 * @param takes how many takes there are with it
 * @param at the rung to play after it
 */
public record ReckonedPart(int edition, int takes, String at, int cleanInRow) {
    /** What a progress comes to. */
    public static ReckonedPart of(int edition, Progress progress) {
        return new ReckonedPart(
                edition,
                progress.takes(),
                progress.standing().at().toString(),
                progress.standing().cleanInRow());
    }

    /** Whether both have counted the same log, so that they have to agree. */
    public boolean isOfSameLog(ReckonedPart other) {
        return edition == other.edition && takes == other.takes;
    }
}
