package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Base64;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.api.AbstractStringAssert;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.TestInstance;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.ElementNotInteractableException;
import org.openqa.selenium.NoSuchElementException;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.TimeoutException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.WindowType;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.WebDriverWait;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;

/** What browser journeys share: the demo data on their own schema, a headless browser, and waiting for answers. */
@DemoStudio
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class Journeys {
    @LocalServerPort
    int port;

    @Autowired
    private DemoLater concert;

    @Autowired
    JdbcTemplate sql;

    /** The browser of the lane; each class begins in it as a stranger. */
    ChromeDriver browser;

    /** Where files lie that a journey sends. */
    Path files;

    /** Journeys of a lane share a demo and a browser, so they go one after the other; the lanes run side by side. */
    private static final Map<String, Lane> LANES = new ConcurrentHashMap<>();

    /** Second processes beside those of the tests, by schema, where the run is asked to go through two by turns. */
    private static final Map<String, TwoNodes> NODES = new ConcurrentHashMap<>();

    private record Lane(ChromeDriver browser, Path files) {}

    /** Returns the schema of the lane's demo. */
    abstract String lane();

    /**
     * The browser without the parts that nobody sees: a quarter less of the processors than the whole one in headless mode. Not by the script of
     * that name: ended by its driver, the script leaves the browser behind.
     */
    private static final Path SHELL = Path.of("/usr/lib/chromium/chromium-headless-shell");

    /** What axe finds, as {@code look.js} tells it. */
    private static final String LOOK = read("/look.js");

    private static String read(String resource) {
        try (InputStream in = Journeys.class.getResourceAsStream(resource)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @BeforeAll
    void beginAsAStranger() {
        concert.load();
        Lane lane = LANES.computeIfAbsent(lane(), name -> begin());
        browser = lane.browser();
        files = lane.files();
        if (Boolean.getBoolean("scree.two.nodes")) {
            port = NODES.computeIfAbsent(schema(), s -> second(port, s, demo(), door()))
                    .port();
        }
        String before = browser.getWindowHandle();
        browser.switchTo().newWindow(WindowType.TAB); // a tab that many pages were shown in grows slow
        String fresh = browser.getWindowHandle();
        browser.switchTo().window(before).close();
        browser.switchTo().window(fresh);
        browser.manage().window().setSize(new Dimension(1280, 943));
        go("/sign-in");
        browser.executeScript("localStorage.clear(); sessionStorage.clear()");
        browser.manage().deleteAllCookies();
    }

    /** Returns where the rows lie that the class works on. */
    String schema() {
        return lane();
    }

    /** Returns whether the concert lies there. */
    boolean demo() {
        return true;
    }

    /** Returns the port at which two processes are reached, or 0 for any. */
    int door() {
        return 0;
    }

    private static TwoNodes second(int port, String schema, boolean demo, int door) {
        TwoNodes nodes = TwoNodes.beside(port, schema, demo, door);
        Runtime.getRuntime().addShutdownHook(new Thread(nodes::killSecond));
        return nodes;
    }

    private static Lane begin() {
        try {
            Lane lane = new Lane(open(), Files.createTempDirectory("scree-journeys"));
            Runtime.getRuntime().addShutdownHook(new Thread(() -> end(lane)));
            return lane;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static ChromeDriver open() {
        var service = new ChromeDriverService.Builder()
                .usingDriverExecutable(Path.of("/usr/bin/chromedriver").toFile())
                .build();
        ChromeOptions options = new ChromeOptions();
        options.setBinary(SHELL.toFile().canExecute() ? SHELL.toFile() : new File("/usr/bin/chromium"));
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--disable-dev-shm-usage",
                "--enable-unsafe-swiftshader",
                "--lang=en");
        options.setScriptTimeout(SLOW_ANSWER);
        return new ChromeDriver(service, options);
    }

    private static void end(Lane lane) {
        lane.browser().quit();
        try (Stream<Path> left = Files.walk(lane.files())) {
            left.sorted(Comparator.reverseOrder()).forEach(p -> p.toFile().delete());
        } catch (IOException e) {
            // what stays lies in the machine's own directory for such things
        }
    }

    void signIn() {
        go("/sign-in");
        signIn("loose stones");
    }

    /** Waits for the answer: who goes on before it came is not signed in, and then it comes in between. */
    void signIn(String password) {
        find("#username").clear();
        find("#username").sendKeys("runa@scree.example");
        find("#password").sendKeys(password);
        browser.executeScript("document.body.dataset.asked = 'yes'");
        click("button.main");
        until(() -> Boolean.TRUE.equals(browser.executeScript(
                "return document.readyState === 'complete' && document.body.dataset.asked !== 'yes'")));
    }

    /** Returns the sitting last opened for who is called so, whatever the surname. */
    long newest(String client) {
        return sql.queryForObject(
                "select max(s.id) from sitting s join client c on c.id = s.client_id where c.name like ?",
                Long.class,
                client + "%");
    }

    /** Returns the text now shown, empty when it is not there: for waiting while a part of the page is exchanged. */
    String seen(String css) {
        return String.valueOf(browser.executeScript(
                "const e = document.querySelector(arguments[0]); return e ? e.innerText : ''", css));
    }

    /** Returns an attribute of everything that is found, in one look: nothing is exchanged between finding and asking. */
    @SuppressWarnings("unchecked")
    List<String> each(String css, String attribute) {
        return (List<String>) browser.executeScript(
                "return [...document.querySelectorAll(arguments[0])].map(e => e.getAttribute(arguments[1]))",
                css,
                attribute);
    }

    /** Only what never comes takes as long, however loaded the machine. */
    private static final Duration PATIENCE = Duration.ofSeconds(60);

    /** A whole client in one file, or a look by axe, takes half a minute where thirty others want the processor. */
    private static final Duration SLOW_ANSWER = Duration.ofMinutes(3);

    /** Waits, also while the part of the page that is asked for is being exchanged. */
    WebDriverWait patiently() {
        WebDriverWait wait = new WebDriverWait(browser, PATIENCE);
        wait.pollingEvery(Duration.ofMillis(50)); // most answers take less than the usual half second
        wait.withMessage(() -> "on " + browser.getCurrentUrl() + " (" + browser.getTitle() + ")");
        wait.ignoreAll(List.of(
                StaleElementReferenceException.class,
                NoSuchElementException.class,
                ElementNotInteractableException.class));
        return wait;
    }

    void until(BooleanSupplier holds) {
        patiently().until(b -> holds.getAsBoolean());
    }

    /** A form's answer may take a moment to begin; the address tells when it has come. */
    void arrives(String part) {
        patiently().until(ExpectedConditions.urlContains(part));
    }

    void go(String path) {
        browser.get("http://127.0.0.1:" + port + path);
    }

    /** Waits for it: an answer may still be on its way. */
    WebElement find(String css) {
        return patiently().until(ExpectedConditions.presenceOfElementLocated(By.cssSelector(css)));
    }

    /** Read in one look, which costs a browser a hundredth of what its driver's own way of reading does. */
    String text(String css) {
        return patiently().until(b -> (String) browser.executeScript(
                "const e = document.querySelector(arguments[0]); return e && (e.innerText ?? e.textContent).trim()",
                css));
    }

    /** Looks until what is shown there says all of it: the page that was asked for may still be on its way. */
    void says(String css, String... words) {
        says(css, shown -> shown.contains(words));
    }

    /** Looks until what is asserted of the text shown there holds; what did not hold at the end is told. */
    void says(String css, Consumer<AbstractStringAssert<?>> holds) {
        AtomicReference<AssertionError> failed = new AtomicReference<>();
        try {
            patiently().until(b -> {
                try {
                    holds.accept(assertThat(text(css)));
                    return true;
                } catch (AssertionError e) {
                    failed.set(e);
                    return false;
                }
            });
        } catch (TimeoutException e) {
            if (failed.get() != null) {
                throw failed.get();
            }
            throw e;
        }
    }

    /** The same of an attribute; of what can be typed, what stands there now. */
    String attribute(String css, String name) {
        return patiently().until(b -> (String) browser.executeScript(
                "const [css, name] = arguments, e = document.querySelector(css);"
                        + " return e && ((name === 'value' || name === 'href' ? e[name] : e.getAttribute(name)) || '')",
                css,
                name));
    }

    /** Lets an answer come that exchanges a part of the page, also under a hand that holds something. */
    void exchange(String url, String part) {
        browser.executeScript(
                "const [url, part] = arguments; document.querySelector(part).dataset.old = 'yes';"
                        + " htmx.ajax('GET', url, { target: part, swap: 'outerHTML' })",
                url,
                part);
        until(() -> Boolean.TRUE.equals(browser.executeScript(
                "const now = document.querySelector(arguments[0]); return Boolean(now) && !now.dataset.old", part)));
        answered();
    }

    /** Waits until everything that was tapped is answered. */
    void answered() {
        until(() -> Boolean.TRUE.equals(browser.executeScript("return !window.scree || window.scree.idle()")));
    }

    void await(By by) {
        patiently().until(ExpectedConditions.presenceOfElementLocated(by));
    }

    /** Scrolls to it first, as a person would. */
    void click(String css) {
        answered();
        patiently().until(b -> {
            WebElement element = b.findElement(By.cssSelector(css));
            browser.executeScript("arguments[0].scrollIntoView({block:'center', behavior:'instant'})", element);
            element.click();
            return true;
        });
    }

    /** Returns the words of a PDF that whoever is signed in may open. */
    String printed(String url) throws IOException {
        try (PDDocument document = Loader.loadPDF(fetched(url))) {
            return new PDFTextStripper().getText(document);
        }
    }

    /** Returns a file that whoever is signed in may open. */
    byte[] fetched(String url) {
        return Base64.getDecoder()
                .decode(String.valueOf(browser.executeAsyncScript(
                        "const done = arguments[1]; fetch(arguments[0]).then(r => r.blob()).then(b => { const f = new FileReader();"
                                + " f.onload = () => done(f.result.split(',')[1]); f.readAsDataURL(b); })",
                        url)));
    }

    void assertNoSidewaysScroll() {
        Object over = browser.executeScript(
                "return document.documentElement.scrollWidth - document.documentElement.clientWidth");
        assertThat(((Number) over).intValue()).as(browser.getCurrentUrl()).isLessThanOrEqualTo(0);
    }

    /** What still waits for its answer is greyed, so it is not looked at before. */
    void assertAccessible(String where) {
        answered();
        assertThat((List<?>) browser.executeAsyncScript(LOOK)).as(where).isEmpty();
    }

    void write(String name, byte[] bytes) throws IOException {
        Files.write(files.resolve(name), bytes);
    }
}
