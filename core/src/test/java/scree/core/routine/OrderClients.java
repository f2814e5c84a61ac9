package scree.core.routine;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import scree.core.Golden;
import scree.core.method.Occasion;
import scree.core.placement.Area;
import scree.core.placement.Family;
import scree.core.shade.Coverage;
import scree.core.shade.Form;
import scree.core.skin.SkinType;

/** The invented clients of the reference. */
final class OrderClients {
    private OrderClients() {}

    static Needs of(String client) {
        return Golden.rows("order/needs.csv").stream()
                .filter(r -> r.get("client").equals(client))
                .map(OrderClients::needs)
                .findFirst()
                .orElseThrow();
    }

    static List<Needs> all() {
        return Golden.rows("order/needs.csv").stream().map(OrderClients::needs).toList();
    }

    private static Needs needs(Map<String, String> r) {
        Map<Area, Double> areas = new EnumMap<>(Area.class);
        words(r, "areas").forEach(w -> areas.put(Area.valueOf(w.split("=")[0]), Double.valueOf(w.split("=")[1])));
        Map<Family, Needs.Laid> forms = new EnumMap<>(Family.class);
        words(r, "forms").forEach(w -> forms.put(Family.valueOf(w.split("=")[0]), Needs.Laid.valueOf(w.split("=")[1])));
        return new Needs(
                new Needs.Skin(SkinType.valueOf(r.get("skin")), yes(r, "creped"), zones(r, "broken")),
                new Needs.Care(
                        yes(r, "cleanse"),
                        yes(r, "tone"),
                        zone(r, "soften"),
                        yes(r, "serum"),
                        yes(r, "eyeCream"),
                        yes(r, "sunCare"),
                        words(r, "primers").stream().map(Needs.Primer::valueOf).toList()),
                new Needs.Correction(
                        zones(r, "correct"),
                        zones(r, "red"),
                        zone(r, "heavy"),
                        Integer.parseInt(r.get("coats")),
                        zones(r, "cover"),
                        words(r, "spots").stream().map(WorkZone::valueOf).toList()),
                r.get("form").isEmpty()
                        ? null
                        : new Needs.Base(
                                Form.valueOf(r.get("form")),
                                Coverage.valueOf(r.get("coverage")),
                                yes(r, "twoShades"),
                                yes(r, "neck")),
                areas,
                forms,
                new Needs.Finish(
                        Integer.parseInt(r.get("left")),
                        Needs.Spray.valueOf(r.get("spray")),
                        Needs.Brows.valueOf(r.get("brows")),
                        Needs.Lips.valueOf(r.get("lips")),
                        new Needs.Eyes(
                                Needs.Lid.valueOf(r.get("lid")),
                                yes(r, "fallout"),
                                yes(r, "liner"),
                                yes(r, "curl"),
                                yes(r, "mascara"),
                                yes(r, "lashes"),
                                yes(r, "eyesFirst")),
                        yes(r, "body")),
                new Needs.Event(
                        Occasion.valueOf(r.get("occasion")), Double.parseDouble(r.get("hours")), yes(r, "flash"), null),
                new Needs.Way(
                        Needs.Blend.valueOf(r.get("blend")),
                        false,
                        new Pace(Double.parseDouble(r.get("pace")), Map.of())));
    }

    private static List<String> words(Map<String, String> r, String name) {
        return r.get(name).isEmpty() ? List.of() : Arrays.asList(r.get(name).split(" "));
    }

    private static boolean yes(Map<String, String> r, String name) {
        return r.get(name).equals("True");
    }

    private static WorkZone zone(Map<String, String> r, String name) {
        return r.get(name).isEmpty() ? null : WorkZone.valueOf(r.get(name));
    }

    private static Set<WorkZone> zones(Map<String, String> r, String name) {
        Set<WorkZone> all = EnumSet.noneOf(WorkZone.class);
        words(r, name).forEach(w -> all.add(WorkZone.valueOf(w)));
        return all;
    }
}
