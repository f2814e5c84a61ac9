package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import scree.core.image.PictureIntake;
import scree.standins.camera.Ensemble;
import scree.standins.variation.Spoilt;
import scree.standins.variation.Variation;
import scree.standins.variation.Worn;

/** Pictures as people really send them, taken in by the artist and from home: what stops, what is asked, and what is read all the same. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class PictureJourneyIT extends SideLane {
    private static final int WIDTH = 640;
    private static final Variation.Subject WHO =
            new Variation.Subject(Ensemble.all().get(4), WIDTH, 3);

    private String sitting;
    private String client;

    @BeforeAll
    void aSittingAndPictures() throws Exception {
        Map<String, Variation> all = new java.util.HashMap<>();
        Variation.all().forEach(v -> all.put(v.name(), v));
        for (String name : List.of(
                "turned by 20",
                "turned by 10",
                "beard",
                Worn.FRINGE.name(),
                Worn.GLASSES.name(),
                Worn.SMILE_WITH_TEETH.name(),
                Spoilt.GREY.name(),
                Spoilt.WALL.name(),
                Spoilt.TWO_PEOPLE.name(),
                Spoilt.ON_ITS_HEAD.name(),
                Spoilt.DARK.name())) {
            write(file(name), PictureIntake.encodeJpeg(all.get(name).of(WHO).picture(), .92f));
        }
        go("/clients");
        signIn("loose stones");
        arrives("/clients");
        find("#find").sendKeys("Odd");
        await(By.cssSelector(".people li:only-child a"));
        click(".people a");
        await(By.id("event"));
        client = browser.getCurrentUrl().replaceAll(".*/clients/(\\d+).*", "$1");
        find("#event").sendKeys("Pictures");
        click("#new-sitting button.main");
        arrives("/intake");
        sitting = browser.getCurrentUrl().replaceAll(".*/sittings/(\\d+)/.*", "$1");
    }

    private static String file(String name) {
        return name.replace(' ', '-') + ".jpg";
    }

    private void upload(String name) {
        go("/sittings/" + sitting + "/skin");
        String before = String.valueOf(browser.executeScript("return document.body.dataset.taken = 'before'"));
        assertThat(before).isEqualTo("before");
        find("#picture").sendKeys(files.resolve(file(name)).toString());
        patiently()
                .until(b -> Boolean.TRUE.equals(browser.executeScript(
                        "return document.body && document.body.dataset.taken !== 'before' && document.readyState === 'complete'"
                                + " && !!document.querySelector('.refused-look, .trust')")));
    }

    @Test
    @Order(1)
    void aTurnedHeadIsAskedForAgainAndAHandMayLayItAllTheSame() {
        upload("turned by 20");
        says(".refused-look", t -> t.containsPattern("Turn it to the camera|turned away"));
        assertThat(browser.findElements(By.cssSelector("[data-zone]"))).isEmpty();
        click(".refused-look a");
        arrives("/face/taps");
    }

    @Test
    @Order(2)
    void aGreyPictureKeepsItsPointsAndReadsNoSkin() {
        upload(Spoilt.GREY.name());
        says(".refused-look", "no colour in this picture");
        assertThat(browser.findElements(By.cssSelector("[data-zone]"))).isEmpty();
        go("/sittings/" + sitting + "/face");
        await(By.cssSelector("[data-point=CHIN]"));
    }

    @Test
    @Order(3)
    void aFringeGlassesAndASmileAreAskedAboutAndTheRestIsRead() {
        for (Map.Entry<String, String> asked : Map.of(
                        Worn.FRINGE.name(), "Hair lies over the forehead",
                        Worn.GLASSES.name(), "Are there glasses on the face?",
                        Worn.SMILE_WITH_TEETH.name(), "The mouth is open")
                .entrySet()) {
            upload(asked.getKey());
            says(".reading", t -> t.as(asked.getKey()).contains(asked.getValue()));
            says(".trust", "Provisional");
        }
    }

    /** A beard hides the chin's edge and the jaw's: they stay guesses, and the zones under it are not read as skin. */
    @Test
    @Order(4)
    void aBeardIsReadRound() {
        upload("beard");
        says(".trust", "Provisional");
        assertThat(find("[data-zone=CHIN]").getAttribute("class")).contains("unread");
        assertThat(find("[data-zone=CHEEK]").getAttribute("class")).doesNotContain("unread");
        go("/sittings/" + sitting + "/face");
        await(By.cssSelector("[data-point=CHIN].GUESSED"));
    }

    /** A head turned by ten degrees is turned back: nothing is called wider on one side. */
    @Test
    @Order(5)
    void anEvenFaceStaysEvenWhenTheHeadIsTurnedALittle() {
        upload("turned by 10");
        go("/sittings/" + sitting + "/face");
        await(By.cssSelector("[data-point=CHIN]"));
        for (int i = 0; i < 22 && !seen("#confirm").isEmpty(); i++) {
            String asked = seen(".ask");
            click("#confirm");
            patiently().until(b -> !seen(".ask").equals(asked));
        }
        says("#face-side", t -> t.doesNotContain("wider on"));
    }

    @Test
    @Order(6)
    void fromHomeEachOfThemGetsItsSentence() {
        go("/clients/" + client);
        click("#make-link");
        await(By.id("fresh-link"));
        String link = find("#fresh-link").getAttribute("value");
        browser.manage().window().setSize(new Dimension(430, 940));
        for (String[] sent : new String[][] {
            {Spoilt.WALL.name(), "No face was found"},
            {Spoilt.TWO_PEOPLE.name(), "more than one face"},
            {Spoilt.ON_ITS_HEAD.name(), "stands on its head"},
            {Spoilt.DARK.name(), "too dark to read"},
            {Spoilt.GREY.name(), "no colour in this picture"},
            {"turned by 20", "turned"},
            {Worn.FRINGE.name(), "Hair lies over the forehead"},
            {Worn.GLASSES.name(), "Are you wearing glasses?"},
            {Worn.SMILE_WITH_TEETH.name(), "Close your lips"},
            {"beard", "That works"}
        }) {
            browser.get(link);
            browser.findElement(By.cssSelector("#home-picture input[type=file]"))
                    .sendKeys(files.resolve(file(sent[0])).toString());
            patiently().until(b -> seen(".sent-said").contains(sent[1]));
        }
        browser.manage().window().setSize(new Dimension(1280, 943));
    }
}
