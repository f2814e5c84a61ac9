package scree.app.place;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import scree.core.face.Side;
import scree.core.method.PlacementMethod;
import scree.core.placement.Area;
import scree.core.placement.Family;
import scree.core.placement.ZoneEdit;
import scree.core.plane.Vec;

/**
 * What is kept of a placement: the method, the artist's edits by zone, families not worked, products chosen by hand.
 *
 * @param products product id by area
 */
public record PlaceSheet(PlacementMethod method, List<Edited> edits, Set<Family> off, Map<Area, Long> products) {
    public PlaceSheet {
        Objects.requireNonNull(method, "a placement has a method");
        edits = List.copyOf(edits);
        off = off == null ? Set.of() : Set.copyOf(off);
        products = products == null ? Map.of() : Map.copyOf(products);
    }

    /** One edited zone, with who did it. */
    public record Edited(Area area, Side side, boolean leftOut, Double strength, List<Moved> moves, String who) {
        public Edited {
            moves = moves == null ? List.of() : List.copyOf(moves);
            edit(area, side, leftOut, strength, moves); // refuses a strength or a way that no zone has
        }

        ZoneEdit toEdit() {
            return edit(area, side, leftOut, strength, moves);
        }

        private static ZoneEdit edit(Area area, Side side, boolean leftOut, Double strength, List<Moved> moves) {
            Map<Integer, Vec> by = new LinkedHashMap<>();
            moves.forEach(m -> by.put(m.handle(), new Vec(m.dx(), m.dy())));
            return new ZoneEdit(area, side, leftOut, strength, by);
        }
    }

    /** How far a handle was drawn, in pupil distances. */
    public record Moved(int handle, double dx, double dy) {}

    static PlaceSheet usual() {
        return new PlaceSheet(PlacementMethod.usual(), List.of(), EnumSet.of(Family.SUN, Family.POWDER), Map.of());
    }

    /** Returns what is remembered for a client: aim, schools, families and products; what was drawn by hand was that day's. */
    PlaceSheet remembered() {
        return new PlaceSheet(method.followingRules(), List.of(), off, products);
    }

    List<ZoneEdit> zoneEdits() {
        return edits.stream().map(Edited::toEdit).toList();
    }

    /** Returns what was changed on a zone. */
    public Optional<Edited> edit(Area area, Side side) {
        return edits.stream().filter(e -> e.area() == area && e.side() == side).findFirst();
    }

    PlaceSheet with(PlacementMethod other) {
        return new PlaceSheet(other, edits, off, products);
    }

    PlaceSheet toggled(Family family) {
        Set<Family> now = off.isEmpty() ? EnumSet.noneOf(Family.class) : EnumSet.copyOf(off);
        if (!now.remove(family)) {
            now.add(family);
        }
        return new PlaceSheet(method, edits, now, products);
    }

    /** Takes the hand's choice away when product is null. */
    PlaceSheet using(Area area, Long product) {
        Map<Area, Long> now = new EnumMap<>(Area.class);
        now.putAll(products);
        if (product == null) {
            now.remove(area);
        } else {
            now.put(area, product);
        }
        return new PlaceSheet(method, edits, off, now);
    }

    PlaceSheet edited(Area area, Side side, String who, UnaryOperator<Edited> by) {
        List<Edited> now = new ArrayList<>(edits);
        Edited before = edit(area, side).orElse(new Edited(area, side, false, null, List.of(), who));
        now.remove(before);
        Edited after = by.apply(before);
        if (after != null) {
            now.add(after);
        }
        return new PlaceSheet(method, now, off, products);
    }
}
