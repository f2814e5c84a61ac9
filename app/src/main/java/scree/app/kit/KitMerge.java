package scree.app.kit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a file would change in a kit. A product is told by its line and name; what the file does not say of it stays.
 *
 * @param fresh not in the kit yet
 * @param changed in the kit with other figures, by their stored ids
 * @param same how many are in the kit just so
 * @param missing names of products that the kit has and the file does not; they stay as they are
 */
record KitMerge(List<KitRow> fresh, List<Change> changed, int same, List<String> missing) {
    /** Side by side. */
    record Change(KitRow was, KitRow will, List<Part> parts) {}

    /** One figure before and after; null where nothing was or will be. */
    record Part(String column, Object was, Object will) {}

    static KitMerge of(List<KitRow> file, List<KitRow> kit) {
        Map<String, KitRow> left = new HashMap<>();
        kit.forEach(r -> left.put(KitLine.of(r).key(), r));
        List<KitRow> fresh = new ArrayList<>();
        List<Change> changed = new ArrayList<>();
        int same = 0;
        for (KitRow row : file) {
            KitLine written = KitLine.of(row);
            KitRow stored = left.remove(written.key());
            if (stored == null) {
                fresh.add(row);
                continue;
            }
            KitLine was = KitLine.of(stored);
            KitLine will = written.over(was);
            List<KitLine.Column> parts = will.partsFrom(was);
            if (parts.isEmpty()) {
                same++;
            } else {
                changed.add(new Change(
                        stored,
                        will.row().storedAs(stored.product()),
                        parts.stream()
                                .map(c -> new Part(c.name(), c.of(was), c.of(will)))
                                .toList()));
            }
        }
        List<String> missing =
                left.values().stream().map(r -> r.product().fullName()).sorted().toList();
        return new KitMerge(fresh, changed, same, missing);
    }
}
