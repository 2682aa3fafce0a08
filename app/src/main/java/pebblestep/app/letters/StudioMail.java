package pebblestep.app.letters;

import java.time.Clock;
import java.util.Base64;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import pebblestep.app.letters.LetterViews.MailServerView;
import pebblestep.app.letters.LetterViews.MailServerWish;
import pebblestep.app.letters.Smtp.Server;
import pebblestep.app.storage.Seals;
import pebblestep.core.Refusal;

/** Keeps the mail servers of studios; nothing is held while a server is spoken to. */
@Service
class StudioMail {
    private static final String PASSWORD = "mail password";

    private final MailServers servers;
    private final Smtp smtp;
    private final Seals seals;
    private final TransactionTemplate transactions;
    private final Clock clock;

    StudioMail(MailServers servers, Smtp smtp, Seals seals, TransactionTemplate transactions, Clock clock) {
        this.servers = servers;
        this.smtp = smtp;
        this.seals = seals;
        this.transactions = transactions;
        this.clock = clock;
    }

    Optional<MailServerView> view(long studioId) {
        return servers.findById(studioId).map(StudioMail::view);
    }

    private static MailServerView view(MailServerEntity entity) {
        return new MailServerView(
                entity.host,
                entity.port,
                entity.security,
                entity.username,
                !entity.sealedPassword.isEmpty(),
                entity.sender,
                entity.testedAt);
    }

    /** Tries a server, and keeps it where it lets us in; refuses one that does not, and keeps nothing then. */
    MailServerView keep(long studioId, MailServerWish wish) {
        Server server = server(studioId, wish);
        smtp.test(server);
        MailServerEntity entity = servers.findById(studioId).orElseGet(MailServerEntity::new);
        entity.studioId = studioId;
        entity.host = server.host();
        entity.port = server.port();
        entity.security = server.security();
        entity.username = server.username();
        entity.sealedPassword = server.password().isEmpty()
                ? ""
                : Base64.getEncoder().encodeToString(seals.close(PASSWORD, server.password()));
        entity.sender = server.sender();
        entity.testedAt = clock.instant();
        transactions.executeWithoutResult(status -> servers.save(entity));
        return view(entity);
    }

    private Server server(long studioId, MailServerWish wish) {
        String host = wish.host().strip();
        String password = Optional.ofNullable(wish.password()).orElse("");
        // A password that is kept is meant for the server it was given for, and goes to no other.
        if (wish.password() == null) {
            password = servers.findById(studioId)
                    .filter(kept -> kept.host.equalsIgnoreCase(host))
                    .map(this::password)
                    .orElse("");
        }
        String username = Optional.ofNullable(wish.username()).orElse("").strip();
        if (!username.isEmpty() && password.isEmpty()) {
            throw Refusal.of("password", "Give the password for " + username + ".");
        }
        return new Server(
                host,
                wish.port(),
                wish.security(),
                username,
                password,
                wish.sender().strip());
    }

    private String password(MailServerEntity entity) {
        if (entity.sealedPassword.isEmpty()) return "";
        try {
            return seals.open(PASSWORD, Base64.getDecoder().decode(entity.sealedPassword));
        } catch (IllegalArgumentException e) {
            throw Refusal.of("password", "The password was kept by another installation.")
                    .fits("Give it again.");
        }
    }

    /** The server through which a studio sends; empty where its letters go into the mailbox. */
    Optional<Server> server(long studioId) {
        return servers.findById(studioId)
                .map(entity -> new Server(
                        entity.host, entity.port, entity.security, entity.username, password(entity), entity.sender));
    }

    /** Lets go of the server and its password; letters go into the mailbox from then on. */
    void forget(long studioId) {
        transactions.executeWithoutResult(status -> servers.deleteById(studioId));
    }
}
