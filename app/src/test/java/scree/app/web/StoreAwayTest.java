package scree.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.BDDMockito.given;
import static org.mockito.Mockito.mock;

import jakarta.servlet.ServletException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentMatchers;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.IContext;

/** While the database is away every page says so, comes back by itself, and hides no fault of our own. */
class StoreAwayTest {
    private final MockHttpServletResponse response = new MockHttpServletResponse();
    private StoreAway filter;

    @BeforeEach
    @SuppressWarnings("unchecked")
    void aPageThatTellsWhatItIsGiven() {
        ITemplateEngine engine = mock(ITemplateEngine.class);
        given(engine.process(ArgumentMatchers.eq("away"), ArgumentMatchers.any(IContext.class)))
                .willAnswer(
                        call -> "away again=" + call.<IContext>getArgument(1).getVariable("again"));
        ObjectProvider<ITemplateEngine> pages = mock(ObjectProvider.class);
        given(pages.getObject()).willReturn(engine);
        filter = new StoreAway(pages);
    }

    @Test
    void aStoreThatIsAwayBecomesAPageThatComesBackByItself() throws Exception {
        filter.doFilter(new MockHttpServletRequest("GET", "/clients"), response, (q, r) -> {
            throw new CannotGetJdbcConnectionException("refused");
        });
        assertThat(response.getStatus()).isEqualTo(503);
        assertThat(response.getHeader("Retry-After")).isEqualTo("5");
        assertThat(response.getHeader("Content-Security-Policy")).contains("default-src 'self'");
        assertThat(response.getContentAsString()).isEqualTo("away again=true");
    }

    @Test
    void aFormThatWasSentIsNotSentAgainByItself() throws Exception {
        filter.doFilter(new MockHttpServletRequest("POST", "/clients/new"), response, (q, r) -> {
            throw new ServletException(new CannotGetJdbcConnectionException("refused"));
        });
        assertThat(response.getContentAsString()).isEqualTo("away again=false");
    }

    @Test
    void aFaultOfOurOwnStaysOne() {
        assertThatThrownBy(() -> filter.doFilter(new MockHttpServletRequest("GET", "/"), response, (q, r) -> {
                    throw new IllegalStateException("ours");
                }))
                .hasMessage("ours");
        assertThat(response.getStatus()).isEqualTo(200);
    }
}
