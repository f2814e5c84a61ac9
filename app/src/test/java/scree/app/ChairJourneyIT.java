package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WindowType;

/** The work at a chair as an artist meets it: clocks, differences, the connection cut and back, two tablets, and keys alone. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ChairJourneyIT extends MainLane {
    private long sitting;
    private ChairLine line;

    @BeforeAll
    void comeIn() {
        signIn();
    }

    /** Also after a failure: the others have done nothing to deserve it. */
    @AfterEach
    void backOnline() {
        line.restore(browser);
    }

    @AfterAll
    void withoutTheLine() {
        line.close();
    }

    @Override
    void go(String path) {
        line = line == null ? new ChairLine(port) : line; // the first way goes before any set-up of this class
        browser.get(line.address(path));
    }

    private void open(String name) {
        sitting = newest(name);
        go("/sittings/" + sitting + "/chair");
    }

    private void begin(String name) {
        open(name);
        click("#begin");
        ready();
    }

    private void ready() {
        until(() -> "yes".equals(attribute("#chair", "data-ready")));
    }

    private String at() {
        return attribute("#chair", "data-at");
    }

    /** Waits longer than a press that bounces. */
    private void done() {
        String before = at();
        pause(750);
        click("#chair-done");
        until(() -> !at().equals(before));
    }

    private static void pause(long millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private int notes(String kind) {
        return sql.queryForObject(
                "select count(*) from chair_note where sitting_id = ? and kind like ?", Integer.class, sitting, kind);
    }

    private String link() {
        return seen("#chair-link");
    }

    private String clock() {
        return seen("#chair-clock");
    }

    private static int seconds(String clock) {
        String[] parts = clock.split(":");
        return 60 * Integer.parseInt(parts[0]) + Integer.parseInt(parts[1]);
    }

    /**
     * Clocks, a difference with what follows from it, the network cut for three steps and a reload among them, the device's clock set back an
     * hour, back online: the record is whole.
     */
    @Test
    @Order(1)
    void theWorkGoesOnWithoutAConnectionAndTheRecordIsWhole() {
        open("Sefu");
        says(".chair-ahead", "No base was taken yet: the order has none.");
        click("#begin");
        ready();
        until(() -> link().contains("Online"));
        assertThat(at()).isEqualTo("ASK");
        int first = seconds(clock());
        pause(1500);
        assertThat(seconds(clock())).as("it counts").isBetween(first - 4, first - 1);
        done();
        until(() -> notes("DONE") == 1);
        click("#chair-different");
        click("[data-kind=MORE]");
        until(() -> notes("MORE") == 1);
        if (!browser.findElements(By.cssSelector("#panel-asked:not([hidden])")).isEmpty()) {
            click("#asked-leave");
            until(() -> notes("LEFT") == 1);
        }
        until(() -> ChairLine.keptWhole(browser));
        until(() -> link().contains("All is kept"));
        line.cut(browser);
        long cutAt = Instant.now().toEpochMilli();
        List<String> offline = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            offline.add(at());
            done();
        }
        until(() -> link().contains("Offline") && link().contains("2 kept"));
        // the device's clock is set back an hour, and the page is opened again without a connection
        Object script = browser.executeCdpCommand(
                        "Page.addScriptToEvaluateOnNewDocument",
                        Map.of("source", "const real = Date.now; Date.now = () => real() - 3600000;"))
                .get("identifier");
        String before = at();
        browser.navigate().refresh();
        ready();
        assertThat((Long)
                        browser.executeScript("return JSON.parse(document.getElementById('chair').dataset.script).now"))
                .as("the page that was kept, not a fresh one")
                .isLessThan(cutAt);
        assertThat(at()).as("where it was").isEqualTo(before);
        until(() -> link().contains("2 kept"));
        offline.add(at());
        done();
        assertThat(notes("DONE")).as("nothing reached the server").isEqualTo(1);
        browser.executeCdpCommand("Page.removeScriptToEvaluateOnNewDocument", Map.of("identifier", script));
        line.restore(browser);
        until(() -> link().contains("All is kept"));
        assertThat(notes("DONE")).isEqualTo(4);
        assertThat(sql.queryForList(
                        "select step from chair_note where sitting_id = ? and kind = 'DONE' order by at",
                        String.class,
                        sitting))
                .containsExactly("ASK", offline.get(0), offline.get(1), offline.get(2));
        assertThat(sql.queryForObject(
                        "select count(*) from chair_note where sitting_id = ? and at > received_at",
                        Integer.class,
                        sitting))
                .isZero();
        browser.navigate().refresh();
        ready();
        assertThat(notes("DONE")).as("sent once").isEqualTo(4);
    }

    @Test
    @Order(2)
    void aPressThatBouncesCountsOnceAndBackTakesItBack() {
        open("Sefu");
        ready();
        pause(800);
        String before = at();
        int ended = notes("DONE");
        browser.executeScript("const b = document.getElementById('chair-done'); b.click(); b.click(); b.click()");
        until(() -> notes("DONE") == ended + 1);
        assertThat(at()).isNotEqualTo(before);
        pause(800);
        click("#chair-back");
        until(() -> at().equals(before));
    }

    /** A step runs in one tab; another tablet ends it, the plan changes on Order: nothing is forced, nothing is lost. */
    @Test
    @Order(3)
    void twoTabletsAndAPlanChangedElsewhere() {
        begin("Noor");
        String here = browser.getWindowHandle();
        browser.switchTo().newWindow(WindowType.TAB);
        go("/sittings/" + sitting + "/chair");
        ready();
        done();
        String next = at();
        browser.switchTo().window(here);
        until(() -> at().equals(next));
        browser.switchTo().newWindow(WindowType.TAB);
        go("/sittings/" + sitting + "/order");
        click("[data-step=TOOLS]");
        click("#earlier");
        until(() -> seen(".by-hand").contains("Moved by hand"));
        browser.close();
        browser.switchTo().window(here);
        browser.navigate().refresh();
        ready();
        assertThat(seen("#chair-offer")).containsIgnoringCase("in another order");
        assertThat(at()).as("the plan that was begun").isEqualTo(next);
        List<String> course = course();
        click("#chair-take");
        until(() -> !course().equals(course));
        ready(); // the page was loaded anew
        until(() -> at().equals(next));
        assertThat(browser.findElements(By.cssSelector("#chair-offer:not([hidden])")))
                .isEmpty();
        for (String tab : browser.getWindowHandles()) {
            if (!tab.equals(here)) {
                browser.switchTo().window(tab);
                until(() -> !course().equals(course)); // the other tablet follows
                browser.close();
            }
        }
        browser.switchTo().window(here);
    }

    /** Read at once: while a tablet loads the page anew, an element that was found is gone before it is asked. */
    @SuppressWarnings("unchecked")
    private List<String> course() {
        return (List<String>)
                browser.executeScript("return [...document.querySelectorAll('[data-go]')].map(e => e.dataset.go)");
    }

    /** It would be of no use without a connection; and where the line is slow it would be shown again, once the work has begun. */
    @Test
    @Order(4)
    void whatIsAheadIsNotKeptAsTheWork() {
        open("Mei");
        await(By.id("begin"));
        browser.navigate().refresh(); // by the second time the worker is done with the first
        await(By.id("begin"));
        assertThat(browser.executeScript("return Boolean(navigator.serviceWorker.controller)"))
                .as("the worker stands between")
                .isEqualTo(true);
        assertThat(browser.executeAsyncScript(
                        "caches.match(location.href).then((page) => arguments[0](Boolean(page)))"))
                .as("kept")
                .isEqualTo(false);
    }

    /** What is seen at the inspection leads back to its step with the remedy, and then on to the inspection again. */
    @Test
    @Order(5)
    void aFlawLeadsBackToItsStepAndOn() {
        begin("Luca");
        List<String> steps = course();
        String look = "LOOK";
        noteAllBefore(steps.subList(0, steps.indexOf(look)));
        browser.navigate().refresh();
        ready();
        until(() -> at().equals(look));
        click("[data-flaw]");
        String remedy = text("#flaw-mend");
        String back = text("#flaw-back");
        pause(750);
        click("#flaw-back");
        until(() -> !at().equals(look));
        assertThat(back).contains(seen(".chair-step:not([hidden]) h2"));
        assertThat(seen("[data-mend]:not([hidden])")).isEqualTo(remedy);
        assertAccessible("the chair");
        done();
        until(() -> at().equals(look));
        assertThat(notes("FLAW")).isEqualTo(1);
    }

    private void noteAllBefore(List<String> steps) {
        int seq = 1;
        String device = UUID.randomUUID().toString();
        for (String step : steps) {
            sql.update(
                    "insert into chair_note (studio_id, sitting_id, device, seq, kind, step, at, received_at, artist_id) "
                            + "select studio_id, sitting_id, ?::uuid, ?, 'DONE', ?, taken_at + ? * interval '1 millisecond', now(), artist_id "
                            + "from chair_plan where sitting_id = ?",
                    device,
                    seq,
                    step,
                    seq,
                    sitting);
            seq++;
        }
    }

    /** The day is laid anew while Luca sits in the chair. */
    @Test
    @Order(6)
    void theNextFaceIsToldAsTheDayIsByNow() {
        open("Luca");
        ready();
        String move = "update sitting set starts_at = starts_at + ? * interval '1 minute' "
                + "where client_id = (select id from client where name like 'Sefu%') returning to_char(starts_at, 'HH24:MI')";
        String later = sql.queryForObject(move, String.class, 3);
        try {
            assertThat(seen("#chair-pace")).doesNotContain(later);
            browser.executeScript("window.dispatchEvent(new Event('online'))"); // it looks around at once
            says("#chair-pace", "Next face " + later);
        } finally {
            sql.queryForObject(move, String.class, -3);
        }
    }

    /** No pointer at all: through every step, a pause, a note, and to the end. */
    @Test
    @Order(7)
    void byKeysAlone() {
        open("Ingrun");
        find("#begin").sendKeys(Keys.ENTER);
        ready();
        List<String> steps = course();
        key(" ");
        until(() -> seen("#chair-pause").equals("Go on") && notes("PAUSED") == 1);
        key(" ");
        until(() -> notes("RESUMED") == 1);
        key("d");
        until(() -> !browser.findElements(By.cssSelector("#panel-different:not([hidden])"))
                .isEmpty());
        for (int i = 0; i < 6; i++) {
            key(Keys.ARROW_DOWN);
        }
        key(Keys.ENTER);
        until(() -> browser.switchTo().activeElement().getTagName().equals("textarea"));
        key("gentle round the eyes");
        key(Keys.TAB);
        key(Keys.ENTER);
        until(() -> notes("NOTE") == 1);
        for (int i = 0; i < steps.size(); i++) {
            String before = at();
            pause(750);
            key(i % 2 == 0 ? Keys.PAGE_DOWN : Keys.ARROW_RIGHT);
            until(() -> !at().equals(before));
        }
        assertThat(at()).isEqualTo("end");
        assertThat(seen("#chair-end-list")).contains("gentle round the eyes");
        pause(750);
        key(Keys.ENTER);
        until(() -> notes("FINISHED") == 1);
        assertThat(sql.queryForObject("select done_at is not null from sitting where id = ?", Boolean.class, sitting))
                .isTrue();
        until(() -> {
            go("/sittings/" + sitting + "/record"); // made right after the end is stored
            return seen("main").contains("Kept on ");
        });
        assertThat(seen("main")).contains("Hands took", "note: gentle round the eyes");
        assertAccessible("record of work at the chair");
        click("#take-home");
        until(() -> seen("main").contains("What Ingrun takes home"));
    }

    private void key(CharSequence keys) {
        browser.switchTo().activeElement().sendKeys(keys);
    }

    /** The session ends in the middle of the work: what is noted stays, and is sent when the artist is back. */
    @Test
    @Order(8)
    void signedOutInTheMiddleNothingIsLost() {
        open("Sefu");
        ready();
        int before = notes("DONE");
        var cookies = browser.manage().getCookies();
        browser.manage().deleteAllCookies();
        done();
        until(() -> link().contains("Sign in again"));
        assertThat(notes("DONE")).isEqualTo(before);
        cookies.forEach(c -> browser.manage().addCookie(c));
        browser.navigate().refresh();
        ready();
        until(() -> notes("DONE") == before + 1);
        until(() -> link().contains("All is kept"));
    }
}
