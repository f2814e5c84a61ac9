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
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Thirty people at work on a kit of 10,000 products: each signs in once, then opens pages of every stage and, one time in three,
 * changes something on them, with the pauses of somebody who reads.
 */
final class Load {
    private static final int PEOPLE = 30;
    private static final int PRODUCTS = 10_000;
    /** Until the just-in-time compiler has come to rest: after two minutes it still takes as much as the pages do. */
    private static final int WARM_SECONDS = 300;

    private static final int SECONDS = 50;
    /** Pauses between two pages, ms: somebody glances, taps, reads. */
    private static final int LEAST_PAUSE = 1000;

    private static final int MOST_PAUSE = 4000;
    private static final double MOST_STOLEN = .1;

    private final ConcurrentLinkedQueue<Double> times = new ConcurrentLinkedQueue<>();
    private final ConcurrentLinkedQueue<Double> warming = new ConcurrentLinkedQueue<>();
    private final ConcurrentLinkedQueue<Double> shortlists = new ConcurrentLinkedQueue<>();
    private final AtomicInteger errors = new AtomicInteger();
    private volatile boolean measured;
    private volatile boolean over;
    private double stolen;
    private double resident;
    private final Map<String, ConcurrentLinkedQueue<Double>> kinds = new ConcurrentHashMap<>();
    private final ConcurrentLinkedQueue<Double> reads = new ConcurrentLinkedQueue<>();
    private final ConcurrentLinkedQueue<Double> writes = new ConcurrentLinkedQueue<>();
    private final ConcurrentLinkedQueue<Double> uploads = new ConcurrentLinkedQueue<>();

    void run() throws Exception {
        String jar = System.getenv("SCREE_JAR");
        if (jar == null || !new File(jar).exists() || System.getenv("SCREE_DB_URL") == null) {
            say("pages under load were not measured: run it by ./scree bench");
            return;
        }
        try (RunningApp app = RunningApp.start(
                jar, Map.of("SCREE_DEMO", "true", "SCREE_DEMO_WIDTH", "700", "SCREE_PORTRAIT_CACHE", cache()))) {
            Ground ground = fill();
            List<Thread> people = new ArrayList<>();
            for (int i = 0; i < PEOPLE; i++) {
                int seed = i;
                people.add(new Thread(() -> work(app, ground, "person" + seed, new Random(seed))));
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
            resident = app.residentMb();
        }
        say(
                "%d people at once, pauses %.0f to %.0f s, kit of %,d products, all stages, %d s after %d s of warming, same machine:"
                        + " %d requests, %d of them writing (zones, taps, ticks, strengths, takes, twelve-megapixel pictures),"
                        + " median %.0f ms; reading alone %.0f, writing alone %.0f, pictures alone %.0f ms (95th percentiles);"
                        + " the shortlist alone: %d pages, %.0f ms; the host kept %.0f %% of the processors' time for others",
                PEOPLE,
                LEAST_PAUSE / 1e3,
                MOST_PAUSE / 1e3,
                PRODUCTS,
                SECONDS,
                WARM_SECONDS,
                times.size(),
                writes.size() + uploads.size(),
                percentile(times, .5),
                percentile(reads, .95),
                percentile(writes, .95),
                percentile(uploads, .95),
                shortlists.size(),
                percentile(shortlists, .95),
                100 * stolen);
        say(
                "while it warmed: %d requests, median %.0f, 95th percentile %.0f ms",
                warming.size(), percentile(warming, .5), percentile(warming, .95));
        if (stolen > MOST_STOLEN) {
            say("the host kept too much for others: this run says nothing, repeat it");
        }
        kinds.entrySet().stream()
                .sorted(Comparator.comparingDouble(e -> -percentile(e.getValue(), .9)))
                .limit(8)
                .forEach(e -> say(
                        "  %s: %d, median %.0f, 90th percentile %.0f ms",
                        e.getKey(), e.getValue().size(), percentile(e.getValue(), .5), percentile(e.getValue(), .9)));
        figure("page_p95_ms", percentile(times, .95), "ms");
        figure("page_errors", errors.get(), "pages");
        figure("resident_mb", resident, "MB");
    }

    static String cache() {
        String here = System.getenv("SCREE_HERE");
        return new File(here == null ? "." : here, ".run/bench-portraits").getPath();
    }

    /**
     * What people work on.
     *
     * @param read sittings whose skin was read
     * @param faces of these, those whose face has points
     * @param waiting sittings without a picture: new ones come in there
     * @param bases products that are taken and striped
     * @param drops that are tapped into mixes
     */
    private record Ground(
            List<Long> read,
            List<Long> faces,
            List<Long> waiting,
            List<Long> bases,
            List<Long> drops,
            byte[] picture) {}

    /** Puts the kit into the database as an import would, and returns what can be worked on. */
    private static Ground fill() throws SQLException {
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
            sql.executeUpdate("""
                    insert into artist (studio_id, name, email, password_hash)
                    select studio_id, 'Person ' || n, 'person' || n || '@scree.example', password_hash
                    from   artist, generate_series(0, %d) n where email = 'runa@scree.example'
                    """.formatted(PEOPLE - 1));
            return new Ground(
                    ids(sql, "select sitting_id from reading order by 1"),
                    ids(sql, "select sitting_id from step where stage = 'FACE' and present order by 1"),
                    ids(
                            sql,
                            "select id from sitting s where not exists (select 1 from reading r where r.sitting_id = s.id)"),
                    ids(sql, "select id from product where role = 'BASE' and line like 'Marl%' order by 1"),
                    ids(sql, "select id from product where role = 'MIXER' order by 1"),
                    Speed.twelveMegapixels());
        }
    }

