package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Every request goes to another process than the one before; one of them dies in the middle of the work, and nobody notices. */
class TwoNodesJourneyIT extends MainLane {
    private TwoNodes both;

    @BeforeAll
    void besideTheFirst() {
        both = TwoNodes.beside(port, DemoStudio.SCHEMA, true, 0);
        port = both.port();
    }

    @AfterAll
    void alone() throws IOException {
        both.close();
    }

    @Test
    void workGoesThroughTwoProcessesByTurnsAndOutlivesOne() {
        go("/sign-in");
        signIn("loose stones");
        until(() -> seen(".bar").contains("Runa Vestby"));
        go("/clients?find=Liv");
        until(() -> seen("#found").contains("Liv"));
        click("#found .people a");
        until(() -> seen("h1").startsWith("Liv"));
        String sitting = attribute("a[href*='/sittings/']", "href").replaceAll(".*/sittings/(\\d+).*", "$1");

        go("/sittings/" + sitting + "/order");
        String before = seen(".order-steps");
        changedAndShownByTheOther("[data-school=UNDERPAINTING]", before);
        assertThat(both.answeredBySecond()).as("by turns").isGreaterThan(3);
        assertThat(both.answeredByFirst()).isGreaterThan(3);

        both.killSecond();
        String between = seen(".order-steps");
        click("#undo");
        until(() -> !seen(".order-steps").equals(between));
        assertThat(seen(".order-steps")).isEqualTo(before);
        go("/sittings/" + sitting + "/place");
        until(() -> seen("#place-drawing") != null && !seen("h1").isEmpty());
        go("/");
        until(() -> seen(".bar").contains("Runa Vestby"));
    }

    /** What one process was told, the other one shows: read four times, so that both have their turn. */
    private void changedAndShownByTheOther(String tap, String before) {
        click(tap);
        until(() -> !seen(".order-steps").equals(before));
        String after = seen(".order-steps");
        for (int i = 0; i < 4; i++) {
            browser.navigate().refresh();
            assertThat(seen(".order-steps")).as("read " + i).isEqualTo(after);
        }
    }
}
