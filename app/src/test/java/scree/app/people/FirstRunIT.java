package scree.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.DefaultApplicationArguments;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import scree.app.TestDatabase;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.kit.StarterKit;
import scree.app.studio.Accounts;
import scree.app.studio.Customs;
import scree.app.studio.Member;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;
import scree.core.shade.Role;

/** From an empty database to the first sign-in; in a schema of its own, since everywhere else there are studios. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestPropertySource(
        properties = {"spring.datasource.hikari.schema=first_run", "spring.flyway.default-schema=first_run"})
class FirstRunIT {
    private static final String GOOD = "seven loose stones on a slope";

    @Autowired
    private FirstRun first;

    @Autowired
    private Accounts accounts;

    @Autowired
    private PeopleMapper mapper;

    @Autowired
    private Customs customs;

    @Autowired
    private StarterKit kit;

    @Autowired
    private Kit wares;

    @Autowired
    private StudioTime time;

    @Autowired
    private JdbcTemplate sql;

    @Autowired
    private MockMvc http;

    private Path folder;

    @BeforeAll
    void aFolder() throws IOException {
        folder = Files.createTempDirectory("first-run");
    }

    @AfterAll
    void gone() throws IOException {
        Files.deleteIfExists(folder.resolve("address"));
        Files.delete(folder);
    }

    @BeforeEach
    void nobodyIsHere() {
        sql.execute("truncate product, kit_change cascade");
        sql.update("delete from artist");
        sql.update("delete from studio");
        sql.update("delete from first_run");
    }

    private static Customs.Kept customs(String name, String zone) {
        return new Customs.Kept(name, zone, "EUR", Customs.Units.METRIC);
    }

    private long studios() {
        return sql.queryForObject("select count(*) from studio", Long.class);
    }

    private AbstractMockHttpServletRequestBuilder<?> form(String token, String password) {
        return post("/first-run/" + token)
                .param("studio", "Slope & Stone")
                .param("zone", "Pacific/Auckland")
                .param("currency", "NZD")
                .param("units", "METRIC")
                .param("name", "Mara Ellstrand")
                .param("email", "Mara@Slope.example")
                .param("password", password)
                .with(csrf());
    }

    @Test
    void theAddressFoundsOneStudioAndOpensNothingAfterwards() throws Exception {
        String token = first.make();
        http.perform(get("/first-run/" + token)).andExpect(status().isOk());
        http.perform(form(token, GOOD)).andExpect(redirectedUrl("/sign-in?founded"));
        http.perform(post("/sign-in")
                        .param("username", "mara@slope.example")
                        .param("password", GOOD)
                        .with(csrf()))
                .andExpect(redirectedUrl("/"));
        Member mara = accounts.loadUserByUsername("mara@slope.example");
        assertThat(mara.studioName()).isEqualTo("Slope & Stone");
        assertThat(time.zone(mara.studio()).getId()).isEqualTo("Pacific/Auckland");
        assertThat(customs.of(mara.studio()).money(12.5)).isEqualTo("12.50 NZD");
        assertThat(wares.all(mara.studio())).as("no kit was asked for").isEmpty();
        http.perform(get("/first-run/" + token)).andExpect(status().isNotFound());
        http.perform(form(token, GOOD)).andExpect(status().isNotFound());
        assertThat(studios()).isEqualTo(1);
    }

    @Test
    void aWrongOldOrMissingAddressOpensNothing() throws Exception {
        http.perform(get("/first-run/" + "x".repeat(32))).andExpect(status().isNotFound());
        String old = first.make();
        first.make();
        http.perform(get("/first-run/" + old)).andExpect(status().isNotFound());
        assertThat(first.opens("y".repeat(5000))).isFalse();
        assertThatThrownBy(() -> first.found(old, customs("S", "UTC"), "N", "n@s.example", GOOD, false))
                .isInstanceOf(NotHere.class);
        assertThat(studios()).isZero();
    }

    /** Whatever is wrong stands beside its field; all but the password stays as typed. */
    @Test
    void whatIsWrongIsNamedAndNothingTypedIsLost() throws Exception {
        String token = first.make();
        String page = http.perform(post("/first-run/" + token)
                        .param("studio", "Slope & Stone")
                        .param("zone", "Nowhere/Here")
                        .param("name", " ")
                        .param("email", "mara")
                        .param("password", "mara1234")
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page)
                .contains(
                        "Slope &amp; Stone",
                        "is no place that is known",
                        "Choose the currency from the list",
                        "is empty: fill it in",
                        "like name@place.example")
                .contains("is guessed too easily")
                .doesNotContain("mara1234");
        assertThat(studios()).isZero();
        http.perform(form(token, GOOD)).andExpect(redirectedUrl("/sign-in?founded"));
    }

    @Test
    void ofManyAtOnceOneFounds() {
        String token = first.make();
        List<CompletableFuture<Boolean>> tried = IntStream.range(0, 6)
                .mapToObj(i -> CompletableFuture.supplyAsync(() -> {
                    try {
                        first.found(token, customs("Studio " + i, "UTC"), "N", "n" + i + "@s.example", GOOD, false);
                        return true;
                    } catch (NotHere late) {
                        return false;
                    }
                }))
                .toList();
        assertThat(tried.stream().filter(CompletableFuture::join)).hasSize(1);
        assertThat(studios()).isEqualTo(1);
    }

    @Test
    void aStudioCanBeginWithASmallKitAndCountInOunces() throws Exception {
        http.perform(form(first.make(), GOOD).param("starter", "true")).andExpect(redirectedUrl("/sign-in?founded"));
        Member mara = accounts.loadUserByUsername("mara@slope.example");
        assertThat(wares.all(mara.studio()))
                .hasSizeGreaterThan(20)
                .allMatch(p -> p.line().equals("Starter"))
                .anyMatch(p -> p.role() == Role.BASE && p.settled().lightness() < 35)
                .anyMatch(p -> p.role() == Role.BASE && p.settled().lightness() > 75);
        customs.put(mara.studio(), new Customs.Kept("Slope", "America/Denver", "USD", Customs.Units.US));
        Product some = wares.all(mara.studio()).get(0);
        sql.update("""
                insert into formula (studio_id, product_id, carrier, content_ml) values (?, ?, 'WATER', 29.57)
                on conflict (studio_id, product_id) do update set content_ml = 29.57""", mara.studio().value(), some.id());
        http.perform(get("/kit/" + some.id()).with(user(mara)))
                .andExpect(content().string(containsString("(1.00 fl oz)")));
        assertThat(time.zone(mara.studio()).getId()).isEqualTo("America/Denver");
    }

    /** Whoever runs the installation makes an address in its database, as {@code ./scree studio} does. */
    @Test
    void furtherStudiosAreFoundedBesideTheFirstAtAnAddressThatEnds() throws Exception {
        http.perform(form(first.make(), GOOD)).andExpect(redirectedUrl("/sign-in?founded"));
        String further = first.make();
        http.perform(get("/first-run/" + further)).andExpect(status().isNotFound());
        sql.update("update first_run set further = true");
        http.perform(get("/first-run/" + further)).andExpect(status().isOk());
        http.perform(form(further, GOOD)).andExpect(status().isOk()); // the address of the first one's owner
        assertThat(studios()).isEqualTo(1);
        sql.update("update first_run set made_at = now() - interval '8 days'");
        http.perform(get("/first-run/" + further)).andExpect(status().isNotFound());
        sql.update("update first_run set made_at = now()");
        http.perform(post("/first-run/" + further)
                        .param("studio", "Second slope")
                        .param("zone", "Europe/Oslo")
                        .param("currency", "NOK")
                        .param("units", "METRIC")
                        .param("name", "Otto")
                        .param("email", "otto@slope.example")
                        .param("password", GOOD)
                        .with(csrf()))
                .andExpect(redirectedUrl("/sign-in?founded"));
        assertThat(studios()).isEqualTo(2);
        assertThat(accounts.loadUserByUsername("otto@slope.example").role().name())
                .isEqualTo("OWNER");
    }

    /** Told in a file that only whoever started Scree can read, and only while there is no studio; never beside a demo. */
    @Test
    void theAddressIsToldToWhoeverStartsScreeWhileNobodyIsHere() throws IOException {
        Path file = folder.resolve("address");
        DefaultApplicationArguments none = new DefaultApplicationArguments();
        new FirstRun(mapper, accounts, customs, kit, true, file.toString()).run(none);
        assertThat(file).doesNotExist();
        FirstRun starting = new FirstRun(mapper, accounts, customs, kit, false, file.toString());
        starting.run(none);
        assertThat(first.opens(Files.readString(file))).isTrue();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-------");
        starting.found(Files.readString(file), customs("S", "Europe/Oslo"), "N", "n@s.example", GOOD, false);
        assertThat(file).doesNotExist();
        starting.run(none);
        assertThat(file).doesNotExist();
    }
}
