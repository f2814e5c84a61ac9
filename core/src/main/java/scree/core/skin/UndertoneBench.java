package scree.core.skin;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.light.LightFigures;
import scree.core.plane.Normal;
import scree.core.skin.Undertone.Family;
import scree.core.skin.UndertoneVerdict.Conflict;
import scree.core.skin.UndertoneVerdict.Heard;

/** Weighs the witnesses of an undertone: log-odds by trust, summed, turned back into shares. */
public final class UndertoneBench {
    /** No measurement is surer than this of a family: the curve of usual skin is a model. House choice. */
    private static final double SUREST = .97;

    private static final double TRUST_GREY = .8;
    private static final double TRUST_PROVISIONAL = .3;
    /** Veins hardly show on deep skin. House choice, after the craft's "weak on deep skin". */
    private static final double DEEP_BELOW = 45;

    private static final double VEINS_ON_DEEP = .4;
    /** A red face pulls the cloths beside it towards pink. House choice. */
    private static final double SWAYED_BY_RED = .5;
    /** A witness that adds less than this is not worth a quarrel. House choice: odds of 5 to 3. */
    private static final double WORTH_A_CONFLICT = .5;

    /** What is held of an olive or peach cast before anybody tells. House choice: about as many as one meets. */
    private static final double UNTOLD = .15;

    private static final double PEACH_SOFTNESS = 1.4;

    private UndertoneBench() {}

    /**
     * Weighs what was measured and what was said.
     *
     * @return empty when nothing was measured and nobody spoke
     */
    public static Optional<UndertoneVerdict> weigh(SkinReading reading, Collection<Testimony> said) {
        Optional<Undertone> measured = reading == null ? Optional.empty() : Undertone.from(reading);
        if (measured.isEmpty() && said.isEmpty()) {
            return Optional.empty();
        }
        List<Heard> heard = new ArrayList<>();
        double[] odds = new double[3];
        boolean leans = measured.map(Undertone::leans).orElse(false);
        double olive = logit(measured.filter(u -> !leans).map(Undertone::olive).orElse(UNTOLD));
        boolean oliveTold = !leans;
        double peach = logit(peach(reading));
        if (measured.isPresent()) {
            boolean struck = said.stream().anyMatch(t -> t.answer().witness() == Witness.MEASURED && t.struck());
            heard.add(hear(measured.get(), struck, struck ? 0 : trust(reading), odds));
        }
        for (Testimony t : said) {
            if (t.answer().witness() == Witness.MEASURED) {
                continue;
            }
            double weight = t.struck() ? 0 : weight(t.answer().witness(), reading);
            oliveTold |= weight > 0 && t.answer().olive() != 0;
            heard.add(hear(t, weight, odds));
            olive += 2 * weight * t.answer().olive();
            peach += 2 * weight * t.answer().peach();
        }
        double[] shares = shares(odds);
        Undertone together = new Undertone(
                shares[0],
                shares[1],
                shares[2],
                oliveTold ? share(olive) : 0,
                measured.map(Undertone::leanDegrees).orElse(0.0),
                measured.map(Undertone::sheltered).orElse(false),
                leans && heard.stream().allMatch(h -> h.witness() == Witness.MEASURED || h.struck()));
        heard.sort(Comparator.comparingDouble(Heard::strength).reversed());
        return Optional.of(new UndertoneVerdict(together, share(peach), heard, conflict(heard, reading)));
    }

    private static Heard hear(Undertone u, boolean struck, double weight, double[] odds) {
        double[] p = {bounded(u.cool()), bounded(u.neutral()), bounded(u.warm())};
        return add(Witness.MEASURED, null, struck, p, weight, odds);
    }

    private static Heard hear(Testimony t, double weight, double[] odds) {
        double[] p = new double[3];
        for (Family f : Family.values()) {
            p[f.ordinal()] = t.answer().likelyFor(f);
        }
        return add(t.answer().witness(), t.answer(), t.struck(), p, weight, odds);
    }

