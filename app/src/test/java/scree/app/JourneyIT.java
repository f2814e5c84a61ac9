package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.ExpectedConditions;
import scree.core.image.PictureIntake;
import scree.core.image.Raster;
import scree.standins.camera.Camera;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Shot;
import scree.standins.camera.Studio;

/** A person's way through the first slice in a real browser, on the demo data, and what axe says of every page. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class JourneyIT extends FarLane {
    private String sitting;

    @BeforeAll
    void pictures() throws Exception {
        var seated = Studio.seat(Ensemble.all().get(7), Lighting.facingWindow(), 640);
        Raster good = seated.shoot(Camera.quiet(9), Lamp.daylight(5200), Shot.withCard(3));
        write("face.jpg", PictureIntake.encodeJpeg(good, .95f));
        write(
                "hidden.jpg",
                PictureIntake.encodeJpeg(
                        seated.shoot(
                                Camera.quiet(9),
                                Lamp.daylight(5200),
                                Shot.withCard(3).withCovered(.5)),
                        .95f));
        write(
                "bare.jpg",
                PictureIntake.encodeJpeg(
                        seated.shoot(
                                Camera.quiet(9),
                                Lamp.daylight(5200),
                                Shot.withCard(3).withCard(null)),
                        .95f));
        write("text.jpg", "not a picture".getBytes(StandardCharsets.UTF_8));
        byte[] heic = new byte[64];
        System.arraycopy("ftypheic".getBytes(StandardCharsets.US_ASCII), 0, heic, 4, 8);
        write("phone.heic", heic);
        write("huge.jpg", new byte[25 * 1024 * 1024 + 1]);
    }

    @Test
    @Order(1)
    void theDoorOpensOnlyWithTheRightPassword() {
        go("/clients");
        assertThat(browser.getCurrentUrl()).contains("/sign-in");
        signIn("wrong");
        says("[role=alert]", "do not go together");
        assertAccessible("sign-in");
        signIn("loose stones");
        arrives("/clients");
    }

    @Test
    @Order(2)
    void aNewSittingIsOpenedForAClientAndItsIntakeKept() {
        find("#find").sendKeys("ingrun");
        await(By.cssSelector(".people li:only-child a"));
        click(".people a");
        assertAccessible("client");
        find("#event").sendKeys("Rehearsal");
        click("#new-sitting button.main");
        arrives("/intake");
        sitting = browser.getCurrentUrl().replaceAll(".*/sittings/(\\d+)/.*", "$1");
        click("input[value=CAMERA] + span");
        WebElement hours = find("#lastsHours");
        hours.clear();
        hours.sendKeys("ninety");
        find("#bothers").sendKeys("Fine lines");
        click("form.form button.main");
        says(".problem", "Has to last", "whole number");
        assertThat(find("#bothers").getAttribute("value")).isEqualTo("Fine lines");
        assertAccessible("intake");
        find("#lastsHours").clear();
        find("#lastsHours").sendKeys("9");
        click("form.form button.main");
        arrives("/light");
        says(".reading .verdict", "What light is on the face");
        assertAccessible("light without a picture");
    }

    @Test
    @Order(3)
    void filesThatAreNoGoodGetAClearSentence() {
        upload("text.jpg");
        says("[role=alert]", "no JPEG, PNG or WebP");
        upload("phone.heic");
        says("[role=alert]", "HEIC", "most compatible");
        assertAccessible("skin without a picture");
        find("#picture").sendKeys(files.resolve("huge.jpg").toString());
        says("#message", "over 25 MB", "Nothing was changed");
    }

    @Test
    @Order(4)
    void aPictureWithoutOrWithHalfACardIsProvisional() {
        upload("bare.jpg");
        says(".trust", "Provisional");
        says(".reading", "No card is seen");
        upload("hidden.jpg");
        says(".reading", "corner marks");
    }

    @Test
    @Order(5)
    void theCardIsFoundZonesAreReadAndMovingOneMeasuresAgain() {
        upload("face.jpg");
        says(".trust", "Read with the card");
        says(".portrait .card", "24 of 24");
        says(".reading", t -> t.as("nobody has looked at the temples").contains("Dotted zones may lie on hair"));
        assertNoSidewaysScroll();
        String before = neckFigures();
        browser.executeScript("document.querySelector('[data-zone=NECK]').focus()");
        new Actions(browser)
                .keyDown(Keys.SHIFT)
                .sendKeys(Keys.ARROW_DOWN)
                .keyUp(Keys.SHIFT)
                .perform();
        patiently().until(b -> !neckFigures().equals(before));
        String moved = neckFigures();
        WebElement zone = find("[data-zone=NECK] path.light");
        new Actions(browser)
                .moveToElement(zone)
                .clickAndHold()
                .moveByOffset(0, -25)
                .release()
                .perform();
        patiently().until(b -> !neckFigures().equals(moved));
        assertThat(browser.switchTo().activeElement().getAttribute("data-zone")).isEqualTo("NECK");
        click(".buttons.last button.main");
        arrives("/base");
    }

    @Test
    @Order(6)
    void theBestBaseIsChosenWithItsReasonAndSeenAfterReload() {
        says("h1", t -> t.containsPattern("goes unseen|very close|close and blends|nearest"));
        assertNoSidewaysScroll();
        int stones = browser.findElements(By.cssSelector("a.pebble")).size();
        assertThat(stones).isGreaterThan(8);
        String second = text(".ranks li:has([aria-pressed=false]) .row-name strong");
        click(".ranks li:has([aria-pressed=false]) .row-words");
        until(() -> seen(".take").contains(second));
        answered();
        browser.findElements(By.cssSelector(".take label")).stream()
                .filter(l -> l.getText().contains(second))
                .findFirst()
                .orElseThrow()
                .click();
        find("[name=note]").sendKeys("She liked it softer");
        click("form.take button.main");
        says(".taken-line", second);
        browser.navigate().refresh();
        says(".taken-line", second, "She liked it softer");
        click(".ground a");
        await(By.cssSelector(".record li"));
        String rehearsal = browser.findElements(By.cssSelector(".record li")).stream()
                .map(WebElement::getText)
                .filter(t -> t.contains("Rehearsal"))
                .findFirst()
                .orElseThrow();
        assertThat(rehearsal).contains(second).contains("She liked it softer").contains("taken over nearer ones");
    }

    @Test
    @Order(7)
    void filtersLeaveWhatTheySay() {
        go("/sittings/" + sitting + "/base?form=STICK");
        assertThat(browser.findElements(By.cssSelector(".ranks li")))
                .isNotEmpty()
                .allMatch(li -> li.getText().contains("Stick"));
        go("/sittings/" + sitting + "/base?form=DROPS");
        says(".ranks", "Nothing passes");
    }

    @Test
    @Order(8)
    void aKitFileIsPreviewedRefusedWholeAndBroughtInWhole() throws Exception {
        String header = "line,name,role,form,finish,coverage_percent,wet_l,wet_a,wet_b,settled_l,settled_a,settled_b\n";
        write(
                "bad.csv",
                (header
                                + "Drumlin,1,BASE,LIQUID,SATIN,75,60,9,17,59,9,17\nDrumlin,2,BASE,LIQUID,SATIN,75,60,9,17,x,9,17\n")
                        .getBytes(StandardCharsets.UTF_8));
        write(
                "good.csv",
                (header + "Drumlin,1,BASE,LIQUID,SATIN,75,60,9,17,59,9,17\n").getBytes(StandardCharsets.UTF_8));
        go("/kit/import");
        find("#file").sendKeys(files.resolve("bad.csv").toString());
        click("form .stone-button");
        says("table", "3", "settled_l", "number");
        assertAccessible("import");
        go("/kit?find=drumlin");
        says("#found", "Nothing in the kit");
        go("/kit/import");
        find("#file").sendKeys(files.resolve("good.csv").toString());
        click("form .stone-button");
        click("form[action$='/yes'] button.main");
        until(() -> seen(".undo-bar").contains("brought in from a file"));
        go("/kit?find=drumlin");
        says("#found", "Drumlin 1");
    }

    @Test
    @Order(9)
    void allPagesPassAxeAndFitTheTablet() {
        browser.manage().window().setSize(new Dimension(1024, 911));
        for (String path : List.of(
                "/",
                "/clients",
                "/clients/new",
                "/kit",
                "/kit/new",
                "/sittings/" + sitting + "/intake",
                "/sittings/" + sitting + "/light",
                "/sittings/" + sitting + "/undertone",
                "/card",
                "/clients/1",
                "/kit/3/swatch",
                "/sittings/" + sitting + "/skin",
                "/sittings/" + sitting + "/base",
                "/nowhere")) {
            go(path);
            assertAccessible(path);
            assertNoSidewaysScroll();
        }
        go("/");
        new Actions(browser).sendKeys("?").perform();
        says("#keys", "Today, Clients, Kit");
    }

    @Test
    @Order(10)
    void aFaceIsFoundTheHairlineDrawnThePlanEditedAndTheChartSaved() {
        browser.manage().window().setSize(new Dimension(1280, 943));
        go("/sittings/" + sitting + "/face");
        patiently().until(ExpectedConditions.presenceOfElementLocated(By.id("face-drawing")));
        says(".trust", "Not settled yet");
        says(".ask", "hairline");
        assertAccessible("face");
        assertNoSidewaysScroll();
        String place = find("[data-point=HAIRLINE]").getAttribute("transform");
        new Actions(browser)
                .moveToElement(find("[data-point=HAIRLINE]"))
                .clickAndHold()
                .moveByOffset(0, 18)
                .release()
                .perform();
        patiently()
                .until(b -> !place.equals(find("[data-point=HAIRLINE]").getAttribute("transform"))
                        && find("[data-point=HAIRLINE]").getAttribute("class").contains("MOVED"));
        for (int i = 0; i < 22 && !seen("#confirm").isEmpty(); i++) {
            String asked = seen(".ask");
            click("#confirm");
            patiently().until(b -> !seen(".ask").equals(asked));
        }
        says(".trust", "Settled");
        click("[data-main]");
        says(".why-panel h1", t -> t.isEqualTo("Cheek shadow"));
        assertNoSidewaysScroll();
        find("#strength").sendKeys(Keys.ARROW_LEFT, Keys.ARROW_LEFT);
        await(By.cssSelector("[data-zone='CHEEK_SHADOW.RIGHT'].edited"));
        answered();
        String strength = attribute("#strength", "value");
        find("#strength").sendKeys("u"); // a slider is no field that letters go into
        patiently().until(b -> !strength.equals(attribute("#strength", "value")));
        says(".why-panel h1", t -> t.isEqualTo("Cheek shadow"));
        find("#strength").sendKeys("r");
        patiently().until(b -> strength.equals(attribute("#strength", "value")));
        answered();
        click("#schools-open");
        click("[data-field=aim][data-value=SOFTEN]");
        patiently().until(b -> seen("#schools-open").contains("soften"));
        await(By.cssSelector("[data-zone='CHEEK_SHADOW.RIGHT'].edited"));
        assertThat(attribute("#strength", "value")).isEqualTo(strength);
        click("[data-mode=made]");
        patiently()
                .until(b -> Boolean.TRUE.equals(browser.executeScript(
                        "const i = document.getElementById('made-picture'); return i.complete && i.naturalWidth > 0")));
        go("/sittings/" + sitting + "/place/chart");
        for (String kind : List.of("pdf", "svg", "png")) {
            Object head = browser.executeAsyncScript(
                    "const done = arguments[1]; fetch(arguments[0]).then(r => r.arrayBuffer()).then(b => done(new TextDecoder('latin1').decode(b.slice(0, 60))))",
                    "/sittings/" + sitting + "/place/chart." + kind + "?save=true");
            assertThat(String.valueOf(head))
                    .contains(kind.equals("pdf") ? "%PDF" : kind.equals("png") ? "PNG" : "<svg");
        }
    }

    private void upload(String file) {
        go("/sittings/" + sitting + "/skin");
        find("#picture").sendKeys(files.resolve(file).toString());
        patiently()
                .until(b ->
                        b.findElements(By.cssSelector("[role=alert], .trust")).size() > 0 && !stale(file));
    }

    /** A page that still shows the former answer is the old one: the new one is a fresh document. */
    private boolean stale(String file) {
        Object marked = browser.executeScript(
                "return document.body.dataset.left === 'yes' || document.readyState !== 'complete'");
        return Boolean.TRUE.equals(marked) && file != null;
    }

    private String neckFigures() {
        return String.valueOf(
                browser.executeScript(
                        "const row=[...document.querySelectorAll('#figures tbody tr')].find(r=>r.textContent.includes('Neck')); return row ? row.textContent : ''"));
    }
}