    static List<Long> ids(Statement sql, String query) throws SQLException {
        List<Long> ids = new ArrayList<>();
        var rows = sql.executeQuery(query);
        while (rows.next()) {
            ids.add(rows.getLong(1));
        }
        return ids;
    }

    private void work(RunningApp app, Ground ground, String person, Random random) {
        HttpClient http = HttpClient.newBuilder()
                .cookieHandler(new CookieManager())
                .followRedirects(HttpClient.Redirect.NORMAL)
                .build();
        try {
            signIn(app, http, person);
            String token = token(get(app, http, "/").body());
            while (!over) {
                Thread.sleep(LEAST_PAUSE + random.nextInt(MOST_PAUSE - LEAST_PAUSE));
                if (random.nextInt(3) == 0) {
                    write(app, http, token, ground, random);
                } else {
                    String path = path(ground, random);
                    timed(() -> get(app, http, path), path.matches(".*/base(\\?.*)?") ? shortlists : reads, path);
                }
            }
        } catch (IOException | InterruptedException e) {
            errors.incrementAndGet();
        }
    }

    private static String token(String page) throws IOException {
        Matcher token =
                Pattern.compile("name=\"csrf\"[^>]*data-token=\"([^\"]+)\"").matcher(page);
        if (!token.find()) {
            throw new IOException("the page has no token");
        }
        return token.group(1);
    }

    private static long one(List<Long> of, Random random) {
        return of.get(random.nextInt(of.size()));
    }

    private static String path(Ground ground, Random random) {
        String sitting = "/sittings/" + one(ground.read(), random);
        String face = "/sittings/" + one(ground.faces(), random);
        return switch (random.nextInt(18)) {
            case 0 -> "/kit?find=Pebble+" + random.nextInt(40);
            case 1 -> "/kit?page=" + random.nextInt(160);
            case 2 -> "/";
            case 3 -> sitting + "/intake";
            case 4 -> sitting + "/light";
            case 5, 6 -> sitting + "/skin";
            case 7 -> sitting + "/base/stripes";
            case 8 -> sitting + "/base/neck";
            case 9 -> sitting + "/base/mix";
            case 10 -> sitting + "/base?form=POWDER";
            case 11 -> sitting + "/base?coverage=FULL&finish=MATTE";
            case 12, 13 -> face + "/face";
            case 14, 15 -> face + "/place";
            default -> sitting + "/base";
        };
    }

