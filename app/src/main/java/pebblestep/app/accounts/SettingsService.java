package pebblestep.app.accounts;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.platform.Problems;
import pebblestep.app.platform.Remembered;
import pebblestep.core.Refusal;
import pebblestep.core.instrument.Instruments;
import pebblestep.core.pitch.Pitch;
import pebblestep.documents.Fields;
import tools.jackson.databind.json.JsonMapper;

/** Keeps the settings of a studio. */
@Service
public class SettingsService {
    private static final int MOST_KNOWN = 1_000;
    private static final int LONGEST_NAME = 80;

    private final Studios studios;
    private final JsonMapper json;

    /** Read with every passage, changed hardly ever. */
    private final Remembered<Long, Settings> known = Remembered.most(MOST_KNOWN);

    SettingsService(Studios studios, JsonMapper json) {
        this.studios = studios;
        this.json = json;
    }

    /** The settings of a studio; the usual ones where it has chosen none. Without a transaction while they are known. */
    public Settings of(long studioId) {
        return known.get(studioId).orElseGet(() -> {
            StudioEntity studio = find(studioId);
            Settings said =
                    studio.settings == null ? Settings.NOTHING : json.readValue(studio.settings, Settings.class);
            Settings whole = said.complete();
            known.read(studioId, studio.version, whole);
            return whole;
        });
    }

    /** Changes the settings; refuses values that are not on offer. */
    @Transactional
    public Settings change(long studioId, Settings settings) {
        Settings whole = settings.checked().complete();
        StudioEntity studio = find(studioId);
        studio.settings = json.writeValueAsString(whole);
        studios.saveAndFlush(studio);
        known.write(studioId, () -> studio.version, () -> whole);
        return whole;
    }

    /** Takes a way for the usual one of a note on an instrument, or with none takes that back. */
    @Transactional
    public Settings usual(long studioId, String instrument, String pitch, @Nullable String way) {
        Pitch note = Fields.at("pitch", () -> Pitch.parse(pitch));
        return change(
                studioId, of(studioId).withUsual(Instruments.of(instrument).fingeredLike(), note, way));
    }

    /** What a studio is called. */
    @Transactional(readOnly = true)
    public String studioName(long studioId) {
        return find(studioId).name;
    }

    /** Calls a studio something else; refuses an empty name, and one longer than 80 characters. */
    @Transactional
    public void rename(long studioId, String name) {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw Refusal.of("name", "A studio's name has 1 to " + LONGEST_NAME + " characters.");
        }
        find(studioId).name = name.strip();
    }

    private StudioEntity find(long studioId) {
        return studios.findById(studioId).orElseThrow(() -> Problems.notFound("studio"));
    }
}
