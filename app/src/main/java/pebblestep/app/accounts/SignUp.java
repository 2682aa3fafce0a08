package pebblestep.app.accounts;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/**
 * What a new teacher gives: a studio, a name, an e-mail address and a password of 10 to 72 characters.
 *
 * @param invitation the word that is asked for where studios are made by invitation
 */
public record SignUp(
        @NotBlank(message = "Give your studio a name.")
                @Size(max = 80, message = "A studio's name has at most 80 characters.")
                String studio,
        @NotBlank(message = "Give your name.") @Size(max = 80, message = "A name has at most 80 characters.")
                String name,
        @NotBlank(message = "Give an e-mail address.")
                @Size(max = 200, message = "An e-mail address has at most 200 characters.")
                @Email(message = "This is not an e-mail address: write it as name@place.")
                String email,
        @NotNull(message = "Choose a password.")
                @Size(min = 10, max = 72, message = "A password has 10 to 72 characters.")
                String password,
        @Nullable @Size(max = 200, message = "An invitation has at most 200 characters.") String invitation) {}
