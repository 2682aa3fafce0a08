package pebblestep.app.storage;

import io.swagger.v3.oas.annotations.Hidden;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Makes a backup for the command of this machine that knows the word of the running studio; nobody else is answered. */
@RestController
@Hidden
class BackupEndpoint {
    static final String PATH = "/internal/backup";
    static final String WORD = "X-Pebble-RunningStudio";

    private final Backups backups;
    private final RunningStudio door;

    BackupEndpoint(Backups backups, RunningStudio door) {
        this.backups = backups;
        this.door = door;
    }

    @PostMapping(path = PATH, consumes = MediaType.TEXT_PLAIN_VALUE, produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<String> backup(
            @RequestHeader(name = WORD, required = false) @Nullable String word, @RequestBody String file) {
        if (!door.believes(word))
            return ResponseEntity.status(HttpStatus.NOT_FOUND).body("");
        try {
            return ResponseEntity.ok(backups.to(Path.of(file)).inWords());
        } catch (CannotKeep e) {
            return ResponseEntity.internalServerError().body(String.valueOf(e.getMessage()));
        }
    }
}
