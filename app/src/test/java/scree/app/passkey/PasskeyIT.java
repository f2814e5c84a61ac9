package scree.app.passkey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.people.People;
import scree.app.studio.Accounts;
import scree.app.studio.Member;
import scree.app.studio.Role;
import scree.app.web.NotHere;

/** What a stranger can try at the second door, and what somebody else of the studio can. */
@TestDatabase
class PasskeyIT {
    @Autowired
    private Ground ground;

    @Autowired
    private Passkeys keys;

    @Autowired
    private PasskeyMapper mapper;

    @Autowired
    private PasskeyOwners owners;

    @Autowired
    private People people;

    @Autowired
    private Accounts accounts;

    @Autowired
    private MockMvc http;

    private Member me;

    @BeforeEach
    void somebodyWithAKey() {
        me = ground.artist("passkey");
    }

    private long key(Member of, String label) {
        byte[] handle = (of.email() + "--------handle").getBytes(StandardCharsets.UTF_8);
        mapper.putOwner(of.studio(), of.artistId(), Arrays.copyOf(handle, 32));
        OffsetDateTime now = OffsetDateTime.now();
        byte[] credential = UUID.randomUUID().toString().getBytes(StandardCharsets.US_ASCII);
        mapper.putKey(
                of.studio(),
                of.artistId(),
                new PasskeyMapper.Key(
                        0,
                        credential,
                        null,
                        new byte[] {1},
                        0,
                        true,
                        false,
                        false,
                        "internal",
                        null,
                        null,
                        label,
                        now,
                        now));
        return keys.of(of).get(0).id();
    }

    private MockHttpServletResponse sent(MockHttpServletRequestBuilder request, String body) throws Exception {
        return http.perform(request.contentType(MediaType.APPLICATION_JSON)
                        .content(body)
                        .with(csrf()))
                .andReturn()
                .getResponse();
    }

    @Test
    void anAnswerToNoQuestionOpensNothing() throws Exception {
        for (String answer : new String[] {"", "{}", "[]", "null", "{\"id\":\"x\"}", "x".repeat(100_000)}) {
            assertThat(sent(post("/sign-in/passkey"), answer).getStatus())
                    .as(answer)
                    .isBetween(400, 401);
            assertThat(sent(post("/account/passkeys").param("label", "mine").with(user(me)), answer)
                            .getStatus())
                    .as(answer)
                    .isEqualTo(400);
        }
        assertThat(keys.of(me)).isEmpty();
    }

    @Test
    void whoAsksTooOftenWaitsAndNobodyElse() throws Exception {
        int status = 200;
        for (int i = 0; i < 80 && status == 200; i++) {
            status = sent(
                            post("/sign-in/passkey/question").with(r -> {
                                r.setRemoteAddr("192.0.2.7");
                                return r;
                            }),
                            "")
                    .getStatus();
        }
        assertThat(status).isEqualTo(429);
        assertThat(sent(
                                post("/sign-in/passkey/question").with(r -> {
                                    r.setRemoteAddr("192.0.2.8");
                                    return r;
                                }),
                                "")
                        .getStatus())
                .isEqualTo(200);
    }

    @Test
    void aKeyIsForgottenByItsOwnerAlone() {
        long key = key(me, "my tablet");
        Member other = ground.joined(me, Role.OWNER, "Second");
        assertThatThrownBy(() -> keys.forget(other, key)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> keys.forget(ground.artist("passkey-elsewhere"), key))
                .isInstanceOf(NotHere.class);
        keys.forget(me, key);
        assertThat(keys.of(me)).isEmpty();
    }

    @Test
    void anotherPasswordByAnOwnersLinkForgetsAllKeys() {
        Member other = ground.joined(me, Role.ARTIST, "Fourth");
        key(other, "made by whoever had the tablet");
        String link = people.reset(me, other.artistId());
        people.choose(people.at(link).orElseThrow(), "seven loose stones on a slope");
        assertThat(keys.of(other)).isEmpty();
    }

    @Test
    void whoLeftIsNotKnownByTheirKey() {
        Member leaving = ground.joined(me, Role.ARTIST, "Third");
        key(leaving, "stick");
        assertThat(owners.findByUsername(leaving.email())).isNotNull();
        accounts.remove(leaving.studio(), leaving.artistId());
        assertThat(owners.findByUsername(leaving.email())).isNull();
    }
}
