package pebblestep.core.fingering.instruments;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pebblestep.core.fingering.School;
import pebblestep.core.fingering.bowed.BowedHand.OpenStrings;
import pebblestep.core.fingering.frets.Fretboard.FretSchool;
import pebblestep.core.fingering.mallets.Mallets;
import pebblestep.core.fingering.wind.Chart;
import pebblestep.core.fingering.wind.Charts;

/** Every school of every hand, by its id. */
public final class Schools {
    private static final Map<String, School> BY_ID = byId();

    private Schools() {}

    private static Map<String, School> byId() {
        Map<String, School> byId = new LinkedHashMap<>();
        for (School[] some : List.<School[]>of(FretSchool.values(), OpenStrings.values(), Mallets.Start.values())) {
            for (School school : some) byId.put(school.id(), school);
        }
        new Chart(Charts.SAXOPHONE, 0).schools().forEach(school -> byId.put(school.id(), school));
        return byId;
    }

    /** What a school is called; its id for one that no hand here knows. */
    public static String words(String id) {
        School school = BY_ID.get(id);
        return school == null ? id : school.words();
    }
}
