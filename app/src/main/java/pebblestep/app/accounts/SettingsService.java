package pebblestep.app.accounts;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.platform.Problems;
import tools.jackson.databind.json.JsonMapper;

/** Keeps the settings of a studio. */
@Service
public class SettingsService {
    private final Studios studios;
    private final JsonMapper json;

    SettingsService(Studios studios, JsonMapper json) {
        this.studios = studios;
        this.json = json;
    }

    /** The settings of a studio; the usual ones where it has chosen none. */
    @Transactional(readOnly = true)
    public Settings of(long studioId) {
        StudioEntity studio = find(studioId);
        Settings said = studio.settings == null ? Settings.NOTHING : json.readValue(studio.settings, Settings.class);
        return said.complete();
    }

    /** Changes the settings; refuses values that are not on offer. */
    @Transactional
    public Settings change(long studioId, Settings settings) {
        Settings whole = settings.complete();
        find(studioId).settings = json.writeValueAsString(whole);
        return whole;
    }

    private StudioEntity find(long studioId) {
        return studios.findById(studioId).orElseThrow(() -> Problems.notFound("studio"));
    }
}
