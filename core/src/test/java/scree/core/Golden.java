package scree.core;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Figures that an independent reference worked out, as plain CSV with a header under {@code golden/}. */
public final class Golden {
    private Golden() {}

    /** Returns the rows of a file, each by the names of its header. */
    public static List<Map<String, String>> rows(String file) {
        try (BufferedReader in = new BufferedReader(
                new InputStreamReader(Golden.class.getResourceAsStream("/golden/" + file), StandardCharsets.UTF_8))) {
            String[] names = in.readLine().split(",", -1);
            List<Map<String, String>> rows = new ArrayList<>();
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                String[] cells = line.split(",", -1);
                Map<String, String> row = new LinkedHashMap<>();
                for (int i = 0; i < names.length; i++) {
                    row.put(names[i], cells[i]);
                }
                rows.add(row);
            }
            return rows;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
