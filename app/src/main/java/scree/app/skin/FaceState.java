package scree.app.skin;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import scree.core.face.FacePoints;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.skin.FaceFrame;
import scree.core.skin.FreeSpot;
import scree.core.skin.Zone;
import scree.core.skin.ZoneOutline;
import scree.core.skin.ZonesOnPoints;

/**
 * Where the face, its zones and free spots lie in a picture, as the artist left them.
 *
 * @param outlines all zones; those moved by hand differ from the template
 * @param spots that the artist tapped
 * @param byHand zones moved by hand, as {@code CHEEK.LEFT}; they stay when the rest is laid anew
 * @param laidOn the step of the face points that the zones follow; null while they follow the template
 */
public record FaceState(
        Point rightPupil,
        Point leftPupil,
        Point chin,
        List<ZoneOutline> outlines,
        List<FreeSpot> spots,
        Set<String> byHand,
        Integer laidOn) {
    /** More is a pattern, not spots. House choice. */
    static final int MOST_SPOTS = 30;

    public FaceState {
        outlines = complete(outlines);
        spots = spots == null ? List.of() : List.copyOf(spots);
        byHand = byHand == null ? Set.of() : Set.copyOf(byHand);
    }

    /** A face that was stored before there were as many zones gets the new ones from the template. */
    private static List<ZoneOutline> complete(List<ZoneOutline> stored) {
        List<ZoneOutline> all = new ArrayList<>();
        for (ZoneOutline template : ZoneOutline.templates()) {
            all.add(stored.stream()
                    .filter(o -> o.zone() == template.zone() && o.side() == template.side())
                    .findFirst()
                    .orElse(template));
        }
        return List.copyOf(all);
    }

    /** Returns whether a hand laid a zone. */
    boolean byHand(ZoneOutline o) {
        return byHand.contains(key(o.zone(), o.side()));
    }

    /** The template where a face usually is: a start for zones that follow three points. */
    static FaceState usualIn(int width, int height) {
        FaceFrame f = FaceFrame.usualIn(width, height);
        return laid(f, ZoneOutline.templates());
    }

    /** Returns a face laid on points. */
    static FaceState on(FacePoints points, int step) {
        FaceState fresh = laid(ZonesOnPoints.frame(points), ZonesOnPoints.outlines(points));
        return new FaceState(fresh.rightPupil, fresh.leftPupil, fresh.chin, fresh.outlines, List.of(), Set.of(), step);
    }

    private static FaceState laid(FaceFrame f, List<ZoneOutline> outlines) {
        return new FaceState(f.rightPupil(), f.leftPupil(), f.chin(), outlines, List.of(), Set.of(), null);
    }

    /** Returns the zones laid on points; what was moved by hand and the spots stay where they lie in the picture. */
    FaceState laidOn(FacePoints points, int step) {
        FaceState fresh = on(points, step);
        FaceFrame before = frame();
        FaceFrame after = fresh.frame();
        List<ZoneOutline> all = new ArrayList<>();
        for (ZoneOutline o : fresh.outlines) {
            all.add(byHand.contains(key(o.zone(), o.side())) ? carried(own(o.zone(), o.side()), before, after) : o);
        }
        List<FreeSpot> moved = spots.stream()
                .map(s -> {
                    Point at = after.toFace(before.toPicture(s.x(), s.y()));
                    return s.moved(at.x(), at.y());
                })
                .toList();
        return new FaceState(fresh.rightPupil, fresh.leftPupil, fresh.chin, all, moved, byHand, step);
    }

    private ZoneOutline own(Zone zone, Side side) {
        return outlines.stream()
                .filter(o -> o.zone() == zone && o.side() == side)
                .findFirst()
                .orElseThrow();
    }

    private static ZoneOutline carried(ZoneOutline o, FaceFrame from, FaceFrame to) {
        Point at = to.toFace(from.toPicture(o.x(), o.y()));
        return new ZoneOutline(o.zone(), o.side(), at.x(), at.y(), o.radiusX(), o.radiusY(), o.leanDegrees());
    }

    /** Returns the frame of the three points. */
    public FaceFrame frame() {
        return new FaceFrame(rightPupil, leftPupil, chin);
    }

    /** The three points that lay the template. */
    enum Handle {
        RIGHT_PUPIL,
        LEFT_PUPIL,
        CHIN
    }

    Point at(Handle handle) {
        return switch (handle) {
            case RIGHT_PUPIL -> rightPupil;
            case LEFT_PUPIL -> leftPupil;
            case CHIN -> chin;
        };
    }

    FaceState withMoved(Handle handle, double dx, double dy) {
        Point to = at(handle).plus(dx, dy);
        return new FaceState(
                handle == Handle.RIGHT_PUPIL ? to : rightPupil,
                handle == Handle.LEFT_PUPIL ? to : leftPupil,
                handle == Handle.CHIN ? to : chin,
                outlines,
                spots,
                byHand,
                laidOn);
    }

    /** Moves a zone by pixels and scales its radii. */
    FaceState withZone(Zone zone, Side side, double dx, double dy, double scale) {
        FaceFrame frame = frame();
        List<ZoneOutline> changed = new ArrayList<>();
        for (ZoneOutline o : outlines) {
            changed.add(o.zone() == zone && o.side() == side ? o.moved(frame, dx, dy, scale) : o);
        }
        Set<String> hands = new HashSet<>(byHand);
        hands.add(key(zone, side));
        return new FaceState(rightPupil, leftPupil, chin, changed, spots, hands, laidOn);
    }

    FaceState withTemplate() {
        return new FaceState(rightPupil, leftPupil, chin, ZoneOutline.templates(), spots, Set.of(), null);
    }

    /** Adds a spot at a pixel of the picture. */
    public FaceState withSpot(FreeSpot.Kind kind, double px, double py) {
        if (spots.size() >= MOST_SPOTS) {
            throw new IllegalArgumentException(
                    "%d spots are marked already: remove one, or mark the whole patch".formatted(MOST_SPOTS));
        }
        Point at = frame().toFace(new Point(px, py));
        int id = spots.stream().mapToInt(FreeSpot::id).max().orElse(0) + 1;
        List<FreeSpot> more = new ArrayList<>(spots);
        more.add(new FreeSpot(id, kind, at.x(), at.y(), kind.usualRadius()));
        return withSpots(more);
    }

    /** Moves a spot by pixels and scales it. */
    FaceState withSpotMoved(int id, double dx, double dy, double scale) {
        FaceFrame frame = frame();
        return changed(id, s -> {
            Point at = frame.toFace(frame.toPicture(s.x(), s.y()).plus(dx, dy));
            return s.moved(at.x(), at.y()).sized(scale);
        });
    }

    FaceState withoutSpot(int id) {
        return withSpots(spots.stream().filter(s -> s.id() != id).toList());
    }

    private FaceState changed(int id, UnaryOperator<FreeSpot> by) {
        return withSpots(spots.stream().map(s -> s.id() == id ? by.apply(s) : s).toList());
    }

    private FaceState withSpots(List<FreeSpot> changed) {
        return new FaceState(rightPupil, leftPupil, chin, outlines, changed, byHand, laidOn);
    }

    static String key(Zone zone, Side side) {
        return zone + "." + side;
    }
}
