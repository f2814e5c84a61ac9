package scree.app.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;

import jakarta.servlet.http.Cookie;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.studio.Member;
import scree.app.studio.Secrets;

/** An artist's own account, with real sessions. */
@TestDatabase
class AccountIT {
    private static final String OTHER = "nine wet pebbles in a row";

    @Autowired
    private Ground ground;

    @Autowired
    private MockMvc http;

    private Member me;

    @BeforeEach
    void anArtist() {
        me = ground.artist("account");
    }

    private Cookie signIn(String password) throws Exception {
        MockHttpServletResponse response = http.perform(post("/sign-in")
                        .param("username", me.email())
                        .param("password", password)
                        .with(csrf()))
                .andExpect(redirectedUrl("/"))
                .andReturn()
                .getResponse();
        return session(response);
    }

    /** Returns the session's own among the cookies, or null. */
    private static Cookie session(MockHttpServletResponse response) {
        return response.getCookie("SESSION");
    }

    private MockHttpServletResponse as(Cookie session, AbstractMockHttpServletRequestBuilder<?> asked)
            throws Exception {
        return http.perform(asked.cookie(session).with(csrf())).andReturn().getResponse();
    }

    private boolean in(Cookie session) throws Exception {
        return as(session, get("/account")).getStatus() == 200;
    }

    @Test
    void anotherPasswordKeepsThisSessionAndEndsAllOthers() throws Exception {
        Cookie here = signIn(Ground.PASSWORD);
        Cookie there = signIn(Ground.PASSWORD);
        MockHttpServletResponse changed =
                as(here, post("/account/password").param("now", Ground.PASSWORD).param("other", OTHER));
        assertThat(changed.getRedirectedUrl()).isEqualTo("/account");
        Cookie after = session(changed);
        assertThat(after).as("the session gets another number").isNotNull();
        assertThat(in(after)).isTrue();
        assertThat(in(there)).isFalse();
        assertThat(in(here)).isFalse();
        assertThat(in(signIn(OTHER))).isTrue();
    }

    @Test
    void aWrongOrWeakPasswordChangesNothingAndSaysWhy() throws Exception {
        Cookie here = signIn(Ground.PASSWORD);
        assertThat(as(here, post("/account/password").param("now", "guess").param("other", OTHER))
                        .getContentAsString())
                .contains("not your present password")
                .doesNotContain(OTHER);
        for (String weak : List.of("", "password1", me.email(), "ä".repeat(40))) {
            assertThat(as(
                                    here,
                                    post("/account/password")
                                            .param("now", Ground.PASSWORD)
                                            .param("other", weak))
                            .getContentAsString())
                    .as(weak)
                    .contains("New password is ");
        }
        assertThat(in(signIn(Ground.PASSWORD))).isTrue();
    }

    /** Whoever found a tablet signed in cannot guess on and on. */
    @Test
    void guessingThePresentPasswordTires() throws Exception {
        Cookie here = signIn(Ground.PASSWORD);
        String last = "";
        for (int i = 0; i < 8; i++) {
            last = as(here, post("/account/password").param("now", "guess " + i).param("other", OTHER))
                    .getContentAsString();
        }
        assertThat(last).contains("Wait").doesNotContain("not your present password");
    }

    private static String handle(Cookie session) {
        return Secrets.hash(new String(Base64.getDecoder().decode(session.getValue()), StandardCharsets.UTF_8));
    }

    @Test
    void aSessionElsewhereIsEndedAndNobodyElsesIs() throws Exception {
        Cookie here = signIn(Ground.PASSWORD);
        Cookie there = signIn(Ground.PASSWORD);
        assertThat(as(here, get("/account")).getContentAsString())
                .contains("/account/places/" + handle(there) + "/end")
                .doesNotContain(new String(Base64.getDecoder().decode(there.getValue()), StandardCharsets.UTF_8));
        me = ground.artist("stranger");
        as(signIn(Ground.PASSWORD), post("/account/places/" + handle(there) + "/end"));
        assertThat(in(there)).as("a stranger ends nothing").isTrue();
        as(here, post("/account/places/" + handle(there) + "/end"));
        assertThat(in(there)).isFalse();
        assertThat(in(here)).isTrue();
    }

    /** Whoever tries another's account is seen by them, and learns nothing themselves. */
    @Test
    void everybodySeesWhenTheyCameInAndWhoTried() throws Exception {
        for (String account : List.of(me.email(), "nobody@scree.example")) {
            http.perform(post("/sign-in")
                            .param("username", account)
                            .param("password", "guess")
                            .with(csrf()))
                    .andExpect(redirectedUrl("/sign-in?failed"));
        }
        String page = as(signIn(Ground.PASSWORD), get("/account")).getContentAsString();
        assertThat(page).contains("a wrong password").contains("in a browser that was not here before");
        String others = http.perform(
                        get("/account")
                                .with(org.springframework.security.test.web.servlet.request
                                        .SecurityMockMvcRequestPostProcessors.user(ground.artist("other"))))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(others).doesNotContain("a wrong password");
    }
}
