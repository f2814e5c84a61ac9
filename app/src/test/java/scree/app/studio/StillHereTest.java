package scree.app.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.support.StaticListableBeanFactory;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.authentication.TestingAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import scree.app.Members;

/** A session that is used day and night ends all the same. */
class StillHereTest {
    private final MockHttpSession session = new MockHttpSession();

    @AfterEach
    void forget() {
        SecurityContextHolder.clearContext();
    }

    private boolean letsIn(Duration after) throws Exception {
        SecurityContextHolder.getContext().setAuthentication(new TestingAuthenticationToken(Members.RUNA, null));
        MockHttpServletRequest request = new MockHttpServletRequest();
        request.setSession(session);
        new StillHere(
                        new StaticListableBeanFactory().getBeanProvider(Accounts.class),
                        Clock.offset(Clock.systemUTC(), after))
                .doFilter(request, new MockHttpServletResponse(), new MockFilterChain());
        return SecurityContextHolder.getContext().getAuthentication() != null;
    }

    @Test
    void aWeekOldSessionIsOverAndAYoungerOneGoesOn() throws Exception {
        assertThat(letsIn(StillHere.OLDEST.minusHours(1))).isTrue();
        assertThat(session.isInvalid()).isFalse();
        assertThat(letsIn(StillHere.OLDEST.plusHours(1))).isFalse();
        assertThat(session.isInvalid()).isTrue();
    }
}
