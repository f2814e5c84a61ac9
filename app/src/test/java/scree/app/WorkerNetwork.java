package scree.app;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.WebSocket;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.openqa.selenium.chrome.ChromeDriver;

/**
 * Cuts the network of a page's service worker through the browser's developer tools: to them a worker is a target of its own, which the
 * driver does not reach. It is cut as long as this is open.
 */
final class WorkerNetwork implements AutoCloseable {
    private static final int PATIENCE_SECONDS = 10;
    private final WebSocket tools;

    private WorkerNetwork(WebSocket tools) {
        this.tools = tools;
    }

    /** @param script the end of the worker's address */
    static WorkerNetwork cut(ChromeDriver browser, String script) throws Exception {
        HttpClient http = HttpClient.newHttpClient();
        Object options = browser.getCapabilities().getCapability("goog:chromeOptions");
        String address = String.valueOf(((Map<?, ?>) options).get("debuggerAddress"));
        HttpRequest list = HttpRequest.newBuilder(URI.create("http://" + address + "/json/list"))
                .build();
        String targets = http.send(list, HttpResponse.BodyHandlers.ofString()).body();
        Matcher worker = Pattern.compile(
                        "\"url\": \"[^\"]*" + Pattern.quote(script) + "\",\\s*\"webSocketDebuggerUrl\": \"([^\"]+)\"")
                .matcher(targets);
        if (!worker.find()) {
            throw new IllegalStateException("no worker among " + targets);
        }
        CompletableFuture<Void> cut = new CompletableFuture<>();
        WebSocket tools = http.newWebSocketBuilder()
                .connectTimeout(Duration.ofSeconds(PATIENCE_SECONDS))
                .buildAsync(URI.create(worker.group(1)), answers(cut))
                .get(PATIENCE_SECONDS, TimeUnit.SECONDS);
        tools.sendText("{\"id\":1,\"method\":\"Network.enable\"}", true).get(PATIENCE_SECONDS, TimeUnit.SECONDS);
        tools.sendText(
                        "{\"id\":2,\"method\":\"Network.emulateNetworkConditions\",\"params\":"
                                + "{\"offline\":true,\"latency\":0,\"downloadThroughput\":-1,\"uploadThroughput\":-1}}",
                        true)
                .get(PATIENCE_SECONDS, TimeUnit.SECONDS);
        cut.get(PATIENCE_SECONDS, TimeUnit.SECONDS);
        return new WorkerNetwork(tools);
    }

    private static WebSocket.Listener answers(CompletableFuture<Void> cut) {
        return new WebSocket.Listener() {
            private final StringBuilder text = new StringBuilder();

            @Override
            public CompletionStage<?> onText(WebSocket socket, CharSequence part, boolean last) {
                text.append(part);
                if (last) {
                    if (text.toString().contains("\"id\":2")) {
                        cut.complete(null);
                    }
                    text.setLength(0);
                }
                return WebSocket.Listener.super.onText(socket, part, last);
            }
        };
    }

    @Override
    public void close() {
        tools.abort();
    }
}
