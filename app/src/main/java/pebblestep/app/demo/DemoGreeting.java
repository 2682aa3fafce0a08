package pebblestep.app.demo;

import java.util.Objects;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import pebblestep.app.accounts.DemoDoor;

/** Prints how to come in, once the demo is up. */
@Component
class DemoGreeting {
    private final ObjectProvider<DemoDoor> demo;

    DemoGreeting(ObjectProvider<DemoDoor> demo) {
        this.demo = demo;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        DemoDoor door = demo.getIfAvailable();
        if (door == null) return;
        int port = event.getApplicationContext() instanceof ServletWebServerApplicationContext web
                ? Objects.requireNonNull(web.getWebServer()).getPort()
                : 0;
        String root = "http://localhost:" + port;
        System.out.println("Pebble Step, the demo studio: " + root);
        System.out.println("Sign in: " + door.email() + " " + door.password());
        System.out.println("Student link (" + door.student() + "): " + root + door.practicePath());
    }
}
