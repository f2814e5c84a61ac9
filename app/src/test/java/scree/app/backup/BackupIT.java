package scree.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** The script that makes and restores backups, on a small database of its own beside those of other tests. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class BackupIT {
    private static final String OWN = "scree_backup_it";
    private static final int WRITERS = 8;
    /** Nanoseconds from one thing that a writer does to the next. */
    private static final long BETWEEN = 10_000_000;

    private static final String USER = System.getenv("SCREE_DB_USER");
    private static final String PASSWORD = System.getenv("SCREE_DB_PASSWORD");
    private static final int A_MINUTE = 60;

    @TempDir
    private Path files;

    private URI server;
    private JdbcTemplate sql;

    /** What the script said, and whether it was content. */
    private record Said(int code, String words) {}

    @BeforeAll
    void aSmallDatabase() {
        server = URI.create(System.getenv("SCREE_DB_URL").substring("jdbc:".length()));
        fresh();
    }

    @AfterAll
    void dropIt() {
        drop(OWN);
        others().forEach(this::drop);
    }

    /** Two studios with things that are written down differently from session to session. */
    private void fresh() {
        drop(OWN);
        on("postgres").execute("create database " + OWN);
        sql = on(OWN);
        sql.execute("create table flyway_schema_history (version text, success boolean)");
        sql.execute("insert into flyway_schema_history values ('1', true), ('23', true), (null, true)");
        sql.execute("create table studio (id bigint generated always as identity primary key, name text,"
                + " at timestamptz default now(), picture bytea, share double precision)");
        sql.execute("insert into studio (name, picture, share) values ('Åse''s, \"two\" chairs', '\\x00ff10', 1.0 / 3),"
                + " (E'line\\nline', null, 'NaN')");
    }

    /** Of what no dump makes less. */
    private void largePicture() {
        sql.execute("update studio set picture ="
                + " (select string_agg(sha256(i::text::bytea), '') from generate_series(1, 9000) i)");
    }

    private JdbcTemplate on(String database) {
        return new JdbcTemplate(new DriverManagerDataSource(at(database), USER, PASSWORD));
    }

    private String at(String database) {
        return "jdbc:postgresql://" + server.getHost() + ":" + server.getPort() + "/" + database;
    }

    private void drop(String database) {
        on("postgres").execute("drop database if exists " + database + " with (force)");
    }

    /** Databases that the script made: none is left but what was set aside. */
    private List<String> others() {
        return on("postgres")
                .queryForList(
                        "select datname from pg_database where datname like 'scree_proof_%' or datname like ?",
                        String.class, OWN + "\\__%");
    }

    private Said backup(String... args) throws IOException, InterruptedException {
        return run(Map.of(), "ops/backup", args);
    }

    private Said run(Map<String, String> more, String script, String... args) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("bash", script));
        command.addAll(List.of(args));
        ProcessBuilder asked =
                new ProcessBuilder(command).directory(Path.of("..").toFile()).redirectErrorStream(true);
        asked.environment()
                .putAll(Map.of(
                        "PGHOST", server.getHost(),
                        "PGPORT", String.valueOf(server.getPort()),
                        "PGUSER", System.getenv("SCREE_DB_USER"),
                        "PGPASSWORD", System.getenv("SCREE_DB_PASSWORD"),
                        "PGDATABASE", OWN));
        asked.environment().putAll(more);
        Process process = asked.start();
        String words = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(A_MINUTE, TimeUnit.SECONDS)).isTrue();
        return new Said(process.exitValue(), words);
    }

    private List<Map<String, Object>> studios() {
        return sql.queryForList(
                "select id, name, at, encode(picture, 'hex') as picture, share from studio order by id");
    }

    @Test
    void whatWasLostIsRestoredAsItWas() throws Exception {
        fresh();
        List<Map<String, Object>> before = studios();
        Path file = files.resolve("one.backup");
        Said made = backup("save", file.toString());
        assertThat(made.words()).contains("proved by restoring it");
        assertThat(Files.getPosixFilePermissions(file))
                .as("for its owner alone")
                .hasSize(2);
        sql.execute("delete from studio");
        Said restored = backup("restore", file.toString());
        assertThat(restored.code()).as(restored.words()).isZero();
        assertThat(studios()).isEqualTo(before);
        assertThat(others()).isEmpty();
    }

    @Test
    void whereThereIsAStudioNothingIsReplacedUnlessItIsMeant() throws Exception {
        fresh();
        Path file = files.resolve("two.backup");
        backup("save", file.toString());
        sql.execute("update studio set name = 'newer' where id = 1");
        Said refused = backup("restore", file.toString());
        assertThat(refused.words()).contains("nothing was changed");
        assertThat(studios().get(0)).containsEntry("name", "newer");
        Said over = run(Map.of("SCREE_OVER", "yes"), "ops/backup", "restore", file.toString());
        assertThat(over.code()).as(over.words()).isZero();
        assertThat(studios().get(0)).containsEntry("name", "Åse's, \"two\" chairs");
        assertThat(others()).singleElement().satisfies(aside -> {
            assertThat(over.words()).contains(aside);
            assertThat(on(aside).queryForObject("select name from studio where id = 1", String.class))
                    .isEqualTo("newer");
            drop(aside);
        });
    }

    @Test
    void aFileThatWasTornIsRefusedAndNothingIsTouched() throws Exception {
        fresh();
        largePicture();
        Path file = files.resolve("whole.backup");
        backup("save", file.toString());
        sql.execute("delete from studio");
        byte[] whole = Files.readAllBytes(file);
        int dump = whole.length / 2;
        byte[] turned = whole.clone();
        turned[dump] ^= 1;
        Map<String, byte[]> torn = Map.of(
                "short",
                Stream.of(whole)
                        .map(w -> java.util.Arrays.copyOf(w, dump))
                        .findFirst()
                        .orElseThrow(),
                "turned",
                turned,
                "empty",
                new byte[0],
                "other",
                "name,line\n".getBytes(StandardCharsets.UTF_8));
        for (Map.Entry<String, byte[]> bad : torn.entrySet()) {
            Path path = files.resolve(bad.getKey() + ".backup");
            Files.write(path, bad.getValue());
            Said said = backup("restore", path.toString());
            assertThat(said.code()).as(bad.getKey()).isNotZero();
            assertThat(said.words()).as(bad.getKey()).containsPattern("torn|no whole backup");
        }
        assertThat(backup("restore", files.resolve("none").toString()).words()).contains("there is no file");
        assertThat(studios()).isEmpty();
        assertThat(others()).isEmpty();
    }

    @Test
    void oneOfANewerScreeIsLeftToIt() throws Exception {
        fresh();
        sql.execute("insert into flyway_schema_history values ('9999', true)");
        Path file = files.resolve("newer.backup");
        backup("save", file.toString());
        sql.execute("delete from studio");
        Said said = backup("restore", file.toString());
        assertThat(said.words()).contains("is of a newer Scree (schema 9999");
        assertThat(studios()).isEmpty();
    }

    /** A limit on the size of files is what a full disk looks like to the program that writes. */
    @Test
    void whereThereIsNoRoomTheFormerOneStays() throws Exception {
        fresh();
        sql.execute(
                "update studio set picture = (select string_agg(sha256(i::text::bytea), '') from generate_series(1, 9000) i)");
        Path file = files.resolve("former.backup");
        Files.writeString(file, "the former one");
        Said said = run(Map.of(), "-c", "trap '' XFSZ; ulimit -f 100; exec ops/backup save " + file);
        assertThat(said.code()).isNotZero();
        assertThat(said.words())
                .contains("could not be written")
                .contains("bytes are free")
                .contains("is left");
        assertThat(file).hasContent("the former one");
        try (Stream<Path> left = Files.list(files)) {
            assertThat(left.map(p -> p.getFileName().toString())).noneMatch(n -> n.startsWith(".scree-backup"));
        }
    }

    /** Each writer adds pairs in one transaction: a backup that saw two moments would hold a half of one. */
    @Test
    void whilePeopleWorkItSeesOneMoment() throws Exception {
        fresh();
        AtomicBoolean working = new AtomicBoolean(true);
        AtomicInteger written = new AtomicInteger();
        List<Thread> people = IntStream.range(0, WRITERS)
                .mapToObj(i -> new Thread(() -> {
                    SingleConnectionDataSource line = new SingleConnectionDataSource(at(OWN), USER, PASSWORD, true);
                    JdbcTemplate own = new JdbcTemplate(line);
                    while (working.get()) {
                        own.execute("with one as (insert into studio (name) values ('pair') returning id)"
                                + " insert into studio (name) select 'of ' || id from one");
                        written.incrementAndGet();
                        LockSupport.parkNanos(BETWEEN);
                    }
                    line.destroy();
                }))
                .toList();
        people.forEach(Thread::start);
        Path file = files.resolve("busy.backup");
        Said made = backup("save", file.toString());
        int until = written.get();
        working.set(false);
        for (Thread person : people) {
            person.join();
        }
        assertThat(made.code()).as(made.words()).isZero();
        assertThat(until).as("they did work").isGreaterThan(WRITERS);
        assertThat(run(Map.of("SCREE_OVER", "yes"), "ops/backup", "restore", file.toString())
                        .code())
                .isZero();
        assertThat(sql.queryForList("select name from studio where name like 'of %'", String.class))
                .hasSameSizeAs(sql.queryForList("select name from studio where name = 'pair'", String.class));
        others().forEach(this::drop);
    }

    @Test
    void ofNightlyOnesTheNewestAreKeptAndNothingElseIsTouched() throws Exception {
        fresh();
        Path nights = Files.createDirectory(files.resolve("nights"));
        for (String old : List.of("20260101-033000", "20260102-033000", "20260103-033000")) {
            Files.writeString(nights.resolve("scree-" + old + ".backup"), "old");
        }
        Files.writeString(nights.resolve("scree-mine.backup"), "somebody's own");
        Said made = backup("night", nights.toString(), "2");
        assertThat(made.code()).as(made.words()).isZero();
        try (Stream<Path> left = Files.list(nights)) {
            assertThat(left.map(p -> p.getFileName().toString()).sorted().toList())
                    .hasSize(3)
                    .contains("scree-20260103-033000.backup", "scree-mine.backup");
        }
        assertThat(backup("night", nights.toString(), "none").words()).contains("takes a number of backups");
    }
}
