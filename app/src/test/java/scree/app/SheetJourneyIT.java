package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.Select;
import org.springframework.beans.factory.annotation.Autowired;
import scree.app.skin.Readings;
import scree.app.studio.StudioId;
import scree.core.colour.Lab;
import scree.core.image.PictureIntake;
import scree.core.skin.MatchTarget;
import scree.standins.camera.Camera;
import scree.standins.camera.Lamp;
import scree.standins.camera.SheetScene;
import scree.standins.camera.Shot;
import scree.standins.makeup.MadeUpProduct;

/** A swatch sheet in a browser: printed, photographed twice, named, taken, and ranked with. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class SheetJourneyIT extends MainLane {
    @Autowired
    private Readings readings;

    private String base;
    private String sheet;
    private int number;
    private final Map<Integer, SheetScene.Coat> coats = new HashMap<>();

    @BeforeAll
    void smearsForAFaceThatWasRead() {
        Map<String, Object> sitting =
                sql.queryForMap("select s.id, s.studio_id from sitting s join client c on c.id = s.client_id"
                        + " where c.name like 'Petra%' order by s.id desc limit 1");
        base = "/sittings/" + sitting.get("id") + "/base";
        var reading = readings.of(new StudioId((Long) sitting.get("studio_id")), (Long) sitting.get("id"));
        Lab skin = MatchTarget.from(reading.orElseThrow().skin(), MatchTarget.School.JAW_TO_NECK)
                .orElseThrow()
                .colour();
        for (int f = 1; f <= 12; f++) {
            Lab colour = Lab.of(skin.lightness() - .4 * (f - 3), skin.a() + .3 * (f % 3 - 1), skin.b());
            coats.put(f, SheetScene.Coat.even(MadeUpProduct.smooth(colour, .3), .9));
        }
        signIn();
    }

    /** Other journeys know the kit as it was. */
    @AfterAll
    void theKitIsAsItWas() {
        sql.update("update product set deleted_at = now() where line = 'Tarn'");
        sql.update("update studio set kit_version = kit_version + 1");
    }

    private void send(String name, SheetScene.Setting setting) throws IOException {
        byte[] jpeg = PictureIntake.encodeJpeg(
                new SheetScene(setting, coats).shoot(Camera.quiet(5), Lamp.daylight(5600), Shot.withCard(7), 960),
                .93f);
        write(name, jpeg);
        find("#picture").sendKeys(files.resolve(name).toString());
    }

    @Test
    @Order(1)
    void aSheetIsPrintedAndReadJustLaidAndSettled() throws IOException {
        go("/kit");
        click("a[href$='/kit/sheets']");
        until(() -> seen("h1").contains("Swatch sheets"));
        click(".head form button");
        until(() -> seen("h1").contains("Print it"));
        sheet = browser.getCurrentUrl().replaceAll("^http://[^/]+", "");
        number = Integer.parseInt(text(".kicker span").replaceAll("\\D", ""));
        assertThat(attribute("a[href$='sheet.pdf']", "href")).endsWith("/sheet.pdf");
        assertAccessible("a bare sheet");
        send("wet.jpg", SheetScene.Setting.careful(number));
        patiently().until(b -> seen("h1").contains("12 fields are good"));
        send("settled.jpg", SheetScene.Setting.careful(number).with(SheetScene.Fault.GLARE));
        patiently().until(b -> seen(".shots").contains("Settled"));
        says("#field-2", "shines");
        click("#field-2");
        until(() -> seen(".field-said").contains("black strip shines"));
        assertNoSidewaysScroll();
        assertAccessible("a sheet with a field that shines");
    }

    @Test
    @Order(2)
    void aPictureWithoutTheCardIsRefusedAndChangesNothing() throws IOException {
        send("cardless.jpg", SheetScene.Setting.careful(number).with(SheetScene.Fault.NO_CARD));
        patiently().until(b -> seen("[role=alert]").contains("card is not seen"));
        says(".shots", "Just laid", "Settled");
    }

    @Test
    @Order(3)
    void twelveProductsAreNamedAndTakenAndTheBaseRanksWithThem() throws IOException {
        send("again.jpg", SheetScene.Setting.careful(number));
        patiently().until(b -> !seen("#field-2").contains("shines"));
        for (int f = 1; f <= 12; f++) {
            int field = f;
            go(sheet + "?field=" + f);
            click(".new-here summary");
            find(".name-here [name=line]").sendKeys("Tarn");
            find(".name-here [name=name]").sendKeys("smooth " + f);
            new Select(find(".name-here [name=role]")).selectByValue("BASE");
            find(".name-here [name=name]").sendKeys(Keys.ENTER);
            until(() -> seen(".field-detail h2").contains("Tarn smooth " + field));
        }
        says("h1", "12 fields can be taken");
        click(".shots .stone-button.main");
        until(() -> seen("[role=status].note").contains("12 products have taken"));
        says("#field-12", "taken");
        go(base);
        says(".ranks", "Tarn smooth");
        go("/kit?find=Tarn+smooth+3");
        await(By.cssSelector(".kit-grid li"));
    }
}
