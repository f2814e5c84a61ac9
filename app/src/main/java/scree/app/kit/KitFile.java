package scree.app.kit;

import java.util.List;

/**
 * A file as read.
 *
 * @param rows the products that can be read
 * @param problems nothing comes in until there is none
 */
public record KitFile(List<KitRow> rows, List<Problem> problems) {
    /**
     * What is wrong in a file.
     *
     * @param line from 1
     * @param code under {@code kit.file.} in the messages, reason and way out
     */
    record Problem(long line, String field, String code, Object... args) {}

    /** A file that cannot be read at all. */
    static KitFile unreadable(String code, Object... args) {
        return new KitFile(List.of(), List.of(new Problem(1, "file", code, args)));
    }

    List<Product> products() {
        return rows.stream().map(KitRow::product).toList();
    }
}
