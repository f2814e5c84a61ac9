package scree.core.placement;

import static scree.core.placement.Area.*;
import static scree.core.placement.SideMap.yAt;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.method.PlacementMethod.UnderEye;
import scree.core.plane.Curves;
import scree.core.plane.Vec;

/** Looks a plan over for what the craft forbids; works on edited plans as on fresh ones. Lengths in pupil distances. */
final class Checks {
    /** Only lights stronger than this count as lights; more of them than this need a shadow to hold them. House choice. */
    private static final double LIGHT_COUNTS = .3;

    private static final int MOST_WITHOUT_SHADOW = 5;
    /** The clean line lies under a shadow and may come this far under the nostril line. */
    private static final double CLEAN_LINE_UNDER = .12;
    /** Room beside the neck. */
    private static final double NECK_ROOM = .10;
    /** The cheek's shadow drops when its front falls by more degrees than this over its start. */
    private static final double DROPS_DEGREES = 3;
    /** An edited shadow stronger than this is said to be strong. House choice. */
    private static final double TOO_STRONG = 1.15;
    /** A jowl hangs at this share of the way from cheek to chin, in percent, and shadow over this far inside the edge lies on it. */
    private static final int JOWL_AT_PERCENT = 41;

    private static final double ON_JOWL = .045;
    /** A bag is brightened when the light reaches over this place under the eye: share along it, drop under it. */
    private static final double BAG_ALONG = .5;

    private static final double BAG_UNDER = .10;
    /** Farther than anything on a face: what is not there is not close. */
    private static final double FAR = 9;

    private static final double HAIR = .004;
    private static final double HAIR_OVER = .056;
    private static final double NECK_OVER = .018;
    private static final double MOUTH = .20;
    private static final double MOUTH_JAW_LIGHT = .15;
    private static final double LEAST_ROOM = .05;
    private static final double LEAST_LIGHT_TO_SHADOW = .12;
    private static final double LEAST_AREA = .0006;
    private static final Set<Area> ABOVE_NOSTRIL =
            EnumSet.of(CHEEK_SHADOW, BLUSH, SUN_CHEEK, CHEEK_TOP_SHEEN, INNER_EYE_LIGHT, UNDER_EYE_LIGHT);
    private static final Set<Area> OFF_MOUTH = EnumSet.of(CHEEK_SHADOW, JAW_SHADOW, CLEAN_LINE);

    private final Draft draft;

    Checks(Draft draft) {
        this.draft = draft;
    }

    /** Returns every fault of a plan. */
    List<Caution> all(List<PlacedZone> zones) {
        List<Caution> found = new ArrayList<>();
        for (PlacedZone zone : zones) {
            found.addAll(geometry(zone));
            craft(zone, found);
        }
        for (Side side : Draft.BOTH) {
            crowding(zones, side, found);
        }
        long lights = zones.stream()
                .filter(z -> z.area().family() == Family.LIGHT && z.strength() > LIGHT_COUNTS)
                .map(PlacedZone::area)
                .distinct()
                .count();
        boolean shadow = zones.stream().anyMatch(z -> z.area() == CHEEK_SHADOW || z.area() == JAW_SHADOW);
        if (lights > Restraint.MOST || lights > MOST_WITHOUT_SHADOW && !shadow) {
            found.add(new Caution(Fault.TOO_MANY_LIGHTS, FOREHEAD_LIGHT, Side.CENTRE));
        }
        return found;
    }

    // ---- where one zone lies ----

    List<Caution> geometry(PlacedZone zone) {
        Set<Fault> faults = EnumSet.noneOf(Fault.class);
        double area = 0;
        for (Piece piece : zone.pieces()) {
            if (!Strokes.simple(piece.edge())) {
                faults.add(Fault.CROSSES_ITSELF);
            } else {
                area += Strokes.GEOMETRY
                        .createPolygon(Strokes.ring(piece.edge()))
                        .getArea();
            }
            for (Vec p : piece.edge()) {
                point(zone, p, faults);
            }
        }
        if (area < LEAST_AREA) {
            faults.add(Fault.TOO_SMALL);
        }
        if (zone.area() == CHEEK_SHADOW && drops(zone)) {
            faults.add(Fault.DROPS_IN_FRONT);
        }
        return faults.stream()
                .map(f -> new Caution(f, zone.area(), zone.side()))
                .toList();
    }

