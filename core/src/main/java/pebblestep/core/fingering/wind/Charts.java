package pebblestep.core.fingering.wind;

/** Charts of winds, from memory of standard charts; the usual way first. */
public final class Charts {
    private Charts() {}

    /** Flutes with a closed G♯ key and a foot down to C. TB is the thumb key of B♭, d and e are the trill keys. */
    public static final String FLUTE =
            """
            keys; right little finger; Eb C C#
            keys; left little finger; G#
            keys; left thumb; TB
            keys; right first finger; d
            keys; right second finger; e
            C4; T 1 2 3 4 5 6 C
            C#4; T 1 2 3 4 5 6 C#
            D4; T 1 2 3 4 5 6
            Eb4; T 1 2 3 4 5 6 Eb
            E4; T 1 2 3 4 5 Eb
            F4; T 1 2 3 4 Eb
            F#4; T 1 2 3 6 Eb
            F#4; T 1 2 3 5 Eb; middle; quick from E
            G4; T 1 2 3 Eb
            G#4; T 1 2 3 G# Eb
            A4; T 1 2 Eb
            Bb4; T 1 4 Eb
            Bb4; TB 1 Eb; thumb; flat keys without B natural
            B4; T 1 Eb
            C5; 1 Eb
            C#5; Eb
            D5; T 2 3 4 5 6
            Eb5; T 2 3 4 5 6 Eb
            E5; T 1 2 3 4 5 Eb
            F5; T 1 2 3 4 Eb
            F#5; T 1 2 3 6 Eb
            F#5; T 1 2 3 5 Eb; middle; quick from E
            G5; T 1 2 3 Eb
            G#5; T 1 2 3 G# Eb
            A5; T 1 2 Eb
            Bb5; T 1 4 Eb
            Bb5; TB 1 Eb; thumb; flat keys without B natural
            B5; T 1 Eb
            C6; 1 Eb
            C#6; Eb
            D6; T 2 3 Eb
            Eb6; T 1 2 3 G# 4 5 6 Eb
            E6; T 1 2 4 5 Eb
            F6; T 1 3 4 Eb
            F#6; T 1 3 6 Eb
            G6; 1 2 3 Eb
            G#6; 2 3 G# Eb
            A6; T 2 4 Eb
            Bb6; T 4 d
            B6; T 1 3 e
            C7; 1 2 3 G# 4
            C#7; 2 G# 4 6
            D7; T 3 4 5
            instead; TB; T; thumb; B4 B5 F#6 B6
            """;

    /** Saxophones: O is the octave key, p the palm keys, S the side keys of the right hand, F# the side key of F♯. */
    public static final String SAXOPHONE =
            """
            keys; left thumb; O
            keys; left little finger; G# lowC# lowB lowBb
            keys; right little finger; Eb C
            keys; left palm; pD pEb pF
            keys; side of the right hand; SBb SC SE SF#
            keys; left first finger; bis
            keys; right third finger; F#
            keys; low thumb; lowA
            A3; 1 2 3 4 5 6 C lowBb lowA
            Bb3; 1 2 3 4 5 6 C lowBb
            B3; 1 2 3 4 5 6 C lowB
            C4; 1 2 3 4 5 6 C
            C#4; 1 2 3 4 5 6 C lowC#
            D4; 1 2 3 4 5 6
            Eb4; 1 2 3 4 5 6 Eb
            E4; 1 2 3 4 5
            F4; 1 2 3 4
            F#4; 1 2 3 5
            F#4; 1 2 3 4 F#; side; beside F
            G4; 1 2 3
            G#4; 1 2 3 G#
            A4; 1 2
            chromatic; side; F#4 F#5
            school; side-b-flat; side B♭
            school; bis-b-flat; bis B♭; bis
            Bb4; 1 2 SBb
            Bb4; 1 bis; bis; flat keys without B natural
            Bb4; 1 4; one and one; arpeggios from F
            B4; 1
            C5; 2
            C5; 1 SC; side; beside B
            C#5;
            D5; O 1 2 3 4 5 6
            Eb5; O 1 2 3 4 5 6 Eb
            E5; O 1 2 3 4 5
            F5; O 1 2 3 4
            F#5; O 1 2 3 5
            F#5; O 1 2 3 4 F#; side; beside F
            G5; O 1 2 3
            G#5; O 1 2 3 G#
            A5; O 1 2
            Bb5; O 1 2 SBb
            Bb5; O 1 bis; bis; flat keys without B natural
            Bb5; O 1 4; one and one; arpeggios from F
            B5; O 1
            C6; O 2
            C6; O 1 SC; side; beside B
            C#6; O
            D6; O pD
            Eb6; O pD pEb
            E6; O pD pEb SE
            F6; O pD pEb pF SE
            F#6; O pD pEb pF SE SF#
            """;

