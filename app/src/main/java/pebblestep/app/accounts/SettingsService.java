package pebblestep.app.accounts;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pebblestep.app.platform.Problems;
import tools.jackson.databind.json.JsonMapper;

/** Keeps the settings of a studio. */
@Service
public class SettingsService {
    private final Studios studios;
    private final JsonMapper json;

    /** Read with every passage, changed hardly ever; this process is the only one that changes them. */
    private final Map<Long, Settings> known = new ConcurrentHashMap<>();

    SettingsService(Studios studios, JsonMapper json) {
        this.studios = studios;
        this.json = json;
    }

    /** The settings of a studio; the usual ones where it has chosen none. Without a transaction while they are known. */
    public Settings of(long studioId) {
        Settings before = known.get(studioId);
        if (before != null) return before;
        StudioEntity studio = find(studioId);
        Settings said = studio.settings == null ? Settings.NOTHING : json.readValue(studio.settings, Settings.class);
        Settings whole = said.complete();
        // Who has changed them meanwhile knows better.
        known.putIfAbsent(studioId, whole);
        return whole;
    }

    /** Changes the settings; refuses values that are not on offer. */
    @Transactional
    public Settings change(long studioId, Settings settings) {
        Settings whole = settings.complete();
        StudioEntity studio = find(studioId);
        studio.settings = json.writeValueAsString(whole);
        studios.saveAndFlush(studio);
        known.put(studioId, whole);
        return whole;
    }

    /** What a studio is called. */
    @Transactional(readOnly = true)
    public String studioName(long studioId) {
        return find(studioId).name;
    }

    private StudioEntity find(long studioId) {
        return studios.findById(studioId).orElseThrow(() -> Problems.notFound("studio"));
    }
}
