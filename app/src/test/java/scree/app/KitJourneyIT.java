package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;

/** The kit in a browser: walked through and thrown away by keys, out and in again as files, a product told by its neighbour. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class KitJourneyIT extends SideLane {
    @BeforeAll
    void comeIn() {
        go("/kit");
        signIn("loose stones");
        arrives("/kit");
        await(By.cssSelector(".pick-grid li"));
    }

    /** Other journeys know the kit as it was. */
    @AfterAll
    void theKitIsAsItWas() {
        sql.update("update product set deleted_at = now() where line = 'Till'");
        sql.update("update studio set kit_version = kit_version + 1");
    }

    private void keys(CharSequence... keys) {
        new Actions(browser).sendKeys(keys).perform();
    }

    private String focused() {
        return browser.switchTo().activeElement().getText();
    }

    @Test
    @Order(1)
    void theListIsWalkedTickedAndThrownAwayByKeysAloneAndPutBack() {
        go("/kit");
        new Select(find("#role")).selectByValue("BLUSH");
        until(() -> browser.getCurrentUrl().contains("role=BLUSH"));
        new Select(find("#role")).selectByValue("");
        until(() -> browser.getCurrentUrl().contains("role=&"));
        click("h1");
        keys("/");
        keys("Jasper");
        until(() -> browser.findElements(By.cssSelector(".pick-grid li")).size() == 11);
        assertAccessible("the kit as a list");
        browser.findElement(By.cssSelector(".pick-grid li > a")).sendKeys(Keys.ARROW_RIGHT);
        String second = focused();
        keys("x");
        keys(Keys.ARROW_RIGHT, "x");
        until(() -> seen("[data-count]").equals("2"));
        assertAccessible("two ticked");
        while (!focused().equals("Thrown away")) {
            keys(Keys.TAB);
        }
        keys(Keys.ENTER);
        until(() -> seen(".undo-bar").contains("2 products thrown away"));
        until(() -> seen(".pick-grid").contains("out of stock"));
        go("/kit/shopping");
        says(".shopping-list", second.split("\n")[0]);
        assertAccessible("the shopping list");
        keys("z");
        until(() -> seen(".note").contains("as it was before"));
        says("main", t -> t.doesNotContain(second.split("\n")[0]));
    }

    @Test
    @Order(2)
    void theFieldShowsThemAllAndOneStoneLeadsToItsPage() {
        go("/kit?role=LIP&field=true");
        assertThat(browser.findElements(By.cssSelector(".kit-field a.pebble")).size())
                .isEqualTo(14);
        assertAccessible("the kit as a field");
        assertNoSidewaysScroll();
        browser.executeScript("document.querySelector('.kit-field a.pebble[tabindex=\"0\"]').focus()");
        keys(Keys.ENTER);
        await(By.cssSelector(".look-skins"));
        says("h1", t -> t.startsWith("Porphyry"));
        assertAccessible("a product");
    }

    @Test
    @Order(3)
    void aProductIsToldByItsNeighbourAndShownBeforeItIsSaved() {
        go("/kit/new?role=BASE");
        find("#line").sendKeys("Till");
        find("#name").sendKeys("7");
        find("#neighbour").sendKeys("Loess 5");
        await(By.cssSelector("#neighbours input"));
        click("#neighbours input");
        await(By.cssSelector(".look-stones"));
        String like = attribute(".look-stones path:nth-of-type(2)", "fill");
        find("#deeper").sendKeys(Keys.ARROW_RIGHT, Keys.ARROW_RIGHT);
        until(() -> !seen(".look-words").isEmpty()
                && !attribute(".look-stones path:nth-of-type(2)", "fill").equals(like));
        click(".product-facts button.main");
        until(() -> seen("h1").equals("Till 7"));
        says(".note", "Saved");
        find("input[value=FIGURES]").click();
        find("#settledL").clear();
        find("#settledL").sendKeys("light");
        find("#allergens").sendKeys("pearl dust");
        click(".product-facts button.main");
        until(() -> seen("#settledL-problem").contains("is not a number"));
        says("#not-saved", "Nothing is saved yet");
        assertThat(attribute("#settledL", "value")).isEqualTo("light");
        assertThat(attribute("#allergens", "value")).isEqualTo("pearl dust");
        assertAccessible("a product to be mended");
    }

    @Test
    @Order(4)
    void aKitGoesOutAndComesInAgainWithOneChangeThatIsUndone() throws Exception {
        go("/kit");
        String csv = String.valueOf(browser.executeAsyncScript(
                "const done = arguments[0]; fetch('/kit/export.csv').then(a => a.text()).then(done)"));
        assertThat(csv).contains("Jasper,Rose,BLUSH,CREAM,SATIN,24.9");
        String changed = csv.replace("Jasper,Rose,BLUSH,CREAM,SATIN,24.9", "Jasper,Rose,BLUSH,CREAM,SATIN,30.0");
        write("kit.csv", changed.getBytes(StandardCharsets.UTF_8));
        go("/kit/import");
        find("#file").sendKeys(files.resolve("kit.csv").toString());
        click(".inline-form button");
        until(() -> seen("h2").startsWith("0 new, 1 changed"));
        says(".side-by-side", "Jasper Rose", "24.9", "30");
        assertAccessible("what a file would change");
        click("form[action='/kit/import/yes'] button.main");
        until(() -> seen(".undo-bar").contains("One product brought in from a file"));
        keys("z");
        until(() -> seen(".note").contains("as it was before"));
        String again = String.valueOf(browser.executeAsyncScript(
                "const done = arguments[0]; fetch('/kit/export.csv').then(a => a.text()).then(done)"));
        assertThat(again).isEqualTo(csv);
    }

    @Test
    @Order(5)
    void aRoleSaysWhomTheKitServesAndThePlannerWhatIsCheapest() {
        go("/kit/gaps?role=BLUSH");
        says(".lead", "Blush:");
        assertAccessible("gaps in a role");
        go("/kit/gaps");
        click(".planners form[method=get] .tick:nth-child(1)");
        click(".planners form[method=get] .tick:nth-child(2)");
        click(".planners form[method=get] button");
        arrives("/cheapest");
        says(".cheapest", t -> t.containsAnyOf("Met by the kit", "Buy", "Nothing on the list"));
        assertAccessible("the cheapest");
    }
}
