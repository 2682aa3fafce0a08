package pebblestep.browser;

import org.teavm.jso.JSExport;

/** The core as JavaScript, for browsers that cannot run it otherwise. */
public final class ScriptPage {
    private ScriptPage() {}

    /** Called once when the module is loaded. */
    public static void main(String[] args) {
        // What can be asked is exported; there is nothing to begin.
    }

    /** The answer to a question; see {@link Page#ask}. */
    @JSExport
    public static String ask(String what, String asked) {
        return Page.ask(what, asked);
    }
}
