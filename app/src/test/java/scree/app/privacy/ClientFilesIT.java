package scree.app.privacy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestPropertySource;
import scree.app.DemoLater;
import scree.app.handover.Handovers;
import scree.app.look.HtmlPdf;
import scree.app.method.Level;
import scree.app.method.Methods;
import scree.app.method.Setting;
import scree.app.studio.Accounts;
import scree.app.studio.Member;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Every client of the demo goes out of one studio and into another, and out of that as the same. */
@SpringBootTest
@Import(DemoLater.class)
@TestPropertySource(
        properties = {
            "scree.demo.enabled=true",
            "scree.password-cost=4",
            "scree.demo.portrait-width=700",
            "spring.datasource.hikari.schema=parted",
            "spring.flyway.default-schema=parted"
        })
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ClientFilesIT {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    /** Numbers of the database go up by this, so that one which went along untranslated is seen in the file. */
    private static final long FAR = 7_000_000;

    @Autowired
    private DemoLater concert;

    @Autowired
    private ClientFiles files;

    @Autowired
    private Erasures erasures;

    @Autowired
    private Handovers handovers;

    @Autowired
    private Accounts accounts;

    @Autowired
    private JdbcTemplate sql;

    private Member runa;
    private Member other;

    @Autowired
    private Methods methods;

    private List<Long> clients;

    @BeforeAll
    void twoStudios() {
        concert.load();
        runa = accounts.loadUserByUsername("runa@scree.example");
        other = founded("Elsewhere", "Ylva");
        clients = sql.queryForList(
                "select id from client where studio_id = ? order by id limit 12",
                Long.class,
                runa.studio().value());
        assertThat(clients).hasSize(12);
        methods.settle(runa, new Methods.Whose(Level.CLIENT, clients.get(0)), Setting.UNDER_EYE, "CORNERS");
        long sitting =
                sql.queryForObject("select max(id) from sitting where client_id = ?", Long.class, clients.get(0));
        handovers.link(
                runa, sitting, new Handovers.How(HtmlPdf.Paper.A4, true)); // a sheet goes along, and comes in again
    }

    private Member founded(String studio, String artist) {
        String email = UUID.randomUUID() + "@scree.example";
        accounts.addArtist(accounts.foundStudio(studio), artist, email, "loose stones");
        return accounts.loadUserByUsername(email);
    }

    private byte[] out(Member of, long client) {
        ByteArrayOutputStream zip = new ByteArrayOutputStream();
        files.write(of, client, zip, false);
        return zip.toByteArray();
    }

    private static Map<String, byte[]> unzipped(byte[] zip) {
        Map<String, byte[]> all = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                all.put(e.getName(), in.readAllBytes());
            }
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
        return all;
    }

    private static byte[] zipped(Map<String, byte[]> all) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> e : all.entrySet()) {
                zip.putNextEntry(new ZipEntry(e.getKey()));
                zip.write(e.getValue());
                zip.closeEntry();
            }
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
        return bytes.toByteArray();
    }

    /** What is the same wherever a client is: all but who worked, where and when it was written. */
    private static String same(byte[] document) {
        return new String(document, StandardCharsets.UTF_8)
                .replaceAll("\"(artist_id|told_by)\" : \"[^\"]*\"", "\"$1\" : \"\"")
                .replaceAll("\"(studio|made_on)\" : \"[^\"]*\"", "");
    }

    @Test
    void everyClientOfTheDemoIsTheSameElsewhere() {
        for (long client : clients) {
            byte[] there = out(runa, client);
            Map<String, byte[]> first = unzipped(there);
            long taken = files.takeIn(other, there);
            Map<String, byte[]> again = unzipped(out(other, taken));
            assertThat(same(again.get("client.json"))).isEqualTo(same(first.get("client.json")));
            assertThat(again.keySet()).containsExactlyInAnyOrderElementsOf(first.keySet());
            first.forEach((name, bytes) -> {
                if (name.startsWith("picture/") || name.startsWith("handed_sheet/")) {
                    assertThat(again.get(name)).as(name).isEqualTo(bytes);
                }
            });
        }
        assertThat(sql.queryForList(
                        "select distinct stock from product where studio_id = ?",
                        String.class,
                        other.studio().value()))
                .as("what came along is not proposed")
                .containsExactly("OUT");
    }

    /** Notes of the work are numbered by the database over all sittings: their order is what counts, and which picture they show. */
    @Test
    void howOneWorksWithAClientGoesAlong() {
        long taken = files.takeIn(other, out(runa, clients.get(0)));
        assertThat(sql.queryForList(
                        "select setting || '=' || value from method_choice where studio_id = ? and client_id = ?",
                        String.class,
                        other.studio().value(),
                        taken))
                .containsExactly("UNDER_EYE=CORNERS");
    }

    @Test
    void notesOfTheWorkKeepTheirOrderAndTheirPictures() {
        long client = files.takeIn(other, out(runa, clients.get(6)));
        long sitting = sql.queryForObject("select max(id) from sitting where client_id = ?", Long.class, client);
        String device = UUID.randomUUID().toString();
        for (int seq : new int[] {2, 1, 3}) {
            sql.update(
                    "insert into chair_note (studio_id, sitting_id, device, seq, kind, step, at, received_at, words, picture_id, artist_id)"
                            + " select ?, ?, ?::uuid, ?, 'NOTE', 'BASE', now(), now(), 'n' || ?,"
                            + " (select max(id) from picture where sitting_id = ?), ?",
                    other.studio().value(),
                    sitting,
                    device,
                    seq,
                    seq,
                    sitting,
                    other.artistId());
        }
        byte[] first = out(other, client);
        Member third = founded("Notes", "Ylva");
        long taken = files.takeIn(third, first);
        assertThat(same(unzipped(out(third, taken)).get("client.json")))
                .isEqualTo(same(unzipped(first).get("client.json")));
        assertThat(sql.queryForList(
                        "select n.words from chair_note n join sitting s on s.id = n.sitting_id join picture p on p.id = n.picture_id"
                                + " where s.client_id = ? and p.sitting_id = s.id order by n.no",
                        String.class,
                        taken))
                .containsExactly("n2", "n1", "n3");
    }

    /** The numbers of rows are put far up first: one that a document holds under a name that nobody thought of is found so. */
    @Test
    void noNumberOfTheDatabaseGoesAlong() {
        long taken = files.takeIn(other, out(runa, clients.get(0)));
        sql.queryForList(
                        "select c.relname from pg_class c join pg_namespace n on n.oid = c.relnamespace where c.relkind = 'S'"
                                + " and n.nspname = 'parted'",
                        String.class)
                .forEach(s ->
                        sql.execute("select setval('parted." + s + "', nextval('parted." + s + "') + " + FAR + ")"));
        Member third = founded("Third", "Ylva");
        long far = files.takeIn(third, out(other, taken));
        assertThat(far).isGreaterThan(FAR);
        JsonNode document = JSON.readTree(unzipped(out(third, far)).get("client.json"));
        assertThat(largest(document)).isLessThan(FAR);
    }

    private static long largest(JsonNode node) {
        long most = node.isIntegralNumber() ? Math.abs(node.longValue()) : 0;
        for (JsonNode child : node) {
            most = Math.max(most, largest(child));
        }
        return most;
    }

    @Test
    void whatIsErasedIsGoneFromEveryTableAndItsCountsStay() {
        long client = files.takeIn(other, out(runa, clients.get(1)));
        Map<String, Long> were = erasures.counts(other.studio(), client);
        assertThat(were).containsKeys("client", "sitting", "picture", "reading", "step");
        Erasures.Proof proof = erasures.erase(other, client);
        assertThat(proof.were()).isEqualTo(were);
        assertThat(proof.stayed()).isEmpty();
        assertThat(erasures.counts(other.studio(), client)).isEmpty();
        assertThatThrownBy(() -> out(other, client)).isInstanceOf(scree.app.web.NotHere.class);
        assertThat(sql.queryForObject(
                        "select counted ->> 'picture' from audit where act = 'ERASED' and client_id = ?",
                        String.class,
                        client))
                .isEqualTo(String.valueOf(were.get("picture")));
        for (String change : List.of("update audit set act = 'SAW'", "delete from audit", "truncate audit")) {
            assertThatThrownBy(() -> sql.execute(change)).as(change).hasMessageContaining("not rewritten");
        }
    }

    @Test
    void nobodyGivesAwayOrErasesAnotherStudiosClient() {
        long client = clients.get(2);
        assertThatThrownBy(() -> out(other, client)).isInstanceOf(scree.app.web.NotHere.class);
        assertThatThrownBy(() -> erasures.erase(other, client)).isInstanceOf(scree.app.web.NotHere.class);
        assertThat(erasures.counts(runa.studio(), client)).isNotEmpty();
    }

    /** Whatever a file holds, it is taken whole or not at all. */
    @Test
    void whatNoScreeWroteIsRefusedAndNothingComesIn() {
        byte[] good = out(runa, clients.get(3));
        long before = rows();
        Map<String, byte[]> all = unzipped(good);
        refused(ClientFileRefused.Why.TORN, "no zip".getBytes(StandardCharsets.UTF_8));
        refused(ClientFileRefused.Why.TORN, new byte[0]);
        refused(ClientFileRefused.Why.TORN, java.util.Arrays.copyOf(good, good.length / 3));
        refused(ClientFileRefused.Why.OTHER_FILES, with(all, "../../etc/cron.d/x", new byte[] {1}));
        refused(ClientFileRefused.Why.OTHER_FILES, with(all, "/picture/1.jpeg", new byte[] {1}));
        refused(ClientFileRefused.Why.OTHER_FILES, with(all, "picture\\1.jpeg", new byte[] {1}));
        refused(ClientFileRefused.Why.TOO_LARGE, with(all, "picture/9.jpeg", new byte[ClientZip.MOST_OF_ONE + 1]));
        refused(
                ClientFileRefused.Why.TOO_LARGE,
                with(Map.of("client.json", new byte[] {'{'}), "read-me.txt", new byte[30_000_000]));
        refused(
                ClientFileRefused.Why.PICTURE,
                with(all, "picture/1.jpeg", "<svg onload=x>".getBytes(StandardCharsets.UTF_8)));
        refused(
                ClientFileRefused.Why.PICTURE,
                edited(all, d -> d.replaceFirst("\"width\" : (\\d+)", "\"width\" : 1$1")));
        refused(
                ClientFileRefused.Why.NEWER,
                edited(all, d -> d.replaceFirst("\"schema\" : \\d+", "\"schema\" : 9999")));
        refused(
                ClientFileRefused.Why.NEWER,
                edited(all, d -> d.replaceFirst("\"scree_client\" : 1", "\"scree_client\" : 2")));
        refused(ClientFileRefused.Why.DOCUMENT, edited(all, d -> d.replace("\"client\" : [", "\"artist\" : [")));
        refused(
                ClientFileRefused.Why.DOCUMENT,
                edited(all, d -> d.replaceFirst("\"client_id\" : 1", "\"client_id\" : 7")));
        refused(
                ClientFileRefused.Why.DOCUMENT,
                edited(all, d -> d.replaceFirst("\"client_id\" : 1", "\"client_id\" : \"1 or 1=1\"")));
        refused(
                ClientFileRefused.Why.DOCUMENT,
                edited(all, d -> d.replaceFirst("\"minutes\" : \\d+", "\"minutes\" : \"long\"")));
        refused(ClientFileRefused.Why.DOCUMENT, edited(all, d -> d.substring(0, d.length() / 2)));
        refused(ClientFileRefused.Why.DOCUMENT, edited(all, d -> "[1, 2]"));
        assertThat(rows()).isEqualTo(before);
    }

    private void refused(ClientFileRefused.Why why, byte[] zip) {
        assertThatThrownBy(() -> files.takeIn(other, zip))
                .isInstanceOfSatisfying(
                        ClientFileRefused.class, e -> assertThat(e.why()).isEqualTo(why));
    }

    private static byte[] with(Map<String, byte[]> all, String name, byte[] bytes) {
        Map<String, byte[]> more = new LinkedHashMap<>(all);
        more.put(name, bytes);
        return zipped(more);
    }

    private static byte[] edited(Map<String, byte[]> all, UnaryOperator<String> by) {
        String document = new String(all.get("client.json"), StandardCharsets.UTF_8);
        String other = by.apply(document);
        assertThat(other).as("something was edited").isNotEqualTo(document);
        return with(all, "client.json", other.getBytes(StandardCharsets.UTF_8));
    }

    private long rows() {
        return sql.queryForObject(
                "select (select count(*) from client) + (select count(*) from product) + (select count(*) from picture)"
                        + " + (select count(*) from sitting)",
                Long.class);
    }

    @Test
    void noTableThatIsNotAClientsIsWrittenOrReadByItsName() {
        for (String tab : List.of("artist", "product", "pg_class", "no_table")) {
            assertThatThrownBy(() -> sql.queryForList(
                            "select keep_row(?, ?, '{}'::jsonb)", other.studio().value(), tab))
                    .hasMessageContaining("no such table");
            assertThatThrownBy(() -> sql.queryForList(
                            "select kept_file(?, ?, 1, 'password')",
                            other.studio().value(),
                            tab))
                    .hasMessageContaining("no such file");
        }
    }

    @Test
    void whoWorkedIsKnownByNameWhereTheyWorkAndElseItIsWhoTookItIn() {
        byte[] zip = out(runa, clients.get(4));
        String whose =
                "select distinct a.name from sitting s join artist a on a.id = s.artist_id where s.client_id = ?";
        List<String> there = sql.queryForList(whose, String.class, clients.get(4));
        assertThat(there).hasSize(1);
        assertThat(sql.queryForList(whose, String.class, files.takeIn(other, zip)))
                .containsExactly("Ylva");
        Member namesake = founded("Namesake", "Ylva");
        accounts.addArtist(namesake.studio(), there.get(0), UUID.randomUUID() + "@scree.example", "loose stones");
        assertThat(sql.queryForList(whose, String.class, files.takeIn(namesake, zip)))
                .isEqualTo(there);
    }

    /** What the published description requires is there, and nothing that it does not allow. */
    @Test
    void theFileIsAsItIsDescribed() throws IOException {
        JsonNode schema = JSON.readTree(Files.readString(Path.of("../docs/client.schema.json")));
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        sql.update(
                "update sitting set deleted_at = now() where id = (select min(id) from sitting where client_id = ?)",
                clients.get(0));
        files.write(runa, clients.get(0), whole);
        Map<String, byte[]> all = unzipped(whole.toByteArray());
        assertThat(all.keySet())
                .as("a plan is drawn")
                .anyMatch(name -> name.startsWith("charts/"))
                .as("a sheet goes along")
                .contains("handed_sheet/1.pdf");
        JsonNode document = JSON.readTree(all.get("client.json"));
        assertThat(document.propertyNames())
                .containsExactlyInAnyOrderElementsOf(schema.path("properties").propertyNames());
        assertThat(document.path("scree_client").intValue())
                .isEqualTo(schema.at("/properties/scree_client/const").intValue());
        assertThat(document.path("products"))
                .isNotEmpty()
                .allSatisfy(p -> required(p, schema.at("/properties/products/items")));
        schema.at("/properties/tables/properties")
                .properties()
                .forEach(t -> document.path("tables")
                        .path(t.getKey())
                        .forEach(row -> required(row, t.getValue().path("items"))));
    }

    private static void required(JsonNode row, JsonNode described) {
        described.path("required").forEach(r -> assertThat(row.propertyNames()).contains(r.asString()));
    }
}