    private static Heard add(Witness w, Answer answer, boolean struck, double[] p, double weight, double[] odds) {
        int best = 0;
        double high = Double.NEGATIVE_INFINITY;
        double low = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 3; i++) {
            double add = weight * Math.log(p[i]);
            odds[i] += add;
            best = p[i] > p[best] ? i : best;
            high = Math.max(high, add);
            low = Math.min(low, add);
        }
        double pull = weight * Math.log(p[2] / p[0]);
        return new Heard(w, answer, struck, Family.values()[best], pull, high - low);
    }

    private static double weight(Witness witness, SkinReading reading) {
        double weight = witness.trust();
        if (reading == null) {
            return weight;
        }
        Optional<Lab> skin = reading.tellingColourOf(Zone.NECK).or(() -> reading.tellingColourOf(Zone.CHEEK));
        if (witness == Witness.VEINS && skin.isPresent() && skin.get().lightness() < DEEP_BELOW) {
            weight *= VEINS_ON_DEEP;
        }
        return witness.looksAtFace() && redFace(reading) ? weight * SWAYED_BY_RED : weight;
    }

    /** Returns whether redness lies on the face over calmer skin, which sways tests by the face. */
    public static boolean redFace(SkinReading reading) {
        Optional<Lab> cheek = reading.tellingColourOf(Zone.CHEEK);
        Optional<Lab> neck = reading.tellingColourOf(Zone.NECK);
        return cheek.isPresent()
                && neck.isPresent()
                && Overtone.between(cheek.get(), neck.get()).redness() > Overtone.RED_SEEN;
    }

    private static double trust(SkinReading reading) {
        if (Undertone.SHELTERED.stream()
                .anyMatch(z -> reading.meteredColourOf(z).isPresent())) {
            return Witness.MEASURED.trust();
        }
        return switch (reading.trust()) {
            case COLOUR_CARD -> Witness.MEASURED.trust();
            case GREY_CARD -> TRUST_GREY;
            case PROVISIONAL -> TRUST_PROVISIONAL;
        };
    }

    /** Rosy-golden: redder than usual at that depth while the hue is not cool. Graded, like olive. */
    private static double peach(SkinReading reading) {
        if (reading == null || reading.light().card() == LightFigures.Card.NONE) {
            return UNTOLD; // redness scatters too much without a card
        }
        Optional<Lab> skin = reading.tellingColourOf(Zone.FOREARM).or(() -> reading.tellingColourOf(Zone.NECK));
        if (skin.isEmpty()) {
            return UNTOLD;
        }
        Lab usual = ReferenceCurve.at(skin.get().lightness());
        double redder = Normal.below((skin.get().a() - usual.a() - Undertone.OLIVE_FROM) / PEACH_SOFTNESS);
        double golden = Normal.below((ReferenceCurve.hueLean(skin.get()) + 2) / 2);
        return redder * golden;
    }

    private static Optional<Conflict> conflict(List<Heard> heard, SkinReading reading) {
        for (Heard a : heard) {
            for (Heard b : heard) {
                boolean opposite = a.says() == Family.COOL && b.says() == Family.WARM;
                if (opposite && Math.min(a.strength(), b.strength()) >= WORTH_A_CONFLICT) {
                    Heard strong = a.strength() >= b.strength() ? a : b;
                    Heard weak = strong == a ? b : a;
                    return Optional.of(new Conflict(
                            strong.witness(),
                            strong.says(),
                            weak.witness(),
                            weak.says(),
                            repeat(strong, weak, reading)));
                }
            }
        }
        return alone(heard, reading);
    }

    /** So many that say neutral speak against one that says cool or warm. House choice. */
    private static final int SEVERAL = 2;

    /** Returns the conflict of one witness that says cool or warm with several that say neutral, when nobody stands by it. */
    private static Optional<Conflict> alone(List<Heard> heard, SkinReading reading) {
        List<Heard> neutral = heard.stream()
                .filter(h -> h.says() == Family.NEUTRAL && h.strength() > 0)
                .toList();
        List<Heard> others = heard.stream()
                .filter(h -> h.says() != Family.NEUTRAL && h.strength() >= WORTH_A_CONFLICT)
                .toList();
        if (neutral.size() < SEVERAL || others.size() != 1) {
            return Optional.empty();
        }
        Heard many = neutral.get(0);
        Heard one = others.get(0);
        return Optional.of(
                new Conflict(many.witness(), many.says(), one.witness(), one.says(), repeat(many, one, reading)));
    }

    private static Witness repeat(Heard strong, Heard weak, SkinReading reading) {
        boolean measured = strong.witness() == Witness.MEASURED || weak.witness() == Witness.MEASURED;
        boolean provisional = reading != null && reading.trust() == SkinReading.Trust.PROVISIONAL;
        if (measured && provisional) {
            return Witness.MEASURED;
        }
        return strong.witness().trust() <= weak.witness().trust() ? strong.witness() : weak.witness();
    }

    private static double bounded(double p) {
        double floor = (1 - SUREST) / 2;
        return floor + p * (1 - 3 * floor);
    }

    private static double[] shares(double[] odds) {
        double top = Math.max(odds[0], Math.max(odds[1], odds[2]));
        double sum = 0;
        double[] p = new double[3];
        for (int i = 0; i < 3; i++) {
            p[i] = Math.exp(odds[i] - top);
            sum += p[i];
        }
        return new double[] {p[0] / sum, p[1] / sum, p[2] / sum};
    }

    private static double logit(double p) {
        double q = Math.min(.98, Math.max(.02, p));
        return Math.log(q / (1 - q));
    }

    private static double share(double logit) {
        return 1 / (1 + Math.exp(-logit));
    }
}
