package pebblestep.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import pebblestep.app.Client;
import pebblestep.app.Client.Answer;
import pebblestep.app.Given;
import pebblestep.app.RunningApp;

/** Clients who hang up, or hang on without finishing, hold nothing that others need: there is one connection for all here. */
@ExtendWith(RunningApp.class)
class HangUpTest {
    private static final int CLIENTS = 30;

    private static Socket saying(int port, String text) throws IOException {
        Socket socket = new Socket("localhost", port);
        socket.getOutputStream().write(text.getBytes(StandardCharsets.UTF_8));
        socket.getOutputStream().flush();
        return socket;
    }

    private static String request(String method, String path, String bearer, String body, int length) {
        return method + " " + path + " HTTP/1.1\r\nHost: localhost\r\nAuthorization: Bearer " + bearer
                + "\r\nContent-Type: application/json\r\nContent-Length: " + length + "\r\n\r\n" + body;
    }

    @Test
    void the_others_are_answered(Client client, RunningApp.Server server) throws IOException {
        Client teacher = client.signUp();
        Answer student = Given.student(teacher, "Ada", "oboe");
        long assignment = Given.assigned(teacher, student).id();
        String bearer = student.string("practicePath").substring("/p/".length());
        List<Socket> hanging = new ArrayList<>();
        try {
            for (int i = 0; i < CLIENTS; i++) {
                // Half a take, and then nothing.
                hanging.add(
                        saying(server.port(), request("POST", "/api/practice/takes", bearer, "{\"clientId\":", 400)));
                // A whole take, and gone before the answer.
                String take = Given.take(assignment, "clean", 60);
                saying(server.port(), request("POST", "/api/practice/takes", bearer, take, take.length()))
                        .close();
                saying(server.port(), request("GET", "/api/practice/room", bearer, "", 0))
                        .close();
            }
            assertThat(teacher.get("/api/desk").status()).isEqualTo(200);
            assertThat(client.another()
                            .byLink(student.string("practicePath"))
                            .post("/api/practice/takes", Given.take(assignment, "clean", 60))
                            .status())
                    .isEqualTo(200);
        } finally {
            for (Socket one : hanging) one.close();
        }
        assertThat(teacher.get("/api/students/" + student.id() + "/takes").status())
                .isEqualTo(200);
    }
}
