package scree.core.skin;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.PointKey;
import scree.core.face.Side;
import scree.core.image.Point;

/**
 * Lays the zones on the points of a face: each zone follows the landmarks round it as they lie away from the usual face, moved
 * by their mean and sized by their spread.
 */
public final class ZonesOnPoints {
    /** A zone is never sized by more than this either way: points may be wrong, zones must stay on skin. House choice. */
    private static final double MOST_SIZED = 1.35;

    private static final double GAP = .02;

    private static final Map<Zone, List<Landmark>> ANCHORS = new EnumMap<>(Map.ofEntries(
            Map.entry(Zone.FOREHEAD, List.of(HAIRLINE, BROW_ARCH, GLABELLA)),
            Map.entry(Zone.TEMPLE, List.of(TEMPLE, BROW_END, EYE_OUT)),
            Map.entry(Zone.LID, List.of(LID_UP, BROW_ARCH, EYE_IN, EYE_OUT)),
            Map.entry(Zone.UNDER_EYE, List.of(LID_LOW, EYE_IN, EYE_OUT)),
            Map.entry(Zone.NOSE, List.of(NOSE_ROOT, NOSE_TIP, BRIDGE)),
            Map.entry(Zone.AROUND_NOSE, List.of(ALARE)),
            Map.entry(Zone.CHEEK, List.of(PUPIL, ALARE, MOUTH, CHEEK)),
            Map.entry(Zone.OUTER_CHEEK, List.of(CHEEK, JAW)),
            Map.entry(Zone.JAW, List.of(JAW, JAW_MID, MOUTH)),
            Map.entry(Zone.UPPER_LIP, List.of(SUBNASALE, CUPID_DIP)),
            Map.entry(Zone.AROUND_MOUTH, List.of(MOUTH, LOWER_LIP)),
            Map.entry(Zone.CHIN, List.of(LOWER_LIP, CHIN))));

    private ZonesOnPoints() {}

    /** Returns the frame of a face by its points. */
    public static FaceFrame frame(FacePoints points) {
        return new FaceFrame(
                points.at(new PointKey(PUPIL, Side.RIGHT)).at(),
                points.at(new PointKey(PUPIL, Side.LEFT)).at(),
                points.at(PointKey.of(Landmark.CHIN)).at());
    }

    /** Zones at the rim of the face with the landmark that bounds them: hair may begin before them. */
    private static final Map<Zone, Landmark> RIM =
            new EnumMap<>(Map.of(Zone.FOREHEAD, HAIRLINE, Zone.TEMPLE, Landmark.TEMPLE));

    /** Returns the zones that may lie on hair: nobody has looked at what bounds them, and the picture does not show it. */
    public static Set<Zone> unsure(FacePoints points) {
        return RIM.keySet().stream()
                .filter(zone -> !points.settled(RIM.get(zone)))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Zone.class)));
    }

    /** Returns all outlines laid on these points, in the units of {@link #frame}. */
    public static List<ZoneOutline> outlines(FacePoints points) {
        FaceFrame frame = frame(points);
        FacePoints usual = FacePoints.template(frame.rightPupil(), frame.leftPupil(), frame.chin());
        List<ZoneOutline> laid = new ArrayList<>();
        for (ZoneOutline template : ZoneOutline.templates()) {
            List<Landmark> anchors = ANCHORS.getOrDefault(template.zone(), List.of());
            laid.add(anchors.isEmpty() ? template : follow(template, anchors, points, usual, frame));
        }
        return List.copyOf(apart(laid));
    }

    /** On a narrow face cheek and outer cheek close up: both give way by half, so that no skin counts twice. */
    private static List<ZoneOutline> apart(List<ZoneOutline> laid) {
        List<ZoneOutline> out = new ArrayList<>(laid);
        for (Side side : List.of(Side.RIGHT, Side.LEFT)) {
            int inner = index(out, Zone.CHEEK, side);
            int outer = index(out, Zone.OUTER_CHEEK, side);
            ZoneOutline a = out.get(inner);
            ZoneOutline b = out.get(outer);
            double over = Math.abs(a.x()) + a.radiusX() - (Math.abs(b.x()) - b.radiusX()) + GAP;
            if (over > 0) {
                out.set(inner, narrowed(a, over / 2, -1));
                out.set(outer, narrowed(b, Math.min(over / 2, b.radiusX() / 2), 1));
            }
        }
        return out;
    }

    private static int index(List<ZoneOutline> all, Zone zone, Side side) {
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).zone() == zone && all.get(i).side() == side) {
                return i;
            }
        }
        throw new IllegalStateException("no outline of " + zone);
    }

    /** Takes {@code by} off one edge: the outer one for −1, the inner one for 1. */
    private static ZoneOutline narrowed(ZoneOutline o, double by, int edge) {
        double x = o.x() + Math.signum(o.x()) * edge * by / 2;
        double radius = Math.max(0.03, o.radiusX() - by / 2);
        return new ZoneOutline(o.zone(), o.side(), x, o.y(), radius, o.radiusY(), o.leanDegrees());
    }

    private static ZoneOutline follow(
            ZoneOutline o, List<Landmark> anchors, FacePoints points, FacePoints usual, FaceFrame frame) {
        List<Point> there = places(anchors, o.side(), points, frame);
        List<Point> expected = places(anchors, o.side(), usual, frame);
        double dx = mean(there, true) - mean(expected, true);
        double dy = mean(there, false) - mean(expected, false);
        return new ZoneOutline(
                o.zone(),
                o.side(),
                o.x() + dx,
                o.y() + dy,
                o.radiusX() * sized(there, expected, true),
                o.radiusY() * sized(there, expected, false),
                o.leanDegrees());
    }

    /** A zone in the middle follows both partners of a pair, one at the side its own. */
    private static List<Point> places(List<Landmark> anchors, Side side, FacePoints points, FaceFrame frame) {
        List<Point> places = new ArrayList<>();
        for (Landmark landmark : anchors) {
            if (!landmark.paired()) {
                places.add(frame.toFace(points.at(PointKey.of(landmark)).at()));
            } else if (side == Side.CENTRE) {
                places.add(frame.toFace(
                        points.at(new PointKey(landmark, Side.RIGHT)).at()));
                places.add(frame.toFace(
                        points.at(new PointKey(landmark, Side.LEFT)).at()));
            } else {
                places.add(frame.toFace(points.at(new PointKey(landmark, side)).at()));
            }
        }
        return places;
    }

    private static double mean(List<Point> points, boolean x) {
        return points.stream().mapToDouble(p -> x ? p.x() : p.y()).average().orElse(0);
    }

    private static double sized(List<Point> there, List<Point> expected, boolean x) {
        double now = span(there, x);
        double then = span(expected, x);
        return then < .05 ? 1 : Math.min(MOST_SIZED, Math.max(1 / MOST_SIZED, now / then));
    }

    private static double span(List<Point> points, boolean x) {
        var stats = points.stream().mapToDouble(p -> x ? p.x() : p.y()).summaryStatistics();
        return stats.getMax() - stats.getMin();
    }
}
