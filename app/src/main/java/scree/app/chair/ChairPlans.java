package scree.app.chair;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import scree.app.correct.Corrections;
import scree.app.correct.Pot;
import scree.app.correct.TakenCorrections;
import scree.app.face.Faces;
import scree.app.face.LineDrawing;
import scree.app.face.TakenFace;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.look.PictureFrame;
import scree.app.order.TakenOrder;
import scree.app.picture.Picture;
import scree.app.picture.Pictures;
import scree.app.place.Placements;
import scree.app.place.TakenPlan;
import scree.app.place.WorkedZone;
import scree.app.studio.StudioId;
import scree.core.face.FacePoints;
import scree.core.face.LevelledFace;
import scree.core.image.Point;
import scree.core.placement.Family;
import scree.core.placement.Stop;
import scree.core.plane.Curves;
import scree.core.plane.Vec;
import scree.core.reason.Severity;
import scree.core.routine.Course;
import scree.core.routine.OrderCode;
import scree.core.routine.Step;
import scree.core.routine.StepCode;
import scree.core.routine.WorkZone;
import scree.core.routine.ZonePlace;
import scree.core.shade.Role;

/** Puts together what is followed at a chair: the order with its products, and where on this face each step works. */
@Component
class ChairPlans {
    static final int WIDTH = 548;
    static final int HEIGHT = 800;
    /** A step on so many zones is on the whole face: nothing of it is veiled. */
    private static final int WHOLE_FACE = 7;
    /** Of such a step only these ways are drawn: they tell the rest. */
    private static final Set<WorkZone> SHOWN_OF_ALL =
            EnumSet.of(WorkZone.FOREHEAD, WorkZone.CHEEK, WorkZone.JAW, WorkZone.NECK);
    /** Points of a way that the hand goes: enough for an even bow. */
    private static final int WAY_POINTS = 9;

    /** Where pupils and chin of a face without a picture lie on the drawing. */
    private static final Point RIGHT_PUPIL = new Point(182, 320);

    private static final Point LEFT_PUPIL = new Point(366, 320);
    private static final Point CHIN = new Point(274, 662);

    private final Placements placements;
    private final Faces faces;
    private final Pictures pictures;
    private final Corrections corrections;
    private final Kit kit;

    ChairPlans(Placements placements, Faces faces, Pictures pictures, Corrections corrections, Kit kit) {
        this.placements = placements;
        this.faces = faces;
        this.pictures = pictures;
        this.corrections = corrections;
        this.kit = kit;
    }

    ChairPlan of(StudioId studio, TakenOrder order) {
        return new One(studio, order).plan();
    }

    /** One sitting's. */
    private final class One {
        private final StudioId studio;
        private final TakenOrder order;
        private final Optional<TakenPlan> placed;
        private final Optional<TakenFace> face;
        private final LevelledFace level;
        private final PictureFrame frame;
        private final Map<StepCode, List<List<Point>>> spots = new EnumMap<>(StepCode.class);

        One(StudioId studio, TakenOrder order) {
            this.studio = studio;
            this.order = order;
            long sitting = order.sitting().id();
            this.placed = placements.of(studio, sitting);
            this.face = faces.of(studio, sitting);
            this.level = face.map(f -> LevelledFace.of(f.points()))
                    .orElseGet(() -> LevelledFace.of(FacePoints.template(RIGHT_PUPIL, LEFT_PUPIL, CHIN)));
            this.frame = face.map(f -> pictures.get(studio, f.sheet().pictureId()))
                    .map((Picture p) -> PictureFrame.face(p, level, WIDTH, HEIGHT))
                    .orElseGet(() -> new PictureFrame(0, WIDTH, HEIGHT, 1, 0, 0, WIDTH, HEIGHT));
            corrections
                    .of(studio, sitting)
                    .filter(c -> c.reading().pictureId() == frame.id())
                    .ifPresent(this::spots);
        }

        private void spots(TakenCorrections taken) {
            for (TakenCorrections.Treated t : taken.marks()) {
                if (t.mark().spot() != null && t.laid().isPresent()) {
                    List<Point> ring =
                            t.mark().spot().polygon(taken.reading().face().frame(), 1);
                    StepCode of = t.mark().seen().heavy() ? StepCode.HE_COAT1 : StepCode.SPOTS;
                    spots.computeIfAbsent(of, k -> new ArrayList<>()).add(ring);
                }
            }
        }

        ChairPlan plan() {
            Map<StepCode, List<ChairPlan.Ware>> wares = new EnumMap<>(StepCode.class);
            Map<StepCode, List<ChairPlan.Shape>> shapes = new EnumMap<>(StepCode.class);
            Map<Long, Product> known = known();
            for (Course.Leg leg : Course.of(order.order()).legs()) {
                StepCode code = leg.code();
                wares.put(
                        code,
                        order.wares(code).stream().map(p -> ware(p, known)).toList());
                shapes.put(code, shapes(leg.step()));
            }
            return new ChairPlan(
                    order.gathered().needs(),
                    order.choice().school(),
                    Course.of(order.order()),
                    wares,
                    shapes,
                    frame,
                    face.isPresent() ? List.of() : lines(),
                    remarks());
        }

