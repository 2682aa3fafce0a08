package pebblestep.app.letters;

import jakarta.mail.AuthenticationFailedException;
import jakarta.mail.MessagingException;
import jakarta.mail.Session;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeMessage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UnsupportedEncodingException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Date;
import java.util.Properties;
import java.util.Set;
import javax.net.ssl.SSLException;
import org.jspecify.annotations.Nullable;
import org.springframework.mail.MailException;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.stereotype.Component;
import pebblestep.app.configuration.PebbleProperties;
import pebblestep.app.letters.LetterViews.Security;
import pebblestep.core.Refusal;

/**
 * Speaks to the mail servers of studios. A studio names any server it likes, so that only ports on which letters are taken
 * are spoken to, and no machine inside the network of this one, unless whoever keeps it has said so.
 */
@Component
class Smtp {
    private static final Set<Integer> PORTS = Set.of(25, 465, 587, 2525);
    private static final String PATIENCE_MS = "8000";

    private final PebbleProperties properties;

    Smtp(PebbleProperties properties) {
        this.properties = properties;
    }

    /** A server and who comes to it. */
    record Server(String host, int port, Security security, String username, String password, String sender) {}

    /** A letter, with the name of whoever sends it. */
    record Outgoing(String fromName, @Nullable String to, String subject, String text) {}

    /** The address of a server; refuses a server that is not spoken to. */
    InetAddress require(String host, int port) {
        InetAddress[] addresses = addresses(host);
        if (!properties.mailInside()) {
            if (!PORTS.contains(port)) {
                throw Refusal.of("port", "Letters are not taken on port " + port + ".")
                        .fits("Use 465, 587, 2525 or 25.");
            }
            for (InetAddress address : addresses) {
                boolean inside = address.isLoopbackAddress()
                        || address.isAnyLocalAddress()
                        || address.isLinkLocalAddress()
                        || address.isSiteLocalAddress()
                        || address.isMulticastAddress()
                        || isUniqueLocal(address);
                if (inside) {
                    throw Refusal.of("host", host + " is inside this server's own network.")
                            .fits("Name the mail server of your provider.");
                }
            }
        }
        return addresses[0];
    }

    /** Addresses of a network's own in IPv6 begin with fc or fd (RFC 4193). */
    private static boolean isUniqueLocal(InetAddress address) {
        byte[] bytes = address.getAddress();
        return bytes.length == 16 && (bytes[0] & 0xFE) == 0xFC;
    }

    private static InetAddress[] addresses(String host) {
        try {
            return InetAddress.getAllByName(host);
        } catch (UnknownHostException e) {
            throw Refusal.of("host", "There is no server called " + host + ".")
                    .fits("Look the name up at your provider.");
        }
    }

    private JavaMailSenderImpl sender(Server server) {
        InetAddress checked = require(server.host, server.port);
        JavaMailSenderImpl sender = new JavaMailSenderImpl();
        sender.setHost(server.host);
        sender.setPort(server.port);
        sender.setDefaultEncoding(StandardCharsets.UTF_8.name());
        Properties smtp = sender.getJavaMailProperties();
        if (!server.username.isEmpty()) {
            sender.setUsername(server.username);
            sender.setPassword(server.password);
            smtp.setProperty("mail.smtp.auth", "true");
        }
        for (String wait : new String[] {"connectiontimeout", "timeout", "writetimeout"}) {
            smtp.setProperty("mail.smtp." + wait, PATIENCE_MS);
        }
        // The name is kept for the certificate; the connection goes to the address that was checked.
        smtp.put("mail.smtp.socketFactory", new CheckedSockets(checked));
        smtp.setProperty("mail.smtp.socketFactory.fallback", "false");
        smtp.setProperty("mail.smtp.ssl.checkserveridentity", "true");
        switch (server.security) {
            case TLS -> smtp.setProperty("mail.smtp.ssl.enable", "true");
            case STARTTLS -> {
                smtp.setProperty("mail.smtp.starttls.enable", "true");
                smtp.setProperty("mail.smtp.starttls.required", "true");
            }
            case NONE -> smtp.setProperty("mail.smtp.starttls.enable", "false");
        }
        return sender;
    }

    /** Tries whether the server lets us in; refuses with what to do where it does not. */
    void test(Server server) {
        try {
            sender(server).testConnection();
        } catch (MessagingException e) {
            throw why(server, e);
        }
    }

    /** Sends a letter; refuses with what to do where the server does not take it. */
    void send(Server server, Outgoing letter) {
        JavaMailSenderImpl sender = sender(server);
        try {
            MimeMessage message = sender.createMimeMessage();
            fill(message, letter, server.sender);
            sender.send(message);
        } catch (MailException | MessagingException e) {
            throw why(server, e);
        }
    }

    /** A letter as a file (RFC 5322); mail programs open it as one that was not sent yet. */
    static byte[] file(Outgoing letter, String from, Instant now) {
        try {
            MimeMessage message = new MimeMessage(Session.getInstance(new Properties()));
            fill(message, letter, from);
            message.setSentDate(Date.from(now));
            message.setHeader("X-Unsent", "1");
            message.saveChanges();
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            message.writeTo(bytes);
            return bytes.toByteArray();
        } catch (MessagingException | IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void fill(MimeMessage message, Outgoing letter, String from) throws MessagingException {
        MimeMessageHelper helper = new MimeMessageHelper(message, StandardCharsets.UTF_8.name());
        try {
            helper.setFrom(from, line(letter.fromName));
        } catch (UnsupportedEncodingException e) {
            throw new IllegalStateException(e);
        }
        if (letter.to != null) {
            InternetAddress to = new InternetAddress(letter.to, true);
            helper.setTo(to);
        }
        helper.setSubject(line(letter.subject));
        helper.setText(letter.text);
    }

    /** What stands in a header is one line, whatever was typed. */
    private static String line(String text) {
        return text.replaceAll("[\\p{Cntrl}]+", " ").strip();
    }

    /** What a server says is not shown: it may be any server. */
    private static Refusal why(Server server, Exception e) {
        String at = server.host + ":" + server.port;
        if (has(e, AuthenticationFailedException.class)) {
            return Refusal.of("password", "The mail server does not know this user name with this password.")
                    .fits("Many providers want a password made for programs.");
        }
        if (has(e, SSLException.class)) {
            return Refusal.of("security", "No encrypted connection with " + at + " came about.")
                    .fits("Port 465 is encrypted from the start, 587 by STARTTLS.");
        }
        if (has(e, java.net.ConnectException.class) || has(e, java.net.SocketTimeoutException.class)) {
            return Refusal.of("host", "No mail server answers at " + at + ".")
                    .fits("Look up name and port at your provider.");
        }
        return Refusal.of("host", "The mail server at " + at + " did not take it.")
                .fits("Look whether it lets this sender send, and whether the address is right.");
    }

    private static boolean has(@Nullable Throwable e, Class<? extends Throwable> kind) {
        for (Throwable at = e; at != null; at = at.getCause()) {
            if (kind.isInstance(at)) return true;
            if (at instanceof MessagingException mail
                    && mail.getNextException() != at.getCause()
                    && has(mail.getNextException(), kind)) return true;
        }
        return false;
    }
}
