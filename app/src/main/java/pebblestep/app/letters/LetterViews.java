package pebblestep.app.letters;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import pebblestep.core.Identified;

/** What the API takes and shows of letters. */
final class LetterViews {
    static final int LONGEST = 8000;

    private LetterViews() {}

    /** How a mail server is spoken to. */
    enum Security implements Identified {
        /** Encrypted from the first word on; port 465. */
        TLS,
        /** Encrypted once the server has said that it can; port 587. Without it nothing is sent. */
        STARTTLS,
        /** Not encrypted: what is written can be read on the way. */
        NONE
    }

    /**
     * The letter about a week, to be looked over.
     *
     * @param to where it went last; absent where none was sent
     * @param through the mail server that would take it; absent where it goes into the mailbox
     */
    record WeekLetterView(String subject, String text, @Nullable String to, @Nullable String through) {}

    /** A letter as it is to be: looked over, and perhaps written otherwise. */
    record LetterWish(
            @NotBlank(message = "Say to whom.")
                    @Email(message = "This is no e-mail address.")
                    @Size(max = 200, message = "An address has at most 200 characters.")
                    String to,
            @NotBlank(message = "Give the letter a subject.")
                    @Size(max = 200, message = "A subject has at most 200 characters.")
                    String subject,
            @NotBlank(message = "Write something.")
                    @Size(max = LONGEST, message = "A letter has at most 8000 characters.")
                    String text) {}

    /** A letter as a file: whose week it is about, and the letter. */
    record LetterFileRequest(
            @NotNull(message = "Say whose week it is.") Long student,
            @Nullable
                    @Email(message = "This is no e-mail address.")
                    @Size(max = 200, message = "An address has at most 200 characters.")
                    String to,
            @NotBlank(message = "Give the letter a subject.")
                    @Size(max = 200, message = "A subject has at most 200 characters.")
                    String subject,
            @NotBlank(message = "Write something.")
                    @Size(max = LONGEST, message = "A letter has at most 8000 characters.")
                    String text) {}

    /** A letter that was sent; {@code through} is absent where it lies in the mailbox alone. */
    record SentLetter(long id, Instant at, String to, String subject, String text, @Nullable String through) {}

    /** A studio's mail server; its password is never shown. */
    record MailServerView(
            String host,
            int port,
            Security security,
            String username,
            boolean hasPassword,
            String sender,
            @Nullable Instant testedAt) {}

    /**
     * A mail server to send through.
     *
     * @param password without it the one that is kept
     */
    record MailServerWish(
            @NotBlank(message = "Name the mail server.")
                    @Size(max = 200, message = "The name of a server has at most 200 characters.")
                    String host,
            @NotNull(message = "Give the port.") Integer port,
            @NotNull(message = "Say how it is spoken to.") Security security,
            @Nullable @Size(max = 200, message = "A user name has at most 200 characters.") String username,
            @Nullable @Size(max = 200, message = "A password has at most 200 characters.") String password,
            @NotBlank(message = "Say from which address letters come.")
                    @Email(message = "This is no e-mail address.")
                    @Size(max = 200, message = "An address has at most 200 characters.")
                    String sender) {}
}