        private Map<Long, Product> known() {
            List<Long> ids = order.order().codes().stream()
                    .flatMap(c -> order.wares(c).stream())
                    .map(Pot::id)
                    .filter(java.util.Objects::nonNull)
                    .distinct()
                    .toList();
            Map<Long, Product> known = new HashMap<>();
            kit.some(studio, ids).forEach(p -> known.put(p.id(), p));
            return known;
        }

        private static ChairPlan.Ware ware(Pot pot, Map<Long, Product> known) {
            Product product = pot.id() == null ? null : known.get(pot.id());
            Role role = product == null ? null : product.role();
            return new ChairPlan.Ware(pot.id(), role, pot.name(), pot.stone(), pot.colour());
        }

        private List<ChairPlan.Remark> remarks() {
            return order.order().remarks().stream()
                    .filter(r -> r.severity() != Severity.NOTE)
                    .map(r -> new ChairPlan.Remark(
                            (OrderCode) r.code(),
                            r.args().stream()
                                    .filter(StepCode.class::isInstance)
                                    .map(StepCode.class::cast)
                                    .toList()))
                    .distinct()
                    .toList();
        }

        private List<ChairPlan.Line> lines() {
            return LineDrawing.of(level).stream()
                    .map(l -> new ChairPlan.Line(
                            flat(l.points()), l.width(), l.tone() != LineDrawing.Tone.INK, l.filled()))
                    .toList();
        }

        private List<ChairPlan.Shape> shapes(Step step) {
            List<ChairPlan.Shape> exact = new ArrayList<>(spotted(step.code()));
            if (exact.isEmpty()) {
                placed.ifPresent(p ->
                        p.zones().stream().filter(z -> lays(step.code(), z)).forEach(z -> exact.addAll(zone(z))));
            }
            if (!exact.isEmpty()) {
                return exact;
            }
            boolean whole = step.zones().size() >= WHOLE_FACE;
            List<ChairPlan.Shape> all = new ArrayList<>();
            for (WorkZone zone : step.zones()) {
                for (ZonePlace place : ZonePlace.of(zone, level)) {
                    boolean moved = step.code().stroke().moves();
                    all.add(new ChairPlan.Shape(
                            whole ? List.of() : flat(Curves.closedThrough(place.outline(), 6)),
                            false,
                            null,
                            moved && (!whole || SHOWN_OF_ALL.contains(zone)) ? ways(place.ways()) : List.of(),
                            List.of(),
                            List.of()));
                }
            }
            return all;
        }

        private List<List<Double>> ways(List<List<Vec>> ways) {
            return ways.stream()
                    .map(w -> flat(Curves.evenly(w.size() == 3 ? Curves.through(w, WAY_POINTS) : w, WAY_POINTS)))
                    .toList();
        }

        private List<ChairPlan.Shape> spotted(StepCode code) {
            StepCode of = code == StepCode.SPOTS_SET
                    ? StepCode.SPOTS
                    : code.name().startsWith("HE_") ? StepCode.HE_COAT1 : code;
            return spots.getOrDefault(of, List.of()).stream()
                    .map(ring -> new ChairPlan.Shape(pixels(ring), true, null, List.of(), List.of(), List.of()))
                    .toList();
        }

        private static boolean lays(StepCode code, WorkedZone z) {
            Family family = z.zone().area().family();
            return z.dose() != null
                    && switch (code) {
                        case R_SHADOW -> family == Family.SHADOW;
                        case R_SUN -> family == Family.SUN;
                        case R_BLUSH -> family == Family.COLOUR;
                        case RETOUCH -> family == Family.COLOUR || family == Family.SUN;
                        default -> StepCode.laying(z.zone().area()) == code;
                    };
        }

        private List<ChairPlan.Shape> zone(WorkedZone z) {
            List<List<Double>> ways = z.zone().way().size() < 2
                    ? List.of()
                    : ways(List.of(z.zone().way()));
            List<List<Double>> stops = z.zone().stops().stream()
                    .map(s -> flat(List.of(s.from(), s.to())))
                    .toList();
            List<ChairPlan.Shape> all = new ArrayList<>();
            z.zone()
                    .pieces()
                    .forEach(piece -> all.add(new ChairPlan.Shape(
                            flat(piece.edge()),
                            true,
                            z.zone().area().family().name(),
                            all.isEmpty() ? ways : List.of(),
                            all.isEmpty() ? stops : List.of(),
                            all.isEmpty()
                                    ? z.zone().stops().stream().map(Stop::kind).toList()
                                    : List.of())));
            return all;
        }

        private List<Double> flat(List<Vec> line) {
            return pixels(line.stream().map(level::toPicture).toList());
        }

        private static List<Double> pixels(List<Point> line) {
            List<Double> flat = new ArrayList<>(2 * line.size());
            for (Point p : line) {
                flat.add(tenth(p.x()));
                flat.add(tenth(p.y()));
            }
            return flat;
        }

        /** A tenth of a pixel is enough for a screen, and the same plan is the same document. */
        private static double tenth(double v) {
            return Math.round(10 * v) / 10.0;
        }
    }
}
