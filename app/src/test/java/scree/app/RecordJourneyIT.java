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

/** From the record of a sitting to the next one: before and after over each other, a reaction told, the sitting done again. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class RecordJourneyIT extends SideLane {
    private long sitting;

    @BeforeAll
    void comeIn() {
        sitting = sql.queryForObject(
                "select max(s.id) from sitting s join client c on c.id = s.client_id where c.name like 'Liv%' and s.done_at is not null",
                Long.class);
        signIn();
    }

    /** Other journeys know how many sittings there are, and that nobody reacted. */
    @AfterAll
    void leave() {
        sql.update("delete from wear_report where sitting_id = ?", sitting);
        sql.update("delete from home_link where sitting_id = ?", sitting);
        sql.update("delete from picture where sitting_id = ? and at_chair", sitting);
        sql.update(
                "delete from sitting where client_id = (select client_id from sitting where id = ?) and done_at is null and id > ?",
                sitting,
                sitting);
    }

    /** The picture after is found, laid on the one before, and the handle shows more or less of it. */
    @Test
    @Order(1)
    void thePictureAfterIsLaidOnTheOneBefore() throws IOException {
        go("/sittings/" + sitting + "/record");
        assertThat(seen("main")).contains("Kept on ", "Tuff", "No picture after the work yet");
        byte[] jpeg = sql.queryForObject(
                "select jpeg from picture where sitting_id = ? and not at_chair order by id desc limit 1",
                byte[].class,
                sitting);
        Path after = Files.write(Files.createTempFile("after", ".jpg"), jpeg);
        find("#after-file").sendKeys(after.toString());
        click("#after-form button");
        patiently().until(b -> !b.findElements(By.id("after-range")).isEmpty());
        Files.delete(after);
        assertThat(find("g[clip-path] image").getAttribute("transform")).matches("matrix\\((0\\.9|1\\.0)\\d* .*");
        assertThat(seen("main")).contains("No zone differs by more than two readings do by themselves");
        String half = find("#after-part").getAttribute("width");
        find("#after-range").sendKeys(org.openqa.selenium.Keys.ARROW_RIGHT);
        until(() -> !find("#after-part").getAttribute("width").equals(half));
        assertAccessible("record");
        assertNoSidewaysScroll();
    }

    @Test
    @Order(2)
    void aReactionThatIsToldIsACautionEverywhere() {
        find("#hours").sendKeys("soon");
        find("#reaction").sendKeys("itched under the eyes");
        click(".wear-form button.main");
        until(() -> seen("[role=alert]").contains("Give the hours"));
        assertThat(find("#reaction").getAttribute("value"))
                .as("nothing typed is lost")
                .isEqualTo("itched under the eyes");
        find("#hours").clear();
        find("#hours").sendKeys("7");
        click("[name=seen][value=TURNED_ORANGE]");
        click(".wear-form button.main");
        until(() ->
                seen(".wore").contains("itched under the eyes") && seen(".wore").contains("turned orange"));
        click(".head a[href*='/clients/']");
        until(() -> seen("main").contains("itched under the eyes"));
    }

    /** The client's own page, on a phone; what they tell stands in the record under their name. */
    @Test
    @Order(4)
    void theClientTellsByALink() {
        go("/sittings/" + sitting + "/record");
        click("#make-wear-link");
        String link = find("#fresh-wear").getAttribute("value");
        go(link.substring(link.indexOf("/from-home/")));
        assertThat(seen("main")).contains("Liv, how did it wear?").doesNotContain("Tuff");
        assertAccessible("how it wore, from home");
        find("#wear-words").sendKeys("Held all night.");
        find("#hours").clear();
        find("#hours").sendKeys("9");
        click(".wear-home button.main");
        until(() -> seen("main").contains("Thank you"));
        go("/sittings/" + sitting + "/record");
        assertThat(seen("main")).contains("After 9 hours, told by Liv", "Held all night.");
    }

    @Test
    @Order(3)
    void doneAgainItSaysWhatHasToBeOtherwise() {
        go("/sittings/" + sitting + "/record");
        click("#again");
        arrives("/compare/" + sitting);
        assertThat(seen(".differs")).contains("The skin is not read yet");
        assertAccessible("two sittings");
        String fresh = browser.getCurrentUrl().replaceAll(".*/sittings/(\\d+)/compare.*", "$1");
        go("/sittings/" + fresh + "/intake");
        until(() -> seen("main").contains("itched under the eyes"));
    }

    /** Every step and product of the sheet, what a label names, and the cautions. */
    @Test
    @Order(5)
    void theSheetToTakeHomeHasAllOnIt() throws IOException {
        go("/sittings/" + sitting + "/record");
        click("#take-home");
        patiently().until(b -> !b.findElements(By.id("print")).isEmpty());
        String words = printed(find("#print").getAttribute("href"));
        assertThat(words)
                .contains("Liv Torsander", "Reacts to: itched under the eyes", "Shadow and light", "Powder and sheen")
                .contains("Step by step", "Or another matte base", "Contains: lanolin", "To carry along", "pharmacist")
                .doesNotContain("Ask for allergies");
    }
}
