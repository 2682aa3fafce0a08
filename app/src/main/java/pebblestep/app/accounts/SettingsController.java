package pebblestep.app.accounts;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.platform.Teacher;

/** The settings of the signed-in teacher's studio. */
@RestController
class SettingsController {
    private final SettingsService settings;

    SettingsController(SettingsService settings) {
        this.settings = settings;
    }

    @GetMapping("/api/settings")
    Settings get(@AuthenticationPrincipal Teacher teacher) {
        return settings.of(teacher.studioId());
    }

    @PutMapping("/api/settings")
    Settings change(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody Settings wish) {
        teacher.requireOwner();
        return settings.change(teacher.studioId(), wish);
    }

    /**
     * A way that becomes the usual one.
     *
     * @param instrument whose hand it is, by the id of one that is carried
     * @param pitch the written pitch
     * @param way absent to take back what was changed
     */
    record UsualRequest(
            @NotBlank(message = "Name the instrument.") @Size(max = 40, message = "Choose an instrument from the list.")
                    String instrument,
            @NotBlank(message = "Name the note.") @Size(max = 6, message = "Write a pitch such as F#4.") String pitch,
            @Nullable @Size(max = 80, message = "Choose one of the fingerings.") String way) {}

    /** Changes what is usual for one note, for everybody of the studio who plays the instrument. */
    @PutMapping("/api/settings/fingerings")
    Settings usual(@AuthenticationPrincipal Teacher teacher, @Valid @RequestBody UsualRequest wish) {
        teacher.requireOwner();
        return settings.usual(teacher.studioId(), wish.instrument(), wish.pitch(), wish.way());
    }
}
