package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;

/** Somebody is asked in, joins, works, and is let go. */
class PeopleJourneyIT extends MainLane {
    private static final String EMAIL = "mara@slope.example";
    private static final String GOOD = "seven loose stones on a slope";

    @BeforeAll
    void comeIn() {
        signIn();
    }

    /** Other journeys know who works here. */
    @AfterAll
    void leave() {
        sql.update("delete from invitation");
        sql.update("delete from known_device where artist_id = (select id from artist where email = ?)", EMAIL);
        sql.update("delete from client where practised_by = (select id from artist where email = ?)", EMAIL);
        sql.update(
                "update artist set removed_at = coalesce(removed_at, now()) where email = ?",
                EMAIL); // what she did stays told
    }

    @Test
    void somebodyIsAskedInJoinsWorksAndIsLetGo() {
        until(() -> seen(".bar").contains("Runa Vestby"));
        click("a.who");
        until(() -> seen(".signed-in").contains("here"));
        assertThat(browser.findElements(By.cssSelector(".signed-in strong")))
                .as("one of them is here")
                .hasSize(1);
        assertAccessible("account");
        click("#people");
        until(() -> seen(".people").contains("Bea Hallorin"));
        assertAccessible("people");
        click("#invite");
        String link = find("#fresh-person").getAttribute("value");
        go(link.substring(link.indexOf("/join/")));
        assertThat(seen("main")).contains("Runa Vestby asks you into Two chairs, travelling");
        assertAccessible("join");
        find("#name").sendKeys("Mara Ellstrand");
        find("#email").sendKeys(EMAIL);
        find("#password").sendKeys("mara");
        click("#join");
        until(() -> seen("main").contains("is guessed too easily"));
        assertThat(find("#name").getAttribute("value")).isEqualTo("Mara Ellstrand");
        find("#password").sendKeys(GOOD);
        click("#join");
        arrives("/sign-in?joined");
        find("#username").sendKeys(EMAIL);
        find("#password").sendKeys(GOOD);
        click("button.main");
        until(() -> seen("a.who").equals("Mara Ellstrand"));
        go("/account");
        assertThat(browser.findElements(By.id("people")))
                .as("an artist does not change who works here")
                .isEmpty();
        sql.update("update artist set removed_at = now(), stamp = stamp + 1 where email = ?", EMAIL);
        go("/clients");
        until(() -> browser.getCurrentUrl().contains("/sign-in"));
        signIn("loose stones");
        until(() -> seen(".bar").contains("Runa Vestby"));
        go("/people");
        assertThat(seen("[data-left]")).contains("Mara Ellstrand");
        click("[data-left] .plain");
        until(() -> seen(".people").contains("Mara Ellstrand")
                && browser.findElements(By.cssSelector("[data-left]")).isEmpty());
        whatSheMayDoIsWhatSheSees();
        signIn("loose stones");
        until(() -> seen(".bar").contains("Runa Vestby"));
        go("/people");
        long mara = sql.queryForObject("select id from artist where email = ?", Long.class, EMAIL);
        click("[data-person='" + mara + "'] form[action$='/remove'] button");
        until(() -> seen("[data-left]").contains("Mara Ellstrand"));
    }

    /** As an assistant the chair and the record, as a trainee made-up faces. */
    private void whatSheMayDoIsWhatSheSees() {
        become("ASSISTANT");
        until(() -> seen("a.who").equals("Mara Ellstrand"));
        go("/");
        until(() -> seen(".bar nav").replaceAll("\\s+", " ").equals("Today Clients"));
        assertAccessible("an assistant's day");
        click(".chairs li:first-child a.main");
        arrives("/chair");
        go("/kit");
        assertThat(seen("main")).contains("This is closed to you").contains("For all else ask the artist");
        click("form[action='/sign-out'] button");
        arrives("/sign-in");
        signIn("loose stones");
        until(() -> seen(".bar").contains("Runa Vestby"));
        become("TRAINEE");
        until(() -> seen("a.who").equals("Mara Ellstrand"));
        go("/");
        until(() -> seen(".bar nav").equals("Practice"));
        assertAccessible("practice");
        click("[data-face='4']");
        arrives("/intake");
        assertThat(seen(".ground")).contains("Wheatear");
        go("/practice");
        until(() -> seen("[data-practised]").contains("Wheatear"));
        click("form[action='/sign-out'] button");
        arrives("/sign-in");
    }

    /** The owner changes what she may do; she signs in anew. */
    private void become(String role) {
        go("/people");
        long mara = sql.queryForObject("select id from artist where email = ?", Long.class, EMAIL);
        String form = "[data-person='" + mara + "'] .role-form";
        browser.executeScript("document.querySelector(arguments[0]).value = arguments[1]", form + " select", role);
        click(form + " button");
        until(() -> seen("[data-person='" + mara + "'] small").toUpperCase().contains(role));
        click("form[action='/sign-out'] button");
        arrives("/sign-in");
        find("#username").sendKeys(EMAIL);
        find("#password").sendKeys(GOOD);
        click("button.main");
    }
}
