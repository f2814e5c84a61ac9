package scree.app.face;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import scree.core.face.FacePoints;
import scree.core.face.HeadTurn;
import scree.core.face.PointKey;
import scree.core.face.PointState;
import scree.core.face.Shape;
import scree.core.face.ShapeReading;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.image.Point;

/**
 * What is kept of a face: its points, what the artist ticked and overruled, with who and when.
 *
 * @param pictureId the picture that the points lie on
 * @param found how the points began
 * @param name what the shape was called last, so that it does not flicker
 * @param shape the artist's word on the shape, or null
 * @param traits the artist's word on findings
 * @param turn how the head is turned; unknown where a hand laid the points, and on sheets from before it was found
 */
public record FaceSheet(
        long pictureId,
        Found found,
        List<Placed> points,
        Set<Tick> ticks,
        ShapeReading.Name name,
        ShapeRuling shape,
        Map<Trait, TraitRuling> traits,
        HeadTurn turn) {
    public FaceSheet {
        points = List.copyOf(points);
        turn = turn == null ? HeadTurn.UNKNOWN : turn;
        read(points, turn); // what cannot be a face is not kept
        ticks = ticks == null || ticks.isEmpty() ? Set.of() : Set.copyOf(ticks);
        traits = traits == null ? Map.of() : Map.copyOf(traits);
    }

    /** How the points began. */
    public enum Found {
        MESH,
        TEMPLATE
    }

    /** One point in pixels of the picture. */
    public record Placed(String key, double x, double y, PointState state) {}

    /** A shape that the artist set over the reading. */
    public record ShapeRuling(Shape shape, String who, LocalDateTime at) {}

    /** What the artist says of a trait. */
    public record TraitRuling(Say say, String who, LocalDateTime at) {
        /** Over, under or as usual. */
        public enum Say {
            LOW,
            USUAL,
            HIGH
        }
    }

    /** Returns the sheet of points that were just found; what the artist ticked and overruled before stays. */
    public static FaceSheet start(long pictureId, Found found, FacePoints points, FaceSheet before) {
        return new FaceSheet(
                pictureId,
                found,
                rows(points),
                before == null ? Set.of() : before.ticks,
                null,
                before == null ? null : before.shape,
                before == null ? Map.of() : before.traits,
                points.turn());
    }

    /** Returns the points as the core knows them. */
    public FacePoints facePoints() {
        return read(points, turn);
    }

    private static FacePoints read(List<Placed> points, HeadTurn turn) {
        Map<String, Placed> by = new LinkedHashMap<>();
        points.forEach(p -> by.put(p.key(), p));
        List<FacePoints.Mark> marks = new ArrayList<>();
        for (PointKey key : PointKey.all()) {
            Placed p = by.get(key.toString());
            if (p == null) {
                throw new IllegalArgumentException("the point %s is missing: lay the points anew".formatted(key));
            }
            marks.add(new FacePoints.Mark(new Point(p.x(), p.y()), p.state()));
        }
        return FacePoints.of(marks, turn);
    }

    FaceSheet with(FacePoints changed) {
        return new FaceSheet(pictureId, found, rows(changed), ticks, name, shape, traits, turn);
    }

    FaceSheet named(ShapeReading.Name shown) {
        return new FaceSheet(pictureId, found, points, ticks, shown, shape, traits, turn);
    }

    FaceSheet ticked(Tick tick) {
        Set<Tick> now = ticks.isEmpty() ? EnumSet.noneOf(Tick.class) : EnumSet.copyOf(ticks);
        if (!now.remove(tick)) {
            now.add(tick);
        }
        return new FaceSheet(pictureId, found, points, now, name, shape, traits, turn);
    }

    FaceSheet ruled(ShapeRuling ruling) {
        return new FaceSheet(pictureId, found, points, ticks, name, ruling, traits, turn);
    }

    /** Takes the ruling away when it is null. */
    FaceSheet ruled(Trait trait, TraitRuling ruling) {
        Map<Trait, TraitRuling> now = new LinkedHashMap<>(traits);
        if (ruling == null) {
            now.remove(trait);
        } else {
            now.put(trait, ruling);
        }
        return new FaceSheet(pictureId, found, points, ticks, name, shape, now, turn);
    }

    Map<Trait, Optional<Boolean>> overruled() {
        Map<Trait, Optional<Boolean>> out = new LinkedHashMap<>();
        traits.forEach((t, r) -> out.put(
                t, r.say() == TraitRuling.Say.USUAL ? Optional.empty() : Optional.of(r.say() == TraitRuling.Say.HIGH)));
        return out;
    }

    private static List<Placed> rows(FacePoints points) {
        List<Placed> rows = new ArrayList<>();
        for (PointKey key : PointKey.all()) {
            FacePoints.Mark m = points.at(key);
            rows.add(new Placed(key.toString(), round(m.at().x()), round(m.at().y()), m.state()));
        }
        return rows;
    }

    private static double round(double v) {
        return Math.round(v * 100) / 100.0;
    }
}
