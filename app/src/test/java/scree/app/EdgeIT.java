package scree.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.zaxxer.hikari.HikariDataSource;
import jakarta.servlet.http.Cookie;
import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.env.Environment;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.studio.Member;
import scree.core.skin.SkinType;

/** The edge with everything behind it real: sign-in, headers, another studio's addresses, stale forms. */
@TestDatabase
class EdgeIT {
    @Autowired
    private HikariDataSource pool;

    @Autowired
    private Environment environment;

    @Autowired
    private Ground ground;

    @Autowired
    private MockMvc http;

    @Autowired
    private Clients clients;

    private Member mine;
    private Member theirs;

    @BeforeEach
    void twoStudios() {
        mine = ground.artist("edge");
        theirs = ground.artist("edge");
    }

    @Test
    void signInTakesTheRightPasswordWhateverTheLettersOfTheEmail() throws Exception {
        http.perform(post("/sign-in")
                        .param("username", mine.email().toUpperCase())
                        .param("password", "loose stones")
                        .with(csrf()))
                .andExpect(redirectedUrl("/"));
        http.perform(post("/sign-in")
                        .param("username", mine.email())
                        .param("password", "Loose stones")
                        .with(csrf()))
                .andExpect(redirectedUrl("/sign-in?failed"));
        http.perform(post("/sign-in")
                        .param("username", "no@scree.example")
                        .param("password", "x")
                        .with(csrf()))
                .andExpect(redirectedUrl("/sign-in?failed"));
        assertThat(mine.passwordHash()).startsWith("$2").doesNotContain("loose");
        assertThat(mine.toString()).doesNotContain("$2");
    }

    /** Else a busy half-minute is told as a database that is away. */
    @Test
    void noRequestWaitsForAConnection() {
        int atOnce = environment.getRequiredProperty("server.tomcat.threads.max", Integer.class);
        assertThat(pool.getMaximumPoolSize()).isGreaterThan(atOnce);
    }

    @Test
    void filesAreCachedPagesAreNot() throws Exception {
        http.perform(get("/css/ground.css"))
                .andExpect(status().isOk())
                .andExpect(header().string("Cache-Control", containsString("max-age")));
        http.perform(get("/fonts/vollkorn-latin.woff2"))
                .andExpect(header().string("Cache-Control", containsString("max-age")));
        http.perform(get("/clients").with(user(mine)))
                .andExpect(header().string("Cache-Control", containsString("no-store")))
                .andExpect(header().string("X-Frame-Options", "DENY"))
                .andExpect(header().string("X-Content-Type-Options", "nosniff"));
    }

