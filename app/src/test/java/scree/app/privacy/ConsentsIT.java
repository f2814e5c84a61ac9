package scree.app.privacy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.Twelve;
import scree.app.client.Clients;
import scree.app.picture.Upload;
import scree.app.skin.Readings;
import scree.app.studio.Member;
import scree.app.web.BadInput;
import scree.app.web.NotHere;

/** What is withdrawn goes at once and nothing else does; what is over goes by itself; and it is told who did what. */
@TestDatabase
class ConsentsIT {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 3);

    @Autowired
    private Ground ground;

    @Autowired
    private Consents consents;

    @Autowired
    private KeepingRule rule;

    @Autowired
    private Audit audit;

    @Autowired
    private Clients clients;

    @Autowired
    private Readings readings;

    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcTemplate sql;

    private Member me;
    private long client;
    private long sitting;

    @BeforeEach
    void aClientWithAPicture() {
        me = ground.artist("consents");
        client = ground.client(me, "lanolin");
        sitting = ground.sitting(me, client);
        ground.seat(me, sitting, 3);
        sql.update("update client set email = 'petra@home.example' where id = ?", client);
    }

    private long given(Consent.Cover... covers) {
        consents.give(me, client, DAY, Set.of(covers), "As it was asked.");
        return consents.of(me.studio(), client).get(0).id();
    }

    private long count(String table) {
        return sql.queryForObject("select count(*) from " + table + " where sitting_id = ?", Long.class, sitting);
    }

    @Test
    void withoutConsentToPicturesTheyAndWhatWasReadInThemAreGone() {
        long consent = given(Consent.Cover.PICTURES, Consent.Cover.HEALTH);
        assertThat(clients.get(me.studio(), client).consentOn()).isEqualTo(DAY);
        Map<String, Integer> went = consents.withdraw(me, client, consent);
        assertThat(went).containsEntry("pictures", 1).containsKey("points").containsEntry("health", 1);
        for (String table : List.of("picture", "reading", "step")) {
            assertThat(count(table)).as(table).isZero();
        }
        assertThat(clients.get(me.studio(), client))
                .satisfies(c -> assertThat(c.consentOn()).isNull())
                .satisfies(c -> assertThat(c.allergies()).isNull())
                .satisfies(c ->
                        assertThat(c.email()).as("letters were not withdrawn").isEqualTo("petra@home.example"));
        assertThat(consents.of(me.studio(), client).get(0))
                .satisfies(c -> assertThat(c.holds()).isFalse())
                .satisfies(c -> assertThat(c.wording()).isEqualTo("As it was asked."));
        assertThatThrownBy(() -> consents.withdraw(me, client, consent))
                .as("twice")
                .isInstanceOf(NotHere.class);
    }

    @Test
    void noPictureIsTakenUntilItIsAgreedToAgain() {
        consents.withdraw(me, client, given(Consent.Cover.PICTURES));
        Upload picture = Upload.of(Twelve.portrait(3));
        assertThatThrownBy(() -> readings.take(me.studio(), sitting, picture)).isInstanceOf(BadInput.class);
        assertThat(count("picture")).isZero();
        given(Consent.Cover.PICTURES);
        readings.take(me.studio(), sitting, picture);
        assertThat(count("picture")).isOne();
    }

    /** Two papers were signed; the one that is withdrawn takes along only what the other does not cover. */
    @Test
    void whatAnotherConsentCoversStays() {
        given(Consent.Cover.PICTURES);
        long both = given(Consent.Cover.PICTURES, Consent.Cover.LETTERS);
        assertThat(consents.withdraw(me, client, both)).containsOnlyKeys("letters");
        assertThat(count("picture")).isOne();
        assertThat(clients.get(me.studio(), client).email()).isNull();
    }

    @Test
    void ofAnotherStudioNothingIsWithdrawn() {
        long consent = given(Consent.Cover.PICTURES);
        Member stranger = ground.artist("stranger");
        assertThatThrownBy(() -> consents.withdraw(stranger, client, consent)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> consents.give(stranger, client, DAY, Set.of(Consent.Cover.HEALTH), "x"))
                .isInstanceOf(NotHere.class);
        assertThat(count("picture")).isOne();
    }

    @Test
    void whatIsOverGoesByItselfAndIsCounted() {
        rule.keepUp(me.studio());
        assertThat(rule.log(me.studio())).as("without a rule nothing goes").isEmpty();
        rule.rule(me, new KeepingRule.Rule(30, 5));
        long old = ground.client(me, null);
        ground.sitting(me, old);
        sql.update("update sitting set came_in_at = now() - interval '31 days' where id = ?", sitting);
        rule.keepUp(me.studio());
        assertThat(count("picture")).isZero();
        assertThat(rule.log(me.studio())).singleElement().satisfies(l -> {
            assertThat(l.what()).isEqualTo("FROM_HOME");
            assertThat(l.client()).isEqualTo(client);
            assertThat(l.counted()).contains("1");
        });
        sql.update("update sitting set starts_at = now() - interval '6 years' where client_id = ?", old);
        rule.keepUp(me.studio());
        assertThat(clients.search(me.studio(), ""))
                .as("one who was entered lately stays")
                .hasSize(2);
        sql.update("update client set created_at = now() - interval '6 years' where id in (?, ?)", old, client);
        rule.keepUp(me.studio());
        assertThat(clients.search(me.studio(), ""))
                .singleElement()
                .satisfies(c -> assertThat(c.id()).as("who sat lately stays").isEqualTo(client));
        assertThat(rule.log(me.studio())).hasSize(2);
        assertThat(rule.rule(me.studio())).isEqualTo(new KeepingRule.Rule(30, 5));
    }

    @Test
    void whoLooksAndWhoWorksIsToldOnceAnHourAPage() throws Exception {
        for (int i = 0; i < 3; i++) {
            ask(get("/sittings/" + sitting + "/intake"));
        }
        ask(get("/clients/" + client));
        ask(post("/sittings/" + sitting + "/skin/template"));
        ask(get("/clients/999999999"));
        assertThat(audit.newest(me.studio(), client))
                .extracting(l -> l.act() + " " + l.page())
                .containsExactly("CHANGED skin", "SAW null", "SAW intake");
        assertThat(audit.newest(ground.artist("stranger").studio(), null)).isEmpty();
    }

    private MockHttpServletResponse ask(
            org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder<?> what)
            throws Exception {
        return http.perform(what.with(user(me)).with(csrf()).header("Accept", "text/html"))
                .andReturn()
                .getResponse();
    }

    @Test
    void whatIsMistypedIsSaidAndChangesNothing() throws Exception {
        ask(post("/clients/" + client + "/consent").param("givenOn", "2026-11-03"));
        ask(post("/clients/" + client + "/consent").param("covers", "PICTURES").param("givenOn", "2999-01-01"));
        assertThat(consents.of(me.studio(), client)).isEmpty();
        ask(post("/clients/" + client + "/erase").param("name", "Petra"));
        assertThat(clients.get(me.studio(), client).name()).isEqualTo("Petra Kvist");
        for (String days : List.of("0", "-1", "3651", "soon", "1e3")) {
            ask(post("/keeping").param("homeDays", days));
        }
        assertThat(rule.rule(me.studio())).isEqualTo(new KeepingRule.Rule(null, null));
        ask(post("/clients/" + client + "/erase").param("name", " petra kvist "));
        assertThatThrownBy(() -> clients.get(me.studio(), client)).isInstanceOf(NotHere.class);
    }
}
