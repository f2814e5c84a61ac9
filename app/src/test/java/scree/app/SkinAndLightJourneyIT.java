package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.function.Consumer;
import javax.imageio.ImageIO;
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
import org.openqa.selenium.support.ui.Select;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.PointKey;
import scree.core.face.Side;
import scree.core.image.PictureIntake;
import scree.standins.camera.Camera;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Shot;
import scree.standins.camera.Sitter;
import scree.standins.camera.Studio;

/** Light judged, spots marked, witnesses asked, the meter pressed, and a client who sends a picture from home. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class SkinAndLightJourneyIT extends FarLane {
    private String sitting;
    private String client;

    @BeforeAll
    void aSittingForMei() throws Exception {
        Sitter sitter = Ensemble.all().get(7);
        write(
                "home.jpg",
                PictureIntake.encodeJpeg(
                        Studio.seat(sitter, Lighting.facingWindow(), 760)
                                .shoot(Camera.quiet(9), Lamp.daylight(6000), Shot.withoutCard(sitter, 2)),
                        .93f));
        go("/clients");
        signIn("loose stones");
        arrives("/clients");
        find("#find").sendKeys("Mei");
        await(By.cssSelector(".people li:only-child a"));
        click(".people a");
        await(By.id("event"));
        client = browser.getCurrentUrl().replaceAll(".*/clients/(\\d+).*", "$1");
        find("#event").sendKeys("Light");
        click("#new-sitting button.main");
        arrives("/intake");
        sitting = browser.getCurrentUrl().replaceAll(".*/sittings/(\\d+)/.*", "$1");
    }

    @Test
    @Order(1)
    void poorLightIsRefusedUntilTheFaceTurnsToTheWindow() {
        photograph("LAMP_ABOVE", "Do not decide in this light");
        says(".light-reasons", "a lamp stands above", "stays provisional");
        click("#read-meter");
        until(() -> seen(".scales").contains("light meter"));
        assertAccessible("unfit light");
        go("/sittings/" + sitting + "/skin");
        says(".trust", "Provisional");
        says(".cairn", "unfit light");
        go("/sittings/" + sitting + "/base");
        says(".shortlist .caution", "not fit to decide in", "lamp");
        photograph("WINDOW", "Good light to decide in");
        assertNoSidewaysScroll();
        click("button[value=WARM_STAGE]");
        await(By.cssSelector("button[value=WARM_STAGE][aria-pressed=true]"));
        go("/sittings/" + sitting + "/skin");
        says(".trust", "Read with the card");
        go("/sittings/" + sitting + "/base");
        assertThat(seen(".shortlist .caution")).isEmpty();
    }

    @Test
    @Order(2)
    void aSpotIsTappedReadMovedByKeysAndTakenAwayAgain() {
        go("/sittings/" + sitting + "/skin");
        click("[data-tab=found]");
        click("[data-spot-kind=SUN_SPOT]");
        new Actions(browser)
                .moveToElement(find("[data-zone=CHEEK][data-side=LEFT] path.light"))
                .click()
                .perform();
        until(() -> seen(".spots-list").contains("sun spot"));
        says(".spots-list", "ΔE");
        String place = find("[data-spot] path.light").getAttribute("d");
        browser.executeScript("document.querySelector('[data-spot]').focus()");
        new Actions(browser).sendKeys(Keys.ARROW_RIGHT).perform();
        until(() -> !place.equals(browser.executeScript(
                "const p = document.querySelector('[data-spot] path.light'); return p ? p.getAttribute('d') : arguments[0]",
                place)));
        assertAccessible("skin with a spot");
        browser.executeScript("document.querySelector('[data-spot]').focus()");
        new Actions(browser).sendKeys(Keys.DELETE).perform();
        until(() -> browser.findElements(By.cssSelector("[data-spot]")).isEmpty());
    }

    @Test
    @Order(3)
    void brokenSkinIsFeltAndCautionsStandOverTheReading() {
        go("/sittings/" + sitting + "/skin");
        click("[data-tab=touch]");
        click("[data-texture=BROKEN_SKIN]");
        new Actions(browser)
                .moveToElement(find("[data-zone=CHIN] path.light"))
                .click()
                .perform();
        until(() -> seen(".reading").contains("Broken skin was felt: chin"));
        says(".reading", "pharmacist or doctor");
        new Actions(browser)
                .moveToElement(find("[data-zone=CHIN] path.light"))
                .click()
                .perform();
        until(() -> !seen(".reading").contains("was felt"));
    }

    @Test
    @Order(4)
    void witnessesWhoDisagreeAreNamedAndOneIsSetAside() {
        go("/sittings/" + sitting + "/undertone");
        assertAccessible("undertone");
        click("[data-answer=BRIGHT_PINK]");
        await(By.cssSelector("[data-answer=BRIGHT_PINK][aria-pressed=true]"));
        click("[data-answer=DRAPES_YELLOW]");
        until(() -> seen(".undertone .caution").contains("They disagree"));
        says(
                ".undertone .caution",
                t -> t.containsPattern("cool.*warm|warm.*cool").containsPattern("[Rr]epeat|again|Try the muted"));
        for (int i = 0; i < 2; i++) {
            int struck =
                    browser.findElements(By.cssSelector(".tests li.struck")).size();
            click(".tests li:not(.struck) .plain");
            until(() -> browser.findElements(By.cssSelector(".tests li.struck")).size() == struck + 1);
        }
        assertThat(seen(".undertone .caution")).isEmpty();
        browser.navigate().refresh();
        assertThat(browser.findElements(By.cssSelector(".tests li.struck"))).hasSize(2);
    }

    @Test
    @Order(5)
    void threePressesOfTheMeterReadTheForearm() {
        go("/sittings/" + sitting + "/skin");
        click("[data-tab=meter]");
        for (int i = 0; i < 12 && !seen(".pressings li").contains("L*"); i++) {
            String before = seen(".work.skin .reading");
            click(".pressings li:first-child .stone-button");
            until(() -> !seen(".work.skin .reading").equals(before)
                    || !seen("[role=alert]").isEmpty());
        }
        says(".pressings li", "Inner forearm", "L*", "±");
        click("[data-tab=reading]");
        go("/sittings/" + sitting + "/undertone");
        says(".slope-sheet", "Measured skin");
    }

    @Test
    @Order(6)
    void aClientSendsAPictureFromHomeOnce() {
        String link = makeLink();
        browser.manage().window().setSize(new Dimension(430, 940));
        browser.get(link);
        says("main", "Hello Mei", "Never look into the sun");
        assertAccessible("from home");
        assertNoSidewaysScroll();
        browser.findElement(By.cssSelector("#home-picture input[type=file]"))
                .sendKeys(files.resolve("home.jpg").toString());
        patiently().until(b -> !b.findElements(By.cssSelector(".sent img")).isEmpty());
        says(".sent-said", "That works");
        find("#concerns").sendKeys("Fine lines");
        click(".home-form .stone-button");
        says("#consent-problem", "is needed before anything is sent");
        assertThat(find("#concerns").getAttribute("value")).isEqualTo("Fine lines");
        click("#consent");
        click(".home-form .stone-button");
        until(() -> seen("h1").contains("It has arrived"));
        browser.get(link);
        says("main", "does not open", "used already");
        browser.manage().window().setSize(new Dimension(1280, 943));
        go("/");
        says(".from-home-list", "Mei Tarnholt", "provisional");
        click(".from-home-list a");
        arrives("/skin");
        says(".trust", "Provisional");
        click(".cairn a[href$='/intake']");
        arrives("/intake");
        assertThat(find("#bothers").getAttribute("value")).contains("Fine lines");
    }

    @Test
    @Order(7)
    void aLinkThatRanOutOrWasNeverMadeSaysSo() {
        String link = makeLink();
        int open = browser.findElements(By.cssSelector(".came-in li")).size();
        click(".came-in .plain");
        until(() -> browser.findElements(By.cssSelector(".came-in li")).size() < open);
        browser.get(link);
        says("main", "does not open", "has run out");
        go("/from-home/abcdefgh");
        says("main", "Nothing lies here");
        assertAccessible("closed link");
    }

    /** Whatever comes in that is no face to be read: a sentence beside the picture, nothing read, and a hand may lay it. */
    @Test
    @Order(8)
    void aPictureThatCannotBeReadIsRefusedBesideItAndAHandMayLayTheFace() throws Exception {
        BufferedImage good = ImageIO.read(files.resolve("home.jpg").toFile());
        int w = good.getWidth();
        int h = good.getHeight();
        refused(drawn(w, h, g -> g.drawImage(good, 0, 0, w, h, 0, 0, w / 4, h / 6, null)), "No face found");
        refused(
                drawn(2 * w, h, g -> {
                    g.drawImage(good, 0, 0, null);
                    g.drawImage(good, w, 0, null);
                }),
                "More than one face");
        refused(drawn(w, h, g -> g.drawImage(good, 0, 0, w, h, w, h, 0, 0, null)), "stands on its head");
        refused(
                drawn(w, h, g -> {
                    g.drawImage(good, 0, 0, null);
                    g.setColor(new Color(0, 0, 0, 200));
                    g.fillRect(0, 0, w, h);
                }),
                "Too dark");
        assertAccessible("a refused picture");
        assertNoSidewaysScroll();
        go("/sittings/" + sitting + "/light");
        says(".refused-look", "Too dark");
        go("/sittings/" + sitting + "/skin");
        click(".refused-look a");
        arrives("/face/taps");
        var points = Studio.points(Ensemble.all().get(7), w);
        tap(points, new PointKey(Landmark.PUPIL, Side.RIGHT), w, "other pupil");
        assertAccessible("taps");
        tap(points, new PointKey(Landmark.PUPIL, Side.LEFT), w, "lowest edge");
        tap(points, PointKey.of(Landmark.CHIN), w, null);
        arrives("/face");
        await(By.cssSelector("[data-point=CHIN].PLACED"));
        go("/sittings/" + sitting + "/skin");
        says(".trust", "Provisional");
    }

    private void tap(FacePoints points, PointKey key, int pictureWidth, String then) {
        WebElement image = find("input[type=image]");
        double scale = image.getSize().getWidth() / (double) pictureWidth;
        new Actions(browser)
                .moveToElement(
                        image,
                        (int) Math.round(points.at(key).at().x() * scale
                                - image.getSize().getWidth() / 2.0),
                        (int) Math.round(points.at(key).at().y() * scale
                                - image.getSize().getHeight() / 2.0))
                .click()
                .perform();
        if (then != null) {
            until(() -> seen("h1").contains(then));
        }
    }

    private static byte[] drawn(int width, int height, Consumer<Graphics2D> by) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D paper = image.createGraphics();
        by.accept(paper);
        paper.dispose();
        return PictureIntake.encodeJpeg(scree.core.image.Raster.of(image), .92f);
    }

    private void refused(byte[] picture, String sentence) throws Exception {
        write("refused.jpg", picture);
        go("/sittings/" + sitting + "/skin");
        find("#picture").sendKeys(files.resolve("refused.jpg").toString());
        patiently().until(b -> seen(".refused-look").contains(sentence));
        assertThat(seen(".trust")).isEmpty();
        assertThat(browser.findElements(By.cssSelector("[data-zone]"))).isEmpty();
    }

    private String makeLink() {
        go("/clients/" + client);
        click("#make-link");
        await(By.id("fresh-link"));
        return find("#fresh-link").getAttribute("value");
    }

    private void photograph(String room, String heading) {
        go("/sittings/" + sitting + "/light");
        new Select(find("select[name=room]")).selectByValue(room);
        click(".practice-room button");
        patiently().until(b -> seen(".reading .verdict").contains(heading));
    }
}
