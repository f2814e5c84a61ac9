package scree.core.harmony;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import scree.core.colour.Lab;
import scree.core.judge.LaidProduct;
import scree.core.judge.LineJudge;
import scree.core.judge.Looks;
import scree.core.judge.RoleJudge;
import scree.core.judge.RoleSkin;
import scree.core.judge.RoleWish;
import scree.core.judge.Verdict;
import scree.core.reason.Reason;
import scree.core.skin.Undertone;

/**
 * Which colours of a kit belong together on a face: for cheeks and lips by families, for lids by what is near them, for lines and brows by
 * what stands beside them.
 *
 * @param <T> a product, however the caller keeps it
 */
public final class Harmony<T> {
    /** Degrees of hue between lid and cheek that cost one ΔE00: a tie between near shades, no more. House choice. */
    private static final double HUE_TIES = 20;

    private static final double LOW_CONTRAST = 22;
    private static final double HIGH_CONTRAST = 42;
    private static final double MOSTLY = .5;

    private final Face face;
    private final RoleWish wish;
    private final Map<Part, List<T>> kit;
    private final Function<T, LaidProduct> laid;
    private final Map<Part, List<RoleJudge.Judged<T>>> ranked = new ConcurrentHashMap<>();

    /**
     * A face as colour is judged on it.
     *
     * @param skin bare or with its base
     * @param lip own colour of the lips
     */
    public record Face(RoleSkin skin, Lab lip) {
        RoleSkin under(Part part) {
            return part == Part.LIP ? skin.on(lip) : skin;
        }
    }

    /**
     * A family on this face.
     *
     * @param best of the kit that looks right, empty when none does
     * @param looks what one would see of the nearest of the family, null when the kit has none of it
     * @param result colour that the nearest gives here, null when there is none
     */
    public record Option<T>(ColourFamily family, Optional<RoleJudge.Judged<T>> best, Looks looks, Lab result) {}

    public Harmony(Face face, RoleWish wish, Map<Part, List<T>> kit, Function<T, LaidProduct> laid) {
        this.face = face;
        this.wish = wish;
        this.kit = kit;
        this.laid = laid;
    }

    /** A brow is judged beside the hair only: nothing is ranked while its colour was not told. */
    private List<RoleJudge.Judged<T>> ranked(Part part) {
        if (part == Part.BROW && wish.hair() == null) {
            return List.of();
        }
        return ranked.computeIfAbsent(
                part, p -> new RoleJudge(p.role(), face.under(p), wish(p)).rank(kit.getOrDefault(p, List.of()), laid));
    }

    /** Returns what is wanted of a part: usual strengths, which the wish's own multiplies. */
    public RoleWish wish(Part part) {
        return wish.at(RoleWish.usualStrength(part.role()) * wish.strength());
    }

    /** Returns what each family would look like in a part. */
    public List<Option<T>> options(Part part) {
        List<Option<T>> options = new ArrayList<>();
        for (ColourFamily family : ColourFamily.values()) {
            List<RoleJudge.Judged<T>> of = ranked(part).stream()
                    .filter(j -> family(part, j.what()) == family)
                    .toList();
            Optional<RoleJudge.Judged<T>> fits =
                    of.stream().filter(j -> j.verdict().fits()).findFirst();
            Optional<RoleJudge.Judged<T>> nearest = fits.or(() -> of.stream().findFirst());
            options.add(new Option<>(
                    family,
                    fits,
                    nearest.map(j -> j.verdict().looks()).orElse(null),
                    nearest.map(j -> j.verdict().result()).orElse(null)));
        }
        return options;
    }

    /** Returns the family of a product on a part. */
    public ColourFamily family(Part part, T product) {
        return ColourFamily.of(part, laid.apply(product).coat().product().toLab());
    }

