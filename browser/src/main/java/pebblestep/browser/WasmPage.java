package pebblestep.browser;

import org.teavm.interop.Address;
import org.teavm.interop.Export;

/**
 * The core as WebAssembly. Texts go through the module's memory, as UTF-16: numbers are all that has to be understood on both
 * sides, so that nothing is made of text and run, which the page's content policy forbids.
 */
public final class WasmPage {
    private static final int BYTES = 2;

    private static String answer = "";

    private WasmPage() {}

    /**
     * Works out the answer to a question; see {@link Page#ask}. What is asked and its document stand one behind the other.
     *
     * @param at where they begin in memory
     * @param what how many characters say what is asked
     * @param asked how many characters the document has
     * @return how many characters the answer has
     */
    @Export(name = "ask")
    public static int ask(int at, int what, int asked) {
        answer = Page.ask(text(at, what), text(at + BYTES * what, asked));
        return answer.length();
    }

    /** Puts the last answer into memory, where there is room for it. */
    @Export(name = "answer")
    public static void answer(int at) {
        Address to = Address.fromInt(at);
        for (int i = 0; i < answer.length(); i++) {
            to.putChar(answer.charAt(i));
            to = to.add(BYTES);
        }
        answer = "";
    }

    private static String text(int at, int length) {
        char[] text = new char[length];
        Address from = Address.fromInt(at);
        for (int i = 0; i < length; i++) {
            text[i] = from.getChar();
            from = from.add(BYTES);
        }
        return new String(text);
    }
}
