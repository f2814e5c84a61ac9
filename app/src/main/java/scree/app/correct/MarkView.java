package scree.app.correct;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import scree.app.look.Figures;
import scree.app.look.Stones;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.cover.Counted;
import scree.core.cover.CoverCode;
import scree.core.cover.CoverPlan;
import scree.core.cover.Doing;
import scree.core.cover.Layer;
import scree.core.cover.Mark;
import scree.core.cover.Place;
import scree.core.cover.ShortCut;
import scree.core.cover.Treatment;
import scree.core.cover.Ware;
import scree.core.reason.Severity;
import scree.core.shade.Role;
import scree.core.skin.Zone;

/** The mark that is open: its plan, what stands beside it, and what can be changed. */
record MarkView(
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
        List<String> gone) {
    private static final Stones STONES = new Stones();
    private static final int SWAPS = 6;

    /** What a plan is shown beside. */
    enum Beside {
        COMPUTED,
        BY_TABLE,
        ONLY_BASE,
        BRIGHTENER_STRAIGHT,
        NEAREST_CONCEALER
    }

    /** A place within the skin beside it. */
    record Pair(String place, String beside, String words) {}

    /**
     * A layer that can be changed.
     *
     * @param of its product's id, 0 for the base
     * @param thinnest whether less of it is none
     */
    record LayerRow(
            boolean under,
            int at,
            String name,
            String amount,
            String counted,
            String colour,
            String stone,
            String words,
            long of,
            boolean thinnest,
            List<Swap> swaps) {}

    /** Another product in a layer's place. */
    record Swap(long id, String name, String colour, String stone, String left) {}

    /** A kind of product to be added. */
    record Adding(boolean under, String words, List<Swap> wares) {}

    /** Something to be compared with. */
    record Choice(String value, String name, boolean chosen) {}

    static MarkView of(TakenCorrections t, TakenCorrections.Treated m, Beside beside, CorrectWords w) {
        Mark mark = m.mark();
        CoverPlan<Pot> plan = m.plan();
        Map<Beside, CoverPlan<Pot>> others = others(m);
        Beside shown = others.containsKey(beside)
                ? beside
                : others.keySet().stream().findFirst().orElse(null);
        CoverPlan<Pot> other = shown == null ? null : others.get(shown);
        return new MarkView(
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
                said(m, false, w),
                said(m, true, w),
                plan == null ? List.of() : layers(t, m, plan, w),
                plan == null || m.left()
                        ? List.of()
                        : Doing.of(mark, plan).stream().map(w::doing).toList(),
                plan == null || plan.place().baseCoats() == 0
                        ? null
                        : t.base().what().name(),
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

    /** Why this plan, and what the hand has to mind; of another plan than the computed one only the latter and what speaks against it. */
    private static List<String> said(TakenCorrections.Treated m, boolean cautions, CorrectWords w) {
        List<String> all = new ArrayList<>();
        if (m.byTable() && !cautions) {
            all.add(w.say("correct.why.byTable", w.leaning(m.answer().table().asked())));
        }
        boolean computed = !m.byHand() && !m.byTable();
        Stream.concat(
                        m.answer().why().stream()
                                .filter(r -> computed || m.byTable() && r.code() == CoverCode.TABLE_HARMS),
                        m.answer().care().stream())
                .filter(r -> (r.severity() == Severity.CAUTION) == cautions)
                .map(w::why)
                .forEach(all::add);
        return all;
    }

    private static Map<Beside, CoverPlan<Pot>> others(TakenCorrections.Treated m) {
        Map<Beside, CoverPlan<Pot>> all = new EnumMap<>(Beside.class);
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
                .anyMatch(s -> s.way().name().equals(shown.name()) && s.grey() && other.left() > Place.TARGET);
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
        if (m.mark().zone() != Zone.UNDER_EYE || m.mark().spot() != null || m.plan() == null) {
            return null;
        }
        if (m.left() || m.plan().left() > Place.TARGET) {
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
        return new Pair(Srgb.hex(place), Srgb.hex(beside), words);
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
                Objects.requireNonNullElse(pot.byHand(t.base()), 0L),
                Math.round(4 * l.amount()) <= 1,
                swaps(t, plan, under, at));
    }

    /** Others of the same role in its place, by what they would leave. */
    private static List<Swap> swaps(TakenCorrections t, CoverPlan<Pot> plan, boolean under, int at) {
        Layer<Pot> now = (under ? plan.under() : plan.over()).get(at);
        return ranked(
                t,
                now.ware().role(),
                x -> !x.what().equals(now.ware().what()),
                x -> plan.with(under, at, new Layer<>(x, now.amount())));
    }

    private static List<Swap> ranked(
            TakenCorrections t, Role role, Predicate<Ware<Pot>> fits, Function<Ware<Pot>, CoverPlan<Pot>> laid) {
        record Tried(Ware<Pot> ware, double left) {}
        return t.wares().stream()
                .filter(x -> x.role() == role)
                .filter(fits)
                .map(x -> new Tried(x, laid.apply(x).left()))
                .sorted(Comparator.comparingDouble(Tried::left))
                .limit(SWAPS)
                .map(x -> swap(x.ware(), x.left()))
                .toList();
    }

    private static Swap swap(Ware<Pot> x, double left) {
        return new Swap(
                x.what().id(),
                x.what().name(),
                Srgb.hex(x.colour()),
                STONES.pebble(x.what().stone(), 17, 14, 10),
                Figures.one(left));
    }

    private static List<Adding> adding(TakenCorrections t, TakenCorrections.Treated m, CorrectWords w) {
        CoverPlan<Pot> plan = m.plan() != null
                ? m.plan()
                : CoverPlan.of(Treatment.place(m.mark(), t.base(), 0), List.of(), List.of());
        String pile = plan.place().baseCoats() == 0 ? ".pile" : "";
        List<Adding> all = new ArrayList<>();
        if (plan.under().size() < 2) {
            all.add(new Adding(true, w.say("correct.add.under" + pile), fresh(t, plan, true, Role.CORRECTOR)));
        }
        if (plan.over().size() < 2) {
            all.add(new Adding(false, w.say("correct.add.over" + pile), fresh(t, plan, false, Role.CONCEALER)));
        }
        return all.stream().filter(a -> !a.wares().isEmpty()).toList();
    }

    /** What is on that side already is laid more of instead. */
    private static List<Swap> fresh(TakenCorrections t, CoverPlan<Pot> plan, boolean under, Role role) {
        List<Layer<Pot>> side = under ? plan.under() : plan.over();
        return ranked(
                t,
                role,
                x -> side.stream().noneMatch(l -> l.ware().what().equals(x.what())),
                x -> plan.with(under, side.size(), new Layer<>(x, .5)));
    }
}
