package scree.core.cover;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import scree.core.colour.Lab;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;

/** Places and kit of the reference. */
final class Golden {
    private Golden() {}

    static List<Map<String, String>> rows(String file) {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(Golden.class.getResourceAsStream("/golden/cover/" + file)),
                StandardCharsets.UTF_8))) {
            List<String> lines = in.lines().toList();
            String[] head = lines.get(0).split(",");
            List<Map<String, String>> rows = new ArrayList<>();
            for (String line : lines.subList(1, lines.size())) {
                String[] cells = line.split(",", -1);
                Map<String, String> row = new LinkedHashMap<>();
                for (int i = 0; i < head.length; i++) {
                    row.put(head[i], cells[i]);
                }
                rows.add(row);
            }
            return rows;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Ware<String> ware(String id, double worn) {
        Map<String, String> row = rows("kit.csv").stream()
                .filter(r -> r.get("id").equals(id))
                .findFirst()
                .orElseThrow();
        return ware(
                id,
                Role.valueOf(row.get("role")),
                Form.valueOf(row.get("form")),
                lab(row, ""),
                Double.parseDouble(row.get("coverage")),
                worn);
    }

    static Ware<String> ware(String id, Role role, Form form, Lab colour, double contrast, double worn) {
        return new Ware<>(id, id, role, form, UsualCoat.of(form, colour, contrast, worn));
    }

    static List<Ware<String>> kit(Map<String, String> row) {
        double worn = Double.parseDouble(row.get("worn"));
        return Stream.of(row.get("kit").split("\\|")).map(id -> ware(id, worn)).toList();
    }

    static Place<String> place(Map<String, String> row) {
        double worn = Double.parseDouble(row.get("worn"));
        Ware<String> base = ware(
                "BASE",
                Role.BASE,
                Form.valueOf(row.get("base_form")),
                lab(row, "base_"),
                Double.parseDouble(row.get("base_cover")),
                worn);
        Place<String> place = Place.of(
                lab(row, "zone_"),
                lab(row, "skin_"),
                base,
                Double.parseDouble(row.get("base_coats")),
                Bears.valueOf(row.get("limit")));
        return row.get("powder").isEmpty() ? place : place.powdered(ware(row.get("powder"), worn), 1);
    }

    private static Lab lab(Map<String, String> row, String of) {
        return Lab.of(
                Double.parseDouble(row.get(of + "L")),
                Double.parseDouble(row.get(of + "a")),
                Double.parseDouble(row.get(of + "b")));
    }
}
