package scree.app.remote;

import static org.assertj.core.api.Assertions.assertThat;

import io.micrometer.core.instrument.simple.SimpleMeterRegistry;
import jakarta.servlet.ServletException;
import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import scree.app.Sentences;
import scree.app.memory.Memories;

/** The narrow door: so many requests a minute from one address, on client links only. */
class RemoteRateTest {
    private final RemoteRate rate = new RemoteRate(5, new Memories(new SimpleMeterRegistry()), Sentences.all());

    private int ask(String path, String from) throws ServletException, IOException {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", path);
        request.setServletPath(path);
        request.setRemoteAddr(from);
        MockHttpServletResponse response = new MockHttpServletResponse();
        MockFilterChain chain = new MockFilterChain();
        rate.doFilter(request, response, chain);
        assertThat(chain.getRequest() != null)
                .as("let through exactly when not refused")
                .isEqualTo(response.getStatus() == 200);
        if (response.getStatus() == 429) {
            assertThat(response.getHeader("Retry-After")).isEqualTo("60");
            assertThat(response.getContentAsString()).contains("Wait a minute").contains("nothing is lost");
        }
        return response.getStatus();
    }

    @Test
    void theSixthRequestOfAMinuteHasToWaitAndOthersDoNot() throws Exception {
        for (int i = 0; i < 5; i++) {
            assertThat(ask("/from-home/abc", "192.0.2.1")).isEqualTo(200);
        }
        assertThat(ask("/from-home/another", "192.0.2.1")).isEqualTo(429);
        assertThat(ask("/from-home/abc", "192.0.2.2")).isEqualTo(200);
    }

    @Test
    void theStudiosOwnPagesAreNeverHeldUp() throws Exception {
        for (int i = 0; i < 50; i++) {
            assertThat(ask("/kit", "192.0.2.1")).isEqualTo(200);
        }
    }

    @Test
    void aFloodOfAddressesFillsNoMemory() throws Exception {
        for (int i = 0; i < 12_000; i++) {
            ask("/from-home/abc", "10." + i / 65536 + "." + i / 256 % 256 + "." + i % 256);
        }
        assertThat(rate.addresses()).isLessThanOrEqualTo(10_000);
    }
}
