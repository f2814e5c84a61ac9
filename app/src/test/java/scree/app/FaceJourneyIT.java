package scree.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;

/** A face laid by hand, moved by keys that are quicker than the answers, and asked for what it cannot be. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FaceJourneyIT extends FarLane {
    private String sitting;

    @BeforeAll
    void comeIn() {
        sitting = "/sittings/" + newest("Odd");
        signIn();
    }

    @Test
    @Order(1)
    void theFaceIsLaidAndMovedByKeyboardAlone() {
        go(sitting + "/face?byhand");
        await(By.id("by-hand"));
        Actions keys = new Actions(browser);
        keys.sendKeys("h").perform();
        says("#taps-words", "left of the picture");
        browser.executeScript("document.activeElement.blur()");
        new Actions(browser).sendKeys(Keys.ARROW_UP, Keys.ENTER).perform();
        until(() -> seen("#taps-words").contains("other pupil"));
        new Actions(browser).sendKeys(Keys.ENTER).perform();
        until(() -> seen("#taps-words").contains("chin"));
        new Actions(browser).sendKeys(Keys.ARROW_UP, Keys.ENTER).perform();
        patiently()
                .until(b -> b.findElements(By.cssSelector("[data-point=CHIN].PLACED"))
                                        .size()
                                == 1
                        && b.findElements(By.cssSelector("[data-point='JAW.LEFT'].GUESSED"))
                                        .size()
                                == 1);
        browser.executeScript("document.querySelector(\"[data-point='JAW.LEFT']\").focus()");
        new Actions(browser).sendKeys(Keys.ARROW_RIGHT).perform(); // two would be two moves where the machine is slow
        await(By.cssSelector("[data-point='JAW.LEFT'].MOVED"));
        assertThat(browser.switchTo().activeElement().getAttribute("data-point"))
                .isEqualTo("JAW.LEFT");
        new Actions(browser).sendKeys("u").perform();
        await(By.cssSelector("[data-point='JAW.LEFT'].GUESSED"));
        new Actions(browser).sendKeys("r").perform();
        await(By.cssSelector("[data-point='JAW.LEFT'].MOVED"));
        String there = attribute("[data-point='JAW.LEFT']", "transform");
        browser.executeScript("document.querySelector(\"[data-point='JAW.LEFT']\").focus()");
        new Actions(browser).sendKeys(Keys.ARROW_DOWN, "u").perform(); // undone is what was pressed before it
        answered();
        until(() -> attribute("[data-point='JAW.LEFT']", "transform").equals(there));
    }

    /** Of keys held while the answer to an earlier one came, those before it were lost. */
    @Test
    @Order(2)
    void aMoveByKeysGoesOnThroughAnAnswer() {
        go(sitting + "/face?byhand");
        String chin = "[data-point=CHIN]";
        double before = across(chin);
        browser.executeScript(
                "const press = () => document.querySelector(arguments[0])"
                        + ".dispatchEvent(new KeyboardEvent('keydown', {key: 'ArrowRight', bubbles: true}));"
                        + "document.addEventListener('htmx:beforeSwap', press, {once: true});"
                        + "document.addEventListener('htmx:afterSettle', () => setTimeout(press), {once: true}); press()",
                chin);
        until(() -> notAhead() && across(chin) > before + 2.9);
        assertThat(across(chin)).as("three steps of 1.2").isCloseTo(before + 3.6, within(.3));
    }

    /** A point that was held jumped back to where it lay, though the hand went on. */
    @Test
    @Order(2)
    void aPointHeldWhileAnAnswerComesStaysUnderTheHand() {
        go(sitting + "/face?byhand");
        String jaw = "[data-point='JAW.LEFT']";
        double before = across(jaw);
        new Actions(browser).clickAndHold(find(jaw)).moveByOffset(30, 0).perform();
        double held = across(jaw);
        assertThat(held).isGreaterThan(before + 15);
        browser.executeScript(
                "scree.send({ verb: 'POST', path: document.getElementById('face').dataset.url + '/point', target: '#face-side',"
                        + " values: { point: 'CHIN', dx: 2, dy: 0 } })");
        answered();
        assertThat(across(jaw)).as("before the hand goes on").isCloseTo(held, within(4.0));
        new Actions(browser).moveByOffset(10, 0).release().perform();
        answered();
        until(() -> notAhead() && across(jaw) > held + 3);
    }

    private double across(String point) {
        return Double.parseDouble(attribute(point, "transform").replaceAll("translate\\(([-\\d.]+).*", "$1"));
    }

    /** Whether every point lies where the server says. */
    private boolean notAhead() {
        return browser.findElements(By.cssSelector("[data-ahead]")).isEmpty();
    }

    @Test
    @Order(3)
    void whatIsNoFaceGetsAClearSentenceAndNothingIsLost() {
        go(sitting + "/face?byhand");
        await(By.id("face-drawing"));
        browser.executeScript(
                "htmx.ajax('POST', document.getElementById('face').dataset.url + '/guess', {values: {search: ''}, target: '#face-side', swap: 'outerHTML'})");
        says("[role=alert]", "No face found");
        assertThat(browser.findElements(By.cssSelector("[data-point='JAW.LEFT'].MOVED")))
                .hasSize(1);
        browser.executeScript(
                "htmx.ajax('POST', document.getElementById('face').dataset.url + '/point', {values: {point: 'CHIN', dx: 0, dy: -900}, target: '#face-side', swap: 'outerHTML'})");
        patiently().until(b -> seen("[role=alert]").contains("stays where it was"));
        browser.manage().window().setSize(new Dimension(1024, 911));
        for (String path : List.of("/face?byhand", "/place", "/place/chart")) {
            go(sitting + path);
            assertAccessible(path);
            assertNoSidewaysScroll();
        }
    }
}
