package pebblestep.app.accounts;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** What the API takes about an account. */
public final class AccountViews {
    private AccountViews() {}

    /** Another password; the one of now shows that it is the owner who asks. */
    public record PasswordChange(
            @NotNull(message = "Give your password of now.")
                    @Size(max = 200, message = "A password has at most 72 characters.")
                    String now,
            @NotNull(message = "Choose a password.")
                    @Size(min = 10, max = 72, message = "A password has 10 to 72 characters.")
                    String password) {}

    /** Another address, which counts when a letter sent there was answered. */
    public record AddressChange(
            @NotBlank(message = "Give an e-mail address.")
                    @Size(max = 200, message = "An e-mail address has at most 200 characters.")
                    @Email(message = "This is not an e-mail address: write it as name@place.")
                    String email,
            @NotNull(message = "Give your password.")
                    @Size(max = 200, message = "A password has at most 72 characters.")
                    String password) {}

    /** Whose password is forgotten. */
    public record Forgotten(
            @NotBlank(message = "Give your e-mail address.")
                    @Size(max = 200, message = "An e-mail address has at most 200 characters.")
                    @Email(message = "This is not an e-mail address: write it as name@place.")
                    String email) {}

    /** A new password, by the word of a letter. */
    public record NewPassword(
            @NotBlank(message = "Open the link of the letter.") @Size(max = 100, message = "This is no such link.")
                    String word,
            @NotNull(message = "Choose a password.")
                    @Size(min = 10, max = 72, message = "A password has 10 to 72 characters.")
                    String password) {}

    /** Somebody to teach in the studio as well. */
    public record Invitation(
            @NotBlank(message = "Give their name.") @Size(max = 80, message = "A name has at most 80 characters.")
                    String name,
            @NotBlank(message = "Give an e-mail address.")
                    @Size(max = 200, message = "An e-mail address has at most 200 characters.")
                    @Email(message = "This is not an e-mail address: write it as name@place.")
                    String email) {}

    /**
     * A teacher of the studio.
     *
     * @param email shown to the owner, and to themselves; absent for others
     */
    public record TeacherRow(long id, String name, @Nullable String email, boolean owner) {}

    /** The word of a letter. */
    public record Answered(
            @NotBlank(message = "Open the link of the letter.") @Size(max = 100, message = "This is no such link.")
                    String word) {}

    /** What came of the answer to a letter, in a sentence. */
    public record LetterAnswered(String sentence) {}
}
