package scree.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** A day of twelve faces and three artists built from nothing; one is late, one leaves at noon, a stone is dragged; the call sheet. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class DayJourneyIT extends SideLane {
    private static final LocalDate DAY = LocalDate.now().plusDays(50);
    private static final int FACES = 12;

    private long odile;

    @BeforeAll
    void comeIn() {
        Long studio = sql.queryForObject("select studio_id from artist where email = 'runa@scree.example'", Long.class);
        odile = sql.queryForObject(
                "insert into artist (studio_id, name, email, password_hash) values (?, 'Odile Marsk', 'odile@scree.example', 'x') returning id",
                Long.class,
                studio);
        signIn();
    }

    /** Other journeys know two artists and their days. */
    @AfterAll
    void leave() {
        sql.update("delete from sitting where event_id in (select id from event where day = ?)", DAY);
        sql.update("delete from event where day = ?", DAY);
        sql.update("delete from artist where id = ?", odile);
    }

    private List<WebElement> all(String css) {
        return browser.findElements(By.cssSelector(css));
    }

    /** Seats as drawn: artist, first minute. */
    private List<int[]> seats() {
        List<int[]> seats = new ArrayList<>();
        all(".seat")
                .forEach(s -> seats.add(new int[] {
                    Integer.parseInt(s.getAttribute("data-artist")), Integer.parseInt(s.getAttribute("data-minute"))
                }));
        return seats;
    }

    private void set(String css, String value) {
        browser.executeScript("const e = document.querySelector(arguments[0]); e.value = arguments[1]", css, value);
    }

    private String ready(int i) {
        return DAY.atTime(10 + i / 2, 30 * (i % 2)).toString();
    }

    @Test
    @Order(1)
    void aDayIsBuiltFromNothing() {
        go("/days/" + DAY);
        assertThat(seen("main")).contains("No one sits that day");
        click(".days a[href*='/events/new']");
        find("#name").sendKeys("Boathouse premiere");
        click("input[name='works." + odile + "']");
        all("input[name^='works.']").stream().filter(e -> !e.isSelected()).forEach(WebElement::click);
        all("input[name^='until.']").forEach(e -> set("[name='" + e.getAttribute("name") + "']", "17:00"));
        find("#chairs").clear();
        click("form[method=post] button.main");
        until(() -> seen("[role=alert]").contains("1 to 12 chairs"));
        assertThat(find("#name").getAttribute("value"))
                .as("nothing typed is lost")
                .isEqualTo("Boathouse premiere");
        find("#chairs").clear();
        find("#chairs").sendKeys("3");
        assertAccessible("set up a day");
        click("form[method=post] button.main");
        arrives("/days/" + DAY);
        for (int i = 0; i < FACES; i++) {
            int before = i;
            find("body").sendKeys("n");
            int nth = i;
            until(() -> all(".people-stones button").size() >= FACES
                    && !all(".people-stones button").get(nth).getText().isEmpty());
            browser.executeScript(
                    "arguments[0].click()", all(".people-stones button").get(nth));
            until(() -> seats().size() == before + 1 && !all(".desk .terms").isEmpty());
            set("#ready", ready(i));
            set("#terms-minutes", "50");
            browser.executeScript("document.querySelector('.desk .terms button').click()");
            until(() -> all(".desk .terms").isEmpty());
        }
        assertNoSidewaysScroll();
    }

    @Test
    @Order(2)
    void itIsPlannedShownAndTaken() {
        find("body").sendKeys("p");
        until(() -> seen(".asked-board").contains("Nothing better is possible"));
        assertAccessible("what would change");
        find("body").sendKeys("y");
        until(() -> all(".asked-board").isEmpty() && seats().size() == FACES);
        assertThat(all(".troubles li")).as("all are ready in time").isEmpty();
        until(() -> seen(".watch").contains("one to watch") || seen(".watch").contains("Nobody is tight"));
        assertAccessible("a planned day");
    }

    @Test
    @Order(3)
    void oneIsLateAndItIsUndone() {
        List<String> before = times();
        browser.executeScript(
                "document.querySelector('.seat .times').dispatchEvent(new MouseEvent('click', {bubbles: true, cancelable: true}))");
        until(() -> !all(".late-taps").isEmpty());
        browser.executeScript("document.querySelectorAll('.late-taps form')[2].querySelector('button').click()");
        until(() ->
                seen(".asked-board").contains("is late") && seen(".asked-board").contains("later"));
        find("body").sendKeys("y");
        until(() -> all(".asked-board").isEmpty() && !times().equals(before));
        find("body").sendKeys("u");
        until(() -> times().equals(before));
    }

    private List<String> times() {
        return all(".seat .times text").stream().map(WebElement::getText).toList();
    }

    @Test
    @Order(4)
    void aStoneIsDraggedToAnotherArtistAndStays() {
        answered();
        WebElement stone = all(".seat .sitting").get(0);
        String who = stone.getAttribute("aria-label").split(",")[0];
        String artist = find(".seat").getAttribute("data-artist");
        List<WebElement> rows = all(".row");
        String other = rows.stream()
                .map(r -> r.getAttribute("data-artist"))
                .filter(a -> !a.equals(artist))
                .findFirst()
                .orElseThrow();
        int by = (int) (rowY(other) - rowY(artist));
        new Actions(browser)
                .moveToElement(stone)
                .clickAndHold()
                .moveByOffset(10, by / 2)
                .moveByOffset(0, by - by / 2)
                .release()
                .perform();
        until(() -> seen(".asked-board").contains("If " + who + " moves")
                && seen(".asked-board").contains("stays where it is"));
        find("body").sendKeys("y");
        until(() -> all(".asked-board").isEmpty() && !all(".wedge").isEmpty());
        assertThat(all(".seat[data-artist='" + other + "'] .sitting[aria-label^='" + who + "']"))
                .hasSize(1);
    }

    /** Where it was put was then measured on the drawing that was gone. */
    @Test
    @Order(5)
    void aStoneHeldWhileAnAnswerComesIsAskedFor() {
        answered();
        WebElement stone = all(".seat .sitting").get(1);
        String who = stone.getAttribute("aria-label").split(",")[0];
        String seat = ".seat[data-sitting='" + all(".seat").get(1).getAttribute("data-sitting") + "']";
        double minute = Double.parseDouble(attribute(seat, "data-minute"));
        double minutesOfPixel = ((Number) browser.executeScript("const svg = document.querySelector('svg.day');"
                        + " return 1 / svg.getScreenCTM().a / svg.closest('.event-day').dataset.perMinute"))
                .doubleValue();
        new Actions(browser)
                .moveToElement(stone)
                .clickAndHold()
                .moveByOffset(30, 0)
                .perform();
        exchange(attribute(".event-day", "data-url"), "#" + attribute(".event-day", "id"));
        new Actions(browser).moveByOffset(20, 0).release().perform();
        until(() -> seen(".asked-board").contains("If " + who + " moves"));
        assertThat(Double.parseDouble(attribute(seat, "data-minute")))
                .isCloseTo(minute + 50 * minutesOfPixel, within(3.5));
        click("[data-day=leave]");
        until(() -> all(".asked-board").isEmpty());
    }

    private double rowY(String artist) {
        Object y = browser.executeScript(
                "return document.querySelector('.row[data-artist=\"' + arguments[0] + '\"] .bed').getBoundingClientRect().y",
                artist);
        return ((Number) y).doubleValue();
    }

    @Test
    @Order(6)
    void oneLeavesAtNoonAndTheOthersTakeOver() {
        click(".event-day .head a[href$='/set-up']");
        set("[name='until." + odile + "']", "12:00");
        click("form[method=post] button.main");
        arrives("/days/" + DAY);
        find("body").sendKeys("p");
        until(() -> !all(".asked-board").isEmpty());
        find("body").sendKeys("y");
        until(() -> all(".asked-board").isEmpty() && seats().size() == FACES);
        assertThat(seats())
                .filteredOn(s -> s[0] == odile && all(".wedge").isEmpty())
                .allMatch(s -> s[1] + 50 <= 12 * 60);
    }

    @Test
    @Order(7)
    void theCallSheetNamesAllAndMarksWhoToBeCarefulWith() throws IOException {
        String words =
                printed(find(".event-day .head a[href$='/call-sheet.pdf']").getAttribute("href"));
        assertThat(words)
                .contains("Boathouse premiere", "Samira Delvand", "fragrance", "lanolin", "nickel", "Odile Marsk");
    }

    @Test
    @Order(8)
    void daysLieBesideEachOther() {
        click(".days a[rel=prev]");
        until(() -> seen("main").contains("Ellmark lakeside concert")
                && !browser.getCurrentUrl().contains(DAY.toString()));
        click(".days a[rel=next]");
        arrives("/days/" + DAY);
    }
}
