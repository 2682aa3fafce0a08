package pebblestep.app.post;

import jakarta.annotation.PreDestroy;
import jakarta.mail.MessagingException;
import jakarta.mail.Session;
import jakarta.mail.internet.MimeMessage;
import java.io.UnsupportedEncodingException;
import java.nio.charset.StandardCharsets;
import java.util.Properties;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.mail.MailException;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.stereotype.Service;
import pebblestep.app.configuration.PebbleProperties;

/** Sends letters beside the requests that ask for them, so that how long it takes tells nobody whether one was sent. */
@Service
public class Post {
    private static final Logger LOG = LoggerFactory.getLogger(Post.class);
    private static final int MOST_WAITING = 200;

    private final ObjectProvider<JavaMailSender> server;
    private final Mailbox mailbox;
    private final PebbleProperties properties;
    private final ExecutorService sending = new ThreadPoolExecutor(
            0,
            1,
            1,
            TimeUnit.MINUTES,
            new LinkedBlockingQueue<>(MOST_WAITING),
            Thread.ofPlatform().name("post").daemon().factory());

    Post(ObjectProvider<JavaMailSender> server, Mailbox mailbox, PebbleProperties properties) {
        this.server = server;
        this.mailbox = mailbox;
        this.properties = properties;
    }

    /** Sends a letter as soon as may be; what cannot be sent is written to the log, without its words. */
    public void send(Letter letter) {
        try {
            sending.execute(() -> deliver(letter));
        } catch (RejectedExecutionException e) {
            LOG.error("A letter was not sent: {} others wait already.", MOST_WAITING);
        }
    }

    private void deliver(Letter letter) {
        JavaMailSender smtp = server.getIfAvailable();
        try {
            MimeMessage message =
                    smtp == null ? new MimeMessage(Session.getInstance(new Properties())) : smtp.createMimeMessage();
            MimeMessageHelper helper = new MimeMessageHelper(message, StandardCharsets.UTF_8.name());
            helper.setFrom(properties.mailFrom(), "Pebble Step");
            helper.setTo(letter.to());
            helper.setSubject(letter.subject());
            helper.setText(letter.text());
            if (smtp == null) mailbox.keep(letter, message);
            else smtp.send(message);
        } catch (MessagingException | UnsupportedEncodingException | MailException e) {
            LOG.error("A letter could not be sent: {}", e.getClass().getSimpleName());
        }
    }

    /** Waits until what was asked for so far is delivered; for tests. */
    public void awaitDelivered() throws InterruptedException {
        var done = sending.submit(() -> {});
        try {
            done.get();
        } catch (java.util.concurrent.ExecutionException e) {
            throw new IllegalStateException(e);
        }
    }

    @PreDestroy
    void close() {
        sending.shutdown();
    }
}