    /**
     * Clarinets with seventeen keys: R is the register key, L and r before a note the key of the left or right little finger, A and
     * Ab the throat keys, s1 and s2 the lower side keys, sl the sliver key.
     */
    public static final String CLARINET =
            """
            keys; left thumb; R
            with; across the break
            keys; left first finger; A Ab
            keys; left little finger; LE LF LF# C#
            keys; right little finger; rE rF rF# Eb
            keys; side of the right hand; s1 s2
            keys; right third finger; sl
            E3; T 1 2 3 4 5 6 LE
            E3; T 1 2 3 4 5 6 rE; right; between left ones
            F3; T 1 2 3 4 5 6 rF
            F3; T 1 2 3 4 5 6 LF; left; between right ones
            F#3; T 1 2 3 4 5 6 LF#
            F#3; T 1 2 3 4 5 6 rF#; right; between left ones
            G3; T 1 2 3 4 5 6
            G#3; T 1 2 3 4 5 6 Eb
            A3; T 1 2 3 4 5
            Bb3; T 1 2 3 4
            B3; T 1 2 3 5
            B3; T 1 2 3 4 sl; chromatic; beside B flat
            C4; T 1 2 3
            C#4; T 1 2 3 C#
            D4; T 1 2
            Eb4; T 1 2 s1
            Eb4; T 1 4; one and one; arpeggios
            E4; T 1
            F4; T
            F#4; 1
            F#4; T s1 s2; chromatic; beside F
            chromatic; chromatic; B3 F#4 F#5
            G4;
            G#4; Ab
            A4; A
            Bb4; A R
            B4; R T 1 2 3 4 5 6 LE
            B4; R T 1 2 3 4 5 6 rE; right; between left ones
            C5; R T 1 2 3 4 5 6 rF
            C5; R T 1 2 3 4 5 6 LF; left; between right ones
            C#5; R T 1 2 3 4 5 6 LF#
            C#5; R T 1 2 3 4 5 6 rF#; right; between left ones
            D5; R T 1 2 3 4 5 6
            Eb5; R T 1 2 3 4 5 6 Eb
            E5; R T 1 2 3 4 5
            F5; R T 1 2 3 4
            F#5; R T 1 2 3 5
            F#5; R T 1 2 3 4 sl; chromatic; beside F
            G5; R T 1 2 3
            G#5; R T 1 2 3 C#
            A5; R T 1 2
            Bb5; R T 1 2 s1
            B5; R T 1
            C6; R T
            C#6; R T 2 3 4 5
            D6; R T 2 3 4 Eb
            Eb6; R T 2 3 4 sl Eb
            E6; R T 2 3 Eb
            F6; R T 2 3 C# Eb
            F#6; R T 2 Eb
            G6; R T 2 4 5 Eb
            """;

    /** Recorders with double holes, on C: t is the thumb hole half closed, 7 the right little finger, h a hole half closed. */
    public static final String RECORDER =
            """
            keys; left thumb; t
            half; t; T
            half; h6; 6
            half; h7; 7
            keys; right third finger; h6
            keys; right little finger; 7 h7
            C4; T 1 2 3 4 5 6 7
            C#4; T 1 2 3 4 5 6 h7
            D4; T 1 2 3 4 5 6
            Eb4; T 1 2 3 4 5 h6
            E4; T 1 2 3 4 5
            F4; T 1 2 3 4 6 7
            F#4; T 1 2 3 5 6
            G4; T 1 2 3
            G#4; T 1 2 4 5 h6
            A4; T 1 2
            Bb4; T 1 3 4
            B4; T 1
            B4; T 2 3; forked; beside C
            C5; T 2
            C#5; 1 2
            D5; 2
            Eb5; 2 3 4 5 6
            E5; t 1 2 3 4 5
            F5; t 1 2 3 4 6
            F#5; t 1 2 3 5
            G5; t 1 2 3
            G#5; t 1 2 4
            A5; t 1 2
            Bb5; t 1 2 4 5 6
            B5; t 1 2 4 5
            C6; t 1 4 5
            C#6; t 2 4 5
            D6; t 1 3 4 6
            """;

