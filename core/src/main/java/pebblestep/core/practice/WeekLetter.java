package pebblestep.core.practice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pebblestep.core.Identified;
import pebblestep.core.Words;

/**
 * What somebody is told of a week by letter, in plain words: what to play and in which order, what has changed, one thing to
 * watch, and where it is heard.
 *
 * @param subject one line
 * @param text lines of plain text, ended by {@code \n}
 */
public record WeekLetter(String subject, String text) {
    private static final String CARE =
            "A little on most days does more than much on one. Stop at pain, tingling or numbness, and rest; if it stays, see a"
                    + " doctor or a clinician who treats musicians.";

    private static final int MOST_CHANGES = 6;

    /** Who reads it. */
    public enum Reader implements Identified {
        STUDENT,
        PARENT
    }

    /**
     * One thing to play.
     *
     * @param what key and title
     * @param how in the words of the trade, for who plays it; empty where the title says it
     * @param tempo such as {@code 72}, in beats a minute
     * @param minutes what it takes on a day
     */
    public record Line(String what, String how, String tempo, long minutes) {}

    /**
     * How far somebody came with one thing.
     *
     * @param what key and title
     * @param from where they were, in words
     * @param to where they are
     */
    public record Change(String what, Came came, String from, String to) {
        private Optional<String> sentence() {
            return switch (came) {
                case NEW -> Optional.of(what + ": new.");
                case UP -> Optional.of(what + ": up from " + from + " to " + to + ".");
                case DOWN -> Optional.of(what + ": back from " + from + " to " + to + ", to make it safe.");
                case SAME -> Optional.empty();
            };
        }
    }

    /**
     * What slips most.
     *
     * @param key in which key
     * @param what with its numbers, as {@link SlipTally#worst} says it
     */
    public record Watch(String key, String what) {
        private String sentence() {
            return "in " + key + " this slipped most: " + what + ".";
        }
    }

    /**
     * What the week brings.
     *
     * @param student by their whole name
     * @param since the last lesson
     * @param lines in the order in which they are played
     * @param changes how far they came; the first six that moved are told
     * @param fromLesson what the teacher wrote for the parents in the last lesson
     * @param link where it is heard
     * @param teacher who writes
     */
    public record Week(
            String student,
            LocalDate from,
            LocalDate since,
            List<Line> lines,
            List<Change> changes,
            Optional<Watch> watch,
            Optional<String> fromLesson,
            String link,
            String teacher) {
        public Week {
            lines = List.copyOf(lines);
            changes = List.copyOf(changes);
        }

        private String first() {
            return student.strip().split("\\s+")[0];
        }

        private long minutes() {
            return lines.stream().mapToLong(Line::minutes).sum();
        }
    }

    /** The letter of a week to a reader. */
    public static WeekLetter of(Week week, Reader reader) {
        boolean own = reader == Reader.STUDENT;
        String whose = own ? "Your" : genitive(week.first());
        String subject = whose + " week: "
                + (week.lines.isEmpty()
                        ? "nothing new"
                        : Words.counted(week.lines.size(), "step") + ", " + Words.counted(week.minutes(), "minute")
                                + " a day");
        List<String> parts = new ArrayList<>();
        parts.add(own ? "Dear " + week.first() + "," : "Hello,");
        parts.add(toPlay(week, own));
        List<String> changes = week.changes.stream()
                .flatMap(change -> change.sentence().stream())
                .limit(MOST_CHANGES)
                .map(sentence -> "- " + sentence)
                .toList();
        if (!changes.isEmpty()) {
            parts.add("What has changed since " + Words.day(week.since) + ":\n" + String.join("\n", changes));
        }
        week.watch.ifPresent(watch -> parts.add("One thing to watch: " + watch.sentence()));
        if (!own) week.fromLesson.ifPresent(said -> parts.add("From the lesson: " + said));
        parts.add((own ? "To hear it, and to log how it went: " : "Where " + week.first() + " hears and logs it: ")
                + week.link);
        parts.add(CARE);
        parts.add(week.teacher);
        return new WeekLetter(subject, String.join("\n\n", parts) + "\n");
    }

    private static String toPlay(Week week, boolean own) {
        String when = "the week from " + Words.day(week.from);
        if (week.lines.isEmpty()) {
            return "For " + when + " there is nothing new: " + (own ? "play" : "let " + week.first() + " play")
                    + " what is already known.";
        }
        StringBuilder text = new StringBuilder("For ")
                .append(when)
                .append(week.lines.size() == 1 ? ", this is to be played" : ", in this order")
                .append(", about ")
                .append(Words.counted(week.minutes(), "minute"))
                .append(" a day:");
        int number = 1;
        for (Line line : week.lines) {
            text.append("\n").append(number++).append(". ").append(line.what);
            if (own && !line.how.isBlank()) text.append(" (").append(line.how).append(")");
            text.append(", metronome at ").append(line.tempo).append(", ");
            text.append(Words.counted(line.minutes, "minute"));
        }
        return text.toString();
    }

    /** Names that end in s take an apostrophe alone. */
    private static String genitive(String name) {
        return name.endsWith("s") ? name + "’" : name + "’s";
    }
}
