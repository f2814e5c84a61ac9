package scree.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Worked-out tables of the core's tests. */
final class Rows {
    private static final String HERE = "core/src/test/resources/golden/";

    private Rows() {}

    /** Returns the lines of a table by its column names, wherever the bench is started from. */
    static List<Map<String, String>> of(String file) throws IOException {
        Path here = Path.of(System.getenv().getOrDefault("SCREE_HERE", "."));
        List<String> lines = Files.readAllLines(here.resolve(HERE + file));
        String[] names = lines.get(0).split(",");
        List<Map<String, String>> rows = new ArrayList<>();
        for (String line : lines.subList(1, lines.size())) {
            String[] values = line.split(",", -1);
            Map<String, String> row = new HashMap<>();
            for (int i = 0; i < names.length; i++) {
                row.put(names[i], values[i]);
            }
            rows.add(row);
        }
        return rows;
    }
}
