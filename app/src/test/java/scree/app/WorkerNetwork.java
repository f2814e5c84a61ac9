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
import java.util.concurrent.ConcurrentHashMap;
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
    private static final Pattern ANSWER = Pattern.compile("\\{\"id\":(\\d+)");
    private final WebSocket tools;
    private final Map<Integer, CompletableFuture<Void>> answers;
    private int asked;

    private WorkerNetwork(WebSocket tools, Map<Integer, CompletableFuture<Void>> answers) {
        this.tools = tools;
        this.answers = answers;
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
        Map<Integer, CompletableFuture<Void>> answers = new ConcurrentHashMap<>();
        WebSocket tools = http.newWebSocketBuilder()
                .connectTimeout(Duration.ofSeconds(PATIENCE_SECONDS))
                .buildAsync(URI.create(worker.group(1)), listener(answers))
                .get(PATIENCE_SECONDS, TimeUnit.SECONDS);
        WorkerNetwork network = new WorkerNetwork(tools, answers);
        network.ask("Network.enable", "{}");
        network.offline(true);
        return network;
    }

    private void offline(boolean off) throws Exception {
        ask(
                "Network.emulateNetworkConditions",
                "{\"offline\":" + off + ",\"latency\":0,\"downloadThroughput\":-1,\"uploadThroughput\":-1}");
    }

    /** Asks the tools for something and waits until they did it. */
    private void ask(String method, String params) throws Exception {
        int id = ++asked;
        CompletableFuture<Void> done = new CompletableFuture<>();
        answers.put(id, done);
        tools.sendText("{\"id\":" + id + ",\"method\":\"" + method + "\",\"params\":" + params + "}", true)
                .get(PATIENCE_SECONDS, TimeUnit.SECONDS);
        done.get(PATIENCE_SECONDS, TimeUnit.SECONDS);
    }

    private static WebSocket.Listener listener(Map<Integer, CompletableFuture<Void>> answers) {
        return new WebSocket.Listener() {
            private final StringBuilder text = new StringBuilder();

            @Override
            public CompletionStage<?> onText(WebSocket socket, CharSequence part, boolean last) {
                text.append(part);
                if (last) {
                    Matcher answer = ANSWER.matcher(text);
                    if (answer.lookingAt()) {
                        answers.get(Integer.valueOf(answer.group(1))).complete(null);
                    }
                    text.setLength(0);
                }
                return WebSocket.Listener.super.onText(socket, part, last);
            }
        };
    }

    /** Brings the network back by word: that the tools go away alone has left a worker cut for good. */
    @Override
    public void close() {
        try {
            offline(false);
        } catch (Exception gone) {
            // the worker ended meanwhile, and its cut with it
        }
        tools.abort();
    }
}
