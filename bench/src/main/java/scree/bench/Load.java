package scree.bench;

import static scree.bench.Bench.figure;
import static scree.bench.Bench.say;

import java.io.File;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Thirty people at work on a kit of 10,000 products: each signs in once, then opens pages that look through the whole kit, with
 * the pauses of somebody who reads them.
 */
final class Load {
    private static final int PEOPLE = 30;
    private static final int PRODUCTS = 10_000;
    private static final int WARM_SECONDS = 60;
    private static final int SECONDS = 50;
    /** Pauses between two pages, ms: somebody glances, taps, reads. */
    private static final int LEAST_PAUSE = 1000;

    private static final int MOST_PAUSE = 4000;

    private final ConcurrentLinkedQueue<Double> times = new ConcurrentLinkedQueue<>();
    private final ConcurrentLinkedQueue<Double> shortlists = new ConcurrentLinkedQueue<>();
    private final AtomicInteger errors = new AtomicInteger();
    private volatile boolean measured;
    private volatile boolean over;
    private double stolen;

    void run() throws Exception {
        String jar = System.getenv("SCREE_JAR");
        if (jar == null || !new File(jar).exists() || System.getenv("SCREE_DB_URL") == null) {
            say("pages under load were not measured: run it by ./scree bench");
            return;
        }
        try (RunningApp app = RunningApp.start(
                jar, Map.of("SCREE_DEMO", "true", "SCREE_DEMO_WIDTH", "700", "SCREE_PORTRAIT_CACHE", cache()))) {
            List<Long> sittings = fill();
            List<Thread> people = new ArrayList<>();
            for (int i = 0; i < PEOPLE; i++) {
                int seed = i;
                people.add(new Thread(() -> work(app, sittings, new Random(seed))));
            }
            people.forEach(Thread::start);
            Thread.sleep(WARM_SECONDS * 1000L);
            long[] before = Host.ticks();
            measured = true;
            Thread.sleep(SECONDS * 1000L);
            over = true;
            stolen = Host.stolen(before, Host.ticks());
            for (Thread person : people) {
                person.join();
            }
        }
        say(
                "%d people at once, pauses %.0f to %.0f s, kit of %,d products, %d s after %d s of warming, same machine: %d pages,"
                        + " median %.0f ms; the shortlist alone: %d pages, 95th percentile %.0f ms; the host kept %.0f %% of the"
                        + " processors' time for others",
                PEOPLE,
                LEAST_PAUSE / 1e3,
                MOST_PAUSE / 1e3,
                PRODUCTS,
                SECONDS,
                WARM_SECONDS,
                times.size(),
                percentile(times, .5),
                shortlists.size(),
                percentile(shortlists, .95),
                100 * stolen);
        figure("page_p95_ms", percentile(times, .95), "ms");
        figure("page_errors", errors.get(), "pages");
    }

    private static String cache() {
        String here = System.getenv("SCREE_HERE");
        return new File(here == null ? "." : here, ".run/bench-portraits").getPath();
    }

    /** Puts the kit into the database as an import would, and returns sittings whose skin was read. */
    private static List<Long> fill() throws SQLException {
        List<Long> sittings = new ArrayList<>();
        try (Connection db = DriverManager.getConnection(
                        System.getenv("SCREE_DB_URL"),
                        System.getenv("SCREE_DB_USER"),
                        System.getenv("SCREE_DB_PASSWORD"));
                Statement sql = db.createStatement()) {
            sql.executeUpdate("""
                    insert into product (studio_id, line, name, role, form, finish, contrast_ratio, wet_l, wet_a, wet_b,
                                         settled_l, settled_a, settled_b, opened_on, months_open)
                    select s.id, 'Pebble ' || n %% 40, 'N' || n, 'BASE',
                           (array['LIQUID', 'CREAM', 'STICK', 'POWDER'])[1 + n %% 4],
                           (array['MATTE', 'SATIN', 'DEWY'])[1 + n %% 3], .4 + .05 * (n %% 11), l + 1, a, b, l, a, b,
                           current_date, 24
                    from   studio s,
                           (select n, 28 + 50 * ((n::bigint * 7919) %% %1$d) / %1$d.0 as l, 7 + 6 * ((n::bigint * 104729) %% 997) / 997.0 as a,
                                   12 + 8 * ((n::bigint * 1299709) %% 991) / 991.0 as b
                            from   generate_series(1, %1$d) n) shade
                    where  s.name = 'Two chairs, travelling'
                    """.formatted(PRODUCTS));
            sql.executeUpdate("update studio set kit_version = kit_version + 1");
            var rows = sql.executeQuery("select sitting_id from reading order by sitting_id");
            while (rows.next()) {
                sittings.add(rows.getLong(1));
            }
        }
        return sittings;
    }

    private void work(RunningApp app, List<Long> sittings, Random random) {
        HttpClient http = HttpClient.newBuilder()
                .cookieHandler(new CookieManager())
                .followRedirects(HttpClient.Redirect.NORMAL)
                .build();
        try {
            signIn(app, http);
            while (!over) {
                Thread.sleep(LEAST_PAUSE + random.nextInt(MOST_PAUSE - LEAST_PAUSE));
                page(app, http, path(sittings, random));
            }
        } catch (IOException | InterruptedException e) {
            errors.incrementAndGet();
        }
    }

    private static String path(List<Long> sittings, Random random) {
        long sitting = sittings.get(random.nextInt(sittings.size()));
        String base = "/sittings/" + sitting + "/base";
        return switch (random.nextInt(10)) {
            case 0 -> "/kit?find=Pebble+" + random.nextInt(40);
            case 1 -> "/kit?page=" + random.nextInt(160);
            case 2 -> base + "/stripes";
            case 3 -> base + "/neck";
            case 4 -> base + "?form=POWDER";
            case 5 -> base + "?coverage=FULL&finish=MATTE";
            default -> base;
        };
    }

    private void page(RunningApp app, HttpClient http, String path) throws InterruptedException {
        long start = System.nanoTime();
        boolean fine;
        try {
            HttpResponse<String> answer = get(app, http, path);
            fine = answer.statusCode() == 200 && answer.body().contains("</html>");
        } catch (IOException e) {
            fine = false;
        }
        double ms = (System.nanoTime() - start) / 1e6;
        if (measured && !over) {
            times.add(ms);
            if (path.matches(".*/base(\\?.*)?")) {
                shortlists.add(ms);
            }
            if (!fine) {
                errors.incrementAndGet();
            }
        }
    }

    private static HttpResponse<String> get(RunningApp app, HttpClient http, String path)
            throws IOException, InterruptedException {
        return http.send(
                HttpRequest.newBuilder(app.at(path))
                        .timeout(Duration.ofSeconds(30))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private static void signIn(RunningApp app, HttpClient http) throws IOException, InterruptedException {
        Matcher token = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"")
                .matcher(get(app, http, "/sign-in").body());
        if (!token.find()) {
            throw new IOException("the sign-in page has no token");
        }
        String form = "username=runa%40scree.example&password=loose+stones&_csrf="
                + URLEncoder.encode(token.group(1), StandardCharsets.UTF_8);
        http.send(
                HttpRequest.newBuilder(app.at("/sign-in"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(form))
                        .build(),
                HttpResponse.BodyHandlers.discarding());
    }

    private static double percentile(ConcurrentLinkedQueue<Double> of, double share) {
        List<Double> sorted = of.stream().sorted().toList();
        return sorted.isEmpty() ? Double.NaN : sorted.get((int) Math.min(sorted.size() - 1, share * sorted.size()));
    }
}
