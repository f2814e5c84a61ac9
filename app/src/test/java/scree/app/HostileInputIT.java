package scree.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.lang.reflect.Parameter;
import java.lang.reflect.RecordComponent;
import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.Temporal;
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
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
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
import scree.standins.camera.Ensemble;
import scree.standins.camera.Studio;

/**
 * Walks every route there is with what no page sends: each field in turn gets every nastiness, the others what they usually get.
 * Whatever comes, the answer is a page with a sentence, soon, and the sitting opens afterwards.
 */
@TestDatabase
@AutoConfigureMockMvc
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class HostileInputIT {
    private static final int WIDTH = 640;
    /** Only an endless loop or two that wait for each other take as long, however loaded the machine. */
    private static final long HANGS = Duration.ofMinutes(3).toMillis();

    private static final List<String> NUMBERS = List.of(
            "NaN",
            "1e308",
            "-1e308",
            "",
            "Infinity",
            "-Infinity",
            "-0",
            "0x1p5",
            "61d",
            "9999999",
            "-9999999",
            "1e-300",
            "7".repeat(4000),
            "seven");
    private static final List<String> TEXTS =
            List.of("a\0b", "\0", "x".repeat(30_000), "<script>'\"&", "\u202e\ud83d\ude00", "%00%s{0}${7*7}");
    private static final List<String> DATES =
            List.of("+300000-01-01", "-0001-01-01", "1989-12-31", "2026-02-30", "9999-12-31", "today", "");

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
        readings.take(me.studio(), sitting, Upload.of(Ground.portrait(3, WIDTH)));
        faces.take(me, sitting, Studio.points(Ensemble.all().get(3), WIDTH), FaceSheet.Found.TEMPLATE);
        token = links.make(me, client);
        sheet = handovers.link(me, sitting, new Handovers.How(HtmlPdf.Paper.A4, false));
        reply = replies.link(me, sitting);
        wear = homeLinks.make(me, sitting, HomeLink.Kind.WEAR, null);
    }

    /** One field of a route: its name, what it holds, and the form that it belongs to or null. */
    private record Field(String name, Class<?> type, Class<?> form) {}

    /** One route with all its fields. */
    private record Route(HttpMethod verb, String path, List<Field> fields, String file) {}

    @Test
    void noFieldOfAnyRouteMakesScreeFallOrHang() throws Exception {
        List<String> fell = new ArrayList<>();
        int asked = 0;
        int routes = 0;
        Set<Field> attacked = new HashSet<>();
        for (Route route : all()) {
            Map<Class<?>, Integer> alike = new HashMap<>();
            routes++;
            for (Field field : route.fields()) {
                int before = alike.merge(field.type(), 1, Integer::sum) - 1;
                boolean known = field.form() != null && !attacked.add(field);
                List<String> nasties = some(nasties(field.type()), before, routes);
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

    /**
     * The first field of a type on a route gets what has felled one before (the first of a list), and like every other field a few of the
     * rest in turn: all go through the same readers, and every nastiness meets every type on many routes.
     */
    private static List<String> some(List<String> nasties, int before, int route) {
        List<String> some =
                new ArrayList<>(before == 0 ? nasties.subList(0, Math.min(WORST, nasties.size())) : List.of());
        for (int i = 0; i < Math.min(IN_TURN, nasties.size()); i++) {
            some.add(nasties.get(((before + route) * IN_TURN + i) % nasties.size()));
        }
        return some.stream().distinct().toList();
    }

    private static final int WORST = 4;

    private static final int IN_TURN = 3;

    @Test
    void noRouteFallsWhenAFileIsBrokenOrMissing() throws Exception {
        List<String> fell = new ArrayList<>();
        byte[][] files = {
            {},
            "a,b\0c\n1,2,3".getBytes(),
            new byte[] {(byte) 0xff, (byte) 0xfe, 0, 1},
            "x".repeat(100_000).getBytes()
        };
        for (Route route : all()) {
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

    private List<Route> all() {
        List<Route> all = new ArrayList<>();
        for (Map.Entry<RequestMappingInfo, HandlerMethod> route :
                routes.getHandlerMethods().entrySet()) {
            if (!route.getValue().getBeanType().getPackageName().startsWith("scree.app")) {
                continue;
            }
            String path = route.getKey()
                    .getPathPatternsCondition()
                    .getPatternValues()
                    .iterator()
                    .next();
            var verbs = route.getKey().getMethodsCondition().getMethods();
            HttpMethod verb =
                    verbs.isEmpty() ? HttpMethod.GET : verbs.iterator().next().asHttpMethod();
            List<Field> fields = new ArrayList<>();
            String file = null;
            for (Parameter p : route.getValue().getMethod().getParameters()) {
                RequestParam one = p.getAnnotation(RequestParam.class);
                if (p.getType() == MultipartFile.class) {
                    file = one == null || one.value().isEmpty() ? p.getName() : one.value();
                } else if (one != null) {
                    String name = one.name().isEmpty() ? one.value() : one.name();
                    fields.add(new Field(name.isEmpty() ? p.getName() : name, p.getType(), null));
                } else if (p.getType().isRecord()
                        && !p.isAnnotationPresent(PathVariable.class)
                        && p.getType() != Member.class) {
                    for (RecordComponent c : p.getType().getRecordComponents()) {
                        fields.add(new Field(c.getName(), c.getType(), p.getType()));
                    }
                } else if (p.isAnnotationPresent(ModelAttribute.class) && p.getType() != Model.class) {
                    for (var setter : p.getType().getMethods()) {
                        if (setter.getName().startsWith("set")) {
                            String name = setter.getName().substring(3);
                            fields.add(new Field(
                                    Character.toLowerCase(name.charAt(0)) + name.substring(1),
                                    setter.getParameterTypes()[0],
                                    p.getType()));
                        }
                    }
                }
            }
            boolean ends = path.contains("/delete")
                    || path.endsWith("/erase")
                    || path.endsWith("/done")
                    || path.contains("forget");
            if (!ends) {
                all.add(new Route(verb, path, fields, file));
            }
        }
        assertThat(all).hasSizeGreaterThan(90);
        return all;
    }

    private static List<String> nasties(Class<?> type) {
        if (type.isEnum() || type == boolean.class || type == Boolean.class) {
            return List.of("", "NONE_OF_THEM", "a\0b");
        }
        if (Temporal.class.isAssignableFrom(type)) {
            return DATES;
        }
        if (type == String.class) {
            List<String> all = new ArrayList<>(TEXTS);
            all.addAll(DATES);
            all.addAll(List.of("NaN", "NaN,NaN,1,1,2,2", "1e308,1,2,3,4,1e308"));
            return all;
        }
        return NUMBERS;
    }

    /** What a page would send for each field of a route. */
    private Map<String, String> usual(Route route) {
        Map<String, String> sent = new LinkedHashMap<>();
        for (Field f : route.fields()) {
            sent.put(f.name(), usual(f));
        }
        sent.computeIfPresent("once", (k, v) -> UUID.randomUUID().toString());
        return sent;
    }

    private String usual(Field f) {
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

    private void judge(Route route, Map<String, String> sent, String what, List<String> fell) throws Exception {
        judge(route, sent, null, null, what, fell);
    }

    private void judge(
            Route route, Map<String, String> sent, byte[] file, String fileName, String what, List<String> fell)
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
