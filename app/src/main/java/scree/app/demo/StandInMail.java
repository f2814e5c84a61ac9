package scree.app.demo;

import jakarta.annotation.PreDestroy;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import scree.app.mail.StandInInbox;
import scree.app.studio.StudioId;
import scree.standins.mail.LoopbackMail;

/** The demo's mail server: on loopback, in memory, so that no letter of made-up people leaves the machine. */
@Component
@ConditionalOnProperty("scree.demo.enabled")
class StandInMail implements StandInInbox {
    private final LoopbackMail server = LoopbackMail.start();

    @Override
    public int port() {
        return server.port();
    }

    /** A letter's number begins with its studio's. */
    @Override
    public List<Arrived> letters(StudioId studio) {
        return server.letters().stream()
                .filter(l -> l.number().startsWith("<" + studio.value() + "."))
                .map(l -> new Arrived(
                        Long.parseLong(l.number()
                                .substring(
                                        l.number().indexOf('.') + 1, l.number().indexOf('@'))),
                        l.from(),
                        l.replyTo(),
                        l.to(),
                        l.subject(),
                        l.text(),
                        l.at(),
                        l.files().stream()
                                .map(f -> new Enclosed(f.name(), f.type(), f.bytes()))
                                .toList()))
                .toList();
    }

    @PreDestroy
    void close() {
        server.close();
    }
}