    private void write(RunningApp app, HttpClient http, String token, Ground ground, Random random)
            throws InterruptedException {
        String sitting = "/sittings/" + one(ground.read(), random);
        String face = "/sittings/" + one(ground.faces(), random);
        long base = one(ground.bases(), random);
        String away = String.valueOf(random.nextInt(7) - 3);
        String[] change = switch (random.nextInt(27)) {
            case 0, 1, 2, 3, 4, 5 ->
                new String[] {sitting + "/skin/zone", "zone=CHEEK&side=LEFT&dx=" + away + "&dy=" + away + "&scale=1"};
            case 6, 7, 8, 9 ->
                new String[] {
                    sitting + "/base/mix/tap",
                    "product=" + one(ground.drops(), random) + "&by=" + (random.nextBoolean() ? 1 : -1)
                };
            case 10, 11 -> new String[] {sitting + "/base/ask", "ask=FRECKLES"};
            case 12, 13 -> new String[] {sitting + "/base/stripe", "product=" + base};
            case 14, 15 -> new String[] {sitting + "/base/take", "product=" + base + "&note=load&instead=0"};
            case 16, 17, 18, 19 -> new String[] {face + "/face/tick", "tick=JOWL"};
            case 20, 21, 22, 23 ->
                new String[] {
                    face + "/place/strength", "area=CHEEK_SHADOW&side=LEFT&strength=" + (40 + random.nextInt(60))
                };
            case 24, 25 -> new String[] {sitting + "/skin/touch", "zone=CHEEK&side=LEFT&texture=DRY_PATCH"};
            default -> null;
        };
        if (change == null) {
            String waiting = "/sittings/" + one(ground.waiting(), random) + "/skin";
            timed(() -> upload(app, http, token, waiting, ground.picture()), uploads, waiting);
        } else {
            timed(() -> post(app, http, token, change[0], change[1]), writes, change[0]);
        }
    }

    /** One request. */
    @FunctionalInterface
    private interface Asking {
        HttpResponse<String> answer() throws IOException, InterruptedException;
    }

    private void timed(Asking asking, ConcurrentLinkedQueue<Double> kind, String what) throws InterruptedException {
        long start = System.nanoTime();
        String wrong = null;
        try {
            HttpResponse<String> answer = asking.answer();
            if (answer.statusCode() != 200) {
                wrong = "status " + answer.statusCode();
            }
        } catch (IOException e) {
            wrong = e.toString();
        }
        double ms = (System.nanoTime() - start) / 1e6;
        if (!measured) {
            warming.add(ms);
        } else if (!over) {
            times.add(ms);
            kinds.computeIfAbsent(kind(what, kind), k -> new ConcurrentLinkedQueue<>())
                    .add(ms);
            kind.add(ms);
            if (kind == shortlists) {
                reads.add(ms);
            }
            if (wrong != null) {
                errors.incrementAndGet();
                say("  wrong: %s %s", what, wrong);
            }
        }
    }

    /** Returns an address without its numbers and words. */
    private String kind(String what, ConcurrentLinkedQueue<Double> of) {
        String bare = what.replaceAll("\\?.*", "").replaceAll("/\\d+", "");
        return (of == writes || of == uploads ? "POST " : "") + (bare.isEmpty() ? "/" : bare);
    }

    private static HttpResponse<String> post(RunningApp app, HttpClient http, String token, String path, String form)
            throws IOException, InterruptedException {
        return http.send(
                HttpRequest.newBuilder(app.at(path))
                        .timeout(Duration.ofSeconds(30))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .header("X-XSRF-TOKEN", token)
                        .header("X-CSRF-TOKEN", token)
                        .header("HX-Request", "true")
                        .POST(HttpRequest.BodyPublishers.ofString(form))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private static HttpResponse<String> upload(RunningApp app, HttpClient http, String token, String path, byte[] jpeg)
            throws IOException, InterruptedException {
        String edge = "edge-of-a-part";
        byte[] head = ("--" + edge + "\r\nContent-Disposition: form-data; name=\"picture\"; filename=\"p.jpg\"\r\n"
                        + "Content-Type: image/jpeg\r\n\r\n")
                .getBytes(StandardCharsets.US_ASCII);
        byte[] foot = ("\r\n--" + edge + "--\r\n").getBytes(StandardCharsets.US_ASCII);
        return http.send(
                HttpRequest.newBuilder(app.at(path))
                        .timeout(Duration.ofSeconds(60))
                        .header("Content-Type", "multipart/form-data; boundary=" + edge)
                        .header("X-XSRF-TOKEN", token)
                        .header("X-CSRF-TOKEN", token)
                        .POST(HttpRequest.BodyPublishers.ofByteArrays(List.of(head, jpeg, foot)))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    static HttpResponse<String> get(RunningApp app, HttpClient http, String path)
            throws IOException, InterruptedException {
        return http.send(
                HttpRequest.newBuilder(app.at(path))
                        .timeout(Duration.ofSeconds(30))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    static void signIn(RunningApp app, HttpClient http, String person) throws IOException, InterruptedException {
        Matcher token = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"")
                .matcher(get(app, http, "/sign-in").body());
        if (!token.find()) {
            throw new IOException("the sign-in page has no token");
        }
        String form = "username=" + person + "%40scree.example&password=loose+stones&_csrf="
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
