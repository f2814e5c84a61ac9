package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** The running order as an artist meets it: by school, moved wrongly and mended, by keys, and cut to the time there is. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class OrderJourneyIT extends SideLane {
    @BeforeAll
    void comeIn() {
        signIn();
    }

    private void open(String name) {
        go("/sittings/" + newest(name) + "/order");
    }

    private List<String> steps() {
        return each("[data-step]", "data-step");
    }

    private void choose(String step) {
        click("[data-step=" + step + "]");
        until(() ->
                find("[data-stone=" + step + "]").getAttribute("aria-pressed").equals("true"));
    }

    /** A mature client's creams go in one layer; a step that is moved wrongly is named, put right by one tap, and undone by keys. */
    @Test
    @Order(1)
    void aMatureClientInOneLayerMovedWronglyAndMended() {
        open("Petra");
        click("[data-school=ONE_LAYER]");
        until(() -> steps().contains("MAIN"));
        assertThat(steps()).doesNotContain("BASE");
        List<String> before = steps();
        choose("MASCARA");
        while (steps().indexOf("MASCARA") > before.indexOf("SPRAY")) {
            List<String> now = steps();
            find("body").sendKeys("<");
            until(() -> !steps().equals(now));
        }
        assertThat(seen(".order-broken")).contains("Spray wets mascara");
        assertThat(seen(".by-hand")).contains("Moved by hand");
        for (int taps = 0; !browser.findElements(By.cssSelector("[data-mend]")).isEmpty() && taps < 8; taps++) {
            String worst = seen(".order-broken");
            click("[data-mend]");
            until(() -> !seen(".order-broken").equals(worst));
        }
        assertThat(browser.findElements(By.cssSelector(".order-broken"))).isEmpty();
        assertThat(steps().indexOf("MASCARA")).isGreaterThan(steps().indexOf("SPRAY"));
        if (!browser.findElements(By.id("anew")).isEmpty()) {
            click("#anew");
        }
        until(() -> steps().equals(before));
        assertAccessible("order");
    }

    /** A stone is dragged to another place; the order is timed anew and says what that goes against. */
    @Test
    @Order(2)
    void aStoneIsDragged() {
        open("Petra");
        List<String> before = steps();
        WebElement look = find("[data-stone=LOOK]");
        WebElement moisture = find("[data-stone=MOIST]");
        new Actions(browser)
                .clickAndHold(look)
                .moveToElement(moisture)
                .release()
                .perform();
        until(() -> !steps().equals(before) && seen(".order-broken").contains("Look over when everything has settled"));
        find("body").sendKeys("u");
        until(() -> steps().equals(before));
    }

    /** It lay one place too far: what was exchanged under the hand counted as another stone. */
    @Test
    @Order(2)
    void aStoneHeldWhileAnAnswerComesGoesWhereItIsPut() {
        open("Petra");
        List<String> before = steps();
        int to = before.indexOf("MOIST") + 3;
        new Actions(browser)
                .clickAndHold(find("[data-stone=MOIST]"))
                .moveToElement(find("[data-stone=" + before.get(to) + "]"))
                .perform();
        exchange("/sittings/" + newest("Petra") + "/order", "#order");
        new Actions(browser).moveByOffset(5, 0).release().perform();
        until(() -> !steps().equals(before));
        assertThat(steps().indexOf("MOIST")).isEqualTo(to);
        find("body").sendKeys("u");
        until(() -> steps().equals(before));
    }

    /** Both went to the place before where it lay when they were pressed, so one of them was lost. */
    @Test
    @Order(2)
    void twoQuickPressesMoveByTwoPlaces() {
        open("Petra");
        List<String> before = steps();
        choose("LOOK");
        answered();
        browser.executeScript("const earlier = document.getElementById('earlier'); earlier.click(); earlier.click()");
        answered();
        assertThat(steps().indexOf("LOOK")).isEqualTo(before.indexOf("LOOK") - 2);
        find("body").sendKeys("uu");
        until(() -> steps().equals(before));
    }

    @Test
    @Order(3)
    void shapeBeforeBaseWithCreamsOnly() {
        open("Ama");
        click("[data-school=UNDERPAINTING]");
        until(() -> steps().contains("BASE_SEAMS"));
        List<String> steps = steps();
        assertThat(steps.indexOf("SH_CHEEK")).isLessThan(steps.indexOf("BASE_SEAMS"));
        assertThat(steps.indexOf("CO_EYE")).isLessThan(steps.indexOf("SH_CHEEK"));
        assertThat(steps.indexOf("BASE_SEAMS")).isLessThan(steps.indexOf("LOOK"));
        click("#undo");
        until(() -> steps().contains("BASE"));
    }

    @Test
    @Order(4)
    void shortOfTimeTheLeastIsLeftOutAndABadNumberLosesNothing() {
        open("Liv");
        find("#order-time").sendKeys("forty");
        click("#fit-in");
        until(() -> seen("[role=alert]").contains("whole number"));
        assertThat(find("#order-time").getAttribute("value")).isEqualTo("forty");
        int whole = steps().size();
        find("#order-time").clear();
        String half = seen(".verdict").split("\\D")[0];
        find("#order-time").sendKeys(String.valueOf(Integer.parseInt(half) * 4 / 5));
        click("#fit-in");
        until(() -> seen(".cut").contains("instead of"));
        assertThat(steps()).hasSizeLessThan(whole).contains("ASK", "CLEANSE", "MOIST", "LOOK");
        String kept = find("[data-keep]").getAttribute("data-keep");
        click("[data-keep]");
        until(() -> seen(".cut").contains("Kept:"));
        assertThat(kept).isNotEmpty();
        click("#undo");
        until(() -> !seen(".cut").contains("Kept:"));
        click("#undo");
        until(() -> steps().size() == whole);
    }

    /** The numbers of the plan are those of the work: creams before powders. */
    @Test
    @Order(5)
    void theFaceChartIsNumberedInTheOrderOfTheWork() {
        open("Rasmus");
        List<String> steps = steps();
        go(browser.getCurrentUrl().replaceAll(".*(/sittings/\\d+)/.*", "$1/place"));
        Map<String, String> laidBy = Map.of(
                "CHEEK_SHADOW", "SH_CHEEK",
                "BLUSH", "BLUSH",
                "UNDER_EYE_LIGHT", "LI_EYE",
                "CHEEK_TOP_SHEEN", "SHEEN",
                "T_POWDER", "PO_T");
        TreeMap<Integer, Integer> places = new TreeMap<>();
        for (WebElement tag : browser.findElements(By.cssSelector("#place-drawing .tag"))) {
            String step = laidBy.get(tag.getAttribute("data-zone").split("\\.")[0]);
            if (step != null && steps.contains(step)) {
                places.put(
                        Integer.valueOf(
                                tag.findElement(By.cssSelector(".number")).getText()),
                        steps.indexOf(step));
            }
        }
        assertThat(places).hasSizeGreaterThan(1);
        assertThat(List.copyOf(places.values()))
                .as("in the order of the numbers")
                .isSorted();
    }
}
