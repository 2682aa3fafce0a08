package pebblestep.app.students;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import pebblestep.core.fingering.Hand;
import pebblestep.core.fingering.PlayersHand;

/** What the API takes and shows of instruments. */
public final class InstrumentViews {
    private InstrumentViews() {}

    /**
     * An instrument of the studio's own.
     *
     * @param sounds what a written C4 sounds as: C4 where nothing is transposed
     * @param clefs ids of the clefs it reads, the usual one first
     * @param firstOctave written range of the first octave and a bit, such as D4-G5
     * @param fingeredLike the instrument whose hand it borrows; none without
     */
    public record InstrumentRequest(
            @NotBlank(message = "Give the instrument a name.")
                    @Size(max = 80, message = "A name has at most 80 characters.")
                    String name,
            @NotBlank(message = "Choose a family.") @Size(max = 40, message = "Choose one of the families.")
                    String family,
            @NotBlank(message = "Say what a written C4 sounds as, such as C4 or Bb3.")
                    @Size(max = 8, message = "Write a pitch such as Bb3.")
                    String sounds,
            @NotEmpty(message = "Choose at least one clef.") @Size(max = 4, message = "At most four clefs.")
                    List<@NotNull @Size(max = 20) String> clefs,
            @NotBlank(message = "Give a range, such as D4-G5.")
                    @Size(max = 20, message = "Write a range such as D4-G5.")
                    String firstOctave,
            @NotBlank(message = "Give a range, such as D4-D6.")
                    @Size(max = 20, message = "Write a range such as D4-D6.")
                    String comfortable,
            @NotBlank(message = "Give a range, such as Bb3-A6.")
                    @Size(max = 20, message = "Write a range such as Bb3-A6.")
                    String full,
            @Nullable @Size(max = 40, message = "Choose an instrument from the list.") String fingeredLike) {}

    /**
     * An instrument as it is shown.
     *
     * @param fingeredLike of one of the studio's own, the instrument whose hand it borrows
     * @param hand what can be said of the hand; absent where none is known here
     * @param ownId the number of an instrument that the studio has added; absent for those that everybody has
     * @param archived whether the studio has put it away; its students keep it
     */
    public record InstrumentView(
            String id,
            String name,
            String family,
            String sounds,
            List<String> clefs,
            String firstOctave,
            String comfortable,
            String full,
            @Nullable String fingeredLike,
            @Nullable HandOffer hand,
            @Nullable Long ownId,
            boolean archived) {}

    /**
     * What can be said of the hand of who plays an instrument.
     *
     * @param asks which of it makes sense for the instrument
     * @param positions the positions of which one can be the highest
     */
    public record HandOffer(
            Hand.Family family, List<PlayersHand.Trait> asks, List<String> positions, List<OfferedSchool> schools) {}

    /** A school that can be chosen. */
    public record OfferedSchool(String id, String words) {}
}
