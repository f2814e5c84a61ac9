package scree.app.rights;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.practice.Practice;
import scree.app.studio.Member;
import scree.app.studio.Role;

/** Every page and every role against a table that is written by hand: a page that is not in it fails, and so does one that is open to others. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class RolesIT {
    private static final int FORBIDDEN = 403;
    private static final int NOT_HERE = 404;

    @Autowired
    private Ground ground;

    @Autowired
    private Practice practice;

    @Autowired
    private MockMvc http;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping routes;

    private List<Line> table;
    private Member owner;
    private Member artist;
    private Member assistant;
    private Member trainee;
    private long clients;
    private long practised;

    /** Who may open a page is asked before what lies there: where nothing lies, nothing is drawn. */
    private static final long NOWHERE = 999_999_999;

    /** A page; {@code openTo} has the letters O, A, S and T of the roles, t for a trainee's own faces only, or says public. */
    private record Line(String verb, String page, String openTo) {
        boolean isPublic() {
            return openTo.equals("public");
        }

        boolean is(Role role) {
            return switch (role) {
                case OWNER -> openTo.contains("O");
                case ARTIST -> openTo.contains("A");
                case ASSISTANT -> openTo.contains("S");
                case TRAINEE -> openTo.contains("T") || ownOnly();
            };
        }

        boolean ownOnly() {
            return openTo.contains("t");
        }
    }

    @BeforeAll
    void aStudioWithEverybody() throws IOException {
        try (var file = getClass().getResourceAsStream("roles.csv")) {
            table = new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(1)
                    .map(l -> l.split(","))
                    .map(c -> new Line(c[0], c[1], c[2]))
                    .toList();
        }
        owner = ground.artist("roles");
        artist = ground.joined(owner, Role.ARTIST, "Bea Hallorin");
        assistant = ground.joined(owner, Role.ASSISTANT, "Bea Hallorin");
        trainee = ground.joined(owner, Role.TRAINEE, "Bea Hallorin");
        clients = ground.sitting(artist, ground.client(artist, null));
        practised = practice.begin(trainee, 3);
    }

    @Test
    void theTableHasEveryPageThereIs() {
        var there = new TreeSet<String>();
        routes.getHandlerMethods().forEach((route, page) -> {
            if (page.getBeanType().getPackageName().startsWith("scree.app")) {
                var verbs = route.getMethodsCondition().getMethods();
                for (String pattern : route.getPathPatternsCondition().getPatternValues()) {
                    there.add((verbs.isEmpty() ? "GET" : verbs.iterator().next()) + " " + pattern);
                }
            }
        });
        List<String> listed =
                table.stream().map(l -> l.verb() + " " + l.page()).sorted().toList();
        assertThat(listed).isEqualTo(List.copyOf(there));
    }

    @Test
    void noPageIsOpenToARoleThatTheTableKeepsOut() throws Exception {
        List<String> wrong = new ArrayList<>();
        for (Line line : table) {
            for (Member who : List.of(owner, artist, assistant, trainee)) {
                if (!line.isPublic() && !leaves(line)) {
                    int status = asked(line, who, who == trainee ? practised : NOWHERE);
                    if (line.is(who.role()) == (status == FORBIDDEN)) {
                        wrong.add(line.verb() + " " + line.page() + " " + who.role() + " " + status);
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    void aTraineeDoesNotEvenLearnThatAClientIsThere() throws Exception {
        List<String> wrong = new ArrayList<>();
        long others = practice.begin(artist, 4);
        for (Line line : table) {
            if (line.ownOnly()) {
                for (long sitting : List.of(clients, others, NOWHERE)) {
                    int status = asked(line, trainee, sitting);
                    if (status != NOT_HERE) {
                        wrong.add(line.verb() + " " + line.page() + " " + status);
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    /** These end what the rest of the walk asks with: each has a test of its own. */
    private static boolean leaves(Line line) {
        return line.page().matches(".*/(delete|done|remove|away)$");
    }

    private int asked(Line line, Member who, long sitting) throws Exception {
        String path = line.page()
                .replace("/sittings/{id}", "/sittings/" + sitting)
                .replace("{day}", "2026-06-20")
                .replace("{ending}", "svg")
                .replace("{kind}", "client")
                .replaceAll("\\{[a-z]+}", String.valueOf(NOWHERE));
        return http.perform(request(HttpMethod.valueOf(line.verb()), path)
                        .with(user(who))
                        .with(csrf())
                        .header("Accept", "*/*"))
                .andReturn()
                .getResponse()
                .getStatus();
    }
}