    private void point(PlacedZone zone, Vec p, Set<Fault> faults) {
        Area area = zone.area();
        Side side = zone.side() == Side.CENTRE ? p.x() < 0 ? Side.RIGHT : Side.LEFT : zone.side();
        SideMap s = draft.side(side);
        Vec q = s.turn(p);
        if (ABOVE_NOSTRIL.contains(area) && q.y() > s.nostrilLine + HAIR
                || area == CLEAN_LINE && q.y() > s.nostrilLine + CLEAN_LINE_UNDER) {
            faults.add(Fault.BELOW_NOSTRIL);
        }
        if (area == CHEEK_SHADOW && q.x() < draft.cheek(side).stop - HAIR
                || (area == BLUSH || area == SUN_CHEEK) && q.x() < s.pupil.x() - HAIR) {
            faults.add(Fault.PAST_STOP);
        }
        double room = OFF_MOUTH.contains(area) ? MOUTH : area == JAW_EDGE_LIGHT ? MOUTH_JAW_LIGHT : 0;
        if (q.distanceTo(s.mouth) < room - HAIR) {
            faults.add(Fault.NEAR_MOUTH);
        }
        features(area, p, faults);
        if (outside(area, p)) {
            faults.add(Fault.OUTSIDE_FACE);
        }
    }

    private void features(Area area, Vec p, Set<Fault> faults) {
        if (area == ALL_OVER_POWDER) {
            return;
        }
        if (area != LID_POWDER && draft.keepOff.inCore(p, KeepOff.Part.EYE)) {
            faults.add(Fault.IN_EYE);
        }
        if (area != T_POWDER && draft.keepOff.inCore(p, KeepOff.Part.BROW)) {
            faults.add(Fault.IN_BROW);
        }
        if (draft.keepOff.inCore(p, KeepOff.Part.NOSTRIL)) {
            faults.add(Fault.IN_NOSTRIL);
        }
        if (draft.keepOff.inCore(p, KeepOff.Part.LIPS)) {
            faults.add(Fault.IN_LIPS);
        }
    }

    private boolean outside(Area area, Vec p) {
        double beyond = draft.outline.beyond(p);
        if (area.meetsNeck()) {
            SideMap s = draft.side(Side.LEFT);
            boolean neck = Math.abs(p.x()) <= s.neckHalf() + NECK_ROOM + HAIR
                    && p.y()
                            > Math.min(s.cheek.y(), draft.side(Side.RIGHT).cheek.y());
            return beyond > NECK_OVER && !neck;
        }
        return beyond > (area.meetsHair() ? HAIR_OVER : HAIR);
    }

    /** Whether the front falls more steeply than the start, by more than {@link #DROPS_DEGREES}. */
    private boolean drops(PlacedZone zone) {
        List<Vec> line = zone.pieces().get(0).line();
        Vec start = Curves.direction(line, 1);
        Vec front = Curves.direction(line, line.size() - 2);
        double a = Math.toDegrees(Math.atan2(start.y(), Math.abs(start.x())));
        double b = Math.toDegrees(Math.atan2(front.y(), Math.abs(front.x())));
        return b > a + DROPS_DEGREES;
    }

    // ---- how zones go together ----

    private void crowding(List<PlacedZone> zones, Side side, List<Caution> found) {
        Optional<Double> light = height(zones, CHEEK_TOP_SHEEN, side);
        Optional<Double> colour = height(zones, BLUSH, side);
        Optional<Double> shadow = height(zones, CHEEK_SHADOW, side);
        boolean close = apart(light, colour) < LEAST_ROOM
                || apart(colour, shadow) < LEAST_ROOM
                || apart(light, shadow) < LEAST_LIGHT_TO_SHADOW;
        if (close) {
            found.add(new Caution(Fault.CROWDED, colour.isPresent() ? BLUSH : CHEEK_SHADOW, side));
        }
    }

