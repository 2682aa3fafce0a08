package pebblestep.app.demo;

import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * Who is in the demo studio and what each of them works on: invented people in an invented town on an estuary.
 */
final class DemoPlan {
    static final String STUDIO = "Wrenmouth Reed Room";
    static final String TEACHER = "Ottilie Fenn";
    static final String EMAIL = "ottilie@wrenmouth.example";
    static final String PASSWORD = "low-tide-at-seven";

    private DemoPlan() {}

    /**
     * One assigned step.
     *
     * @param extent {@code o2} for two octaves, {@code s5} for five notes; {@code o1 thirds} in a pattern by its id
     * @param firstDay days before today on which it was given
     * @param days for how many days
     * @param ease how easily the student plays it clean, from about -1 (hard) to 2 (easy)
     * @param restDays days before today without any take
     * @param climb what grows beside the tempo, such as {@code paired octaves 1,2 value 1/4,1/8}; nothing where empty
     * @param goal a tempo and the days from today in which it is to be met; none where empty
     * @param sound more than clicks, as fields of the metronome; none where empty
     * @param beside what is played with it, as further fields of the step; nothing where empty
     * @param hand what it asks of the hand, as the field of a step; nothing where empty
     */
    record Given(
            String title,
            String tonic,
            String form,
            String extent,
            String value,
            String meter,
            String place,
            int from,
            int to,
            int by,
            int firstDay,
            int days,
            int minutes,
            double ease,
            int restDays,
            String climb,
            String goal,
            String sound,
            String beside,
            String hand) {}

    /** How long everybody practises on a day. */
    static final int MINUTES_A_DAY = 12;

    /** Who is taught together. */
    static final Map<String, String> CLASSES = Map.of(
            "Linnet Moss", "Saturday reeds",
            "Tobiah Lark", "Saturday reeds",
            "Jory Penwick", "Low reeds",
            "Maren Saltby", "Low reeds");

    /** A student; {@code word} is what they wrote to the teacher yesterday, {@code lesson} days from today and a time. */
    record Player(
            String name,
            String instrument,
            String level,
            double daysAWeek,
            String word,
            String lesson,
            List<Given> pieces) {}

    // title | tonic form | extent | value | meter | place | from to by | first day, days, minutes | ease | rest days
    // | what grows beside the tempo | goal | sound | what is played with it | what it asks of the hand
    static final List<Player> PLAYERS = List.of(
            player(
                    "Maren Saltby",
                    "english-horn",
                    "full",
                    5.5,
                    "The D flat speaks late since the new reed.",
                    "0 15:30",
                    """
                    Even eighths, written F | Bb major | o2 | 1/8 | 4/4 | 0 | 72 100 4 | 42 21 8 | 1.6 | 0
                    Even eighths, written B♭ | Eb major | o1 | 1/8 | 4/4 | 0 | 72 100 4 | 31 21 8 | 1.2 | 0
                    Sixteenths from 2 | Ab major | o2 | 1/16 | 4/4 | 1/4 | 56 80 4 | 20 34 10 | 2.3 | 0
                    Up and over, on to 1 | Db major | o2 | 1/16 | 4/4 | 1/4 | 60 96 4 | 10 24 10 | 0.45 | 0 | | 84 21 | "foot":[2,4]
                    Minor, raised seventh | Bb harmonic-minor | o1 | 1/8 | 4/4 | 0 | 60 84 6 | 6 20 6 | 0.2 | 0 | | | "drone":"tonic-and-fifth"\
"""),
            player(
                    "Tobiah Lark",
                    "oboe",
                    "full",
                    4.5,
                    "",
                    "0 14:45",
                    """
                    G in quarters | G major | o1 | 1/4 | 4/4 | 0 | 80 120 8 | 42 20 6 | 1.5 | 0
                    D in eighths | D major | o2 | 1/8 | 4/4 | 0 | 60 120 4 | 26 60 8 | 0.35 | 1 | | 104 24
                    G in thirds | G major | o1 thirds | 1/8 | 4/4 | 0 | 56 72 8 | 15 24 5 | 1.8 | 1 | teacher-picks value 1/8,1/12,1/16 octaves 1,2 |
                    B minor, up and home | B melodic-minor | o1 | 1/8 | 3/4 | 0 | 52 76 4 | 9 23 8 | -0.6 | 1"""),
            player(
                    "Linnet Moss",
                    "oboe",
                    "first-octave",
                    3.5,
                    "",
                    "2 16:00",
                    """
                    First five of G | G major | s5 | 1/2 | 4/4 | 0 | 60 84 6 | 40 20 4 | 1.4 | 0
                    First five of F | F major | s5 | 1/4 | 4/4 | 0 | 60 84 6 | 24 40 4 | 2.6 | 5"""),
            player(
                    "Jory Penwick",
                    "bassoon",
                    "full",
                    5,
                    "Can I try the triplets with the left foot?",
                    "1 17:15",
                    """
                    F in triplets | F major | o2 | 1/12 | 4/4 | 0 | 60 84 4 | 38 18 8 | 1.3 | 0
                    B♭ in triplets | Bb major | o2 | 1/12 | 4/4 | 0 | 60 88 4 | 22 40 8 | 1.4 | 0
                    Quarters on the & | Eb major | o1 | 1/4 | 4/4 | 1/8 | 66 90 4 | 8 24 6 | 0.35 | 0 | | | "groove":"walk","foot":[2,4]
                    C minor, shorter values | C natural-minor | o2 | 1/4 | 4/4 | 0 | 72 96 8 | 12 28 6 | 1.5 | 0 | in-turn value 1/4,1/8,1/12,1/16 |
                    A round with Linnet | F major | o1 | 1/4 | 4/4 | 0 | 60 84 8 | 5 26 4 | 1.2 | 0 | | | | \
"voices":[{"interval":1,"delay":"1","by":"partner","instrument":"oboe","range":"D4-G5"}]"""),
            player(
                    "Aled Quay",
                    "cello",
                    "full",
                    4,
                    "",
                    "3 15:00",
                    """
                    Long notes on G | G major | o2 | 1/2 | 4/4 | 0 | 72 96 8 | 36 16 8 | 1.5 | 0 | | | | | {"position":"I"}
                    Octaves with the division | D major | o1 | 1/4 | 4/4 | 0 | 60 84 8 | 22 40 8 | 1.6 | 2 | paired octaves 1,2,3 value 1/4,1/8,1/12 |
                    A minor seventh chord | A minor-seventh | o2 arpeggio | 1/12 | 4/4 | 0 | 60 84 6 | 14 24 5 | 0.7 | 2 | | | | | {"position":"IV"}
                    Five-note A, up and over | A minor-pentatonic | o2 | 1/8 | 4/4 | 0 | 66 96 6 | 12 30 6 | 1.0 | 2"""),
            player(
                    "Wyn Harbour",
                    "piano",
                    "comfortable",
                    5,
                    "",
                    "4 16:30",
                    """
                    C, hands apart, then together | C major | o2 | 1/8 | 4/4 | 1/2 | 60 78 6 | 42 48 8 | 1.3 | 0 \
| in-turn hands right,left,together | | | "voices":[{"interval":-8,"by":"left"}]
                    E♭ outwards and home | Eb major | o2 | 1/8 | 4/4 | 1/2 | 60 84 6 | 26 40 8 | 1.1 | 1 \
| | | | "voices":[{"interval":1,"mirror":true,"by":"left"}]
                    Whole steps without stopping | C major | o1 | 1/8 | 4/4 | 1/4 | 66 84 6 | 12 30 8 | 0.9 | 0 \
| in-turn keys 2,3,6 | | | "walk":{"order":"whole-steps-up"},"voices":[{"interval":-8,"by":"left"}]"""));

