package pebblestep.app.accounts;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** An e-mail address and a password. */
public record SignIn(
        @NotNull(message = "Give your e-mail address.")
                @Size(max = 200, message = "An e-mail address has at most 200 characters.")
                String email,
        @NotNull(message = "Give your password.") @Size(max = 200, message = "A password has at most 72 characters.")
                String password) {}
