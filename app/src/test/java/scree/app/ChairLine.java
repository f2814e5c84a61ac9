package scree.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chromium.ChromiumNetworkConditions;

/** What a chair's page and its worker reach the server by: it can be cut, and then what was kept has to do. */
final class ChairLine implements AutoCloseable {
    private final Line line;
    private boolean cut;
    private WorkerNetwork worker;

    ChairLine(int server) {
        line = Line.to(server);
    }

    /** Returns the address that goes over the line. */
    String address(String path) {
        return "http://127.0.0.1:" + line.port() + path;
    }

    /** Cuts the network of the page and of its worker by the developer's tools; a reload forgets that, so the line is cut as well. */
    void cut(ChromeDriver browser) {
        cut = true;
        line.cut(true);
        ChromiumNetworkConditions away = new ChromiumNetworkConditions();
        away.setOffline(true);
        browser.setNetworkConditions(away);
        try {
            worker = WorkerNetwork.cut(browser, "/chair-worker.js");
        } catch (Exception e) {
            throw new IllegalStateException("the worker's network could not be cut", e);
        }
    }

    /** Does nothing where all are through. */
    void restore(ChromeDriver browser) {
        if (!cut) {
            return;
        }
        line.cut(false);
        browser.deleteNetworkConditions();
        if (worker != null) {
            worker.close();
            worker = null;
        }
        cut = false;
    }

    /** Whether the page lies in the browser with all that it is drawn with: that page, which another process may have made than the one that is seen. */
    static boolean keptWhole(ChromeDriver browser) {
        return Boolean.TRUE.equals(browser.executeAsyncScript("""
                        const told = arguments[0];
                        caches.match(location.href).then((page) => page ? page.text() : "").then((text) => {
                          const kept = new DOMParser().parseFromString(text, "text/html");
                          const files = [...kept.querySelectorAll("script[src], link[rel=stylesheet]")]
                            .map((e) => e.getAttribute("src") || e.getAttribute("href"));
                          return files.length && Promise.all(files.map((f) => caches.match(f))).then((all) => all.every(Boolean));
                        }).then(told);"""));
    }

    @Override
    public void close() {
        try {
            line.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
