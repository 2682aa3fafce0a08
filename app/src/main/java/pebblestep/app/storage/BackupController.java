package pebblestep.app.storage;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.storage.Backups.BackupsView;

/** Whether what is done here is kept safely. */
@RestController
class BackupController {
    private final Backups backups;

    BackupController(Backups backups) {
        this.backups = backups;
    }

    @GetMapping("/api/backups")
    BackupsView backups() {
        return backups.view();
    }
}
