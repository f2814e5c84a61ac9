package scree.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.web.servlet.FlashMap;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.studio.Accounts;
import scree.app.studio.Member;
import scree.app.studio.Role;
import scree.app.web.NotHere;

/** Who works in a studio: asked in, let go, brought back; and never a studio without an owner. */
@TestDatabase
class PeopleIT {
    private static final String GOOD = "seven loose stones on a slope";

    @Autowired
    private Ground ground;

    @Autowired
    private People people;

    @Autowired
    private InvitingLetters letters;

    @Autowired
    private Accounts accounts;

    @Autowired
    private JdbcTemplate sql;

    @Autowired
    private MockMvc http;

    private Member owner;

    @BeforeEach
    void aStudio() {
        owner = ground.artist("people");
    }

    private MockHttpServletResponse as(Member who, AbstractMockHttpServletRequestBuilder<?> asked) throws Exception {
        return http.perform(
                        who == null ? asked.with(csrf()) : asked.with(user(who)).with(csrf()))
                .andReturn()
                .getResponse();
    }

    @Test
    void whoeverFoundsIsTheOwnerAndWhoeverJoinsIsWhatTheLinkSays() {
        assertThat(people.owns(owner)).isTrue();
        assertThat(people.owns(ground.joined(owner, Role.ARTIST, "Bea Hallorin")))
                .isFalse();
        assertThat(people.owns(ground.joined(owner, Role.OWNER, "Bea Hallorin")))
                .isTrue();
        assertThat(people.all(owner.studio())).hasSize(3);
    }

    @Test
    void aLinkIsUsedOnceExpiresAndCanBeTakenBack() throws Exception {
        String token = people.invite(owner, Role.ARTIST);
        Invitation link = people.at(token).orElseThrow();
        String first = "a" + UUID.randomUUID() + "@scree.example";
        assertThat(as(
                                null,
                                post("/join/" + token)
                                        .param("name", "Bea")
                                        .param("email", first)
                                        .param("password", GOOD))
                        .getRedirectedUrl())
                .isEqualTo("/sign-in?joined");
        assertThat(as(null, get("/join/" + token)).getStatus()).isEqualTo(404);
        assertThatThrownBy(() -> people.join(link, "Twice", "t" + first, GOOD)).isInstanceOf(NotHere.class);
        String closed = people.invite(owner, Role.ARTIST);
        people.close(owner, people.at(closed).orElseThrow().id());
        assertThat(people.at(closed)).isEmpty();
        String old = people.invite(owner, Role.ARTIST);
        sql.update(
                "update invitation set expires_at = now() - interval '1 second' where studio_id = ?",
                owner.studio().value());
        assertThat(people.at(old)).isEmpty();
    }

    @Test
    void whatIsTypedWrongIsNamedAndTheLinkStillOpens() throws Exception {
        String token = people.invite(owner, Role.ARTIST);
        String page = as(
                        null,
                        post("/join/" + token)
                                .param("name", "Bea")
                                .param("email", owner.email())
                                .param("password", GOOD))
                .getContentAsString();
        assertThat(page)
                .contains("already: take another address")
                .contains("value=\"Bea\"")
                .doesNotContain(GOOD);
        page = as(
                        null,
                        post("/join/" + token)
                                .param("name", " ")
                                .param("email", "x")
                                .param("password", "bea12345"))
                .getContentAsString();
        assertThat(page).contains("is empty: fill it in", "like name@place.example", "is guessed too easily");
        assertThat(people.at(token)).isPresent();
    }

    @Test
    void anotherPasswordIsChosenByALinkAndTheOldOneIsOver() throws Exception {
        Member bea = ground.joined(owner, Role.ARTIST, "Bea Hallorin");
        String token = people.reset(owner, bea.artistId());
        assertThat(as(null, get("/join/" + token)).getContentAsString())
                .contains("Bea Hallorin, choose another password");
        as(null, post("/join/" + token).param("password", "nine wet pebbles in a row"));
        assertThat(accounts.gone(bea)).as("sessions of before").isTrue();
        Member again = accounts.loadUserByUsername(bea.email());
        assertThat(accounts.isPassword(again, "nine wet pebbles in a row")).isTrue();
        assertThat(accounts.isPassword(again, GOOD)).isFalse();
    }

    @Test
    void whoIsLetGoIsOutAtTheNextRequestAndCanBeBroughtBack() throws Exception {
        Member bea = ground.joined(owner, Role.OWNER, "Bea Hallorin");
        String beas = people.invite(bea, Role.OWNER);
        people.remove(owner, bea.artistId());
        assertThat(accounts.gone(bea)).isTrue();
        assertThatThrownBy(() -> accounts.loadUserByUsername(bea.email()))
                .isInstanceOf(UsernameNotFoundException.class);
        assertThat(people.at(beas)).as("their links open no more").isEmpty();
        assertThat(people.left(owner.studio())).extracting(Person::id).containsExactly(bea.artistId());
        people.back(owner, bea.artistId());
        assertThat(people.owns(accounts.loadUserByUsername(bea.email())))
                .as("as an artist")
                .isFalse();
    }

