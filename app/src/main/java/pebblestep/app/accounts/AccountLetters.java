package pebblestep.app.accounts;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import pebblestep.app.configuration.PebbleProperties;
import pebblestep.app.post.Letter;
import pebblestep.app.post.Post;

/** The letters about accounts, sent once what they tell of is committed. */
@Component
class AccountLetters {
    private static final String GOODBYE = "\n\nIf it was not you who asked, there is nothing to do.\n\nPebble Step\n";

    private final Post post;
    private final PebbleProperties properties;
    private volatile String local = "http://localhost:8080";

    AccountLetters(Post post, PebbleProperties properties) {
        this.post = post;
        this.properties = properties;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof ServletWebServerApplicationContext web
                && web.getWebServer() != null) {
            local = "http://localhost:" + web.getWebServer().getPort();
        }
    }

    /** The word stands behind the sign of a place in the page: it is sent to no server and stands in no log. */
    private String link(String room, String word) {
        // Never from what a request says its host is: whoever asks would choose where the word is carried to.
        String url = properties.url().isBlank() ? local : properties.url().replaceAll("/+$", "");
        return url + "/" + room + "#" + word;
    }

    void confirm(String to, String studio, String word) {
        send(
                to,
                "Your studio \"" + studio + "\"",
                "Somebody, probably you, wants to make the studio \"" + studio + "\" with this address. Open this link"
                        + " within a day to make it:\n\n" + link("letter", word) + GOODBYE);
    }

    void hasAccount(String to) {
        send(
                to,
                "You have a studio already",
                "Somebody, probably you, wanted to use this address for an account. It has one already: sign in at\n\n"
                        + link("sign-in", "").replace("#", "") + "\n\nIf you have forgotten the password, ask for a new"
                        + " one there." + GOODBYE);
    }

    void reset(String to, String word) {
        send(
                to,
                "A new password",
                "Somebody, probably you, has forgotten the password of this address. Open this link within a day to"
                        + " choose a new one:\n\n" + link("new-password", word) + GOODBYE);
    }

    void newAddress(String to, String word) {
        send(
                to,
                "Your new address",
                "Open this link within a day to come in with this address from then on:\n\n" + link("letter", word)
                        + GOODBYE);
    }

    void invited(String to, String studio, String word) {
        send(
                to,
                "Teach in \"" + studio + "\"",
                "The studio \"" + studio + "\" invites you to teach there. Open this link within a day to come in:\n\n"
                        + link("join", word) + "\n\nIf you do not know the studio, there is nothing to do.\n\nPebble"
                        + " Step\n");
    }

    void passwordChanged(String to) {
        send(
                to,
                "Your password was changed",
                "The password of this address was just changed, and every other device was signed out.\n\nIf it was not"
                        + " you, ask for a new password at once: "
                        + link("forgotten", "").replace("#", "")
                        + "\n\nPebble Step\n");
    }

    void addressChanged(String before, String now) {
        send(
                before,
                "Your address was changed",
                "Your account is reached by " + now + " from now on, and not by this address any more.\n\nIf it was not"
                        + " you, tell whoever looks after the studio at once.\n\nPebble Step\n");
    }

    private void send(String to, String subject, String text) {
        Letter letter = new Letter(to, subject, text);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                post.send(letter);
            }
        });
    }
}
