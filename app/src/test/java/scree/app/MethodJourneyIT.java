package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** How one works is settled once, seen on a face before it is anybody's, and given back. */
class MethodJourneyIT extends SideLane {
    @Test
    void aMethodIsSettledForOneClientSeenOnHerFaceAndGivenBack() {
        go("/sign-in");
        signIn("loose stones");
        until(() -> seen(".bar").contains("Runa Vestby"));
        click("nav a[href='/method']");
        arrives("/method");
        until(() -> seen("h1").equals("How you work"));
        assertAccessible("method");
        assertThat(seen(".trial-says")).isEqualTo("On this face you work as the studio does.");
        click("#set-CHEEK_LINE [data-value=HOLLOW]");
        until(() -> seen(".trial-says").contains("Laid otherwise: Cheek shadow"));
        assertThat(seen("#set-CHEEK_LINE .settle-by")).contains("Settled by Runa Vestby");
        click("[data-back=CHEEK_LINE]");
        until(() -> seen("#set-CHEEK_LINE .settle-by").equals("The craft’s usual."));

        find("#set-DROP_ML input[name=value]").clear();
        find("#set-DROP_ML input[name=value]").sendKeys("a little\n");
        until(() -> seen("#set-DROP_ML").contains("Give a number from 0.01 to 0.2"));
        assertThat(attribute("#set-DROP_ML input[name=value]", "value")).isEqualTo("a little");

        go("/clients?find=Petra");
        until(() -> seen("#found").contains("Petra"));
        click("#found .people a");
        until(() -> seen("h1").startsWith("Petra"));
        click("#their-method");
        until(() -> seen("h1").startsWith("How you work with Petra"));
        click("#set-UNDER_EYE [data-value=WEDGE]");
        until(() -> seen(".method-own").contains("One thing is settled here"));
        click("#all-usual");
        until(() -> seen(".method-own").equals("Nothing is settled here."));
        assertNoSidewaysScroll();
    }
}
