package scree.app.privacy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A client as one document that bears no number of a database: rows are numbered from 1 within their table, artists stand by name, products in
 * a list of their own. The same client gives the same document wherever they are kept. Its schema is {@code docs/client.schema.json}.
 */
final class ClientDocument {
    /** Of the document itself; what the tables hold goes with the number of the migration. */
    static final int VERSION = 1;

    /** Not given away: keys to the studio's doors, and letters that are still to be sent. */
    static final Set<String> KEPT_BACK = Set.of("remote_link", "remote_try", "home_link", "letter");
    /** What points at things of the studio that do not go along. */
    private static final Set<String> LEFT_OUT = Set.of("event_id", "wished_artist_id", "practised_by");

    private final JsonMapper json;
    private final Map<String, Map<String, String>> links = new HashMap<>();

    ClientDocument(JsonMapper json, List<PrivacyMapper.Link> links) {
        this.json = json;
        links.forEach(
                l -> this.links.computeIfAbsent(l.tab(), t -> new HashMap<>()).put(l.col(), l.parent()));
    }

    /** Returns where a column points, empty for none. */
    Optional<String> parent(String tab, String col) {
        String linked = links.getOrDefault(tab, Map.of()).get(col);
        return Optional.ofNullable(linked == null && col.equals("product_id") ? "product" : linked);
    }

    /** What was written, and which files and products go along: their numbers in the database by their numbers in the document. */
    record Written(ObjectNode tables, Map<String, Map<Long, Integer>> numbers, Set<Long> products) {
        /** Returns a row's number in the document, 0 for one that does not go along. */
        long number(String tab, long id) {
            return numbers.getOrDefault(tab, Map.of()).getOrDefault(id, 0);
        }
    }

    /** @param artists names by number */
    Written write(List<PrivacyMapper.Row> rows, Map<Long, String> artists) {
        Map<String, List<ObjectNode>> byTable = new LinkedHashMap<>();
        for (PrivacyMapper.Row row : rows) {
            if (!KEPT_BACK.contains(row.tab())) {
                byTable.computeIfAbsent(row.tab(), t -> new ArrayList<>()).add((ObjectNode) json.readTree(row.kept()));
            }
        }
        Map<String, Map<Long, Integer>> numbers = new HashMap<>();
        byTable.forEach((tab, all) -> {
            Map<Long, Integer> own = new HashMap<>();
            all.stream()
                    .filter(r -> r.has("id"))
                    .forEach(r -> own.put(r.get("id").longValue(), own.size() + 1));
            numbers.put(tab, own);
        });
        Written written = new Written(json.createObjectNode(), numbers, new LinkedHashSet<>());
        Map<Long, Long> products = new HashMap<>();
        Numbering documents =
                new Numbering(id -> product(id, written.products(), products), id -> written.number("picture", id));
        byTable.forEach((tab, all) -> {
            ArrayNode out = written.tables().putArray(tab);
            for (ObjectNode row : all) {
                ObjectNode kept = out.addObject();
                row.properties().forEach(p -> {
                    JsonNode value = p.getValue();
                    String parent = parent(tab, p.getKey()).orElse("");
                    if (LEFT_OUT.contains(p.getKey())) {
                        return;
                    } else if (value.isNull()) {
                        kept.putNull(p.getKey());
                    } else if (p.getKey().equals("id")) {
                        kept.put("id", written.number(tab, value.longValue()));
                    } else if (parent.equals("artist")) {
                        kept.put(p.getKey(), artists.getOrDefault(value.longValue(), ""));
                    } else if (parent.equals("product")) {
                        kept.put(p.getKey(), product(value.longValue(), written.products(), products));
                    } else if (!parent.isEmpty()) {
                        kept.put(p.getKey(), written.number(parent, value.longValue()));
                    } else {
                        kept.set(p.getKey(), documents.of(value));
                    }
                });
            }
        });
        return written;
    }

    private static long product(long id, Set<Long> seen, Map<Long, Long> numbers) {
        if (id == 0) {
            return 0;
        }
        seen.add(id);
        return numbers.computeIfAbsent(id, i -> (long) seen.size());
    }

    /**
     * Returns one row as it goes into a database.
     *
     * @param numbers of rows written before, by table and number in the document
     * @param artist whose it becomes
     * @throws ClientFileRefused when it points at what is not there
     */
    ObjectNode read(String tab, JsonNode row, Map<String, List<Long>> numbers, Map<String, Long> artists, long artist) {
        ObjectNode kept = json.createObjectNode();
        Numbering documents = new Numbering(n -> at(numbers, "product", n, true), n -> at(numbers, "picture", n, true));
        row.properties().forEach(p -> {
            JsonNode value = p.getValue();
            String parent = parent(tab, p.getKey()).orElse("");
            if (p.getKey().equals("id") || p.getKey().equals("studio_id") || LEFT_OUT.contains(p.getKey())) {
                return;
            } else if (value.isNull()) {
                kept.putNull(p.getKey());
            } else if (parent.equals("artist")) {
                kept.put(p.getKey(), artists.getOrDefault(value.asString(), artist));
            } else if (!parent.isEmpty()) {
                kept.put(p.getKey(), at(numbers, parent, number(value), false));
            } else {
                kept.set(p.getKey(), documents.of(value));
            }
        });
        return kept;
    }

    private static long number(JsonNode value) {
        if (!value.isIntegralNumber()) {
            throw new ClientFileRefused(ClientFileRefused.Why.DOCUMENT);
        }
        return value.longValue();
    }

    private static long at(Map<String, List<Long>> numbers, String tab, long number, boolean mayBeGone) {
        List<Long> there = numbers.getOrDefault(tab, List.of());
        if (number == 0 && mayBeGone) {
            return 0;
        }
        if (number < 1 || number > there.size()) {
            throw new ClientFileRefused(ClientFileRefused.Why.DOCUMENT);
        }
        return there.get((int) number - 1);
    }

    /** Returns the names of the tables of a document that are none of these. */
    static Set<String> unknown(JsonNode tables, List<String> known) {
        Set<String> other = new HashSet<>();
        tables.properties().forEach(p -> other.add(p.getKey()));
        known.stream()
                .filter(t -> !KEPT_BACK.contains(t))
                .collect(Collectors.toSet())
                .forEach(other::remove);
        return other;
    }
}
