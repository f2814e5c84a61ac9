package scree.bench;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import scree.core.mesh.FaceSearch;
import scree.core.mesh.HeadMesh;

/** Runs the application's own first guess in a browser on pictures handed to it, without network. */
final class BrowserGuess implements AutoCloseable {
    private static final String PAGE = "<!doctype html><script src='/js/guess.js'></script>";
    private final HttpServer server;
    private final ChromeDriver browser;
    private final Map<String, byte[]> pictures = new ConcurrentHashMap<>();
    private final Path files;

    BrowserGuess(Path staticFiles) throws IOException {
        this.files = staticFiles.toAbsolutePath().normalize();
        this.server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/", this::answer);
        server.start();
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments("--headless=new", "--no-sandbox", "--disable-gpu", "--disable-background-networking");
        this.browser = new ChromeDriver(
                new ChromeDriverService.Builder()
                        .usingDriverExecutable(Path.of("/usr/bin/chromedriver").toFile())
                        .build(),
                options);
        browser.manage().timeouts().scriptTimeout(Duration.ofSeconds(60));
        browser.get("http://127.0.0.1:" + server.getAddress().getPort() + "/");
    }

    private void answer(HttpExchange exchange) throws IOException {
        String path = exchange.getRequestURI().getPath();
        byte[] body = "/".equals(path) ? PAGE.getBytes(StandardCharsets.UTF_8) : pictures.get(path);
        Path file = files.resolve(path.substring(1)).normalize();
        if (body == null && file.startsWith(files) && Files.isRegularFile(file)) {
            body = Files.readAllBytes(file);
        }
        String type = path.endsWith(".js")
                ? "text/javascript"
                : path.endsWith(".json")
                        ? "application/json"
                        : path.endsWith(".wasm") ? "application/wasm" : "text/html";
        exchange.getResponseHeaders().set("Content-Type", path.endsWith(".jpg") ? "image/jpeg" : type);
        exchange.sendResponseHeaders(body == null ? 404 : 200, body == null ? -1 : body.length);
        if (body != null) {
            exchange.getResponseBody().write(body);
        }
        exchange.close();
    }

    @SuppressWarnings("unchecked")
    FaceSearch find(String name, byte[] jpeg) {
        pictures.put("/" + name, jpeg);
        var result = (Map<String, Object>) browser.executeAsyncScript(
                "const done = arguments[1]; window.firstGuess(arguments[0]).then(done, e => done({faces: [], looks: []}));",
                "/" + name);
        pictures.remove("/" + name);
        var faces = (List<Map<String, Number>>) result.get("faces");
        var looks = (List<Map<String, Object>>) result.get("looks");
        Number onItsHead = (Number) result.get("onItsHead");
        return new FaceSearch(
                faces.isEmpty() ? null : seen(faces.get(0)),
                faces.size() < 2 ? null : seen(faces.get(1)),
                onItsHead == null ? null : onItsHead.doubleValue(),
                looks.stream()
                        .map(l -> {
                            HeadMesh mesh = HeadMesh.parse((String) l.get("points"));
                            return Boolean.TRUE.equals(l.get("mirrored")) ? mesh.mirroredSides() : mesh;
                        })
                        .toList());
    }

    private static FaceSearch.Seen seen(Map<String, Number> face) {
        return new FaceSearch.Seen(
                face.get("box").doubleValue(),
                face.get("face").doubleValue(),
                face.get("size").doubleValue());
    }

    @Override
    public void close() {
        browser.quit();
        server.stop(0);
    }
}