    /**
     * Oboes with the covered C and a left F: O1 is the octave key of the thumb and O2 the one beside the first finger, h1 the half
     * hole; L before a note is a key of the left little finger.
     */
    public static final String OBOE =
            """
            keys; left thumb; O1
            keys; side of the left first finger; O2
            keys; left first finger; h1
            half; h1; 1
            keys; left little finger; G# LEb LF B Bb
            keys; right little finger; C C# Eb
            keys; right third finger; F
            Bb3; 1 2 3 Bb 4 5 6 C
            B3; 1 2 3 B 4 5 6 C
            C4; 1 2 3 4 5 6 C
            C#4; 1 2 3 4 5 6 C#
            D4; 1 2 3 4 5 6
            Eb4; 1 2 3 4 5 6 Eb
            Eb4; 1 2 3 LEb 4 5 6; left; beside C and D flat
            E4; 1 2 3 4 5
            F4; 1 2 3 4 5 F
            F4; 1 2 3 LF 4 5; left; beside D and E flat
            F4; 1 2 3 4 6 Eb; forked; beside D, where there is no left F
            F#4; 1 2 3 4
            G4; 1 2 3
            G#4; 1 2 3 G#
            A4; 1 2
            Bb4; 1 2 4
            B4; 1
            C5; 1 4
            C#5; h1 2 3 4 5 6 C#
            D5; h1 2 3 4 5 6
            Eb5; h1 2 3 4 5 6 Eb
            Eb5; h1 2 3 LEb 4 5 6; left; beside C and D flat
            E5; O1 1 2 3 4 5
            F5; O1 1 2 3 4 5 F
            F5; O1 1 2 3 LF 4 5; left; beside D and E flat
            F5; O1 1 2 3 4 6 Eb; forked; beside D, where there is no left F
            F#5; O1 1 2 3 4
            G5; O1 1 2 3
            G#5; O1 1 2 3 G#
            A5; O2 1 2
            Bb5; O2 1 2 4
            B5; O2 1
            C6; O2 1 4
            C#6; 2 3 4 C#
            D6; 2 3 4 C
            Eb6; 2 3 B 5 Eb
            E6; O1 2 3 G# 5 6 Eb
            F6; O1 1 2 3 G# 4 C
            unsure; Eb6 E6 F6
            """;

    /**
     * Bassoons with the whisper key, w: lowBb to lowD and c are keys of the left thumb, E, bb, f and g of the right thumb, Eb and C# of
     * the left little finger, F, F# and G# of the right one; h1 is the half hole, and the flick keys a and c' are tapped as the
     * note begins.
     */
    public static final String BASSOON =
            """
            keys; left thumb; w lowBb lowB lowC lowD c a c'
            keys; right thumb; E bb f g
            keys; left first finger; h1
            half; h1; 1
            keys; left little finger; Eb C#
            keys; right little finger; F F# G#
            Bb1; lowBb lowB lowC lowD 1 2 3 4 5 6 F
            B1; lowB lowC lowD 1 2 3 4 5 6 F
            C2; lowC lowD 1 2 3 4 5 6 F
            C#2; lowD 1 2 3 C# 4 5 6 F
            D2; lowD 1 2 3 4 5 6 F
            Eb2; lowD 1 2 3 Eb 4 5 6 F
            E2; w 1 2 3 E 4 5 6 F
            F2; w 1 2 3 4 5 6 F
            F#2; w 1 2 3 4 5 6 F#
            F#2; w 1 2 3 f 4 5 6 F; thumb; beside F
            G2; w 1 2 3 4 5 6
            G#2; w 1 2 3 4 5 6 G#
            G#2; w 1 2 3 g 4 5 6; thumb; beside F sharp
            A2; w 1 2 3 4 5
            Bb2; w 1 2 3 bb 4 5
            Bb2; w 1 2 3 4 6; forked; where the thumb has no time
            B2; w 1 2 3 4
            C3; w 1 2 3
            C#3; w c 1 2 3
            D3; w 1 2
            Eb3; w 1 3
            E3; w 1
            F3; w
            F#3; w h1 2 3 4 5 6 F#
            F#3; w h1 2 3 f 4 5 6 F; thumb; beside F
            G3; w h1 2 3 4 5 6
            G#3; w h1 2 3 4 5 6 G#
            G#3; w h1 2 3 g 4 5 6; thumb; beside F sharp
            A3; a 1 2 3 4 5
            Bb3; c' 1 2 3 bb 4 5
            B3; c' 1 2 3 4
            C4; c' 1 2 3
            C#4; c 1 2 3
            D4; 1 2
            Eb4; 1 2 bb 4 5
            E4; 1 3 Eb 4 5 F
            F4; 1 3 Eb 5 6 F
            F#4; 2 3 Eb 4 5 F
            G4; 2 3 Eb 4 F
            G#4; 2 3 4 G#
            A4; c' 2 3 4 5 F
            Bb4; a 1 2 4 5 F
            unsure; Eb4 E4 F4 F#4 G4 G#4 A4 Bb4
            """;

    /** What clarinets with a longer tube have below E: keys of the right little finger and of the right thumb. */
    public static final String LOW_CLARINET =
            """
            keys; right little finger; lowEb
            keys; right thumb; lowD lowC# lowC
            Eb3; T 1 2 3 4 5 6 lowEb
            D3; T 1 2 3 4 5 6 lowEb lowD
            C#3; T 1 2 3 4 5 6 lowEb lowC#
            C3; T 1 2 3 4 5 6 lowEb lowC
            unsure; C#3 C3
            """;
}
