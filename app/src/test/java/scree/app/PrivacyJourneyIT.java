package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;

/** A client goes out as a file, is taken in, agrees and withdraws, is erased, and taken in again. The concert's own clients stay as they are. */
class PrivacyJourneyIT extends SideLane {
    private static final String NAME = "Odd";

    @Test
    void aClientIsGivenAwayTakenInErasedAndTakenInAgain() throws IOException {
        go("/sign-in");
        signIn("loose stones");
        until(() -> seen(".bar").contains("Runa Vestby"));
        go("/clients?find=" + NAME);
        until(() -> seen("#found").contains(NAME));
        click("#found .people a");
        until(() -> seen("h1").contains(NAME));
        String whole = seen("h1");
        String sittings = seen(".record");
        click("a[href$='/kept']");
        until(() -> seen("h1").contains("What is kept of " + whole));
        assertAccessible("what is kept");
        Path file = files.resolve("client.zip");
        Files.write(file, fetched(attribute("#give-away", "href")));
        long copy = takenIn(file);
        assertThat(seen("h1")).isEqualTo(whole);
        assertThat(seen(".record")).as("the same record").isEqualTo(sittings);

        go("/clients/" + copy + "/kept");
        assertThat(seen(".consents")).as("came along").contains("takes pictures of my face");
        click(".consents form button");
        until(() -> seen(".note").contains("picture"));
        assertThat(seen(".consents")).contains("Withdrawn on");
        click("input[value='HEALTH']");
        click("#give");
        until(() -> browser.findElements(By.cssSelector(".consents form")).size() == 1);
        go("/clients/" + copy);
        assertThat(browser.findElements(By.cssSelector(".record .shot img"))).isEmpty();

        go("/clients/" + copy + "/kept");
        find("#erase-name").sendKeys("somebody else");
        click("#erase-now");
        until(() -> seen("main").contains("Nothing was erased: type the name"));
        find("#erase-name").sendKeys(whole);
        click("#erase-now");
        until(() -> seen("main").contains("nothing of this client is left"));
        assertAccessible("the proof");
        go("/clients/" + copy);
        until(() -> seen("main").contains("Nothing lies here"));

        long again = takenIn(file);
        assertThat(seen(".record")).isEqualTo(sittings);
        go("/keeping");
        assertAccessible("who did what");
        until(() -> seen(".audit").contains("client " + copy + ", erased"));
        go("/clients/" + again + "/kept");
        find("#erase-name").sendKeys(whole);
        click("#erase-now");
        arrives("/clients/erased");
    }

    private long takenIn(Path file) {
        go("/clients/take-in");
        find("#file").sendKeys(file.toString());
        click("#take-in");
        until(() -> browser.getCurrentUrl().matches(".*/clients/\\d+"));
        return Long.parseLong(browser.getCurrentUrl().replaceAll(".*/", ""));
    }
}
