package pebblestep.core.sound;

/**
 * A sound file: RIFF WAVE, PCM, 16 bits, one channel (Multimedia Programming Interface and Data Specifications 1.0, 1991).
 *
 * @param rate samples a second
 * @param samples how many
 */
public record WaveFile(int rate, long samples) {
    private static final int HEAD = 44;
    private static final int BYTES = 2;

    /** How large the file is, in bytes. */
    public long bytes() {
        return HEAD + samples * BYTES;
    }

    /** What stands before the samples. */
    public byte[] head() {
        byte[] head = new byte[HEAD];
        text(head, 0, "RIFF");
        number(head, 4, bytes() - 8, 4);
        text(head, 8, "WAVEfmt ");
        number(head, 16, 16, 4);
        number(head, 20, 1, 2);
        number(head, 22, 1, 2);
        number(head, 24, rate, 4);
        number(head, 28, (long) rate * BYTES, 4);
        number(head, 32, BYTES, 2);
        number(head, 34, 8L * BYTES, 2);
        text(head, 36, "data");
        number(head, 40, samples * BYTES, 4);
        return head;
    }

    /** Samples as they stand in the file: the lower byte first. */
    public static byte[] body(short[] samples, int count) {
        byte[] body = new byte[count * BYTES];
        for (int i = 0; i < count; i++) number(body, i * BYTES, samples[i], BYTES);
        return body;
    }

    private static void text(byte[] into, int at, String text) {
        for (int i = 0; i < text.length(); i++) into[at + i] = (byte) text.charAt(i);
    }

    private static void number(byte[] into, int at, long value, int bytes) {
        for (int i = 0; i < bytes; i++) into[at + i] = (byte) (value >> 8 * i);
    }
}
