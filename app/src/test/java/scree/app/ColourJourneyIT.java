package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import scree.core.face.LevelledFace;
import scree.core.image.PictureIntake;
import scree.core.image.Raster;
import scree.standins.camera.Camera;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Portrait;
import scree.standins.camera.Shot;
import scree.standins.camera.Studio;
import scree.standins.variation.ShadeOnCheek;

/** Colour as an artist meets it: from nothing to a chosen lip, and a school insisted on. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ColourJourneyIT extends MainLane {
    @BeforeAll
    void comeIn() {
        signIn();
    }

    private String of(String name) {
        return "/sittings/" + newest(name);
    }

    @Test
    @Order(1)
    void fromNothingToAChosenLip() {
        go(of("Ama") + "/colour");
        String proposed = text("h1.verdict");
        assertThat(proposed).contains("on lips and cheeks");
        says(".colour-reading", "undertone sets the hue", "pulls");
        click(".worn-parts li[data-part=LIP] summary");
        String lip = text(".worn-parts li[data-part=LIP] summary");
        click(".worn-parts li[data-part=LIP] .other[aria-pressed=false]");
        until(() -> !seen(".worn-parts li[data-part=LIP] summary").equals(lip)
                && !seen(".worn-parts li[data-part=LIP] summary").isEmpty());
        says(".worn-parts li[data-part=LIP] summary", t -> t.doesNotContain("Would look"));
        click("#undo");
        until(() -> seen(".worn-parts li[data-part=LIP] summary").equals(lip));
        find("body").sendKeys(Keys.ARROW_RIGHT);
        until(() -> !seen("h1.verdict").equals(proposed) && !seen("h1.verdict").isEmpty());
        find("body").sendKeys("u");
        until(() -> seen("h1.verdict").equals(proposed));
        click("#cooler");
        until(() -> seen(".colour-reading").contains("cools the lip")
                || seen(".colour-reading").contains("No stain"));
        assertAccessible("colour");
    }

    @Test
    @Order(2)
    void brightenersSuitEachDepthOrTheKitHasNone() {
        for (String sitting : List.of("Ama", "Rasmus", "Liv")) {
            go(of(sitting) + "/place?zone=BRIDGE_LIGHT.CENTRE");
            says(".why-panel h1", t -> t.containsIgnoringCase("bridge"));
            says(
                    ".why-panel",
                    t -> t.as(sitting).doesNotContain("ashy on this skin").doesNotContain("forward by about 40"));
            says(".why-panel .others summary", t -> t.containsAnyOf("Sits well", "Nothing in this kit"));
        }
    }

    /** Rather no colour than a wrong one: it is said what to look for, and the zone stays planned. */
    @Test
    @Order(4)
    void aKitWithoutAFittingContourSaysWhatToLookFor() {
        String at = of("Ama");
        contours("OUT");
        try {
            go(at + "/place?zone=CHEEK_SHADOW.LEFT");
            until(() -> seen(".sought").contains("contour"));
            says(".why-panel", "Nothing in the kit does this", "Look for a contour");
            assertThat(browser.findElements(By.cssSelector(".zone[data-zone='CHEEK_SHADOW.LEFT']")))
                    .hasSize(1);
        } finally {
            contours("ENOUGH");
        }
    }

    private void contours(String stock) {
        sql.update("update product set stock = ? where role = 'CONTOUR'", stock);
        sql.update("update studio set kit_version = kit_version + 1");
    }

    /** The picture is read by day and by a lamp, marked by hand, taken and forgotten; it is never kept. */
    @Test
    @Order(6)
    void theOwnShadowIsTakenFromAPicture() throws IOException {
        Portrait portrait = Studio.seat(Ensemble.all().get(4), Lighting.facingWindow(), 640);
        Raster near = enlarged(ShadeOnCheek.of(
                portrait.shoot(Camera.quiet(3), Lamp.daylight(5600), Shot.withCard(1)),
                LevelledFace.of(portrait.facePoints()),
                new double[] {.60, .64, .68}));
        Path file = Files.write(files.resolve("own-shadow.jpg"), PictureIntake.encodeJpeg(near, .95f));
        int before = pictures();
        go(of("Rasmus") + "/place/shadow");
        find("#shadow-file").sendKeys(file.toString());
        click("#read-shadow");
        until(() -> seen("h1.verdict").contains("of the light here"));
        says(".own-shadow", "ranked by it");
        assertAccessible("own shadow");
        find(".shadow-mark.shade").sendKeys(Keys.ARROW_RIGHT);
        until(() -> !find("#shadow-file").getAttribute("value").isEmpty());
        click("input[name=daylight][value=false] + span");
        click("#read-shadow");
        until(() -> seen(".own-shadow").contains("only a limit"));
        click("#take-shadow");
        arrives("/place?zone=CHEEK_SHADOW.LEFT");
        says(".why-panel h1", "Cheek shadow");
        go(of("Rasmus") + "/place/shadow");
        says("aside", "Forget the shadow");
        assertThat(pictures()).as("looked at and not kept").isEqualTo(before);
    }

    /** A near picture has many pixels: each is repeated. */
    private static Raster enlarged(Raster small) {
        int by = 5;
        int[] rgb = new int[by * by * small.rgb().length];
        int wide = by * small.width();
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = small.rgb()[i / wide / by * small.width() + i % wide / by];
        }
        return new Raster(wide, by * small.height(), rgb);
    }

    private int pictures() {
        return sql.queryForObject("select count(*) from picture", Integer.class);
    }

    @Test
    @Order(5)
    void anOliveSkinIsGivenNothingThatReadsPinkOrOrange() {
        go(of("Samira") + "/base");
        says(".ranks li:first-child", t -> t.doesNotContain("pink or orange").doesNotContain("Less olive"));
    }

    @Test
    @Order(3)
    void aSchoolThatTheFaceSpeaksAgainstCanBeInsistedOn() {
        go(of("Kofi") + "/place");
        click("#schools-open");
        click("[data-field=widening][data-value=JAW_EDGE]");
        until(() -> seen(".kept-off").contains("light and shadow would fight")
                || seen(".kept-off").contains("jowl"));
        click(".kept-off button.chip");
        until(() -> !seen(".kept-off").contains("light and shadow would fight")
                && browser.findElements(By.cssSelector(".zone[data-zone^='JAW_EDGE_LIGHT']"))
                                .size()
                        == 2);
        assertAccessible("place");
    }
}
