package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** Correction as an artist meets it: proposed, compared, changed by hand and by keys; broken skin; a tattoo; deep skin. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class CorrectJourneyIT extends FarLane {
    @BeforeAll
    void comeIn() {
        signIn();
    }

    private void open(String name) {
        go("/sittings/" + newest(name) + "/correct");
    }

    /** Purple under fair eyes: corrected, shown beside the short cuts, changed, undone, never brightened before. */
    @Test
    @Order(1)
    void purpleUnderFairEyesIsCorrectedAndComparedWithTheShortCuts() {
        open("Liv");
        says(".marks > li.open .mark-title", "Under eye", "bare", "planned");
        says(".layers", "tap");
        says(".strata-side", "µm");
        says(
                ".mark-detail",
                t -> t.as("the lighter one only on what is corrected").contains("brightest points only"));
        click("[data-beside=BRIGHTENER_STRAIGHT]");
        until(() -> seen(".strata-names").contains("Brightener straight"));
        says(".strata-side", "leaves");
        String colour = find("#seen-now").getAttribute("fill");
        click(".slice rect");
        until(() -> !colour.equals(find("#seen-now").getAttribute("fill")));
        String before = text(".marks > li.open .mark-state");
        click(".layers li[data-layer] summary");
        click(".layers .more");
        until(() -> !seen(".marks > li.open .mark-state").equals(before)
                && seen(".adding").contains("As Scree plans it"));
        find("body").sendKeys("u");
        until(() -> seen(".marks > li.open .mark-state").equals(before));
        find("body").sendKeys("s");
        until(() -> find("[data-school=BY_TABLE]").getAttribute("aria-pressed").equals("true"));
        find("body").sendKeys("u");
        until(() -> find("[data-school=COMPUTED]").getAttribute("aria-pressed").equals("true"));
        assertAccessible("correct");
    }

    /** Of three quick presses one was kept. */
    @Test
    @Order(1)
    void threeQuickPressesLayAsMuchAsThreeSlowOnes() {
        open("Liv");
        String amount = ".layers li[data-layer] summary .quiet";
        String before = text(amount);
        click(".layers li[data-layer] summary");
        for (int i = 0; i < 3; i++) {
            click(".layers .more");
            answered();
        }
        String slow = text(amount);
        find("body").sendKeys("uuu");
        until(() -> text(amount).equals(before));
        answered();
        browser.executeScript(
                "const more = document.querySelector('.layers .more'); more.click(); more.click(); more.click()");
        answered();
        assertThat(text(amount)).isEqualTo(slow);
        find("body").sendKeys("uuu");
        until(() -> text(amount).equals(before));
    }

    @Test
    @Order(2)
    void aPoppedBlemishIsLeftToItsHealingAndTheNoteLosesNothing() {
        open("Liv");
        until(() -> find(".marks > li.open [data-row]") != null);
        for (int i = 0; i < 3 && !seen(".marks > li.open .mark-state").contains("broken"); i++) {
            String now = find(".marks > li.open [data-row]").getAttribute("data-row");
            find("body").sendKeys(Keys.ARROW_DOWN);
            until(() -> !find(".marks > li.open [data-row]")
                    .getAttribute("data-row")
                    .equals(now));
        }
        says(".mark-detail", "nothing goes on here", "pharmacist or doctor");
        assertThat(browser.findElements(By.cssSelector(".layers, .cover-strata")))
                .isEmpty();
        find("#own-note").sendKeys("x".repeat(310));
        click("#keep-note");
        until(() -> seen(".mark-detail").contains("310 letters"));
        assertThat(find("#own-note").getAttribute("value")).hasSize(310);
    }

    @Test
    @Order(3)
    void whatIsCoveredIsGoneInThePicture() {
        open("Petra");
        says(".marks", "red");
        click("[data-correct-mode=made]");
        until(() -> find("#correct-made").getAttribute("href") != null);
        assertThat(find("#correct-drawing").getAttribute("class")).contains("no-marks");
        until(() -> Boolean.TRUE.equals(browser.executeScript(
                "return fetch(document.getElementById('correct-made').getAttribute('href')).then(r => r.ok)")));
    }

    @Test
    @Order(4)
    void aTattooIsCoveredInPressedCoatsAndAMarkIsLeft() {
        open("Rasmus");
        says(".marks", "Tattoo");
        says(".mark-state", "coat");
        find("body").sendKeys("l");
        until(() -> seen(".marks > li.open .mark-state").contains("left as it is"));
        find("body").sendKeys("u");
        until(() -> seen(".marks > li.open .mark-state").contains("coat"));
    }

    /** A scar on the face is lifted over by red and sheen: said, and drawn as a ring on Place. */
    @Test
    @Order(5)
    void placeKeepsRedAndSheenOffACoveredScar() {
        open("Kofi");
        String place = browser.getCurrentUrl().replaceAll(".*(/sittings/\\d+)/.*", "$1/place");
        go(place);
        says("main", "lift the brush over it");
        assertThat(browser.findElements(By.cssSelector(".lifts path"))).isNotEmpty();
    }

    /** What a coat hides is an estimate until a pencil line told it; then every plan speaks it. */
    @Test
    @Order(6)
    void aPencilLineTellsWhatACoatHides() {
        Long id = sql.queryForObject(
                "select min(id) from product where role = 'CONCEALER' and worn_share is null and deleted_at is null",
                Long.class);
        go("/kit/" + id + "/pencil");
        says("main", "That is an estimate");
        String[] figures = {"28", "4", "2", "66", "11", "17", "52", "9", "12", "68", "10", "18"};
        int i = 0;
        for (String place : new String[] {"line", "skin", "coatedLine", "coatedSkin"}) {
            for (String axis : new String[] {"L", "A", "B"}) {
                find("#" + place + axis).sendKeys(i == 7 ? "nine" : figures[i]);
                i++;
            }
        }
        click("form.pencil button.main");
        until(() -> seen(".problem").length() > 0);
        assertThat(find("#coatedLineL").getAttribute("value"))
                .as("nothing is lost")
                .startsWith("52");
        find("#coatedLineA").clear();
        find("#coatedLineA").sendKeys("9");
        click("form.pencil button.main");
        until(() -> seen("main").contains("as measured"));
    }

    /** The planner names the one corrector that would do most for what clients show. */
    @Test
    @Order(7)
    void oneCorrectorForWhatClientsShow() {
        go("/kit/gaps?role=CORRECTOR");
        click("a[href*='shown=true']");
        until(() -> seen("main").contains("places on your latest clients")
                || seen("main").contains("as well without"));
    }

    /** A spot under blush is looked at last: what is left of it, and what to stir if anything; without the blush nothing is asked. */
    @Test
    @Order(9)
    void aSpotUnderBlushIsLookedAtLastOfAll() {
        open("Samira");
        go(browser.getCurrentUrl().replaceAll(".*(/sittings/\\d+)/.*", "$1/place"));
        until(() -> seen(".spots-last").contains("Spots, last of all"));
        assertThat(seen(".spots-last li")).contains(" under ").containsAnyOf("leave it", "Stir", "Less over it");
        click("[hx-post$='/place/family'][hx-vals*=COLOUR]");
        until(() -> seen(".spots-last").isEmpty());
        click("[hx-post$='/place/family'][hx-vals*=COLOUR]");
        until(() -> seen(".spots-last li").contains(" under "));
    }

    @Test
    @Order(8)
    void onDeepSkinNoGreenIsProposed() {
        open("Kofi");
        says(".marks", "Scar");
        open("Ama");
        says(".mark-detail", t -> t.doesNotContain("Moss").contains("planned"));
    }
}
