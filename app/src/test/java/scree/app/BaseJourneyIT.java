package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.Keys;

/** The Base stage in a browser: clocks and what they teach, powder, drops, two tones, neck, seasons, gaps. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class BaseJourneyIT extends MainLane {
    private String base;

    @BeforeAll
    void aFaceThatWasRead() {
        base = "/sittings/" + newest("Petra") + "/base";
        signIn();
    }

    /** Waiting a quarter of an hour is left to the database's clock. */
    private void aQuarterOfAnHourLater() {
        sql.update("update stripe_watch set laid_at = laid_at - interval '15 minutes'");
    }

    @Test
    @Order(1)
    void stripesKeepTheirTimeAndTeachWhatTheyDid() {
        go(base + "/stripes");
        says("h1", t -> t.matches(".*(vanishes|None vanishes).*"));
        assertAccessible("stripes");
        click(".lay-all button");
        until(() -> browser.findElements(By.cssSelector(".watched .dry-down")).size() == 3);
        go(base + "/stripes");
        assertThat(browser.findElements(By.cssSelector(".watched .dry-down")))
                .as("three at once, after a reload")
                .hasSize(3);
        says(".watched .dry-down b", t -> t.matches("\\d+:\\d\\d min"));
        aQuarterOfAnHourLater();
        go(base + "/stripes");
        until(() -> seen(".watched li .ask").contains("What do you see"));
        assertThat(seen(".watched li .learned")).contains("no stripe was watched yet");
        click(".watched li .ask .chip");
        until(() -> seen(".watched li .learned").contains("Learned from 1 watched"));
        assertThat(seen(".watched li .seen")).contains("It vanished, Runa");
        click(".watched li:nth-child(2) .ask .chip:nth-child(7)");
        until(() -> seen(".watched li:nth-child(2) .learned").contains("Learned from 1 watched"));
        assertThat(seen(".watched li:nth-child(2) .seen")).contains("Metered, Runa");
        go(base);
        says(".ranks", "Settled colour as learned from stripes");
    }

    @Test
    @Order(2)
    void lightsCoatsAndTimeChangeWhatIsSeen() {
        go(base + "/stripes");
        String day = find("#skin-run stop").getAttribute("stop-color");
        click("input[name=look][value=SHOP] + span");
        until(() -> seen("h1").contains("under shop tubes"));
        assertThat(find("#skin-run stop").getAttribute("stop-color")).isNotEqualTo(day);
        click("input[name=coat][value=THIN] + span");
        until(() -> browser.findElements(By.cssSelector("input[value=THIN]:checked"))
                        .size()
                == 1);
        answered();
        assertThat(seen("h1")).contains("under shop tubes");
        browser.executeScript("const r = document.querySelector('input[type=range]'); r.value = 0;"
                + " r.dispatchEvent(new Event('change', { bubbles: true }))");
        until(() -> seen(".slide output").equals("0.0 min"));
        assertNoSidewaysScroll();
    }

    @Test
    @Order(3)
    void aPowderIsShownInThePanAndOnSkinAndWaitsForThePrimer() {
        go(base + "?form=POWDER");
        says(".ranks li", "Left stone in the pan, right on this skin");
        says(".powder-line", "deepens as usual", "hairline");
        String usual = text(".ranks li .figure");
        browser.findElements(By.cssSelector(".powder-line .chip")).get(1).click();
        until(() -> seen(".powder-line").contains("deepens more than usual"));
        says(".ranks", t -> t.isNotEqualTo(usual));
        browser.findElements(By.cssSelector(".powder-line .chip")).get(0).click();
        until(() -> seen(".powder-line").contains("deepens as usual"));
        browser.findElements(By.cssSelector(".powder-line .chip")).get(2).click();
        until(() -> seen(".ranks").contains("The skin is still wet"));
        go(base + "?form=POWDER");
        says(".primer .dry-down", t -> t.matches("(?s).*\\d:\\d\\d min.*"));
        click(".primer .plain");
        until(() -> !seen(".ranks").contains("still wet"));
    }

    @Test
    @Order(4)
    void whereItIsMatchedIsChosenWithItsConsequence() {
        go(base);
        assertThat(all(".pebble-field a.pebble[tabindex='0']"))
                .isEqualTo(1); // sixty stones are one stop of the tab key
        find(".pebble-field a.pebble[tabindex='0']").sendKeys(Keys.ARROW_RIGHT);
        assertThat(all(".pebble-field a.pebble[tabindex='0']")).isEqualTo(1);
        assertThat(focused()).isEqualTo(attribute(".pebble-field a.pebble[tabindex='0']", "aria-label"));
        click(".where summary");
        says(".places", "Never: it is browner");
        click(".where .switch .chip:nth-child(2)");
        until(() -> seen(".where summary").contains("Check the neck"));
        go(base);
        says(".where summary", t -> t.as("kept for the sitting").contains("Outer face"));
        click(".where summary");
        click(".where .switch .chip:nth-child(1)");
        until(() -> seen(".where summary").contains("Face and neck become one colour"));
        assertThat(all(".asked > .chip[aria-pressed=true]"))
                .as("the intake said that they are to show")
                .isEqualTo(1);
        says(".ranks", t -> t.containsPattern("freckles"));
        click(".asked > .chip");
        until(() -> all(".asked > .chip[aria-pressed=true]") == 0);
        click(".asked > .chip");
        assertAccessible("base");
    }

    @Test
    @Order(5)
    void aRecipeIsTappedUndoneTriedAndTaken() {
        go(base + "/mix");
        String proposed = text("h1");
        assertAccessible("mix");
        click(".put-on .chip:nth-child(1)");
        until(() -> seen(".parts").contains("Lime White"));
        says("h1", t -> t.isNotEqualTo(proposed));
        click(".parts li:last-child .count-buttons .chip:last-child");
        until(() -> seen(".parts li:last-child .count-buttons b").equals("2"));
        says(".parts li:last-child", "One more:", "One less:");
        click("#undo");
        until(() -> seen(".parts li:last-child .count-buttons b").equals("1"));
        click("#redo");
        until(() -> seen(".parts li:last-child .count-buttons b").equals("2"));
        says(".batch", "ml needed", "costs");
        browser.executeScript("const n = document.querySelector('[name=people]'); n.value = 4;"
                + " n.dispatchEvent(new Event('change', { bubbles: true }))");
        until(() -> seen(".batch .quiet").contains("2.40 ml needed"));
        String white = text(".parts li:last-child");
        click(".tried .chip");
        until(() -> seen(".tests-logged").contains("Metered, Runa"));
        says(".parts li:last-child", t -> t.isNotEqualTo(white).contains("as tests taught"));
        click(".tried-form .chip");
        until(() -> seen(".mix-right").contains("L* is empty"));
        click(".proposed .chip");
        until(() -> browser.findElements(By.cssSelector(".proposed .chip[aria-pressed=true]"))
                        .size()
                == 1);
        click(".mix-undo .main");
        arrives("taken");
        says(".cairn", "Mix");
        click(".tests-logged .plain");
        until(() -> seen(".tests-logged").isEmpty());
    }

    @Test
    @Order(6)
    void twoTonesAreTakenTogether() {
        go(base + "/tones");
        says("h1", "inside the ring");
        assertThat(find(".tone-ring").getAttribute("d")).startsWith("M");
        assertAccessible("two tones");
        click(".pairs .main");
        arrives("taken");
        says(".tones-side .note", "inside the ring");
    }

    @Test
    @Order(7)
    void aBridgeToTheNeckIsKeptAndALightCollarWarns() {
        go(base + "/neck");
        assertThat(browser.findElements(By.cssSelector(".bridges > li"))).hasSizeGreaterThan(4);
        assertAccessible("neck");
        click(".neck-head .chip");
        until(() -> seen(".bridges").contains("Not under a light collar"));
        click(".bridges li .stone-button");
        until(() -> seen(".bridges .kept").contains("Kept"));
        go(base + "/neck");
        says(".bridges .kept", "Kept");
        String kept = text(".bridges .kept h2 span");
        click(".cairn .ground a");
        arrives("/clients/");
        says(".record", "inside the ring", kept);
        go(base + "/neck");
        assertNoSidewaysScroll();
    }

    @Test
    @Order(8)
    void theSeasonsFollowTheReadingAndTheClientsWord() {
        go(base + "/seasons");
        String proposed = text("h1");
        click(".pair-form .main");
        until(() -> !seen(".lead").contains("proposed"));
        click(".said-by .chip:nth-of-type(1)");
        until(() -> seen(".said-list").contains("Turned chalky"));
        assertThat(text("h1") + text(".lead")).isNotEqualTo(proposed);
        assertAccessible("seasons");
        browser.manage().window().setSize(new Dimension(1024, 911));
        assertNoSidewaysScroll();
        browser.manage().window().setSize(new Dimension(1280, 943));
    }

    @Test
    @Order(9)
    void theGridOfTheKitShowsGapsAndWeighsPurchases() {
        go("/kit/gaps");
        assertThat(browser.findElements(By.cssSelector(".gap-grid tbody td"))).hasSize(44);
        says(".lead", t -> t.containsPattern("\\d+ skins met by one base"));
        assertAccessible("gaps");
        find("#list").clear();
        find("#list").sendKeys("Basalt deep, 30, 10, 13, water\nBasalt odd, sixty, 1, 2");
        click(".planner .main");
        until(() -> seen(".problems").contains("Line 2: L* is no number, 'sixty'"));
        assertThat(find("#list").getAttribute("value")).contains("Basalt odd, sixty");
        says(".gains", "Basalt deep", "Meets");
        go("/kit/gaps");
        assertThat(find("#list").getAttribute("value")).as("kept as typed").contains("Basalt odd, sixty");
    }

    private long all(String css) {
        return (Long) browser.executeScript("return document.querySelectorAll(arguments[0]).length", css);
    }

    private String focused() {
        return (String) browser.executeScript("return document.activeElement.getAttribute('aria-label')");
    }
}
