package scree.core.judge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import scree.core.colour.CieDe2000;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.shade.Form;
import scree.core.shade.Role;

/**
 * Doses a product for a role on a skin and says what one would see. Doses are tried on a grid, since costs jump at the bounds and a
 * search by luminance alone hides that the result is grey.
 */
public final class RoleJudge {
    /** A broken bound costs this: more than any fitting product's distance, so that no faulty one ranks over a fitting one. */
    private static final double BROKEN = 4;

    private static final double MOST_EXCESS = 8;
    private static final double STEP = .05;
    private static final double HARDLY = 1e-9;
    /** A tenth of a coat may make so much before it costs, ΔE00. */
    private static final double FREE_CONTROL = .8;

    /** Each coat beyond the first costs. */
    private static final double COAT = .5;

    private static final double GLINT_SHARE = .7;
    private static final double LEAST_CONCEALER = .5;
    private static final double UNSEEN_COSTS = 1e3;
    private static final double ROUNDED = 1e9;

    private final Role role;
    private final RoleSkin skin;
    private final Spectrum ground;
    private final Lab against;
    private final Lab target;
    private final List<Bound> bounds;
    private final boolean flash;

    /** @throws IllegalArgumentException for a role that is not judged by its colour, or a ground that is no skin */
    public RoleJudge(Role role, RoleSkin skin, RoleWish wish) {
        this(role, skin, wish, RoleBounds.of(role, skin, wish));
    }

    /** Returns a judge of a zone that may be meant as a hint only: that it is hardly seen is no fault. */
    public static RoleJudge ofHint(Role role, RoleSkin skin, RoleWish wish) {
        return new RoleJudge(
                role,
                skin,
                wish,
                RoleBounds.of(role, skin, wish).stream().map(Bound::orUnseen).toList());
    }

    private RoleJudge(Role role, RoleSkin skin, RoleWish wish, List<Bound> bounds) {
        this.role = role;
        this.skin = skin;
        this.ground = skin.groundSpectrum();
        this.against = role == Role.CONCEALER ? skin.skin() : skin.ground();
        this.target = RoleTarget.of(role, skin, wish);
        this.bounds = bounds;
        this.flash = wish.flash();
    }

    /** Returns the colour that is wanted. */
    public Lab target() {
        return target;
    }

    /** Something judged, with what came of it. */
    public record Judged<T>(T what, Verdict verdict) {}

    /** Returns what can be used in the role, the best first; what does not fit comes after all that does. */
    public <T> List<Judged<T>> rank(List<T> all, Function<T, LaidProduct> laid) {
        return all.stream()
                .map(t -> new Judged<>(t, judge(laid.apply(t))))
                .sorted(Comparator.comparing((Judged<T> j) -> !j.verdict().fits())
                        .thenComparingDouble(j -> j.verdict().score()))
                .toList();
    }

    /** Products that are all judged at every dose; of more, those that look best at a few doses are. */
    private static final int FEW = 24;

    /** Of many, how many are judged at every dose. Derived: in tests on seeded kits the best of all was always among them. */
    private static final int SHORTLISTED = 12;

    private static final double[] COARSE = {.25, .5, .75, 1, 1.5};

    /** Returns the best of what can be used in the role, empty when there is nothing; the same as the first of {@link #rank}. */
    public <T> Optional<Judged<T>> best(List<T> all, Function<T, LaidProduct> laid) {
        return foremost(all, laid).stream().findFirst();
    }

    /** Returns what {@link #rank} does, of many only the foremost. */
    public <T> List<Judged<T>> foremost(List<T> all, Function<T, LaidProduct> laid) {
        if (all.size() <= FEW) {
            return rank(all, laid);
        }
        double[] coarse = role == Role.POWDER ? new double[] {1} : COARSE;
        List<T> few = all.stream()
                .map(t -> new Judged<>(t, judge(laid.apply(t), coarse)))
                .sorted(Comparator.comparing((Judged<T> j) -> !j.verdict().fits())
                        .thenComparingDouble(j -> j.verdict().score()))
                .limit(SHORTLISTED)
                .map(Judged::what)
                .toList();
        return rank(few, laid);
    }

    /** Returns the best dose of a product and what comes of it. */
    public Verdict judge(LaidProduct product) {
        return judge(product, doses(product.form()));
    }

    /** Returns what comes of a product at a given dose. */
    public Verdict judge(LaidProduct product, double coats) {
        return judge(product, new double[] {coats});
    }

