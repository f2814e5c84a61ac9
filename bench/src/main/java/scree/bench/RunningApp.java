package scree.bench;

import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The built application in a process of its own, on free ports, until it is closed. */
final class RunningApp implements AutoCloseable {
    static {
        // seconds; less than the application keeps an idle connection, so that none is closed while a request is on its
        // way
        System.setProperty("jdk.httpclient.keepalive.timeout", "10");
    }

    private final Process process;
    private final int port;
    private final double seconds;

    private RunningApp(Process process, int port, double seconds) {
        this.process = process;
        this.port = port;
        this.seconds = seconds;
    }

    /** Starts it and waits until it says that it is healthy. */
    static RunningApp start(String jar, Map<String, String> settings) throws IOException, InterruptedException {
        int port = freePort();
        int health = freePort();
        List<String> command = new ArrayList<>(List.of("java"));
        String options = System.getenv("SCREE_JAVA_OPTIONS"); // the same as ./scree start uses
        command.addAll(List.of((options == null ? "-Xmx304m" : options).split(" ")));
        command.addAll(List.of("-jar", jar));
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.environment().put("SCREE_PORT", String.valueOf(port));
        builder.environment().put("SCREE_HEALTH_PORT", String.valueOf(health));
        builder.environment().putAll(settings);
        builder.redirectErrorStream(true).redirectOutput(new File("bench/target/app-" + port + ".log"));
        long start = System.nanoTime();
        Process process = builder.start();
        HttpClient http = HttpClient.newHttpClient();
        HttpRequest ask = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + health + "/actuator/health"))
                .build();
        while (System.nanoTime() - start < 300e9) {
            try {
                if (http.send(ask, HttpResponse.BodyHandlers.ofString()).body().contains("UP")) {
                    return new RunningApp(process, port, (System.nanoTime() - start) / 1e9);
                }
            } catch (IOException notYet) {
                Thread.sleep(50);
            }
        }
        process.destroy();
        throw new IllegalStateException("the application did not become healthy in five minutes");
    }

    /** Returns seconds from new process to healthy. */
    double seconds() {
        return seconds;
    }

    /** Returns megabytes of memory that the process holds, as the system counts them; NaN where it does not say. */
    double residentMb() throws IOException {
        Path status = Path.of("/proc/" + process.pid() + "/status");
        return Files.exists(status)
                ? Files.readAllLines(status).stream()
                        .filter(l -> l.startsWith("VmRSS:"))
                        .mapToDouble(l -> Double.parseDouble(l.replaceAll("\\D", "")) / 1024)
                        .findFirst()
                        .orElse(Double.NaN)
                : Double.NaN;
    }

    long pid() {
        return process.pid();
    }

    URI at(String path) {
        return URI.create("http://127.0.0.1:" + port + path);
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    @Override
    public void close() throws InterruptedException {
        process.destroy();
        process.waitFor();
    }
}
