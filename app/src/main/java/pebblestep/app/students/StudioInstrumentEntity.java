package pebblestep.app.students;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

/** An instrument that a studio has added; what its columns hold is read by {@link StudioInstruments}. */
@Entity
@Table(name = "studio_instruments")
class StudioInstrumentEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    String name;
    String family;
    String sounds;
    String clefs;
    String firstOctave;
    String comfortable;
    String fullRange;

    /** The instrument whose hand it borrows, by its id. */
    @Nullable
    String fingeredLike;

    boolean archived;

    @Version
    int version;
}
