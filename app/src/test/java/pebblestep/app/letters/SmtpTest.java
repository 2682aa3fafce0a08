package pebblestep.app.letters;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.app.Given;
import pebblestep.core.Refusal;

class SmtpTest {
    private final Smtp smtp = new Smtp(Given.properties(Path.of("target/none"), false, 20));

    @ParameterizedTest
    @ValueSource(
            strings = {
                "127.0.0.1",
                "localhost",
                "10.1.2.3",
                "192.168.0.1",
                "172.16.4.4",
                "169.254.169.254",
                "::1",
                "fd00::1",
                "0.0.0.0"
            })
    void machines_inside_the_network_are_not_spoken_to(String host) {
        assertThatThrownBy(() -> smtp.require(host, 587))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("own network");
    }

    @Test
    void only_ports_on_which_letters_are_taken_are_spoken_to() {
        assertThatThrownBy(() -> smtp.require("192.0.2.1", 22)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> smtp.require("192.0.2.1", -1)).isInstanceOf(Refusal.class);
        // An address for documentation (RFC 5737): nobody is there, and nothing is sent.
        assertThatCode(() -> smtp.require("192.0.2.1", 587)).doesNotThrowAnyException();
    }

    /** A name may lead elsewhere when it is looked up again: the connection goes to the address that was checked. */
    @Test
    void a_connection_goes_to_the_address_that_was_checked_whatever_the_name_says_by_then() throws IOException {
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
                Socket socket = new CheckedSockets(InetAddress.getLoopbackAddress()).createSocket()) {
            socket.connect(InetSocketAddress.createUnresolved("mail.wrenmouth.example", server.getLocalPort()), 5_000);
            assertThat(socket.getInetAddress()).isEqualTo(InetAddress.getLoopbackAddress());
            assertThat(server.accept().isConnected()).isTrue();
        }
    }
}
