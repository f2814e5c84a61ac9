package scree.bench;

import static scree.bench.Bench.figure;
import static scree.bench.Bench.say;

import java.io.File;
import java.io.IOException;
import java.net.CookieManager;
import java.net.http.HttpClient;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * How much two processes on one database get done against one. Each is held to a share of one processor, as if it had a small machine of its own:
 * on the same two processors two unbounded ones would only share what one has. Cookies go to both, so that requests go by turns.
 */
final class Nodes {
    /**
     * Enough that neither process waits for work: of {@code n} people who go to two by turns and never pause, so many stand at one of them that
     * each is busy {@code n / (n + 1)} of the time (two equal stations of a closed network: Gordon and Newell 1967). Six would get no more than 1.71
     * times as much done by two as by one, whatever the two were; sixteen get up to 1.88. Thirty crowd one process so that it does less than it can.
     */
    private static final int PEOPLE = 16;

    private static final int WARM_SECONDS = 120;
    private static final int SETTLE_SECONDS = 5;
    private static final int SECONDS = 20;
    private static final int ROUNDS = 3;
    /** Of one processor; what two of them leave is the database's and this program's. */
    private static final double SHARE = .4;

    private static final int PERIOD = 100_000;
    /** What Java's client says when it has itself hung up in the middle of an answer, as it does once in some thousand: no fault of Scree's. */
    private static final String CLOSED_HERE = "connection closed locally";

    private final AtomicInteger answered = new AtomicInteger();
    private final AtomicInteger errors = new AtomicInteger();
    private volatile List<RunningApp> at = List.of();
    private volatile boolean over;

    void run() throws Exception {
        String jar = System.getenv("SCREE_JAR");
        if (jar == null || !new File(jar).exists() || System.getenv("SCREE_DB_URL") == null) {
            say("two nodes were not measured: run it by ./scree bench");
            return;
        }
        Map<String, String> settings =
                Map.of("SCREE_DEMO", "true", "SCREE_DEMO_WIDTH", "700", "SCREE_PORTRAIT_CACHE", Load.cache());
        try (RunningApp one = RunningApp.start(jar, settings);
                RunningApp two = RunningApp.start(jar, settings)) {
            measure(one, two);
        }
    }

    private void measure(RunningApp one, RunningApp two) throws SQLException, InterruptedException {
        List<String> pages = pages();
        at = List.of(one, two);
        List<Thread> people = new ArrayList<>();
        for (int i = 0; i < PEOPLE; i++) {
            Random random = new Random(i);
            people.add(new Thread(() -> work(pages, random)));
        }
        people.forEach(Thread::start);
        Thread.sleep(WARM_SECONDS * 1000L);
        boolean held = held(one, "one") && held(two, "two");
        errors.set(0);
        double alone = 0;
        double both = 0;
        for (int i = 0; held && i < ROUNDS; i++) {
            double now = counted(List.of(one));
            double then = counted(List.of(one, two));
            say("  round %d: %.1f pages a second by one, %.1f by both", i + 1, now, then);
            alone += now;
            both += then;
        }
        over = true;
        for (Thread person : people) {
            person.join();
        }
        if (!held) {
            say("two nodes were not measured: holding a process to its share of a processor takes root");
            return;
        }
        say(
                "two processes on one database, each held to %.0f %% of one processor, %d people without pauses on pages of all stages,"
                        + " every request by turns: %.1f pages a second by one, %.1f by both (%d rounds of %d s each)",
                100 * SHARE, PEOPLE, alone / ROUNDS, both / ROUNDS, ROUNDS, SECONDS);
        figure("two_nodes_ratio", both / alone, "times");
        figure("two_nodes_errors", errors.get(), "pages");
    }

    private double counted(List<RunningApp> nodes) throws InterruptedException {
        at = nodes;
        Thread.sleep(SETTLE_SECONDS * 1000L);
        answered.set(0);
        Thread.sleep(SECONDS * 1000L);
        return answered.get() / (double) SECONDS;
    }

    private void work(List<String> pages, Random random) {
        HttpClient http = HttpClient.newBuilder()
                .cookieHandler(new CookieManager())
                .followRedirects(HttpClient.Redirect.NORMAL)
                .build();
        try {
            Load.signIn(at.get(0), http, "runa");
            for (int i = 0; !over; i++) {
                List<RunningApp> now = at;
                ask(now.get(i % now.size()), http, pages.get(random.nextInt(pages.size())));
            }
        } catch (IOException | InterruptedException e) {
            errors.incrementAndGet();
            say("  wrong: %s", e);
        }
    }

    private void ask(RunningApp app, HttpClient http, String page) throws InterruptedException {
        long from = System.nanoTime();
        try {
            if (Load.get(app, http, page).statusCode() == 200) {
                answered.incrementAndGet();
            } else {
                errors.incrementAndGet();
            }
        } catch (IOException brokenOff) {
            Throwable root = root(brokenOff);
            errors.addAndGet(CLOSED_HERE.equals(root.getMessage()) ? 0 : 1);
            say("  wrong: %s after %.1f s: %s, from %s", page, (System.nanoTime() - from) / 1e9, brokenOff, root);
        }
    }

    private static Throwable root(Throwable trouble) {
        return trouble.getCause() == null ? trouble : root(trouble.getCause());
    }

    private static List<String> pages() throws SQLException {
        List<String> pages = new ArrayList<>(List.of("/", "/kit", "/clients"));
        try (Connection db = DriverManager.getConnection(
                        System.getenv("SCREE_DB_URL"),
                        System.getenv("SCREE_DB_USER"),
                        System.getenv("SCREE_DB_PASSWORD"));
                Statement sql = db.createStatement()) {
            for (long sitting :
                    Load.ids(sql, "select sitting_id from step where stage = 'FACE' and present order by 1 limit 6")) {
                for (String stage : List.of("intake", "light", "skin", "base", "face", "place", "order", "record")) {
                    pages.add("/sittings/" + sitting + "/" + stage);
                }
            }
        }
        return pages;
    }

    /** Holds a process to its share where the system lets us: by the first or the second kind of control groups. */
    private static boolean held(RunningApp app, String name) {
        Path first = Path.of("/sys/fs/cgroup/cpu");
        Path group = (Files.isDirectory(first) ? first : Path.of("/sys/fs/cgroup")).resolve("scree-bench-" + name);
        try {
            Files.createDirectories(group);
            long quota = Math.round(SHARE * PERIOD);
            if (Files.isDirectory(first)) {
                Files.writeString(group.resolve("cpu.cfs_quota_us"), String.valueOf(quota));
            } else {
                Files.writeString(group.resolve("cpu.max"), quota + " " + PERIOD);
            }
            Files.writeString(group.resolve("cgroup.procs"), String.valueOf(app.pid()));
            return true;
        } catch (IOException notAllowed) {
            return false;
        }
    }
}
