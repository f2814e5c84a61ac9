package scree.app.face;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import scree.app.look.Figures;
import scree.app.look.Lines;
import scree.app.look.PictureFrame;
import scree.app.picture.Picture;
import scree.core.face.EdgeCurve;
import scree.core.face.FacePoints;
import scree.core.face.Finding;
import scree.core.face.Glance;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Measure;
import scree.core.face.PointKey;
import scree.core.face.Proportions;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.plane.Vec;

/** What the Face page shows, with all geometry done. */
record FaceView(
        PictureFrame picture,
        List<Dot> dots,
        List<Guide> guides,
        String edge,
        Asked asked,
        String verdict,
        String read,
        String settled,
        boolean sure,
        List<String> warnings,
        ShapeField field,
        List<String> reasons,
        String against,
        List<FindingRow> findings,
        String untold,
        List<FindingRow> quiet,
        List<String> uneven,
        List<TickBox> ticks,
        int ticked,
        List<Row> rows,
        String scale,
        String ruled,
        boolean undoable,
        boolean redoable) {

    /** One point. */
    record Dot(String key, String name, double x, double y, String state, boolean edge, boolean asked) {}

    /** Lines of one kind of proportion. */
    record Guide(String kind, String path, List<Label> labels) {}

    /** A word in the drawing. */
    record Label(String text, double x, double y, String anchor) {}

    /** The look that is asked for next, with what it looks at enlarged. */
    record Asked(String look, String words, int left, List<Enlarged> parts) {}

    /** A part of the drawing, enlarged. */
    record Enlarged(double x, double y, double width, double height, int shownWidth, int shownHeight) {}

    /** The shapes as stones, and where this face lies among them. */
    record ShapeField(List<ShapeStone> stones, double x, double y, String own) {}

    /** One shape. */
    record ShapeStone(
            String shape, String name, String path, double x, double y, double opacity, int percent, boolean lead) {}

    /** A finding with its figure and what the artist says. */
    record FindingRow(String trait, String words, String figure, String said, String saidBy, String low, String high) {}

    /** Something to be ticked. */
    record TickBox(String key, String words, boolean on) {}

    /** A measure. */
    record Row(String name, String value, String doubt) {}

    static final int WIDTH = 606;
    static final int HEIGHT = 676;
    private static final double FIELD_WIDTH = 470;

    static FaceView of(
            TakenFace face, Picture picture, Optional<Double> millimetres, boolean otherPicture, FaceWords w) {
        FacePoints points = face.points();
        LevelledFace level = LevelledFace.of(points);
        PictureFrame box = PictureFrame.face(picture, level, WIDTH, HEIGHT);
        Drawing drawing = new Drawing(box, points, level);
        List<String> warnings = new ArrayList<>();
        if (otherPicture) {
            warnings.add(w.say("face.otherPicture"));
        }
        if (face.reading().balance().turned() != null) {
            warnings.add(w.say("face.turned"));
        }
        if (face.reading().balance().eyeLineTilted()) {
            warnings.add(w.say("face.tilted"));
        }
        var shape = face.reading().shape();
        FaceSheet.ShapeRuling ruling = face.sheet().shape();
        Asked asked = asked(points, drawing, w);
        return new FaceView(
                box,
                drawing.dots(asked, w),
                drawing.guides(),
                Lines.open(drawing.edge()),
                asked,
                w.verdict(face),
                ruling == null ? null : w.say("face.readAs", w.name(shape.name())),
                w.settled(shape),
                shape.settled(),
                warnings,
                field(face, level, w),
                shape.reasons().stream().map(w::ground).toList(),
                shape.against() == null ? null : w.ground(shape.against()),
                findings(face, w),
                untold(face, w),
                quiet(face, w),
                face.reading().balance().uneven().stream().map(w::uneven).toList(),
                Arrays.stream(Tick.values())
                        .map(t -> new TickBox(
                                t.name(),
                                w.say("tick." + t),
                                face.sheet().ticks().contains(t)))
                        .toList(),
                face.sheet().ticks().size(),
                rows(face, w),
                millimetres
                        .map(mm -> w.say("face.scale", Math.round(points.unit() * mm)))
                        .orElse(null),
                ruling == null ? null : ruling.shape().name(),
                face.undoable(),
                face.redoable());
    }

    /** Height of what is shown enlarged, px of the page. */
    private static final int ENLARGED = 132;

    private static final int WIDEST = 430;
    /** Room round the points of a look, in pupil distances. */
    private static final double ROUND = .22;

    private static Asked asked(FacePoints points, Drawing drawing, FaceWords w) {
        List<Glance> open = Glance.open(points);
        if (open.isEmpty()) {
            return null;
        }
        Glance look = open.get(0);
        return new Asked(look.name(), w.say("askfor." + look), open.size(), drawing.enlarged(look));
    }

    private static List<FindingRow> findings(TakenFace face, FaceWords w) {
        List<FindingRow> rows = new ArrayList<>();
        for (Trait t : Trait.values()) {
            Optional<Finding> found = face.reading().findings().stream()
                    .filter(f -> f.trait() == t)
                    .findFirst();
            FaceSheet.TraitRuling ruling = face.sheet().traits().get(t);
            boolean told = found.map(Finding::told).orElse(false);
            if (!told && ruling == null) {
                continue;
            }
            String words = found.map(w::finding).orElse(w.say("finding.none." + t));
            rows.add(new FindingRow(
                    t.name(),
                    words,
                    found.filter(Finding::told).map(w::figure).orElse(""),
                    ruling == null ? null : ruling.say().name(),
                    ruling == null
                            ? null
                            : w.say(
                                    "face.ruledBy",
                                    w.say("say." + t + "." + ruling.say()),
                                    ruling.who().split(" ")[0]),
                    w.say("finding." + t + ".low"),
                    w.say("finding." + t + ".high")));
        }
        return rows;
    }

    /** Returns the traits of which nothing is listed, so that the artist can name them all the same. */
    private static List<FindingRow> quiet(TakenFace face, FaceWords w) {
        return Arrays.stream(Trait.values())
                .filter(t -> face.sheet().traits().get(t) == null)
                .filter(t -> face.reading().findings().stream().noneMatch(f -> f.trait() == t && f.told()))
                .map(t -> new FindingRow(
                        t.name(),
                        w.say("trait." + t),
                        "",
                        null,
                        null,
                        w.say("finding." + t + ".low"),
                        w.say("finding." + t + ".high")))
                .toList();
    }

    /** Returns one sentence on what cannot be said before points are confirmed, or null. */
    private static String untold(TakenFace face, FaceWords w) {
        List<Finding> open =
                face.reading().findings().stream().filter(f -> !f.told()).toList();
        if (open.isEmpty()) {
            return null;
        }
        String what = open.stream()
                .map(f -> w.say("trait." + f.trait()))
                .reduce((a, b) -> w.say("list.and", a, b))
                .orElse("");
        String confirm = open.stream()
                .map(f -> w.say("ask." + f.confirm()))
                .distinct()
                .limit(4)
                .reduce((a, b) -> w.say("list.and", a, b))
                .orElse("");
        return w.say("face.untold", what, confirm);
    }

    private static List<Row> rows(TakenFace face, FaceWords w) {
        List<Row> rows = new ArrayList<>();
        for (Measure m : Measure.values()) {
            boolean degrees = m == Measure.JAW_ANGLE || m == Measure.JAW_CORNER || m == Measure.EYE_TILT;
            String format = degrees ? "%.1f°" : "%.3f";
            rows.add(new Row(
                    w.say("measure." + m),
                    String.format(Locale.ROOT, format, face.reading().measures().of(m)),
                    String.format(
                            Locale.ROOT,
                            "± " + format,
                            face.reading().measures().doubt(m))));
        }
        return rows;
    }

    // ---- the shape picture ----

    private static ShapeField field(TakenFace face, LevelledFace level, FaceWords w) {
        List<ShapeStone> stones = new ArrayList<>();
        double x = 0;
        double y = 0;
        Shape lead = face.reading().shape().name().lead();
        for (ShapePlace p : ShapePlace.ALL) {
            double share = face.reading().shape().share(p.shape());
            x += share * p.x();
            y += share * p.y();
            stones.add(new ShapeStone(
                    p.shape().name(),
                    w.shape(p.shape()),
                    p.outline(),
                    p.x(),
                    p.y(),
                    .03 + .75 * Math.pow(share, .7),
                    (int) Math.round(100 * share),
                    p.shape() == lead));
        }
        return new ShapeField(stones, Math.max(20, Math.min(FIELD_WIDTH - 20, x)), y, own(level));
    }

    /** The face's own edge as a small figure. */
    private static String own(LevelledFace level) {
        List<double[]> line = new ArrayList<>();
        double top = level.at(HAIRLINE).y();
        double middle = (top + level.at(CHIN).y()) / 2;
        double k = 15;
        line.add(new double[] {0, (top - middle) * k});
        List<Vec> edge = new ArrayList<>(new EdgeCurve(level).line());
        java.util.Collections.reverse(edge);
        for (int i = 0; i < edge.size(); i += 5) {
            line.add(new double[] {edge.get(i).x() * k, (edge.get(i).y() - middle) * k});
        }
        return Lines.closedSmooth(line);
    }

    /** Draws on the picture. */
    private record Drawing(PictureFrame box, FacePoints points, LevelledFace level, Proportions proportions) {
        Drawing(PictureFrame box, FacePoints points, LevelledFace level) {
            this(box, points, level, Proportions.of(level));
        }

        double[] at(Vec v) {
            return box.at(level.toPicture(v));
        }

        List<double[]> edge() {
            return new EdgeCurve(level).line().stream().map(this::at).toList();
        }

        List<Dot> dots(Asked asked, FaceWords w) {
            List<Dot> dots = new ArrayList<>();
            for (PointKey key : PointKey.all()) {
                FacePoints.Mark m = points.at(key);
                double[] at = box.at(m.at());
                String side = key.side() == Side.CENTRE ? "" : " " + w.say("side." + key.side());
                dots.add(new Dot(
                        key.toString(),
                        w.landmark(key.landmark()) + side + ", " + w.say("state." + m.state()),
                        at[0],
                        at[1],
                        m.state().name(),
                        key.landmark().onEdge(),
                        asked != null
                                && Glance.valueOf(asked.look()).landmarks().contains(key.landmark())));
            }
            return dots;
        }

        List<Guide> guides() {
            return List.of(thirds(), fifths(), widths(), axes());
        }

        private Guide thirds() {
            double out = Math.max(
                            level.outward(CHEEK, Side.RIGHT).x(),
                            level.outward(CHEEK, Side.LEFT).x())
                    + .12;
            List<Double> heights = proportions.heights();
            StringBuilder path = new StringBuilder();
            heights.forEach(y -> path.append(Lines.open(List.of(at(new Vec(-out, y)), at(new Vec(out, y))))));
            List<Label> labels = new ArrayList<>();
            for (int i = 0; i < proportions.thirds().size(); i++) {
                double[] p = at(new Vec(-out, (heights.get(i) + heights.get(i + 1)) / 2));
                labels.add(new Label(Math.round(100 * proportions.thirds().get(i)) + " %", p[0] - 4, p[1] + 4, "end"));
            }
            return new Guide("thirds", path.toString(), labels);
        }

        private Guide fifths() {
            double top = level.at(HAIRLINE).y() + .25;
            double bottom = level.at(CHIN).y() - .25;
            List<Double> xs = proportions.columns();
            StringBuilder path = new StringBuilder();
            xs.forEach(x -> path.append(Lines.open(List.of(at(new Vec(x, top)), at(new Vec(x, bottom))))));
            List<Label> labels = new ArrayList<>();
            for (int i = 0; i < proportions.fifths().size(); i++) {
                double[] p = at(new Vec((xs.get(i) + xs.get(i + 1)) / 2, bottom + .1));
                labels.add(new Label(figure(proportions.fifths().get(i)), p[0], p[1], "middle"));
            }
            return new Guide("fifths", path.toString(), labels);
        }

        private Guide widths() {
            StringBuilder path = new StringBuilder();
            List<Label> labels = new ArrayList<>();
            for (Landmark l : Proportions.ACROSS) {
                path.append(Lines.open(List.of(at(level.at(l, Side.RIGHT)), at(level.at(l, Side.LEFT)))));
                double[] p = at(level.at(l, Side.LEFT));
                labels.add(new Label(figure(proportions.widths().get(l)), p[0] + 8, p[1] + 4, "start"));
            }
            return new Guide("widths", path.toString(), labels);
        }

        private static String figure(double v) {
            return Figures.two(v);
        }

        /** The sides of the face apart, where a look goes to either; what lies across it in one. */
        List<Enlarged> enlarged(Glance look) {
            if (look != Glance.TEMPLES_AND_CHEEKS) {
                return List.of(enlarged(look.landmarks(), List.of(Side.RIGHT, Side.CENTRE, Side.LEFT), WIDEST));
            }
            return Stream.of(Side.RIGHT, Side.LEFT)
                    .map(side -> enlarged(look.landmarks(), List.of(side), WIDEST / 2))
                    .toList();
        }

        private Enlarged enlarged(List<Landmark> landmarks, List<Side> sides, int widest) {
            double[][] spots = PointKey.all().stream()
                    .filter(k -> landmarks.contains(k.landmark()) && sides.contains(k.side()))
                    .map(k -> box.at(points.at(k).at()))
                    .toArray(double[][]::new);
            double room = ROUND * points.unit() * box.scale();
            double left = Arrays.stream(spots).mapToDouble(p -> p[0]).min().orElse(0) - room;
            double right = Arrays.stream(spots).mapToDouble(p -> p[0]).max().orElse(0) + room;
            double top = Arrays.stream(spots).mapToDouble(p -> p[1]).min().orElse(0) - room;
            double bottom = Arrays.stream(spots).mapToDouble(p -> p[1]).max().orElse(0) + room;
            double times = Math.min(ENLARGED / (bottom - top), widest / (right - left));
            return new Enlarged(left, top, right - left, bottom - top, (int) Math.round(times * (right - left)), (int)
                    Math.round(times * (bottom - top)));
        }

        private Guide axes() {
            double m = level.midline();
            StringBuilder path = new StringBuilder();
            path.append(Lines.open(List.of(
                    at(new Vec(m, level.at(HAIRLINE).y() - .15)),
                    at(new Vec(m, level.at(CHIN).y() + .15)))));
            for (Landmark l : new Landmark[] {PUPIL, BROW_ARCH, MOUTH}) {
                Vec r = level.at(l, Side.RIGHT);
                Vec e = level.at(l, Side.LEFT);
                path.append(Lines.open(List.of(at(r.towards(e, -.35)), at(r.towards(e, 1.35)))));
            }
            return new Guide("axes", path.toString(), List.of());
        }
    }
}
