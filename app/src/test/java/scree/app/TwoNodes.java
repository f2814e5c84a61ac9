package scree.app;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.springframework.test.context.TestPropertySource;

/** Two processes on one database, and what stands before them: one request goes to the one, the next to the other. */
final class TwoNodes implements AutoCloseable {
    private static final long MOST_SECONDS = 180;

    private final int first;
    private final int secondPort;
    private final Process second;
    private final ServerSocket door;
    private final AtomicInteger asked = new AtomicInteger();
    private final AtomicInteger answeredByFirst = new AtomicInteger();
    private final AtomicInteger answeredBySecond = new AtomicInteger();

    private TwoNodes(int first, int secondPort, Process second, ServerSocket door) {
        this.first = first;
        this.secondPort = secondPort;
        this.second = second;
        this.door = door;
    }

    /**
     * Starts a second process beside one of the journeys' and waits until it answers.
     *
     * @param demo whether the concert lies in the schema
     * @param door port where both are reached, or 0 for any
     */
    static TwoNodes beside(int first, String schema, boolean demo, int door) {
        try {
            int port = free();
            Path log = Path.of("target", "second-node-of-" + schema + ".log");
            List<String> call = new ArrayList<>(List.of(
                    Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "-Xmx350m",
                    "-XX:TieredStopAtLevel=1",
                    "-XX:+UseSerialGC",
                    "-Djava.awt.headless=true",
                    "-cp",
                    System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                    ScreeApplication.class.getName(),
                    "--server.port=" + port));
            Arrays.stream(DemoStudio.class
                            .getAnnotation(TestPropertySource.class)
                            .properties())
                    .filter(p -> !p.contains("schema=") && !p.contains("demo.enabled="))
                    .forEach(p -> call.add("--" + p));
            call.add("--scree.demo.enabled=" + demo);
            call.add("--scree.origin=" + (door == 0 ? "" : origin(door)));
            call.add("--spring.datasource.hikari.schema=" + schema);
            call.add("--spring.flyway.default-schema=" + schema);
            Process second = new ProcessBuilder(call)
                    .redirectErrorStream(true)
                    .redirectOutput(log.toFile())
                    .start();
            TwoNodes both =
                    new TwoNodes(first, port, second, new ServerSocket(door, 128, InetAddress.getLoopbackAddress()));
            both.awaitSecond(log);
            start(both::answer);
            return both;
        } catch (IOException e) {
            throw new UncheckedIOException("no second node", e);
        }
    }

    /** Returns a port that nobody listens on. */
    static int free() {
        try (ServerSocket any = new ServerSocket(0)) {
            return any.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException("no free port", e);
        }
    }

    static String origin(int door) {
        return "http://localhost:" + door;
    }

    private void awaitSecond(Path log) throws IOException {
        HttpClient http = HttpClient.newHttpClient();
        HttpRequest asked = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + secondPort + "/sign-in"))
                .build();
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(MOST_SECONDS);
        while (System.nanoTime() < until && second.isAlive()) {
            try {
                if (http.send(asked, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
                    return;
                }
            } catch (IOException notYet) {
                // it is still starting
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                break;
            }
            pause();
        }
        close();
        throw new IllegalStateException("the second node did not come up:\n" + end(log));
    }

    private static void pause() {
        try {
            Thread.sleep(200);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static String end(Path log) throws IOException {
        try (Stream<String> lines = Files.lines(log)) {
            List<String> all = lines.toList();
            return String.join("\n", all.subList(Math.max(0, all.size() - 30), all.size()));
        }
    }

    /** Returns where both are reached by turns. */
    int port() {
        return door.getLocalPort();
    }

    int answeredByFirst() {
        return answeredByFirst.get();
    }

    int answeredBySecond() {
        return answeredBySecond.get();
    }

    /** The second process is gone, without a word. */
    void killSecond() {
        second.destroyForcibly();
        try {
            second.waitFor();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() throws IOException {
        killSecond();
        door.close();
    }

    private static void start(Runnable work) {
        Thread thread = new Thread(work, "two-nodes");
        thread.setDaemon(true);
        thread.start();
    }

    private void answer() {
        while (!door.isClosed()) {
            try {
                Socket browser = door.accept();
                start(() -> pass(browser));
            } catch (IOException brokenOff) {
                // closed, or a call that was given up before it was taken: the next one is another
            }
        }
    }

    /** Passes one request and its answer; the browser opens another connection for its next one. */
    private void pass(Socket browser) {
        try (browser) {
            byte[] head = head(browser.getInputStream());
            if (head.length == 0) {
                return;
            }
            try (Socket node = next()) {
                node.getOutputStream().write(closing(head));
                start(() -> pump(browser, node));
                browser.getOutputStream().flush();
                node.getInputStream().transferTo(browser.getOutputStream());
            }
        } catch (IOException brokenOff) {
            // as a line breaks: the browser sees it by itself
        }
    }

    /** Whose turn it is; the other one where nobody is there any more. */
    private Socket next() throws IOException {
        boolean secondsTurn = asked.incrementAndGet() % 2 == 0;
        if (secondsTurn) {
            try {
                Socket node = new Socket(InetAddress.getLoopbackAddress(), secondPort);
                answeredBySecond.incrementAndGet();
                return node;
            } catch (IOException gone) {
                // the first one is still there
            }
        }
        answeredByFirst.incrementAndGet();
        return new Socket(InetAddress.getLoopbackAddress(), first);
    }

    private static void pump(Socket from, Socket to) {
        try {
            OutputStream out = to.getOutputStream();
            byte[] part = new byte[16 * 1024];
            InputStream in = from.getInputStream();
            for (int n = in.read(part); n >= 0; n = in.read(part)) {
                out.write(part, 0, n);
                out.flush();
            }
        } catch (IOException over) {
            // the answer is there, or the browser is gone
        }
    }

    private static byte[] head(InputStream in) throws IOException {
        ByteArrayOutputStream head = new ByteArrayOutputStream();
        int ends = 0;
        for (int b = in.read(); b >= 0; b = in.read()) {
            head.write(b);
            ends = b == '\n' ? ends + 1 : b == '\r' ? ends : 0;
            if (ends == 2) {
                return head.toByteArray();
            }
        }
        return new byte[0];
    }

    /** One request a connection, so that the next one goes to the other node. */
    private static byte[] closing(byte[] head) {
        String text = new String(head, StandardCharsets.ISO_8859_1).replaceAll("(?im)^connection:.*\r\n", "");
        return text.replaceFirst("\r\n", "\r\nConnection: close\r\n").getBytes(StandardCharsets.ISO_8859_1);
    }
}
