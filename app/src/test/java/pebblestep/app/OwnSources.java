package pebblestep.app;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;

/** Leaves out the classes that the build of the launcher's jar has generated for Spring, which lie beside ours. */
public final class OwnSources implements ImportOption {
    @Override
    public boolean includes(Location location) {
        return !location.contains("__") && !location.contains("$$SpringCGLIB$$");
    }
}
