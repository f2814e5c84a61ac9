package scree.app.correct;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import scree.app.look.Figures;
import scree.app.look.Lines;
import scree.app.look.Stones;
import scree.app.picture.Picture;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.cover.Counted;
import scree.core.cover.CoverPlan;
import scree.core.cover.Doing;
import scree.core.cover.Layer;
import scree.core.cover.Mark;
import scree.core.cover.ShortCut;
import scree.core.cover.Ware;
import scree.core.image.Point;
import scree.core.reason.Reason;
import scree.core.reason.Severity;
import scree.core.shade.Role;
import scree.core.skin.FaceFrame;
import scree.core.skin.FreeSpot;

/** What the Correct page shows, with all geometry done. */
record CorrectView(
        Shown picture,
        int version,
        String verdict,
        List<String> notes,
        CorrectSheet.School school,
        List<Row> rows,
        Detail open,
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
    private static final int SWAPS = 6;
    /** From a mark's edge to the middle of its number. */
    private static final double NUMBER = 14;

    private static final double DARK = 50;

    /** What a plan is shown beside. */
    enum Beside {
        COMPUTED,
        BY_TABLE,
        ONLY_BASE,
        BRIGHTENER_STRAIGHT,
        NEAREST_CONCEALER
    }

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
    record Stone(String path, String colour, double x, double width) {}

    /** The mark that is open. */
    record Detail(
            String key,
            String title,
            boolean broken,
            boolean left,
            boolean byHand,
            String note,
            Integer spot,
            boolean spotBroken,
            Pair bare,
            Pair done,
            List<String> why,
            List<String> cautions,
            List<LayerRow> layers,
            List<String> steps,
            String base,
            List<Adding> adding,
            StrataView strata,
            List<Choice> beside,
            String besideWords,
            String ideal,
            String wanting,
            String wantingColour,
            String stirred,
            String light,
            List<String> gone) {}

    /** A place within the skin beside it. */
    record Pair(String place, String beside, String words, boolean dark) {}

    /** A layer that can be changed. */
    record LayerRow(
            boolean under,
            int at,
            String name,
            String amount,
            String counted,
            String colour,
            String stone,
            String words,
            int less,
            int more,
            List<Swap> swaps) {}

    /** Another product in a layer's place. */
    record Swap(long id, String name, String colour, String stone, String left) {}

    /** A kind of product to be added. */
    record Adding(boolean under, String words, List<Swap> wares) {}

    /** Something to be compared with. */
    record Choice(String value, String name, boolean chosen) {}

    static CorrectView of(TakenCorrections t, Picture picture, String openKey, Beside beside, CorrectWords w) {
        Shown shown = Shown.of(
                picture,
                t.reading().face().frame(),
                t.marks().stream()
                        .map(m -> m.mark().spot())
                        .filter(java.util.Objects::nonNull)
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
                open == null ? null : detail(t, open, beside, w),
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
            return w.say("correct.verdict.base");
        }
        return w.say(asked == 1 ? "correct.verdict.one" : "correct.verdict.more", asked);
    }

    private static List<String> notes(TakenCorrections t, CorrectWords w) {
        List<String> notes = new ArrayList<>();
        String base = t.base().what().name();
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
                                        ? w.say("correct.state.base")
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
                    Srgb.hex(s.layer().ware().colour()),
                    x,
                    r));
            x += 2 * r + 1;
        }
        return all;
    }

    private static Detail detail(TakenCorrections t, TakenCorrections.Treated m, Beside beside, CorrectWords w) {
        Mark mark = m.mark();
        CoverPlan<Pot> plan = m.plan();
        List<Reason> all = new ArrayList<>(m.answer().why());
        all.addAll(m.answer().care());
        Map<Beside, CoverPlan<Pot>> others = others(m);
        Beside shown = others.containsKey(beside)
                ? beside
                : others.keySet().stream().findFirst().orElse(null);
        CoverPlan<Pot> other = shown == null ? null : others.get(shown);
        return new Detail(
                mark.key(),
                w.title(mark),
                m.broken(),
                m.left(),
                m.byHand(),
                m.note(),
                mark.spot() == null ? null : mark.spot().id(),
                mark.spot() != null && t.sheet().broken().contains(mark.spot().id()),
                pair(mark.colour(), mark.surround(), w.say("correct.pair.bare", Figures.one(mark.difference()))),
                plan == null ? null : done(plan, w),
                all.stream()
                        .filter(r -> r.severity() != Severity.CAUTION)
                        .filter(r -> !m.byHand() || m.answer().care().contains(r))
                        .map(w::why)
                        .toList(),
                all.stream()
                        .filter(r -> r.severity() == Severity.CAUTION)
                        .map(w::why)
                        .toList(),
                plan == null ? List.of() : layers(t, m, plan, w),
                plan == null || m.left()
                        ? List.of()
                        : Doing.of(mark, plan).stream().map(w::doing).toList(),
                t.base().what().name(),
                plan == null && m.note() == null ? List.of() : adding(t, m, w),
                plan == null
                        ? null
                        : StrataView.of(
                                plan,
                                w.say("correct.mine"),
                                other,
                                shown == null ? null : w.say("correct.beside." + shown),
                                w),
                others.keySet().stream()
                        .map(b -> new Choice(b.name(), w.say("correct.beside." + b), b == shown))
                        .toList(),
                other == null ? null : besideWords(m, shown, other, w),
                m.answer().ideal() == null ? null : ideal(m, w),
                m.answer().wanting().map(w::wanting).orElse(null),
                m.answer().wanting().map(x -> Srgb.hex(x.colour())).orElse(null),
                m.byHand() ? null : m.answer().stirred().map(w::stirred).orElse(null),
                light(t, m, w),
                m.gone());
    }

    private static Map<Beside, CoverPlan<Pot>> others(TakenCorrections.Treated m) {
        Map<Beside, CoverPlan<Pot>> all = new java.util.EnumMap<>(Beside.class);
        if (m.answer().plan() == null) {
            return all;
        }
        if (!m.answer().plan().equals(m.plan())) {
            all.put(Beside.COMPUTED, m.answer().plan());
        }
        m.answer().table().plan().filter(p -> !p.equals(m.plan())).ifPresent(p -> all.put(Beside.BY_TABLE, p));
        for (ShortCut<Pot> s : m.answer().shortCuts()) {
            all.put(Beside.valueOf(s.way().name()), s.plan());
        }
        return all;
    }

    private static String besideWords(TakenCorrections.Treated m, Beside shown, CoverPlan<Pot> other, CorrectWords w) {
        String figures = w.say("correct.beside.figures", Figures.one(other.left()), Math.round(other.microns()));
        boolean grey = m.answer().shortCuts().stream()
                .anyMatch(s -> s.way().name().equals(shown.name())
                        && s.grey()
                        && other.left() > scree.core.cover.Place.TARGET);
        return grey ? figures + " " + w.say("correct.beside.greys") : figures;
    }

    private static String ideal(TakenCorrections.Treated m, CorrectWords w) {
        String asked = w.leaning(m.answer().ideal().leaning());
        return m.answer().table() == null || m.answer().table().asked() == null
                ? w.say("correct.ideal", asked)
                : w.say(
                        "correct.ideal.table",
                        asked,
                        w.leaning(m.answer().table().asked()),
                        w.say(
                                m.answer().table().plan().isPresent()
                                        ? "correct.ideal.inKit"
                                        : "correct.ideal.notInKit"));
    }

    /** A lighter one goes onto the brightest points only, and onto what is corrected only. */
    private static String light(TakenCorrections t, TakenCorrections.Treated m, CorrectWords w) {
        if (m.mark().zone() != scree.core.skin.Zone.UNDER_EYE || m.mark().spot() != null || m.plan() == null) {
            return null;
        }
        if (m.left() || m.plan().left() > scree.core.cover.Place.TARGET) {
            return w.say("correct.light.notYet");
        }
        String name = t.wares().stream()
                .filter(x -> x.role() == Role.BRIGHTENER)
                .min(Comparator.comparingDouble(
                        x -> x.colour().differenceFrom(ShortCut.lighter(m.mark().surround()))))
                .map(x -> x.what().name())
                .orElse(w.say("correct.light.one"));
        return w.say(m.mark().bears().wideLight() ? "correct.light" : "correct.light.corners", name);
    }

    private static Pair pair(Lab place, Lab beside, String words) {
        return new Pair(Srgb.hex(place), Srgb.hex(beside), words, beside.lightness() < DARK);
    }

    private static Pair done(CoverPlan<Pot> plan, CorrectWords w) {
        List<CoverPlan.Stratum<Pot>> strata = plan.strata();
        Lab seen = strata.isEmpty()
                ? plan.place().zone().toLab()
                : strata.get(strata.size() - 1).seen();
        return pair(
                seen,
                plan.place().target().toLab(),
                w.say("correct.pair.done", Figures.one(plan.left()), Figures.one(plan.careful())));
    }

    private static List<LayerRow> layers(
            TakenCorrections t, TakenCorrections.Treated m, CoverPlan<Pot> plan, CorrectWords w) {
        List<LayerRow> rows = new ArrayList<>();
        for (int i = 0; i < plan.under().size(); i++) {
            rows.add(layer(t, m, plan, true, i, w));
        }
        for (int i = 0; i < plan.over().size(); i++) {
            rows.add(layer(t, m, plan, false, i, w));
        }
        return rows;
    }

    private static LayerRow layer(
            TakenCorrections t,
            TakenCorrections.Treated m,
            CoverPlan<Pot> plan,
            boolean under,
            int at,
            CorrectWords w) {
        Layer<Pot> l = (under ? plan.under() : plan.over()).get(at);
        int quarters = (int) Math.round(4 * l.amount());
        Pot pot = l.ware().what();
        return new LayerRow(
                under,
                at,
                pot.name(),
                w.amount(l.amount()),
                w.counted(Counted.of(l, m.mark().area(), m.mark().bears())),
                Srgb.hex(l.ware().colour()),
                STONES.pebble(pot.stone(), 19, 16, 12),
                w.say("correct.role." + l.ware().role()),
                quarters <= 2 ? quarters - 1 : quarters - 2,
                quarters < 2 ? 2 : Math.min(CorrectSheet.Dab.MOST, quarters + 2),
                swaps(t, plan, under, at));
    }

    /** Others of the same role in its place, by what they would leave. */
    private static List<Swap> swaps(TakenCorrections t, CoverPlan<Pot> plan, boolean under, int at) {
        Layer<Pot> now = (under ? plan.under() : plan.over()).get(at);
        return t.wares().stream()
                .filter(x -> x.role() == now.ware().role()
                        && !x.what().equals(now.ware().what()))
                .map(x -> swap(x, replaced(plan, under, at, new Layer<>(x, now.amount()))))
                .sorted(Comparator.comparing(Swap::left, Comparator.comparingDouble(Double::parseDouble)))
                .limit(SWAPS)
                .toList();
    }

    private static CoverPlan<Pot> replaced(CoverPlan<Pot> plan, boolean under, int at, Layer<Pot> by) {
        List<Layer<Pot>> below = new ArrayList<>(plan.under());
        List<Layer<Pot>> above = new ArrayList<>(plan.over());
        List<Layer<Pot>> side = under ? below : above;
        if (at < side.size()) {
            side.set(at, by);
        } else {
            side.add(by);
        }
        return CoverPlan.of(plan.place(), below, above);
    }

    private static Swap swap(Ware<Pot> x, CoverPlan<Pot> plan) {
        return new Swap(
                x.what().id(),
                x.what().name(),
                Srgb.hex(x.colour()),
                STONES.pebble(x.what().stone(), 17, 14, 10),
                Figures.one(plan.left()));
    }

    private static List<Adding> adding(TakenCorrections t, TakenCorrections.Treated m, CorrectWords w) {
        CoverPlan<Pot> plan = m.plan() != null
                ? m.plan()
                : CoverPlan.of(scree.core.cover.Treatment.place(m.mark(), t.base(), 0), List.of(), List.of());
        List<Adding> all = new ArrayList<>();
        if (plan.under().size() < 2) {
            all.add(new Adding(true, w.say("correct.add.under"), fresh(t, plan, true, Role.CORRECTOR)));
        }
        if (plan.over().size() < 2) {
            all.add(new Adding(false, w.say("correct.add.over"), fresh(t, plan, false, Role.CONCEALER)));
        }
        return all.stream().filter(a -> !a.wares().isEmpty()).toList();
    }

    private static List<Swap> fresh(TakenCorrections t, CoverPlan<Pot> plan, boolean under, Role role) {
        int at = (under ? plan.under() : plan.over()).size();
        return t.wares().stream()
                .filter(x -> x.role() == role)
                .map(x -> swap(x, replaced(plan, under, at, new Layer<>(x, .5))))
                .sorted(Comparator.comparing(Swap::left, Comparator.comparingDouble(Double::parseDouble)))
                .limit(SWAPS)
                .toList();
    }
}
