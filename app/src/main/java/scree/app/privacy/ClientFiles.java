package scree.app.privacy;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.Artist;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.app.web.Words;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A client whole, as a ZIP: given away by one studio, taken in by another with the same result. */
@Service
public class ClientFiles {
    private static final String FORMAT = "scree_client";
    private static final String TABLES = "tables";
    private static final String PRODUCTS = "products";

    private final PrivacyMapper mapper;
    private final Enclosures enclosures;
    private final Audit audit;
    private final Words words;
    private final Clock clock;
    private final JsonMapper json = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .build();

    ClientFiles(PrivacyMapper mapper, Enclosures enclosures, Audit audit, Words words, Clock clock) {
        this.mapper = mapper;
        this.enclosures = enclosures;
        this.audit = audit;
        this.words = words;
        this.clock = clock;
    }

    private ClientDocument document() {
        return new ClientDocument(json, mapper.keptLinks());
    }

    /**
     * Writes everything that is kept of a client, and that it was given away.
     *
     * @throws NotHere when the studio has no such client
     */
    @Transactional
    public void write(Member me, long client, OutputStream to) {
        write(me, client, to, true);
    }

    /**
     * The same.
     *
     * @param drawn with what is drawn of each sitting, which takes most of the time
     */
    @Transactional
    void write(Member me, long client, OutputStream to, boolean drawn) {
        StudioId studio = me.studio();
        NotHere.unless(mapper.there(studio, client) ? client : null, "client");
        audit.did(me, Audit.Act.GAVE, client, null, null);
        List<PrivacyMapper.Row> rows = mapper.rows(studio, client);
        Map<Long, String> artists = new HashMap<>();
        mapper.artists(studio).forEach(a -> artists.put(a.id(), a.name()));
        ClientDocument.Written written = document().write(rows, artists);
        ObjectNode whole = json.createObjectNode();
        whole.put(FORMAT, ClientDocument.VERSION);
        whole.put("schema", mapper.schema());
        whole.put("made_on", LocalDate.now(clock.withZone(ZoneOffset.UTC)).toString());
        whole.put("studio", me.studioName());
        products(studio, written, whole.putArray(PRODUCTS));
        whole.set(TABLES, written.tables());
        try (ZipOutputStream zip = new ZipOutputStream(to)) {
            put(zip, "read-me.txt", words.say("privacy.readMe", me.studioName()).getBytes(StandardCharsets.UTF_8));
            put(zip, ClientZip.DOCUMENT, json.writeValueAsBytes(whole));
            for (String file : mapper.keptFiles()) {
                files(studio, written, file, zip);
            }
            Map<Long, Integer> sittings = drawn ? written.numbers().getOrDefault("sitting", Map.of()) : Map.of();
            for (Map.Entry<Long, Integer> sitting : sittings.entrySet()) {
                JsonNode row = written.tables().path("sitting").path(sitting.getValue() - 1);
                if (!row.path("deleted_at").isNull()) {
                    continue; // it waits in the bin, where nothing is drawn of it
                }
                var chart = enclosures.chart(me, sitting.getKey());
                if (chart.isPresent()) {
                    put(zip, "charts/" + sitting.getValue() + ".pdf", chart.get());
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException("the client's file could not be written", e);
        }
    }

    private void products(StudioId studio, ClientDocument.Written written, ArrayNode out) {
        if (!written.products().isEmpty()) {
            Map<Long, String> kept = new HashMap<>();
            mapper.products(studio, written.products()).forEach(p -> kept.put(p.id(), p.kept()));
            written.products()
                    .forEach(id -> out.add(kept.containsKey(id) ? json.readTree(kept.get(id)) : json.nullNode()));
        }
    }

    private void files(StudioId studio, ClientDocument.Written written, String file, ZipOutputStream zip)
            throws IOException {
        String tab = file.substring(0, file.indexOf('.'));
        String col = file.substring(tab.length() + 1);
        if (!ClientDocument.KEPT_BACK.contains(tab)) {
            for (Map.Entry<Long, Integer> row :
                    written.numbers().getOrDefault(tab, Map.of()).entrySet()) {
                put(
                        zip,
                        tab + "/" + row.getValue() + "." + col,
                        mapper.file(studio, tab, row.getKey(), col).bytes());
            }
        }
    }

    private static void put(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(0);
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }

    /**
     * Takes a client in. Products that the kit has not come along as used up, so that the record can name them and nothing proposes them; people
     * whose names nobody here has become whoever takes the client in.
     *
     * @return the number that the client has here
     * @throws ClientFileRefused when the file is none, or holds what cannot be; nothing is changed then
     */
    @Transactional(rollbackFor = RuntimeException.class)
    public long takeIn(Member me, byte[] zip) {
        Map<String, byte[]> files = ClientZip.read(zip);
        try {
            return takeIn(me, files, json.readTree(files.get(ClientZip.DOCUMENT)));
        } catch (JacksonException
                | DataIntegrityViolationException
                | UncategorizedSQLException
                | ClassCastException no) {
            throw new ClientFileRefused(ClientFileRefused.Why.DOCUMENT, no);
        }
    }

    private long takeIn(Member me, Map<String, byte[]> files, JsonNode whole) {
        checkVersion(whole);
        JsonNode tables = whole.path(TABLES);
        List<String> order = mapper.keptTables();
        if (!ClientDocument.unknown(tables, order).isEmpty()
                || tables.path("client").size() != 1) {
            throw new ClientFileRefused(ClientFileRefused.Why.DOCUMENT);
        }
        Map<String, List<Long>> numbers = new HashMap<>();
        numbers.put("product", products(me.studio(), whole.path(PRODUCTS)));
        Map<String, Long> artists = new HashMap<>();
        for (Artist a : mapper.artists(me.studio())) {
            artists.put(a.name(), a.id());
        }
        ClientDocument document = document();
        Map<String, List<String>> columns = columns();
        for (String tab : order) {
            List<Long> own = numbers.computeIfAbsent(tab, t -> new ArrayList<>());
            for (JsonNode row : tables.path(tab)) {
                ObjectNode kept = document.read(tab, row, numbers, artists, me.artistId());
                for (String col : columns.getOrDefault(tab, List.of())) {
                    byte[] file = files.get(tab + "/" + (own.size() + 1) + "." + col);
                    kept.put(col, "\\x" + HexFormat.of().formatHex(FileGuard.safe(file, col, row)));
                }
                Long id = mapper.keep(me.studio(), tab, json.writeValueAsString(kept));
                own.add(id == null ? 0 : id);
            }
        }
        long client = numbers.get("client").get(0);
        audit.did(me, Audit.Act.TOOK_IN, client, null, null);
        return client;
    }

    private void checkVersion(JsonNode whole) {
        if (!whole.path(FORMAT).isIntegralNumber() || !whole.path("schema").isIntegralNumber()) {
            throw new ClientFileRefused(ClientFileRefused.Why.DOCUMENT);
        }
        if (whole.path(FORMAT).intValue() > ClientDocument.VERSION
                || whole.path("schema").intValue() > mapper.schema()) {
            throw new ClientFileRefused(ClientFileRefused.Why.NEWER);
        }
    }

    private Map<String, List<String>> columns() {
        Map<String, List<String>> columns = new HashMap<>();
        for (String file : mapper.keptFiles()) {
            int dot = file.indexOf('.');
            columns.computeIfAbsent(file.substring(0, dot), t -> new ArrayList<>())
                    .add(file.substring(dot + 1));
        }
        return columns;
    }

    private List<Long> products(StudioId studio, JsonNode all) {
        List<Long> ids = new ArrayList<>();
        for (JsonNode p : all) {
            if (p.isNull()) {
                ids.add(0L);
                continue;
            }
            Long known = mapper.product(
                    studio,
                    p.path("line").asString(""),
                    p.path("name").asString(""),
                    p.path("role").asString(""));
            ids.add(known != null ? known : mapper.addProduct(studio, json.writeValueAsString(p)));
        }
        return ids;
    }
}
