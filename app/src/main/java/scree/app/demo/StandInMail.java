package scree.app.demo;

import jakarta.annotation.PreDestroy;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import scree.app.mail.StandInInbox;
import scree.app.studio.StudioId;
import scree.standins.mail.LoopbackMail;
import tools.jackson.databind.json.JsonMapper;

/**
 * The demo's mail server: on loopback, so that no letter of made-up people leaves the machine. Every process has one of its own;
 * what they take in lies in the database, so that all show the same inbox.
 */
@Component
@ConditionalOnProperty("scree.demo.enabled")
class StandInMail implements StandInInbox {
    private static final int MOST_SHOWN = 200;

    private final StandInLetterMapper mapper;
    private final JsonMapper json;
    private final LoopbackMail server = LoopbackMail.start();

    StandInMail(StandInLetterMapper mapper, JsonMapper json) {
        this.mapper = mapper;
        this.json = json;
    }

    @Override
    public int port() {
        return server.port();
    }

    @Override
    public List<Arrived> letters(StudioId studio) {
        take();
        return mapper.letters(studio, MOST_SHOWN).stream()
                .map(l -> json.readValue(l, Arrived.class))
                .toList();
    }

    /** Puts down what came in. */
    @Scheduled(fixedDelay = 250)
    synchronized void take() {
        List<LoopbackMail.Taken> came = server.taken();
        for (int i = came.size() - 1; i >= 0; i--) {
            Arrived letter = arrived(came.get(i));
            StudioId studio = new StudioId(part(came.get(i), '<', '.'));
            mapper.take(studio, letter.id(), json.writeValueAsString(letter));
        }
    }

    /** A letter's number begins with its studio's. */
    private static long part(LoopbackMail.Taken letter, char from, char to) {
        String number = letter.number();
        return Long.parseLong(number.substring(number.indexOf(from) + 1, number.indexOf(to)));
    }

    private static Arrived arrived(LoopbackMail.Taken l) {
        return new Arrived(
                part(l, '.', '@'),
                l.from(),
                l.replyTo(),
                l.to(),
                l.subject(),
                l.text(),
                l.at(),
                l.files().stream()
                        .map(f -> new Enclosed(f.name(), f.type(), f.bytes()))
                        .toList());
    }

    @PreDestroy
    void close() {
        server.close();
    }
}
