package scree.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import scree.app.event.Events;
import scree.app.face.FaceSheet;
import scree.app.face.Faces;
import scree.app.handover.Handovers;
import scree.app.homelink.HomeLink;
import scree.app.homelink.HomeLinks;
import scree.app.kit.Kit;
import scree.app.look.HtmlPdf;
import scree.app.picture.Upload;
import scree.app.remote.RemoteLinks;
import scree.app.reply.Replies;
import scree.app.skin.Readings;
import scree.app.studio.Member;

/**
 * Walks every route there is with what no page sends: each field in turn gets every nastiness, the others what they usually get.
 * Whatever comes, the answer is a page with a sentence, soon, and the sitting opens afterwards.
 */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class HostileInputIT {
    /** Only an endless loop or two that wait for each other take as long, however loaded the machine. */
    private static final long HANGS = Duration.ofMinutes(3).toMillis();

    @Autowired
    private Ground ground;

    @Autowired
    private MockMvc http;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping routes;

    @Autowired
    private Readings readings;

    @Autowired
    private Faces faces;

    @Autowired
    private Kit kit;

    @Autowired
    private RemoteLinks links;

    @Autowired
    private HomeLinks homeLinks;

    @Autowired
    private Handovers handovers;

    @Autowired
    private Replies replies;

    @Autowired
    private Events events;

    private Member me;
    private long client;
    private long sitting;
    private long event;
    private long product;
    private String token;
    private String sheet;
    private String reply;
    private String wear;

    @BeforeAll
    void aStudioAtWork() {
        me = ground.artist("hostile");
        client = ground.client(me, "lanolin");
        for (int i = 0; i < 4; i++) {
            product = kit.add(me.studio(), Ground.base("Marl", "2" + i, 65 + i, null));
        }
        sitting = ground.sitting(me, client);
        event = events.newest(me.studio()).get(0).id();
        readings.take(me.studio(), sitting, Upload.of(Twelve.portrait(3)));
        faces.take(me, sitting, Twelve.points(3), FaceSheet.Found.TEMPLATE);
        token = links.make(me, client);
        sheet = handovers.link(me, sitting, new Handovers.How(HtmlPdf.Paper.A4, false));
        reply = replies.link(me, sitting);
        wear = homeLinks.make(me, sitting, HomeLink.Kind.WEAR, null);
    }

    @Test
    void noFieldOfAnyRouteMakesScreeFallOrHang() throws Exception {
        List<String> fell = new ArrayList<>();
        int asked = 0;
        int routes = 0;
        Set<Nasties.Field> attacked = new HashSet<>();
        for (Nasties.Route route : Nasties.of(this.routes)) {
            Map<Class<?>, Integer> alike = new HashMap<>();
            routes++;
            for (Nasties.Field field : route.fields()) {
                int before = alike.merge(field.type(), 1, Integer::sum) - 1;
                boolean known = field.form() != null && !attacked.add(field);
                List<String> nasties = Nasties.some(field.type(), before, routes);
                for (String nasty : known
                        ? nasties.subList(nasties.size() - 1, nasties.size())
                        : nasties) { // a form is read alike on every route
                    asked++;
                    Map<String, String> sent = usual(route);
                    sent.put(field.name(), nasty);
                    String shown = nasty.length() > 30 ? nasty.substring(0, 30) + "…" : nasty;
                    judge(route, sent, field.name() + "=" + shown.replace("\0", "\\0"), fell);
                }
            }
        }
        assertThat(fell).isEmpty();
        assertThat(asked).isGreaterThan(700);
        theSittingStillOpens();
    }

    @Test
    void noRouteFallsWhenAFileIsBrokenOrMissing() throws Exception {
        List<String> fell = new ArrayList<>();
        byte[][] files = {
            {},
            "a,b\0c\n1,2,3".getBytes(),
            new byte[] {(byte) 0xff, (byte) 0xfe, 0, 1},
            "x".repeat(100_000).getBytes()
        };
        for (Nasties.Route route : Nasties.of(this.routes)) {
            if (route.file() != null) {
                for (byte[] file : files) {
                    judge(route, usual(route), file, "kit\0.csv", "file of " + file.length, fell);
                    judge(route, usual(route), file, "kit.csv", "file of " + file.length, fell);
                }
                judge(route, usual(route), "no file", fell);
            }
        }
        assertThat(fell).isEmpty();
        theSittingStillOpens();
    }

    private void theSittingStillOpens() throws Exception {
        for (String page : List.of("intake", "light", "skin", "base", "base/mix", "base/stripes", "face", "place")) {
            int status = http.perform(request(HttpMethod.GET, "/sittings/" + sitting + "/" + page)
                            .with(user(me)))
                    .andReturn()
                    .getResponse()
                    .getStatus();
            assertThat(status).as(page).isEqualTo(200);
        }
    }

    /** What a page would send for each field of a route. */
    private Map<String, String> usual(Nasties.Route route) {
        Map<String, String> sent = new LinkedHashMap<>();
        for (Nasties.Field f : route.fields()) {
            sent.put(f.name(), usual(f));
        }
        sent.computeIfPresent("once", (k, v) -> UUID.randomUUID().toString());
        return sent;
    }

    private String usual(Nasties.Field f) {
        if (f.type().isEnum()) {
            return f.type().getEnumConstants()[0].toString();
        }
        return switch (f.name()) {
            case "product", "winter", "inner" -> String.valueOf(product);
            case "summer", "outer" -> String.valueOf(product - 1);
            case "artist" -> String.valueOf(me.artistId());
            case "day", "openedOn", "consentOn" -> "2026-11-27";
            case "time" -> "10:30";
            case "sitting", "about" -> String.valueOf(sitting);
            case "starts" -> LocalDate.now() + "T10:00";
            case "taps" -> "250,300,390,300,320,560";
            case "point" -> "CHIN";
            case "field" -> "aim";
            case "value" -> "LIFT";
            case "l", "wetL", "settledL" -> "61.5";
            case "name", "line" -> "Gneiss";
            default -> f.type() == String.class ? "" : f.type() == boolean.class ? "true" : "1";
        };
    }

    private void judge(Nasties.Route route, Map<String, String> sent, String what, List<String> fell) throws Exception {
        judge(route, sent, null, null, what, fell);
    }

    private void judge(
            Nasties.Route route, Map<String, String> sent, byte[] file, String fileName, String what, List<String> fell)
            throws Exception {
        String path = route.path()
                .replace("/sittings/{id}", "/sittings/" + sitting)
                .replace("{client}", String.valueOf(client))
                .replace("/clients/{id}", "/clients/" + client)
                .replace("/kit/{id}", "/kit/" + product)
                .replace("/pictures/{id}", "/pictures/1")
                .replace("{token}", opens(route.path()))
                .replace("{artist}", "1")
                .replace("{invitation}", "1")
                .replace("{handle}", "1")
                .replace("{face}", "1")
                .replace("{consent}", "1")
                .replace("{letter}", "1")
                .replace("{file}", "0")
                .replace("{page}", "1")
                .replace("{ending}", "svg")
                .replace("{kind}", "client")
                .replace("{change}", "1")
                .replace("/events/{id}", "/events/" + event)
                .replace("{sitting}", String.valueOf(sitting))
                .replace("{then}", String.valueOf(sitting))
                .replace("{day}", "2026-06-20")
                .replace("{link}", "1")
                .replace("{id}", "1");
        AbstractMockHttpServletRequestBuilder<?> asked = file == null
                ? request(route.verb(), path)
                : multipart(path).file(new MockMultipartFile(route.file(), fileName, "text/csv", file));
        sent.forEach(asked::param);
        asked.with(user(me)).with(csrf()).header("Accept", "text/html");
        AtomicInteger answer = new AtomicInteger(500);
        Thread asking = new Thread(() -> answer.set(status(asked)), "asking");
        asking.setDaemon(true);
        asking.start();
        asking.join(HANGS);
        if (asking.isAlive()) {
            fell.add(route.verb() + " " + route.path() + " " + what + " hangs at "
                    + Arrays.toString(asking.getStackTrace()));
        } else if (answer.get() >= 500) {
            fell.add(route.verb() + " " + route.path() + " " + what + " → " + answer);
        }
    }

    /** Each of the client's pages has a link of its own. */
    private String opens(String path) {
        return path.contains("/sheet")
                ? sheet
                : path.endsWith("/reply") ? reply : path.endsWith("/wear") ? wear : token;
    }

    private int status(AbstractMockHttpServletRequestBuilder<?> asked) {
        try {
            return http.perform(asked).andReturn().getResponse().getStatus();
        } catch (Exception fallen) {
            return 500;
        }
    }
}