    /** Returns the family that serves cheeks and lips best together, empty when none serves both. */
    public Optional<ColourFamily> together() {
        List<Option<T>> cheeks = options(Part.CHEEK);
        List<Option<T>> lips = options(Part.LIP);
        ColourFamily best = null;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < cheeks.size(); i++) {
            Optional<RoleJudge.Judged<T>> cheek = cheeks.get(i).best();
            Optional<RoleJudge.Judged<T>> lip = lips.get(i).best();
            if (cheek.isPresent() && lip.isPresent()) {
                double score =
                        cheek.get().verdict().score() + lip.get().verdict().score();
                if (score < least) {
                    least = score;
                    best = ColourFamily.values()[i];
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** Returns the family that serves one part best. */
    public Optional<ColourFamily> alone(Part part) {
        return options(part).stream()
                .filter(o -> o.best().isPresent())
                .min(Comparator.comparingDouble(
                        o -> o.best().orElseThrow().verdict().score()))
                .map(Option::family);
    }

    /** Returns all of a part that looks right, the best first; of a family when one is given. */
    public List<RoleJudge.Judged<T>> fitting(Part part, ColourFamily family) {
        return ranked(part).stream()
                .filter(j -> j.verdict().fits())
                .filter(j -> family == null || family(part, j.what()) == family)
                .toList();
    }

    /** Returns the nearest of a family, right or not: for an artist who wants it all the same. */
    public Optional<RoleJudge.Judged<T>> nearest(Part part, ColourFamily family) {
        return ranked(part).stream()
                .filter(j -> family(part, j.what()) == family)
                .findFirst();
    }

    /** Returns the best lid beside a cheek's colour, ties going to the nearer hue. */
    public Optional<RoleJudge.Judged<T>> lid(Lab cheek) {
        return fitting(Part.LID, null).stream()
                .min(Comparator.comparingDouble(j -> j.verdict().score()
                        + (cheek == null
                                ? 0
                                : Math.abs(turn(j.verdict().result().hueDegrees() - cheek.hueDegrees())) / HUE_TIES)));
    }

    private static double turn(double degrees) {
        return ((degrees + 180) % 360 + 360) % 360 - 180;
    }

    /** A line with what one would see of it. */
    public record Line<T>(T what, LineJudge.Line line) {}

    /**
     * Returns liners or mascaras, those that fit first, the deepest of them first: a line is to be seen.
     *
     * @param lid L* that it lies on
     */
    public List<Line<T>> lines(Part part, double lid) {
        return kit.getOrDefault(part, List.of()).stream()
                .map(t -> new Line<>(t, line(part, t, lid)))
                .sorted(Comparator.comparing((Line<T> l) -> l.line().looks() != Looks.FITS)
                        .thenComparingDouble(l -> lightness(l.what())))
                .toList();
    }

    /** Judges one line. */
    public LineJudge.Line line(Part part, T product, double lid) {
        return LineJudge.of(part.role(), face.skin(), lightness(product), wish.evening(), lid);
    }

    private double lightness(T product) {
        return laid.apply(product).coat().product().toLab().lightness();
    }

    /** Judges one product that an artist chose. */
    public Verdict verdict(Part part, T product) {
        return new RoleJudge(part.role(), face.under(part), wish(part)).judge(laid.apply(product));
    }

    /** Returns why colours are as they are on this face, the same for cheeks and lips. */
    public List<Reason> grounds() {
        List<Reason> why = new ArrayList<>();
        RoleSkin s = face.skin();
        if (s.olive() > MOSTLY) {
            why.add(Reason.note(HarmonyCode.OLIVE_MUTED));
        } else {
            why.add(Reason.note(
                    HarmonyCode.BY_UNDERTONE,
                    s.warm() > MOSTLY
                            ? Undertone.Family.WARM
                            : s.cool() > MOSTLY ? Undertone.Family.COOL : Undertone.Family.NEUTRAL));
        }
        if (!s.contrastKnown()) {
            why.add(Reason.check(HarmonyCode.CONTRAST_SUPPOSED));
        } else if (s.contrast() < LOW_CONTRAST) {
            why.add(Reason.note(HarmonyCode.LOW_CONTRAST));
        } else if (s.contrast() > HIGH_CONTRAST) {
            why.add(Reason.note(HarmonyCode.HIGH_CONTRAST));
        }
        if (wish.muted()) {
            why.add(Reason.note(HarmonyCode.HIDES_REDNESS));
        }
        if (wish.evening()) {
            why.add(Reason.note(HarmonyCode.EVENING_BEARS_MORE));
        }
        return why;
    }

    /** Returns why a line is as deep as it is. */
    public Reason whyLine(double lightness) {
        return Reason.note(lightness < DARK ? HarmonyCode.DARK_LINE : HarmonyCode.SOFT_LINE);
    }

    /** L* under which a line reads as black. House choice. */
    private static final double DARK = 14;
}
