package pebblestep.core.scale;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import pebblestep.core.Refusal;

/** The dictionary of forms: data in one place. To add a form, add its line here. */
public final class Forms {
    /** A minor key has three flats more (or three sharps fewer) than the major key on its tonic. */
    private static final int MINOR = -3;

    private static final int MAJOR = 0;

    private static final Map<String, Form> ALL = index(
            form("major", "major", "1 2 3 4 5 6 7", MAJOR),
            form("natural-minor", "natural minor", "1 2 b3 4 5 b6 b7", MINOR),
            form("harmonic-minor", "harmonic minor", "1 2 b3 4 5 b6 7", MINOR),
            form("melodic-minor", "melodic minor", "1 2 b3 4 5 6 7", "1 2 b3 4 5 b6 b7", MINOR),
            form("minor-pentatonic", "minor pentatonic", "1 b3 4 5 b7", MINOR));

    private Forms() {}

    /** Every form, in the order a teacher meets them. */
    public static List<Form> all() {
        return List.copyOf(ALL.values());
    }

    /** The form of that id; refuses ids that are not in the dictionary and names those that are. */
    public static Form of(String id) {
        Form form = ALL.get(id);
        if (form == null) {
            throw Refusal.of("key.form", "There is no form \"" + id + "\" here.")
                    .fits("One of: " + String.join(", ", ALL.keySet()) + ".");
        }
        return form;
    }

    private static Map<String, Form> index(Form... forms) {
        Map<String, Form> byId = new LinkedHashMap<>();
        for (Form form : forms) byId.put(form.id(), form);
        return byId;
    }

    private static Form form(String id, String name, String degrees, int signatureFifths) {
        return form(id, name, degrees, degrees, signatureFifths);
    }

    private static Form form(String id, String name, String up, String down, int signatureFifths) {
        return new Form(id, name, degrees(up), degrees(down), signatureFifths);
    }

    private static List<Degree> degrees(String text) {
        return Stream.of(text.split(" ")).map(Degree::parse).toList();
    }
}
