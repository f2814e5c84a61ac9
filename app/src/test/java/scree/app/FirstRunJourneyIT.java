package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.support.ui.Select;
import org.springframework.test.context.TestPropertySource;
import scree.app.studio.Secrets;

/** From an empty database to the first client: a studio is founded, begins with a small kit, and works. */
@TestPropertySource(
        properties = {
            "scree.demo.enabled=false",
            "spring.datasource.hikari.schema=" + FirstRunJourneyIT.SCHEMA,
            "spring.flyway.default-schema=" + FirstRunJourneyIT.SCHEMA
        })
class FirstRunJourneyIT extends MainLane {
    static final String SCHEMA = "first_journey";
    private static final String TOKEN = "a-token-that-whoever-starts-scree-is-told";
    private static final String PASSWORD = "seven loose stones on a slope";

    @Override
    String schema() {
        return SCHEMA;
    }

    @Override
    boolean demo() {
        return false;
    }

    @Test
    void aStudioIsFoundedAndTakesItsFirstClient() {
        sql.update(
                "insert into first_run (hash) values (?) on conflict (the_one) do update set hash = excluded.hash",
                Secrets.hash(TOKEN));
        go("/first-run/" + TOKEN);
        until(() -> seen("h1").length() > 3);
        find("#studio").sendKeys("Slope & Stone");
        new Select(find("#zone")).selectByValue("Europe/Oslo");
        find("#name").sendKeys("Mara Ellstrand");
        find("#email").sendKeys("mara@slope.example");
        find("#password").sendKeys(PASSWORD);
        click("input[name=starter]");
        click("#found");
        until(() -> seen("main").contains("Choose the currency from the list"));
        assertAccessible("first run");
        assertThat(attribute("#studio", "value")).isEqualTo("Slope & Stone");
        new Select(find("#currency")).selectByValue("NOK");
        find("#password").sendKeys(PASSWORD);
        click("#found");
        arrives("/sign-in");
        find("#username").sendKeys("mara@slope.example");
        find("#password").sendKeys(PASSWORD);
        click("button.main");
        until(() -> seen(".bar").contains("Mara Ellstrand"));
        go("/kit");
        until(() -> seen("main").contains("Base, very fair"));
        go("/clients/new");
        find("#name").sendKeys("Una Brekke");
        click("form button.main");
        until(() -> seen("h1").equals("Una Brekke"));
        go("/first-run/" + TOKEN);
        until(() -> seen("main").contains("Nothing lies here"));
        assertThat(browser.findElements(By.cssSelector("#found"))).isEmpty();
    }
}
