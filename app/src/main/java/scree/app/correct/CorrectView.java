package scree.app.correct;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import scree.app.look.Figures;
import scree.app.look.Lines;
import scree.app.look.Stones;
import scree.app.picture.Picture;
import scree.core.colour.Srgb;
import scree.core.cover.CoverPlan;
import scree.core.cover.Mark;
import scree.core.image.Point;
import scree.core.method.CoverSchool;
import scree.core.shade.Role;
import scree.core.skin.FaceFrame;
import scree.core.skin.FreeSpot;

/** What the Correct page shows, with all geometry done. */
record CorrectView(
        Shown picture,
        int version,
        String verdict,
        List<String> notes,
        CoverSchool school,
        List<Row> rows,
        MarkView open,
        List<String> unread,
        boolean undoable,
        boolean redoable) {
    private static final double BOX_WIDTH = 560;
    private static final double BOX_HEIGHT = 660;
    /** Room over the eyes, beside them and under the chin, in pupil distances. */
    private static final double OVER = 1.75;

    private static final double BESIDE = 1.5;
    private static final double UNDER = 2.15;
    /** Room round a mark farther down, such as on a shoulder. */
    private static final double ROUND = .45;

    private static final Stones STONES = new Stones();
    /** From a mark's edge to the middle of its number. */
    private static final double NUMBER = 14;

    /**
     * The part of the picture that is shown: the face, and marks farther down.
     *
     * @param left of the picture in the drawing, 0 or less
     * @param scale drawing px per pixel
     */
    record Shown(
            long id,
            double width,
            double height,
            double left,
            double top,
            double scale,
            double imageWidth,
            double imageHeight) {
        static Shown of(Picture p, FaceFrame face, List<FreeSpot> spots) {
            double x0 = -BESIDE;
            double x1 = BESIDE;
            double y1 = UNDER;
            for (FreeSpot s : spots) {
                x0 = Math.min(x0, s.x() - s.radius() - ROUND);
                x1 = Math.max(x1, s.x() + s.radius() + ROUND);
                y1 = Math.max(y1, s.y() + s.radius() + ROUND);
            }
            Point a = face.toPicture(x0, -OVER);
            Point b = face.toPicture(x1, y1);
            double left = Math.max(0, Math.min(a.x(), b.x()));
            double top = Math.max(0, Math.min(a.y(), b.y()));
            double wide = Math.min(p.width(), Math.max(a.x(), b.x())) - left;
            double high = Math.min(p.height(), Math.max(a.y(), b.y())) - top;
            double scale = Math.min(BOX_WIDTH / wide, BOX_HEIGHT / high);
            return new Shown(
                    p.id(),
                    wide * scale,
                    high * scale,
                    -left * scale,
                    -top * scale,
                    scale,
                    p.width() * scale,
                    p.height() * scale);
        }

        Point at(Point pixel) {
            return new Point(pixel.x() * scale + left, pixel.y() * scale + top);
        }
    }

    /** A mark on the picture and in the list. */
    record Row(
            String key,
            int number,
            String title,
            String figures,
            String state,
            List<Stone> stones,
            boolean open,
            String pattern,
            List<String> shapes,
            double x,
            double y) {}

    /** A coat as a stone. */
    record Stone(String path, String colour) {}

    static CorrectView of(TakenCorrections t, Picture picture, String openKey, MarkView.Beside beside, CorrectWords w) {
        Shown shown = Shown.of(
                picture,
                t.reading().face().frame(),
                t.marks().stream()
                        .map(m -> m.mark().spot())
                        .filter(Objects::nonNull)
                        .toList());
        TakenCorrections.Treated open = t.mark(openKey == null ? "" : openKey)
                .or(() -> t.marks().stream().findFirst())
                .orElse(null);
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < t.marks().size(); i++) {
            rows.add(row(t, t.marks().get(i), i + 1, t.marks().get(i) == open, shown, w));
        }
        return new CorrectView(
                shown,
                t.seq(),
                verdict(t, w),
                notes(t, w),
                t.sheet().school(),
                rows,
                open == null ? null : MarkView.of(t, open, beside, w),
                t.unread().stream()
                        .map(s -> w.say("correct.unread", w.say("spot." + s.kind()), s.id()))
                        .toList(),
                t.undoable(),
                t.redoable());
    }

    private static String verdict(TakenCorrections t, CorrectWords w) {
        long asked = t.marks().stream()
                .filter(m -> m.laid().filter(p -> !p.baseAlone()).isPresent())
                .count();
        long broken =
                t.marks().stream().filter(TakenCorrections.Treated::broken).count();
        if (t.marks().isEmpty()) {
            return w.say("correct.verdict.none");
        }
        if (broken > 0 && broken == t.marks().size()) {
            return w.say("correct.verdict.broken");
        }
        if (asked == 0) {
            boolean base = t.marks().stream()
                    .allMatch(m ->
                            m.broken() || m.laid().filter(CorrectView::based).isPresent());
            return w.say(base ? "correct.verdict.base" : "correct.verdict.nothing");
        }
        return w.say(asked == 1 ? "correct.verdict.one" : "correct.verdict.more", asked);
    }

    private static boolean based(CoverPlan<Pot> plan) {
        return plan.place().baseCoats() > 0;
    }

    private static List<String> notes(TakenCorrections t, CorrectWords w) {
        List<String> notes = new ArrayList<>();
        String base = t.base() == null ? null : t.base().what().name();
        notes.add(
                base == null
                        ? w.say("correct.base.none")
                        : w.say(t.baseTaken() ? "correct.base.taken" : "correct.base.supposed", base));
        boolean estimated = t.marks().stream()
                .flatMap(m -> m.laid().stream())
                .flatMap(p -> p.strata().stream())
                .anyMatch(s -> s.layer().ware().what().estimated());
        if (estimated) {
            notes.add(w.say("correct.estimated"));
        }
        if (t.warmLight() && !t.marks().isEmpty()) {
            notes.add(w.say("correct.warmLight"));
        }
        if (t.wares().stream().noneMatch(x -> x.role() == Role.CORRECTOR)) {
            notes.add(w.say("correct.noCorrector"));
        }
        return notes;
    }

    private static Row row(
            TakenCorrections t, TakenCorrections.Treated m, int number, boolean open, Shown shown, CorrectWords w) {
        List<List<Point>> shapes = shapes(t, m.mark(), shown);
        List<Point> first = shapes.get(0);
        double x = first.stream().mapToDouble(Point::x).min().orElse(0) - NUMBER;
        double y = first.stream().mapToDouble(Point::y).average().orElse(0);
        Optional<CoverPlan<Pot>> laid = m.laid();
        String state = m.broken() && m.plan() == null
                ? w.say("correct.state.broken")
                : m.left()
                        ? w.say("correct.state.left")
                        : laid.map(p -> p.baseAlone()
                                        ? w.say(based(p) ? "correct.state.base" : "correct.state.nothing")
                                        : w.say(
                                                p.coats() == 1 ? "correct.state.coat" : "correct.state.coats",
                                                p.coats(),
                                                Math.round(p.microns())))
                                .orElse("");
        String figures = laid.map(
                        p -> w.say("correct.figures", Figures.one(m.mark().difference()), Figures.one(p.left())))
                .orElse(w.say("correct.figures.bare", Figures.one(m.mark().difference())));
        return new Row(
                m.mark().key(),
                number,
                w.title(m.mark()),
                figures,
                state,
                laid.map(CorrectView::stones).orElse(List.of()),
                open,
                "mark-" + m.mark().seen(),
                shapes.stream()
                        .map(s -> Lines.closed(
                                s.stream().map(p -> new double[] {p.x(), p.y()}).toList()))
                        .toList(),
                x,
                y + 6);
    }

    private static List<List<Point>> shapes(TakenCorrections t, Mark m, Shown shown) {
        var frame = t.reading().face().frame();
        List<List<Point>> all = new ArrayList<>();
        if (m.spot() != null) {
            all.add(m.spot().polygon(frame, 1.25));
        } else {
            t.reading().face().outlines().stream()
                    .filter(o -> o.zone() == m.zone())
                    .forEach(o -> all.add(o.polygon(frame)));
        }
        return all.stream().map(l -> l.stream().map(shown::at).toList()).toList();
    }

    private static List<Stone> stones(CoverPlan<Pot> plan) {
        List<Stone> all = new ArrayList<>();
        double x = 12;
        for (CoverPlan.Stratum<Pot> s : plan.strata()) {
            double r = 5 + 5 * Math.min(2, s.layer().amount());
            all.add(new Stone(
                    STONES.pebble(s.layer().ware().what().stone(), x + r - 6, 15, r),
                    Srgb.hex(s.layer().ware().colour())));
            x += 2 * r + 1;
        }
        return all;
    }
}
