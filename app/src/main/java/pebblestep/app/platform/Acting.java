package pebblestep.app.platform;

import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/** Tells which teacher made the current request, so that their name is stored with what they do. */
public final class Acting {
    private Acting() {}

    /** The teacher of the current request; null where a student made it, or the application acts by itself. */
    public static @Nullable Long teacher() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof Teacher teacher ? teacher.teacherId() : null;
    }
}
