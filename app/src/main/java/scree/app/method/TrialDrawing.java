package scree.app.method;

import static scree.core.face.Landmark.CHEEK;
import static scree.core.face.Landmark.CHIN;
import static scree.core.face.Landmark.HAIRLINE;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import scree.app.face.LineDrawing;
import scree.app.look.Lines;
import scree.core.face.FacePoints;
import scree.core.face.FaceReading;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.image.Point;
import scree.core.placement.Area;
import scree.core.placement.FaceBrief;
import scree.core.placement.Piece;
import scree.core.placement.PlacedZone;
import scree.core.placement.Planner;
import scree.core.plane.Vec;
import scree.core.skin.SkinType;

/** A drawn face on which a method is tried: its plan beside the plan of the method that lies under it. */
final class TrialDrawing {
    /** Of a sheet's width, px. */
    static final double WIDTH = 420;

    private static final double SIDES = .12;
    private static final double ABOVE = .16;
    private static final double NECK = .42;
    private static final double PEN = 1.5;

    /** Whose age and lines the face has. */
    enum Age {
        THIRTY(30, Set.of()),
        SIXTY(64, Set.of(Tick.UNDER_EYE_LINES));

        private final int years;
        private final Set<Tick> ticks;

        Age(int years, Set<Tick> ticks) {
            this.years = years;
            this.ticks = ticks;
        }
    }

    /**
     * A line of the drawing.
     *
     * @param tone its darkness, as a class of the style sheet
     */
    record Stroke(String path, double width, String tone, boolean filled) {}

    /** A zone by its pattern. */
    record Zone(String path, String family, boolean changed) {}

    /**
     * What is drawn.
     *
     * @param zones of the method
     * @param ghosts edges of zones that the method under it would lay elsewhere or alone
     * @param more areas that only this method works
     * @param fewer areas that only the other works
     * @param moved areas that lie elsewhere or are laid with another strength
     */
    record Drawn(
            double width,
            double height,
            List<Stroke> strokes,
            List<Zone> zones,
            List<String> ghosts,
            List<Area> more,
            List<Area> fewer,
            List<Area> moved) {}

    private final LevelledFace face;
    private final FacePoints points;
    private final double scale;
    private final Vec origin;
    private final double height;

    /** The face that points are laid on while none of a client's is known. */
    static TrialDrawing usual() {
        return new TrialDrawing(FacePoints.template(new Point(300, 300), new Point(400, 300), new Point(350, 488)));
    }

    TrialDrawing(FacePoints points) {
        this.points = points;
        this.face = LevelledFace.of(points);
        double half = SIDES
                + Math.max(
                        face.outward(CHEEK, Side.LEFT).x(),
                        face.outward(CHEEK, Side.RIGHT).x());
        this.scale = WIDTH / (2 * half);
        double top = face.at(HAIRLINE).y() - ABOVE;
        this.origin = new Vec(WIDTH / 2 - face.midline() * scale, -top * scale);
        this.height = (face.at(CHIN).y() + NECK - top) * scale;
    }

    Drawn drawn(Method method, Method under, Age age) {
        List<PlacedZone> now = plan(method, age);
        List<PlacedZone> before = plan(under, age);
        Map<String, PlacedZone> was = keyed(before);
        Map<String, PlacedZone> is = keyed(now);
        Set<Area> moved = new HashSet<>();
        List<Zone> zones = new ArrayList<>();
        for (PlacedZone zone : now) {
            PlacedZone other = was.get(key(zone));
            boolean changed = other == null || !same(zone, other);
            if (changed && other != null) {
                moved.add(zone.area());
            }
            zone.pieces()
                    .forEach(p ->
                            zones.add(new Zone(path(p), zone.area().family().name(), changed)));
        }
        List<String> ghosts = before.stream()
                .filter(z -> !is.containsKey(key(z)) || !samePlace(z, is.get(key(z))))
                .flatMap(z -> z.pieces().stream())
                .map(this::path)
                .toList();
        return new Drawn(
                WIDTH,
                height,
                LineDrawing.of(face).stream().map(this::stroke).toList(),
                zones,
                ghosts,
                only(now, before),
                only(before, now),
                moved.stream().sorted().toList());
    }

    private List<PlacedZone> plan(Method method, Age age) {
        FaceBrief brief = FaceBrief.of(points, FaceReading.of(points), age.ticks, age.years, SkinType.NORMAL)
                .matureFrom(method.whole(Setting.MATURE_FROM));
        return Planner.plan(brief, method.placement()).zones().stream()
                .filter(z -> method.is(Setting.working(z.area().family())))
                .toList();
    }

    private static String key(PlacedZone zone) {
        return zone.area() + "." + zone.side();
    }

    private static Map<String, PlacedZone> keyed(List<PlacedZone> zones) {
        return zones.stream().collect(Collectors.toMap(TrialDrawing::key, Function.identity()));
    }

    private static boolean same(PlacedZone a, PlacedZone b) {
        return samePlace(a, b) && Math.abs(a.strength() - b.strength()) < 1e-6;
    }

    private static boolean samePlace(PlacedZone a, PlacedZone b) {
        return a.pieces().equals(b.pieces());
    }

    private static List<Area> only(List<PlacedZone> of, List<PlacedZone> without) {
        Set<Area> others = without.stream().map(PlacedZone::area).collect(Collectors.toSet());
        return of.stream()
                .map(PlacedZone::area)
                .filter(a -> !others.contains(a))
                .distinct()
                .sorted()
                .toList();
    }

    private double[] at(Vec v) {
        return new double[] {origin.x() + v.x() * scale, origin.y() + v.y() * scale};
    }

    private String path(Piece piece) {
        return Lines.closed(piece.edge().stream().map(this::at).toList());
    }

    private Stroke stroke(LineDrawing.Line line) {
        List<double[]> through = line.points().stream().map(this::at).toList();
        return new Stroke(
                line.filled() ? Lines.closed(through) : Lines.open(through),
                PEN * line.width(),
                line.tone().name(),
                line.filled());
    }
}
