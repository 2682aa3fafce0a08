package pebblestep.app.platform;

import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/** Who acts at the moment, for what is written down with it. */
public final class Acting {
    private Acting() {}

    /** The teacher whose request this is; null where a student acts, or the application itself. */
    public static @Nullable Long teacher() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof Teacher teacher ? teacher.teacherId() : null;
    }
}