    private double[] doses(Form form) {
        if (role == Role.POWDER) {
            return new double[] {1};
        }
        double least = leastLayable(form);
        double most = mostCoats(role);
        List<Double> doses = new ArrayList<>();
        for (int i = 0; least + i * STEP <= most + HARDLY; i++) {
            double coats = Math.round((least + i * STEP) * 100) / 100.0;
            if (role != Role.CONCEALER || coats >= LEAST_CONCEALER) {
                doses.add(coats);
            }
        }
        return doses.stream().mapToDouble(d -> d).toArray();
    }

    /** Returns the thinnest that can be laid: a loose brush, a stippled or damp-sponged cream, a direct stroke. House choice. */
    public static double leastLayable(Form form) {
        return switch (form) {
            case POWDER, MIST -> .15;
            case LIQUID, CREAM, GEL, DROPS -> .20;
            case STICK, PENCIL -> .30;
            case OBJECT -> throw new IllegalArgumentException("a tool is not laid");
        };
    }

    /** Returns the most coats that a role bears. House choice. */
    public static double mostCoats(Role role) {
        return switch (role) {
            case POWDER -> 1;
            case CORRECTOR, BROW -> 1.5;
            case SKIN_CARE, PRIMER, BASE, CONCEALER, BRIGHTENER, CONTOUR, BRONZER, BLUSH, HIGHLIGHT -> 2;
            case MIXER, LIP, LIP_LINER, LIP_STAIN, LIP_GLOSS, LID, LINER, MASCARA, SPRAY, TOOL -> 2;
        };
    }

    private Verdict judge(LaidProduct product, double[] doses) {
        List<Try> tries = new ArrayList<>();
        for (double coats : doses) {
            tries.add(Try.of(dosed(product, coats), this));
        }
        boolean none = tries.stream().noneMatch(t -> t.faults == 0);
        boolean someSeen = tries.stream().anyMatch(t -> !t.unseen);
        Try best = null;
        double least = Double.POSITIVE_INFINITY;
        for (Try t : tries) { // what is wrong is said where it is seen
            double score = Math.rint(t.score() * ROUNDED) / ROUNDED + (none && someSeen && t.unseen ? UNSEEN_COSTS : 0);
            if (score < least) {
                least = score;
                best = t;
            }
        }
        boolean atMost = best.dosed.coats() >= (doses.length == 1 ? mostCoats(role) : doses[doses.length - 1]) - HARDLY;
        Looks looks = Refined.of(best.looks, role, skin, best.dosed, atMost);
        return new Verdict(
                best.dosed.coats(),
                best.dosed.glint(),
                best.dosed.rest(),
                target,
                looks,
                best.score(),
                best.off,
                best.margin,
                best.dosed.of(Measure.CONTROL));
    }

    private Dosed dosed(LaidProduct product, double coats) {
        Spectrum film = product.film(ground, coats);
        double more = coats + STEP;
        double less = Math.max(0, coats - STEP);
        double control = CieDe2000.between(
                product.atTheGlint(product.film(ground, more), more),
                product.atTheGlint(product.film(ground, less), less));
        return Dosed.of(
                coats,
                product.atTheGlint(film, coats),
                product.atRest(film, coats),
                flash ? product.inFlash(film, coats) : null,
                against,
                control);
    }

    /** One dose with what is wrong with it. */
    private static final class Try {
        private final Dosed dosed;
        private double faults;
        private double worst = Double.NEGATIVE_INFINITY;
        private double margin = Double.POSITIVE_INFINITY;
        private Looks looks = Looks.FITS;
        private boolean unseen;
        private double off;
        private double effort;

        private Try(Dosed dosed) {
            this.dosed = dosed;
        }

        static Try of(Dosed dosed, RoleJudge judge) {
            Try t = new Try(dosed);
            for (Bound b : judge.bounds) {
                double value = dosed.of(b.measure());
                t.weigh(b.excessUnder(value), b.under());
                t.weigh(b.excessOver(value), b.over());
            }
            double off = CieDe2000.between(dosed.glint(), judge.target);
            t.off = judge.role == Role.HIGHLIGHT
                    ? GLINT_SHARE * off + (1 - GLINT_SHARE) * dosed.of(Measure.REST_DIFFERENCE)
                    : off;
            t.effort = COAT * Math.max(0, dosed.coats() - 1) + Math.max(0, dosed.of(Measure.CONTROL) - FREE_CONTROL);
            return t;
        }

        private void weigh(double excess, Looks seen) {
            if (seen == null) {
                return;
            }
            margin = Math.min(margin, -excess);
            if (excess <= HARDLY) {
                return;
            }
            faults += BROKEN + Math.min(MOST_EXCESS, excess);
            unseen |= seen == Looks.INVISIBLE;
            if (excess > worst) {
                worst = excess;
                looks = seen;
            }
        }

        double score() {
            return off + faults + effort;
        }
    }
}
