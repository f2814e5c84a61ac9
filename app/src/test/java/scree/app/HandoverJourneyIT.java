package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;

/** From the record to the client's own screen: the sheet goes out, the letter is opened; a picture from home is answered. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class HandoverJourneyIT extends FarLane {
    private long sitting;
    private long fromHome;

    @BeforeAll
    void comeIn() {
        sitting = newest("Rasmus");
        signIn();
    }

    /** Other journeys know how many sittings there are, and what came from home. */
    @AfterAll
    void leave() {
        sql.update("delete from wear_report where sitting_id in (?, ?)", sitting, fromHome);
        sql.update("delete from letter where sitting_id in (?, ?)", sitting, fromHome);
        sql.update("delete from home_link where sitting_id in (?, ?)", sitting, fromHome);
        sql.update("delete from sitting where id = ?", fromHome);
    }

    @Test
    @Order(1)
    void theRecordLeadsToTheHandOver() {
        go("/sittings/" + sitting + "/record");
        assertThat(seen("main")).contains("Kept on ");
        click("#take-home");
        arrives("/hand-over");
        patiently().until(b -> b.findElements(By.cssSelector(".sheet-row img")).size() >= 2);
        assertThat(seen("main")).contains("What Rasmus takes home", "Open to print");
        assertAccessible("hand-over");
        assertNoSidewaysScroll();
    }

    /** A wrong address is told beside its field and nothing typed is lost; then the letter goes, and the inbox has it. */
    @Test
    @Order(2)
    void theSheetIsSentAndTheLetterOpened() throws IOException {
        find("#address").clear();
        find("#address").sendKeys("rasmus at the lake");
        find("#text").sendKeys("It was a joy.");
        click("#send");
        until(() -> seen("#send-sheet").contains("like name@place.example"));
        assertThat(find("#text").getAttribute("value")).isEqualTo("It was a joy.");
        find("#address").clear();
        find("#address").sendKeys("rasmus@lakeside.example");
        click("#send");
        until(() -> seen(".letters").contains("rasmus@lakeside.example"));
        patiently().until(b -> {
            go("/sittings/" + sitting + "/hand-over");
            return seen(".letters").contains("Delivered");
        });
        assertThat(seen(".cairn")).contains("handed over");
        click("a[href$='/inbox']");
        until(() -> seen(".letter").contains("Hello Rasmus"));
        assertThat(seen(".letter")).contains("It was a joy.", "Enclosed: take-home.pdf", "answers go to Runa Vestby");
        assertThat(printed(find(".letter a[href*='/files/']").getAttribute("href")))
                .contains("Rasmus Alder", "Step by step");
        assertAccessible("stand-in inbox");
        String link = find(".letter-text a[href$='/sheet']").getAttribute("href");
        go(link.substring(link.indexOf("/from-home/")));
        assertThat(seen("main")).contains("Rasmus, your sheet");
        patiently()
                .until(
                        b -> Boolean.TRUE.equals(
                                browser.executeScript(
                                        "return [...document.querySelectorAll('.home-sheet-page')].every(i => i.complete && i.naturalWidth > 600)")));
        assertAccessible("sheet at home");
        go("/sittings/" + sitting + "/hand-over");
        assertThat(seen(".came-in")).contains("opened once");
        assertThat(seen(".cairn")).contains("opened");
        click(".came-in .plain");
        until(() -> seen(".came-in").isEmpty());
        go(link.substring(link.indexOf("/from-home/")));
        assertThat(seen("main")).contains("Nothing lies here");
    }

    /** By link and picture; the question whose face it is; chosen by hand; and the client's word on it. */
    @Test
    @Order(3)
    void aPictureFromHomeIsAnsweredAndTheClientsReplySeen() throws IOException {
        long petra =
                sql.queryForObject("select id from client where name like 'Petra%' order by id limit 1", Long.class);
        go("/clients/" + petra);
        click("form[action$='/links'] button");
        String link = find(".fresh-link input").getAttribute("value");
        go(link.substring(link.indexOf("/from-home/")));
        byte[] jpeg = sql.queryForObject(
                "select jpeg from picture where sitting_id = ? and not at_chair order by id desc limit 1",
                byte[].class,
                newest("Petra"));
        Path own = Files.write(Files.createTempFile("home", ".jpg"), jpeg);
        browser.findElement(By.name("picture")).sendKeys(own.toString());
        patiently().until(b -> !b.findElements(By.cssSelector(".sent img")).isEmpty());
        Files.delete(own);
        browser.executeScript("document.getElementById('consent').click()");
        click(".home-form button.main");
        until(() -> seen("main").contains("arrived"));
        fromHome = newest("Petra");
        go("/");
        click(".from-home-list a[href$='/reply']");
        arrives("/reply");
        assertThat(seen(".reply-head")).contains("What would suit Petra", "stripe on the jaw");
        assertThat(seen("main")).doesNotContain("Is this Petra?");
        assertThat(browser.findElements(By.cssSelector("[data-part=CHEEK] .chosen"))
                        .size())
                .isBetween(1, 3);
        click("[data-part=LIP] .near");
        until(() -> "true".equals(find("[data-part=LIP] .near").getAttribute("aria-pressed")));
        click("[data-part=BRONZER] .reply-row-ways button");
        until(() -> seen("[data-part=BRONZER]").contains("Name it again"));
        assertAccessible("answer");
        assertNoSidewaysScroll();
        click("#send");
        arrives("/reply#sent");
        patiently().until(b -> {
            go("/inbox");
            return seen(".letter").contains("Hello Petra");
        });
        assertThat(seen(".letter")).contains("Base:", "Any lip colour near L*").doesNotContain("Bronzer:");
        String answer = find(".letter-text a[href$='/reply']").getAttribute("href");
        go(answer.substring(answer.indexOf("/from-home/")));
        assertThat(seen("main")).contains("Petra, your colours");
        assertAccessible("answer at home");
        browser.executeScript("document.querySelector('[name=\"fit.0\"][value=TOO_PINK]').click()");
        find("#text").sendKeys("The lip is lovely.");
        click(".reply-home button.main");
        until(() -> seen("main").contains("Thank you"));
        go("/");
        assertThat(seen(".from-home-list")).contains("Petra told how it fits");
        click(".from-home-list a[href$='/reply']");
        until(() -> seen(".reply-told").contains("too pink"));
        assertThat(seen(".reply-told")).contains("The lip is lovely.");
    }
}