    /** A new version of a file is fetched anew; links to pages are left as they are. */
    @Test
    void linksToFilesCarryTheirVersionLinksToPagesDoNot() throws Exception {
        String page = http.perform(get("/kit").with(user(mine)))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page)
                .containsPattern("href=\"/css/base-[0-9a-f]{32}\\.css\"")
                .containsPattern("src=\"/js/scree-[0-9a-f]{32}\\.js\"")
                .contains("href=\"/kit/new\"", "href=\"/clients\"");
    }

    @Test
    void everyLinkedFileShipsWithTheApplication() throws Exception {
        String page = http.perform(get("/sign-in")).andReturn().getResponse().getContentAsString();
        var links = java.util.regex.Pattern.compile("(?:href|src)=\"(/[^\"]+\\.(?:css|js|svg))\"")
                .matcher(page);
        int found = 0;
        while (links.find()) {
            http.perform(get(links.group(1))).andExpect(status().isOk());
            found++;
        }
        assertThat(found).isGreaterThanOrEqualTo(6);
        assertThat(page).doesNotContain("http://", "https://");
    }

    @Test
    void anotherStudiosAddressesAreNotHere() throws Exception {
        long id = clients.add(mine.studio(), client("Petra Kvist", 0));
        for (String path : new String[] {"/clients/" + id, "/clients/" + id + "/edit"}) {
            http.perform(get(path).with(user(mine)))
                    .andExpect(status().isOk())
                    .andExpect(content().string(containsString("Petra")));
            http.perform(get(path).with(user(theirs)))
                    .andExpect(status().isNotFound())
                    .andExpect(content().string(not(containsString("Petra"))));
        }
        http.perform(get("/clients").with(user(theirs))).andExpect(content().string(containsString("No clients yet")));
        http.perform(post("/clients/" + id + "/sittings")
                        .param("day", "2026-06-20")
                        .param("time", "10:00")
                        .param("artist", "1")
                        .with(user(theirs))
                        .with(csrf()))
                .andExpect(status().isNotFound());
    }

    @Test
    void aStaleClientFormShowsBothVersions() throws Exception {
        long id = clients.add(mine.studio(), client("Petra Kvist", 0));
        clients.change(
                mine.studio(), new Client(id, "Petra Kvist-Holm", null, 1982, "Viola", null, null, null, null, 0));
        http.perform(post("/clients/" + id + "/edit")
                        .param("name", "Petra K.")
                        .param("notes", "keep me")
                        .param("version", "0")
                        .with(user(mine))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Petra Kvist-Holm")))
                .andExpect(content().string(containsString("value=\"Petra K.\"")))
                .andExpect(content().string(containsString("keep me")));
        http.perform(post("/clients/" + id + "/edit")
                        .param("name", "Petra K.")
                        .param("version", "1")
                        .with(user(mine))
                        .with(csrf()))
                .andExpect(redirectedUrl("/clients/" + id));
    }

    @Test
    void namesAreShownAsTextWhateverTheyHold() throws Exception {
        long id = clients.add(mine.studio(), client("<script>alert(1)</script> Åsa \"Ø\"", 0));
        http.perform(get("/clients/" + id).with(user(mine)))
                .andExpect(content().string(not(containsString("<script>alert"))))
                .andExpect(content().string(containsString("&lt;script&gt;")));
    }

    @Test
    void wrongAddressesAndVerbsGetCalmPages() throws Exception {
        http.perform(get("/clients/abc").with(user(mine)))
                .andExpect(status().isNotFound())
                .andExpect(content().string(containsString("Nothing lies here")));
        http.perform(post("/clients").with(user(mine)).with(csrf())).andExpect(status().isMethodNotAllowed());
        http.perform(get("/actuator/health").with(user(mine))).andExpect(status().isNotFound());
    }

    private MvcResult signIn(String email, String password, String address, Cookie... cookies) throws Exception {
        var asked = post("/sign-in")
                .param("username", email)
                .param("password", password)
                .with(csrf())
                .with(r -> {
                    r.setRemoteAddr(address);
                    return r;
                });
        return http.perform(cookies.length == 0 ? asked : asked.cookie(cookies)).andReturn();
    }

    /** Sixty wrong passwords and then the right one once signed in. */
    @Test
    void theDoorTiresOfAStrangerButNotOfTheArtist() throws Exception {
        Cookie device =
                signIn(mine.email(), "loose stones", "10.0.0.1").getResponse().getCookie("scree-device");
        assertThat(device).isNotNull();
        String last = "";
        for (int i = 0; i < 60; i++) {
            last = signIn(mine.email(), "wrong " + i, "10.0.0.9").getResponse().getRedirectedUrl();
        }
        assertThat(last).startsWith("/sign-in?wait=");
        assertThat(signIn(mine.email(), "loose stones", "10.0.0.9")
                        .getResponse()
                        .getRedirectedUrl())
                .as("the right one comes too late from there")
                .startsWith("/sign-in?wait=");
        assertThat(signIn(mine.email(), "loose stones", "10.0.0.1")
                        .getResponse()
                        .getRedirectedUrl())
                .as("from elsewhere the artist is not kept out")
                .isEqualTo("/");
        assertThat(signIn(mine.email(), "loose stones", "10.0.0.9", device)
                        .getResponse()
                        .getRedirectedUrl())
                .as("nor on a browser that is known, beside the stranger")
                .isEqualTo("/");
        http.perform(get("/sign-in").param("wait", "130")).andExpect(content().string(containsString("Wait 3 min")));
    }

    @Test
    void anAccountThatDoesNotExistTiresTheDoorWithTheSameWords() throws Exception {
        String nobody = UUID.randomUUID() + "@scree.example";
        for (int i = 0; i < 5; i++) {
            assertThat(signIn(nobody, "x", "10.0.1.1").getResponse().getRedirectedUrl())
                    .isEqualTo("/sign-in?failed");
        }
        String tired = "";
        for (int i = 0;
                i < 10 && !tired.startsWith("/sign-in?wait=");
                i++) { // on a slow machine tries come back meanwhile
            tired = signIn(nobody, "x", "10.0.1.1").getResponse().getRedirectedUrl();
        }
        assertThat(tired).startsWith("/sign-in?wait=");
        assertThat(signIn("a\0b", "x", "10.0.1.2").getResponse().getRedirectedUrl())
                .isEqualTo("/sign-in?failed");
        assertThat(signIn(nobody, "long ".repeat(40), "10.0.1.3").getResponse().getRedirectedUrl())
                .isEqualTo("/sign-in?failed");
    }

    @Test
    void visitorsAreSentOnToWhatTheyAskedForAndNowhereElse() throws Exception {
        MvcResult asked = http.perform(
                        get("/clients?find=a").header("Accept", "text/html").header("Host", "evil.example"))
                .andExpect(redirectedUrl("/sign-in"))
                .andReturn();
        Cookie page = asked.getResponse().getCookie("scree-asked");
        assertThat(signIn(mine.email(), "loose stones", "10.0.4.1", page)
                        .getResponse()
                        .getRedirectedUrl())
                .isEqualTo("/clients?find=a");
        Cookie elsewhere = new Cookie("scree-asked", "%2F%2Fevil.example");
        assertThat(signIn(mine.email(), "loose stones", "10.0.4.2", elsewhere)
                        .getResponse()
                        .getRedirectedUrl())
                .isEqualTo("/");
    }

    @Test
    void signingOutClearsTheBrowsersPictures() throws Exception {
        http.perform(post("/sign-out").with(user(mine)).with(csrf()))
                .andExpect(header().string("Clear-Site-Data", "\"cache\""))
                .andExpect(redirectedUrl("/sign-in?left"));
    }

    @Test
    void aFormSentAfterTheSessionEndedLeadsToTheDoorAndBack() throws Exception {
        MvcResult sent = http.perform(post("/clients/new")
                        .param("name", "Petra")
                        .header("Referer", "http://127.0.0.1/clients/new")
                        .with(csrf()))
                .andExpect(redirectedUrl("/sign-in?ended"))
                .andReturn();
        Cookie page = sent.getResponse().getCookie("scree-asked");
        assertThat(signIn(mine.email(), "loose stones", "10.0.5.1", page)
                        .getResponse()
                        .getRedirectedUrl())
                .isEqualTo("/clients/new");
        http.perform(post("/kit/gaps").header("HX-Request", "true").with(csrf()))
                .andExpect(status().isUnauthorized());
    }

    @Test
    void aSittingOnNoDayOrWithAStrangersArtistIsRefusedInWordsAndKeptAsTyped() throws Exception {
        long id = clients.add(mine.studio(), client("Petra Kvist", 0));
        String[][] wrong = {
            {"+300000-01-01", "10:00", "45", String.valueOf(mine.artistId()), "The day is none"},
            {"2026-06-20", "25:00", "45", String.valueOf(mine.artistId()), "The time is none"},
            {"2026-06-20", "10:00", "9999", String.valueOf(mine.artistId()), "Minutes are"},
            {"2026-06-20", "10:00", "45", String.valueOf(theirs.artistId()), "The artist is none"},
        };
        for (String[] w : wrong) {
            http.perform(post("/clients/" + id + "/sittings")
                            .param("day", w[0])
                            .param("time", w[1])
                            .param("minutes", w[2])
                            .param("artist", w[3])
                            .param("event", "Wedding at the lake")
                            .param("once", UUID.randomUUID().toString())
                            .with(user(mine))
                            .with(csrf()))
                    .andExpect(status().isOk())
                    .andExpect(content().string(containsString(w[4])))
                    .andExpect(content().string(containsString("Wedding at the lake")));
        }
        http.perform(post("/clients/" + id + "/sittings")
                        .param("day", "2026-06-20")
                        .param("time", "10:00")
                        .param("minutes", "45")
                        .param("artist", String.valueOf(mine.artistId()))
                        .with(user(mine))
                        .with(csrf()))
                .andExpect(status().isBadRequest())
                .andExpect(content().string(containsString("too old to be sent")));
    }

    private static Client client(String name, int version) {
        return new Client(0, name, null, 1982, "Viola", SkinType.DRY, "lanolin", null, LocalDate.now(), version);
    }
}
