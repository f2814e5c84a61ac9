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
import scree.app.method.Method;
import scree.app.method.Setting;
import scree.core.face.Side;
import scree.core.judge.OwnShadow;
import scree.core.judge.RoleWish;
import scree.core.method.PlacementMethod;
import scree.core.placement.Area;
import scree.core.placement.Family;
import scree.core.placement.ZoneEdit;
import scree.core.plane.Vec;

/**
 * What is kept of a placement: the method, the artist's edits by zone, families not worked, products chosen by hand.
 *
 * @param products product id by area
 * @param shade the own shadow as a picture showed it, or null
 */
public record PlaceSheet(
        PlacementMethod method, List<Edited> edits, Set<Family> off, Map<Area, Long> products, Shade shade) {
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

    /**
     * The own shadow in a picture that itself is not kept.
     *
     * @param k luminance that it leaves
     * @param hueTurn degrees by which it parts from lit skin
     * @param daylight whether it was taken by day; by a lamp it is only a limit
     */
    public record Shade(double x, double z, double k, double hueTurn, boolean daylight) {
        public Shade {
            boolean shade = k >= OwnShadow.DEEPEST && k <= OwnShadow.LIGHTEST && Math.abs(hueTurn) <= MOST_TURN;
            if (!shade || !Double.isFinite(x) || !Double.isFinite(z)) {
                throw new IllegalArgumentException("no shade on skin: read the picture again");
            }
        }

        private static final double MOST_TURN = 90;

        RoleWish.Tint tint() {
            return new RoleWish.Tint(x, 1, z);
        }
    }

    /** How far a handle was drawn, in pupil distances. */
    public record Moved(int handle, double dx, double dy) {}

    static PlaceSheet usual() {
        return of(Method.usual());
    }

    /** Returns what a placement starts from by a method. */
    static PlaceSheet of(Method method) {
        Set<Family> off = EnumSet.noneOf(Family.class);
        for (Family family : Family.values()) {
            if (!method.is(Setting.working(family))) {
                off.add(family);
            }
        }
        return new PlaceSheet(method.placement(), List.of(), off, Map.of(), null);
    }

    /** Returns what was chosen of a setting, null for what is not chosen here. */
    String chose(Setting setting) {
        for (Family family : Family.values()) {
            if (setting == Setting.working(family)) {
                return off.contains(family) ? Setting.NO : Setting.YES;
            }
        }
        return Method.of(method, setting);
    }

    /** Returns the same with products and own shadow of the client's last time; what was drawn by hand was that day's. */
    PlaceSheet remembering(PlaceSheet last) {
        return new PlaceSheet(method, edits, off, last.products, last.shade);
    }

    List<ZoneEdit> zoneEdits() {
        return edits.stream().map(Edited::toEdit).toList();
    }

    /** Returns what was changed on a zone. */
    public Optional<Edited> edit(Area area, Side side) {
        return edits.stream().filter(e -> e.area() == area && e.side() == side).findFirst();
    }

    PlaceSheet with(PlacementMethod other) {
        return new PlaceSheet(other, edits, off, products, shade);
    }

    /** Takes an own shadow, null to forget it. */
    PlaceSheet shaded(Shade other) {
        return new PlaceSheet(method, edits, off, products, other);
    }

    PlaceSheet toggled(Family family) {
        Set<Family> now = off.isEmpty() ? EnumSet.noneOf(Family.class) : EnumSet.copyOf(off);
        if (!now.remove(family)) {
            now.add(family);
        }
        return new PlaceSheet(method, edits, now, products, shade);
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
        return new PlaceSheet(method, edits, off, now, shade);
    }

    PlaceSheet edited(Area area, Side side, String who, UnaryOperator<Edited> by) {
        List<Edited> now = new ArrayList<>(edits);
        Edited before = edit(area, side).orElse(new Edited(area, side, false, null, List.of(), who));
        now.remove(before);
        Edited after = by.apply(before);
        if (after != null) {
            now.add(after);
        }
        return new PlaceSheet(method, now, off, products, shade);
    }
}