    @Test
    void theLastOwnerNeitherLeavesNorSteps() throws Exception {
        Member bea = ground.joined(owner, Role.ARTIST, "Bea Hallorin");
        assertThatThrownBy(() -> people.remove(owner, owner.artistId())).isInstanceOf(People.LastOwner.class);
        assertThatThrownBy(() -> people.role(owner, owner.artistId(), Role.ARTIST))
                .isInstanceOf(People.LastOwner.class);
        assertThat(as(owner, post("/people/" + owner.artistId() + "/remove")).getRedirectedUrl())
                .isEqualTo("/people");
        people.role(owner, bea.artistId(), Role.OWNER);
        people.remove(owner, owner.artistId());
        assertThat(people.all(bea.studio())).extracting(Person::id).containsExactly(bea.artistId());
    }

    /** The studio's lock lets one of them through; the other is no owner any more. */
    @Test
    void ofTwoOwnersWhoRemoveEachOtherAtOnceOneStays() {
        Member bea = ground.joined(owner, Role.OWNER, "Bea Hallorin");
        Stream.of(
                        CompletableFuture.runAsync(() -> people.remove(owner, bea.artistId())),
                        CompletableFuture.runAsync(() -> people.remove(bea, owner.artistId())))
                .toList()
                .forEach(f -> f.exceptionally(late -> null).join());
        assertThat(people.all(owner.studio()))
                .singleElement()
                .satisfies(p -> assertThat(p.owner()).isTrue());
    }

    /** Whoever is no owner is refused; whoever is of another studio finds nothing there. */
    @Test
    void nobodyElseChangesWhoWorksHere() throws Exception {
        Member bea = ground.joined(owner, Role.ARTIST, "Bea Hallorin");
        Member stranger = ground.artist("stranger");
        long invitation =
                people.at(people.invite(owner, Role.ARTIST)).orElseThrow().id();
        List<String> ways = List.of(
                "/people/invite",
                "/people/" + owner.artistId() + "/remove",
                "/people/" + owner.artistId() + "/reset",
                "/people/" + bea.artistId() + "/role?role=OWNER",
                "/people/" + bea.artistId() + "/back",
                "/people/invitations/" + invitation + "/close");
        for (String way : ways) {
            assertThat(as(bea, post(way)).getStatus()).as(way).isEqualTo(403);
        }
        assertThat(as(bea, get("/people")).getStatus()).isEqualTo(403);
        for (String way : ways.subList(1, 5)) {
            assertThat(as(stranger, post(way)).getStatus())
                    .as("stranger " + way)
                    .isEqualTo(404);
        }
        as(stranger, post(ways.get(5)));
        assertThat(people.open(owner.studio())).as("still open").hasSize(1);
        assertThat(people.all(owner.studio())).hasSize(2);
        assertThat(as(null, get("/people")).getRedirectedUrl()).startsWith("/sign-in");
    }

    @Test
    void anInvitationGoesByLetterAndIsTakenBackWithIt() {
        letters.send(owner, Role.TRAINEE, "una@slope.example", "https://scree.example");
        Map<String, Object> letter = letter();
        assertThat(letter).containsEntry("to_address", "una@slope.example").containsEntry("state", "WAITING");
        String body = (String) letter.get("body");
        String token = body.replaceAll("(?s).*https://scree.example/join/(\\S+).*", "$1");
        Invitation invitation = people.at(token).orElseThrow();
        assertThat(invitation.role()).isEqualTo(Role.TRAINEE);
        letters.close(owner, invitation.id());
        assertThat(people.at(token)).isEmpty();
        assertThat(letter()).containsEntry("state", "WITHDRAWN").containsEntry("body", null);
    }

    @Test
    void whatIsNoAddressIsSaidAndStaysAsTyped() throws Exception {
        for (String wrong : List.of("una", "a b@slope.example", "x@y.example\nBcc: all@slope.example")) {
            FlashMap said = http.perform(post("/people/invite")
                            .param("email", wrong)
                            .with(user(owner))
                            .with(csrf()))
                    .andReturn()
                    .getFlashMap();
            assertThat(said.get("refused")).asString().contains("is no address");
            assertThat(said.get("typedEmail")).isEqualTo(wrong);
        }
        assertThat(people.open(owner.studio())).isEmpty();
    }

    /** A studio without a place of its own keeps the machine's: the list showed its first place, and keeping another name moved the studio there. */
    @Test
    void keepingAnotherNameMovesNoStudio() throws Exception {
        String page = as(owner, get("/people")).getContentAsString();
        Matcher shown = Pattern.compile("<select id=\"zone\".*?<option value=\"([^\"]*)\"\\s+selected", Pattern.DOTALL)
                .matcher(page);
        assertThat(shown.find()).isTrue();
        as(
                owner,
                post("/people/studio")
                        .param("name", "Slope & Stone")
                        .param("zone", shown.group(1))
                        .param("currency", "XOF")
                        .param("units", "METRIC"));
        assertThat(sql.queryForMap(
                        "select name, time_zone, currency from studio where id = ?",
                        owner.studio().value()))
                .containsEntry("name", "Slope & Stone")
                .containsEntry("time_zone", null)
                .containsEntry("currency", "XOF");
    }

    private Map<String, Object> letter() {
        return sql.queryForMap(
                "select to_address, state, body from letter where studio_id = ?",
                owner.studio().value());
    }
}
