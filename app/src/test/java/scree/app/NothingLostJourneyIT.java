package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.CookieManager;
import java.net.Socket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;
import org.springframework.beans.factory.annotation.Autowired;
import scree.app.studio.Accounts;

/** In a browser: every tap counts, what was typed comes back, the main key takes nothing, what was deleted returns. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class NothingLostJourneyIT extends SideLane {
    @Autowired
    private Accounts accounts;

    private String sitting;

    @BeforeAll
    void findASittingWithAReadSkin() {
        go("/clients");
        signIn("loose stones");
        arrives("/clients");
        find("#find").sendKeys("Samira");
        await(By.cssSelector(".people li:only-child a"));
        click(".people a");
        await(By.cssSelector(".record a"));
        sitting = find(".record a").getAttribute("href").replaceAll(".*/sittings/(\\d+)", "/sittings/$1");
    }

    /** Four quick presses once added one part. */
    @Test
    @Order(1)
    void fourQuickPressesAddFourPartsAndThePageShowsThemAtOnce() {
        go(sitting + "/base/mix");
        int before = Integer.parseInt(text(".parts li:first-child .count-buttons b"));
        Object shown = browser.executeScript(
                "for (let i = 0; i < 4; i++) { document.querySelector('.parts li:first-child .count-buttons button:last-child').click(); }"
                        + " return document.querySelector('.parts li:first-child .count-buttons b').textContent");
        assertThat(shown).as("before any answer").isEqualTo(String.valueOf(before + 4));
        until(() -> Boolean.TRUE.equals(browser.executeScript("return scree.idle()")));
        says(".parts li:first-child .count-buttons b", t -> t.isEqualTo(String.valueOf(before + 4)));
        browser.navigate().refresh();
        says(".parts li:first-child .count-buttons b", t -> t.isEqualTo(String.valueOf(before + 4)));
        click("#undo");
        until(() -> seen(".parts li:first-child .count-buttons b").equals(String.valueOf(before + 3)));
    }

    /** Before the first answer there was nothing to take back, and the key did nothing. */
    @Test
    @Order(1)
    void whatIsTakenBackBeforeItsAnswerCameIsTakenBack() {
        go(sitting + "/order");
        assertThat(find("#undo").isEnabled()).as("nothing was done yet").isFalse();
        String before = text(".order-steps");
        browser.executeScript("document.querySelector('[data-school][aria-pressed=false]').click();"
                + " document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'u', bubbles: true }))");
        until(() -> Boolean.TRUE.equals(
                browser.executeScript("return scree.idle() && !document.getElementById('redo').disabled")));
        assertThat(text(".order-steps")).isEqualTo(before);
    }

    /** In the moment in which an answer was shown its buttons were dead: a press then was lost. */
    @Test
    @Order(1)
    void aPressInTheMomentOfTheAnswerCounts() {
        go(sitting + "/base/mix");
        int before = Integer.parseInt(text(".parts li:first-child .count-buttons b"));
        browser.executeScript(
                "const press = () => document.querySelector('.parts li:first-child .count-buttons button:last-child').click();"
                        + " document.addEventListener('htmx:afterSwap', () => setTimeout(press), { once: true }); press()");
        says(".parts li:first-child .count-buttons b", t -> t.isEqualTo(String.valueOf(before + 2)));
    }

    /** An intake sent after the session ended once answered 403, and the text was gone. */
    @Test
    @Order(2)
    void whatWasTypedWhenTheSessionEndedIsOfferedBack() {
        go(sitting + "/intake");
        find("#reactions").sendKeys("wool");
        find("#loves").sendKeys("a soft brow");
        browser.manage().deleteCookieNamed("scree");
        click("form.form button.main");
        arrives("/sign-in?ended");
        says(".note", "what you typed is kept");
        signIn("loose stones");
        arrives(sitting + "/intake");
        says(".draft-offer", "that was not saved");
        assertAccessible("a draft offered back");
        assertThat(find("#reactions").getAttribute("value")).isEmpty();
        click(".draft-offer .stone-button");
        assertThat(find("#reactions").getAttribute("value")).isEqualTo("wool");
        click("form.form button.main");
        arrives("/light");
        go(sitting + "/intake");
        assertThat(find("#loves").getAttribute("value")).isEqualTo("a soft brow");
        assertThat(browser.findElements(By.cssSelector(".draft-offer")))
                .as("it was saved")
                .isEmpty();
        says("aside", "wool");
    }

    /** Enter twice from Today once took a base that nobody had seen. */
    @Test
    @Order(3)
    void theMainKeyMovesOnAndTakesNothing() {
        go(sitting + "/base");
        await(By.cssSelector("form.take"));
        assertThat(browser.findElements(By.cssSelector(".taken-line"))).isEmpty();
        new Actions(browser).sendKeys(Keys.ENTER).perform();
        arrives("/face");
        go(sitting + "/base");
        await(By.cssSelector("form.take"));
        assertThat(browser.findElements(By.cssSelector(".taken-line"))).isEmpty();
    }

    /** A face's first guess, answered while the artist was leaving, once called her back to the face. */
    @Test
    @Order(3)
    void aPageThatRenewsItselfCallsNobodyBack() {
        go(sitting + "/face");
        browser.executeScript(
                "addEventListener('beforeunload', () => setTimeout(() => scree.renew(location.pathname)));"
                        + " location.href = '/kit'");
        arrives("/kit");
    }

    /** What was typed and not saved holds the main key back. */
    @Test
    @Order(4)
    void theMainKeyDoesNotLeaveWhatIsNotSaved() {
        go(sitting + "/intake");
        find("#bothers").sendKeys(" New.");
        browser.executeScript("document.activeElement.blur()");
        new Actions(browser).sendKeys(Keys.ENTER).perform();
        until(() -> seen("#message").contains("not saved yet"));
        assertThat(browser.getCurrentUrl()).endsWith("/intake");
        assertThat(browser.switchTo().activeElement().getTagName()).isEqualTo("button");
    }

    @Test
    @Order(5)
    void aBaseThatWasTakenIsPutBackAndTakenOff() {
        go(sitting + "/base");
        String first = text("form.take label:nth-child(1) span span");
        click("form.take button.main");
        until(() -> seen(".taken-line").contains(first));
        String second = text("form.take label:nth-child(2) span span");
        browser.executeScript("document.querySelectorAll('form.take input[type=radio]')[1].click()");
        click("form.take button:not(.plain)");
        until(() -> seen(".taken-line strong").contains(second));
        click(".taken-line button[name=choice]:not([value='0'])");
        until(() -> seen(".taken-line strong").contains(first));
        click(".taken-line button[value='0']");
        until(() -> !seen(".taken-line").contains("Taken"));
        says(".taken-line", "Put", "back");
        assertAccessible("a base taken off");
    }

    @Test
    @Order(6)
    void aDeletedClientIsBroughtBackWithEverything() {
        go("/clients/" + clientOf());
        String sittings = String.valueOf(
                browser.findElements(By.cssSelector(".record li")).size());
        go("/clients/" + clientOf() + "/edit");
        click(".delete-line button");
        arrives("/clients");
        says(".undo-bar", "can be brought back");
        assertAccessible("after deleting");
        go("/deleted");
        says(".deleted", "client with all sittings");
        assertAccessible("deleted");
        click(".deleted button");
        until(() -> seen(".note").contains("It is back"));
        go("/clients/" + clientOf());
        assertThat(String.valueOf(
                        browser.findElements(By.cssSelector(".record li")).size()))
                .isEqualTo(sittings);
    }

    // ---- sessions, as any client of the running server sees them ----

    private HttpResponse<String> ask(HttpClient http, String path) throws Exception {
        return http.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                        .header("Accept", "text/html")
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private HttpClient signedIn(String email, String password) throws Exception {
        HttpClient http =
                HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
        Matcher token = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"")
                .matcher(ask(http, "/sign-in").body());
        assertThat(token.find()).isTrue();
        String form = "username=" + URLEncoder.encode(email, StandardCharsets.UTF_8) + "&password="
                + URLEncoder.encode(password, StandardCharsets.UTF_8) + "&_csrf="
                + URLEncoder.encode(token.group(1), StandardCharsets.UTF_8);
        http.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/sign-in"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(form))
                        .build(),
                HttpResponse.BodyHandlers.discarding());
        return http;
    }

    @Test
    @Order(7)
    void whoWasRemovedOrChangedThePasswordIsOutAtTheNextRequest() throws Exception {
        var studio = accounts.foundStudio("leaving");
        String email = UUID.randomUUID() + "@scree.example";
        long artist = accounts.addArtist(studio, "Bea", email, "loose stones");
        HttpClient http = signedIn(email, "loose stones");
        assertThat(ask(http, "/clients").statusCode()).isEqualTo(200);
        byte[] kept = sql.queryForObject(
                "SELECT a.attribute_bytes FROM spring_session_attributes a JOIN spring_session s"
                        + " ON s.primary_id = a.session_primary_id WHERE s.principal_name = ?"
                        + " AND a.attribute_name = 'SPRING_SECURITY_CONTEXT'",
                byte[].class,
                email);
        assertThat(new String(kept, StandardCharsets.ISO_8859_1))
                .as("the session lies in the database, without the password's hash")
                .contains(email)
                .doesNotContain("$2a$");
        accounts.changePassword(studio, artist, "other stones");
        assertThat(ask(http, "/clients").headers().firstValue("Location")).contains("/sign-in?ended");
        HttpClient again = signedIn(email, "other stones");
        assertThat(ask(again, "/clients").statusCode()).isEqualTo(200);
        accounts.remove(studio, artist);
        assertThat(ask(again, "/clients").headers().firstValue("Location")).contains("/sign-in?ended");
        assertThat(ask(signedIn(email, "other stones"), "/clients").statusCode())
                .isEqualTo(302);
    }

    @Test
    @Order(8)
    void visitorsGetNoSessionAndRedirectsFollowNoHost() throws Exception {
        HttpClient http = HttpClient.newHttpClient();
        for (String path : List.of("/sign-in", "/clients", "/from-home/none")) {
            assertThat(ask(http, path).headers().allValues("Set-Cookie"))
                    .as(path)
                    .noneMatch(c -> c.startsWith("scree="));
        }
        assertThat(raw("GET /clients HTTP/1.1\r\nHost: evil.example\r\nConnection: close\r\n\r\n"))
                .contains("Location: /sign-in")
                .doesNotContain("evil.example");
    }

    /** What the server itself answers, before any filter, is as strict as a page. */
    @Test
    @Order(9)
    void theServersOwnAnswersCarryThePolicyToo() throws Exception {
        for (String line : List.of("GET /%zz HTTP/1.1", "GET /a|b HTTP/1.1", "TRACE / HTTP/1.1")) {
            assertThat(raw(line + "\r\nHost: x\r\nConnection: close\r\n\r\n"))
                    .as(line)
                    .containsPattern("HTTP/1.1 4\\d\\d")
                    .contains("Content-Security-Policy: default-src 'self'");
        }
    }

    private String raw(String request) throws Exception {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.ISO_8859_1);
        }
    }

    private String client;

    private String clientOf() {
        if (client == null) {
            go(sitting + "/intake");
            client = find(".ground a").getAttribute("href").replaceAll(".*/clients/", "");
        }
        return client;
    }
}
