package scree.app.face;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import scree.app.look.Lines;
import scree.app.look.PictureFrame;
import scree.app.picture.Picture;
import scree.core.face.FacePoints;
import scree.core.face.Finding;
import scree.core.face.Glance;
import scree.core.face.LevelledFace;
import scree.core.face.Measure;
import scree.core.face.Tick;
import scree.core.face.Trait;

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

    /** A finding with its figure and what the artist says. */
    record FindingRow(String trait, String words, String figure, String said, String saidBy, String low, String high) {}

    /** Something to be ticked. */
    record TickBox(String key, String words, boolean on) {}

    /** A measure. */
    record Row(String name, String value, String doubt) {}

    static final int WIDTH = 606;
    static final int HEIGHT = 676;

    static FaceView of(
            TakenFace face, Picture picture, Optional<Double> millimetres, boolean otherPicture, FaceWords w) {
        FacePoints points = face.points();
        LevelledFace level = LevelledFace.of(points);
        PictureFrame box = PictureFrame.face(picture, level, WIDTH, HEIGHT);
        FaceDrawing drawing = new FaceDrawing(box, points, level);
        List<String> warnings = new ArrayList<>();
        if (otherPicture) {
            warnings.add(w.say("face.otherPicture"));
        }
        if (face.reading().balance().turned() != null) {
            warnings.add(w.say("face.turned"));
        }
        if (!points.turn().heightsTold()) {
            warnings.add(w.say("face.nods"));
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
                ShapeField.of(face, level, w),
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

    private static Asked asked(FacePoints points, FaceDrawing drawing, FaceWords w) {
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
}
