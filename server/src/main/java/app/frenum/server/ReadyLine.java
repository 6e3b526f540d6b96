package app.frenum.server;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says on standard output, once, that Frenum can answer. */
@Component
class ReadyLine {
    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof WebServerApplicationContext web && web.getWebServer() != null) {
            System.out.println(
                    "Frenum is ready: http://127.0.0.1:" + web.getWebServer().getPort());
        }
    }
}