    private static double apart(Optional<Double> upper, Optional<Double> lower) {
        return upper.isPresent() && lower.isPresent() ? lower.get() - upper.get() : FAR;
    }

    private Optional<Double> height(List<PlacedZone> zones, Area area, Side side) {
        SideMap s = draft.side(side);
        double x = draft.cheek(side).probe;
        return zones.stream()
                .filter(z -> z.area() == area && z.side() == side)
                .findFirst()
                .map(z -> z.pieces().get(0).line().stream().map(s::turn).toList())
                .map(line -> line.size() > 1 ? yAt(line, x) : line.get(0).y());
    }

    // ---- what the craft says of this face ----

    private void craft(PlacedZone zone, List<Caution> found) {
        Area area = zone.area();
        Side side = zone.side();
        if (area == JAW_SHADOW && draft.has(Tick.JOWL) && onJowl(zone)) {
            found.add(new Caution(Fault.SHADOW_ON_JOWL, area, side));
        }
        if (area == TEMPLE_SHADOW && draft.has(Tick.HOLLOW_TEMPLES)) {
            found.add(new Caution(Fault.SHADOW_ON_HOLLOW, area, side));
        }
        boolean overBag = zone.reasons().stream().noneMatch(r -> r.code() == Why.BAG_GROOVE);
        if (area == UNDER_EYE_LIGHT && draft.has(Tick.EYE_BAGS) && (overBag || zone.edited() && overBag(zone))) {
            found.add(new Caution(Fault.BAG_BRIGHTENED, area, side));
        }
        if (area == UNDER_EYE_LIGHT
                && draft.brief.mature()
                && !draft.has(Tick.EYE_BAGS)
                && LightRules.underEye(draft) == UnderEye.TRIANGLE) {
            found.add(new Caution(Fault.TRIANGLE_ON_LINES, area, side));
        }
        if (area.family() == Family.SHEEN && texture(area)) {
            found.add(new Caution(Fault.SHEEN_ON_TEXTURE, area, side));
        }
        if (area == JAW_EDGE_LIGHT && draft.brief.lead() == Shape.TRIANGLE) {
            found.add(new Caution(Fault.LIGHT_WHERE_WIDEST, area, side));
        }
        if (zone.edited() && zone.strength() > TOO_STRONG && area.family() == Family.SHADOW) {
            found.add(new Caution(Fault.TOO_STRONG, area, side));
        }
    }

    private boolean texture(Area area) {
        boolean cheek = area == CHEEK_TOP_SHEEN;
        boolean nose = area == BRIDGE_SHEEN || area == NOSE_TIP_SHEEN;
        return cheek && draft.has(Tick.CHEEK_TEXTURE) || nose && draft.has(Tick.NOSE_TEXTURE);
    }

    /** Shadow on the face's side of the edge, where a jowl hangs: about two fifths of the way from cheek to chin. */
    private boolean onJowl(PlacedZone zone) {
        List<Vec> line = zone.pieces().get(0).line();
        int middle = line.size() * JOWL_AT_PERCENT / 100;
        double most = 0;
        for (Vec p : zone.pieces().get(0).edge()) {
            int nearest = 0;
            for (int i = 1; i < line.size(); i++) {
                nearest = p.distanceTo(line.get(i)) < p.distanceTo(line.get(nearest)) ? i : nearest;
            }
            if (Math.abs(nearest - middle) <= 1) {
                most = Math.max(most, -draft.outline.beyond(p));
            }
        }
        return most > ON_JOWL;
    }

    private boolean overBag(PlacedZone zone) {
        SideMap s = draft.side(zone.side());
        double top = zone.pieces().stream()
                .flatMap(p -> p.edge().stream())
                .map(s::turn)
                .mapToDouble(Vec::y)
                .min()
                .orElse(FAR);
        return top < s.underEye(BAG_ALONG, BAG_UNDER).y();
    }
}