    private static Player player(
            String name, String instrument, String level, double daysAWeek, String word, String lesson, String pieces) {
        return new Player(
                name,
                instrument,
                level,
                daysAWeek,
                word,
                lesson,
                pieces.lines().map(DemoPlan::piece).toList());
    }

    private static Given piece(String line) {
        List<String> cells = Arrays.stream(line.split("\\|")).map(String::strip).toList();
        String[] key = cells.get(1).split(" ");
        int[] ladder = numbers(cells.get(6));
        int[] days = numbers(cells.get(7));
        return new Given(
                cells.get(0),
                key[0],
                key[1],
                cells.get(2),
                cells.get(3),
                cells.get(4),
                cells.get(5),
                ladder[0],
                ladder[1],
                ladder[2],
                days[0],
                days[1],
                days[2],
                Double.parseDouble(cells.get(8)),
                Integer.parseInt(cells.get(9)),
                cells.size() > 10 ? cells.get(10) : "",
                cells.size() > 11 ? cells.get(11) : "",
                cells.size() > 12 ? cells.get(12) : "",
                cells.size() > 13 ? cells.get(13) : "",
                cells.size() > 14 ? cells.get(14) : "");
    }

    private static int[] numbers(String text) {
        return Arrays.stream(text.split(" ")).mapToInt(Integer::parseInt).toArray();
    }

    /** What was written down in lessons: days before today, the note, and a word to the parents; by student. */
    static final Map<String, String> LESSONS = Map.of(
            "Maren Saltby",
            """
            14 | Two octaves of B♭ sit well. A♭: thumb late over the break. |
            7 | D♭ begun, slowly. New reed still stiff: short phrases, rest between. | Maren could use ten quiet minutes before supper.""",
            "Tobiah Lark",
            """
            7 | G is learned. D: even, but the third finger lifts too far. | Well practised this week.""",
            "Linnet Moss",
            """
            5 | Five notes of F, quarters. Breathe before the first note, not during it. | A mirror beside the stand helps.""",
            "Jory Penwick",
            """
            6 | Triplets with the foot on 2 and 4. |""");

    /** Scales for the estuary's grade evening: key, form, octaves, value, tempo, days from today; by student. */
    static final Map<String, String> REQUIRED = Map.of(
            "Maren Saltby",
            """
            F | major | 2 | 1/8 | 92 | 60
            Eb | major | 2 | 1/16 | 66 | 60
            Ab | major | 2 | 1/16 | 72 | 60
            C | harmonic-minor | 2 | 1/8 | 80 | 60""",
            "Tobiah Lark",
            """
            G | major | 1 | 1/4 | 112 | 40
            D | major | 2 | 1/8 | 104 | 40""");

    /** Who goes through the keys: the piece, what it is called, order, first key, what each brings, pace, and days before today; below 0 it begins later. */
    static final Map<String, String> KEY_PLANS = Map.of(
            "Linnet Moss", "First five of F | Five notes, there and back | few-to-many | G | as-given | week | -3",
            "Jory Penwick", "F in triplets | Two octaves in triplets | fourths | F | major-and-relative | learned | 3");

    /** Who gets the quiz as practice. */
    static final List<String> QUIZ = List.of("Maren Saltby", "Tobiah Lark");

    /** What students of this studio write beside a take that slipped. */
    static final List<String> NOTES = List.of(
            "rushed the way down",
            "G natural again",
            "late after the turn",
            "tired lip",
            "the a of 4 is hard to feel",
            "second octave squeaked");
}
