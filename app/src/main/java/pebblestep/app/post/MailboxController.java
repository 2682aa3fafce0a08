package pebblestep.app.post;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import pebblestep.app.configuration.PebbleProperties;
import pebblestep.app.platform.Problems;
import pebblestep.app.post.Mailbox.Kept;

/** The simulated mailbox of the demo: what would have been sent, for everybody to see. */
@RestController
class MailboxController {
    private final Mailbox mailbox;
    private final PebbleProperties properties;

    MailboxController(Mailbox mailbox, PebbleProperties properties) {
        this.mailbox = mailbox;
        this.properties = properties;
    }

    @GetMapping("/api/mailbox")
    List<Kept> letters() {
        if (!properties.demo()) throw Problems.notFound("mailbox");
        return mailbox.shown();
    }
}
