package pebblestep.app.configuration;

import java.nio.file.Path;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import pebblestep.core.Identified;

/**
 * The application's own settings.
 *
 * @param data folder of the user's data
 * @param demo whether this is the demo studio
 * @param signUpsPerHour most accounts one address may make in an hour
 * @param proxies addresses of the proxies in front: what they say about who asks is believed, and nobody else
 * @param signUp who may make a studio here
 * @param invitation the word that is asked for where studios are made by invitation
 * @param confirmAddresses whether an address has to answer a letter before it has a studio; the first needs not
 * @param url under which the studio is reached from outside; letters link to it
 * @param mailFrom the address that letters come from
 * @param mailInside whether studios may send through a mail server in the network of this machine
 * @param metrics whether this machine may ask for numbers about the running application
 * @param reserveMegabytes below so much space nothing is written any more
 * @param passwordStrength how dear it is to try a password: two to that power of rounds, 4 to 31
 */
@ConfigurationProperties("pebble")
public record PebbleProperties(
        @DefaultValue("./data") Path data,
        @DefaultValue("false") boolean demo,
        @DefaultValue("20") int signUpsPerHour,
        @DefaultValue List<String> proxies,
        @DefaultValue("open") SignUps signUp,
        @DefaultValue("") String invitation,
        @DefaultValue("true") boolean confirmAddresses,
        @DefaultValue("") String url,
        @DefaultValue("pebble-step@localhost") String mailFrom,
        @DefaultValue("false") boolean mailInside,
        @DefaultValue("false") boolean metrics,
        @DefaultValue("64") int reserveMegabytes,
        @DefaultValue("10") int passwordStrength) {
    /** Who may make a studio. */
    public enum SignUps implements Identified {
        OPEN,
        INVITATION,
        CLOSED
    }
}
