package pebblestep.app.accounts;

import jakarta.validation.Valid;
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
}
