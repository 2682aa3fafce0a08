package pebblestep.documents.practice;

import java.math.BigDecimal;
import java.util.List;
import pebblestep.documents.ClimbDocuments.PlayedPart;

/**
 * Everything that a rung changes about a thing to practise.
 *
 * @param at the rung: an index for each axis, with dots between
 * @param now the rung in words
 * @param summary the step on it in words, without its key
 * @param beside the same but for what the title of the piece says already
 * @param rung which of the climb's tempos it is
 * @param stage the rungs of other axes in words; empty where the step grows by its tempo alone
 * @param played the same as fields, to be sent back with a take
 * @param rungsLeft rungs from this one to the last
 * @param minutes what playing it today takes, with count-in and rest, rounded up
 * @param cautions what to take care of on it
 */
public record RungToPlay(
        String at,
        String now,
        String summary,
        String beside,
        int rung,
        BigDecimal bpm,
        String stage,
        List<PlayedPart> played,
        int rungsLeft,
        long minutes,
        List<CautionPart> cautions) {}
