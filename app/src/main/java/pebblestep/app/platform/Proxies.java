package pebblestep.app.platform;

import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;
import pebblestep.app.configuration.PebbleProperties;

/** Believes configured proxies about the client's address and whether TLS was used. From any other sender these headers are ignored. */
@Component
class Proxies implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final PebbleProperties properties;

    Proxies(PebbleProperties properties) {
        this.properties = properties;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (properties.proxies().isEmpty()) return;
        RemoteIpValve valve = new RemoteIpValve();
        valve.setInternalProxies(properties.proxies().stream()
                .map(String::strip)
                .map(Pattern::quote)
                .collect(Collectors.joining("|")));
        valve.setProtocolHeader("X-Forwarded-Proto");
        valve.setHostHeader("X-Forwarded-Host");
        factory.addEngineValves(valve);
    }
}
