package scree.core.skin;

import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.light.LightFigures;
import scree.core.plane.Normal;

/**
 * Undertone as shares, never one hard word: cool + neutral + warm = 1, and how much of an olive cast lies over it.
 *
 * @param cool 0..1
 * @param neutral 0..1
 * @param warm 0..1
 * @param olive 0..1, a quality beside the other three
 * @param leanDegrees hue against usual skin of that depth, above 0 more golden
 * @param sheltered whether it rests on skin that sun and redness rarely reach
 * @param leans whether no card stands behind it: a family is only leant to, and olive is not told
 */
public record Undertone(
        double cool, double neutral, double warm, double olive, double leanDegrees, boolean sheltered, boolean leans) {
    /** Past this lean from usual hue skin counts as warm or cool. House choice (start value), docs/method.md. */
    public static final double FAMILY_EDGE_DEGREES = 3;
    /** a* below usual by this much begins to read olive. House choice (start value). */
    static final double OLIVE_FROM = 1.5;

    /** From these an olive cast is said, and said plainly. House choices (start values): a third and clearly over half. */
    private static final double OLIVE_QUIET = 0.3;

    private static final double OLIVE_CLEAR = 0.6;

    private static final double OLIVE_SOFTNESS = 1.2;
    private static final double YELLOW_SLACK = 1;

    /** From this an olive cast is shown beside the families, if not yet said in the name. House choice: less lies within the doubt. */
    private static final double OLIVE_SHOWS = 0.1;

    /** How much of an olive cast there is to say. */
    public enum Olive {
        NONE,
        QUIET,
        CLEAR
    }

    /** Returns how much of an olive cast there is to say. */
    public Olive cast() {
        return olive > OLIVE_CLEAR ? Olive.CLEAR : olive > OLIVE_QUIET ? Olive.QUIET : Olive.NONE;
    }

    /** Returns whether an olive cast is worth showing beside the families. */
    public boolean oliveShows() {
        return olive >= OLIVE_SHOWS;
    }

    /** The three families. */
    public enum Family {
        COOL,
        NEUTRAL,
        WARM;

        /** @param leanDegrees hue against usual skin at that depth, above 0 more golden */
        public static Family ofLean(double leanDegrees) {
            return leanDegrees > FAMILY_EDGE_DEGREES ? WARM : leanDegrees < -FAMILY_EDGE_DEGREES ? COOL : NEUTRAL;
        }
    }

    /**
     * Weighs measured zones: hue lean of the mean colour, softened by the reading's own spread and the curve's.
     *
     * @param zones colours of the zones that tell undertone, one or more
     * @param spreadDegrees how far the readings may be off in hue, 0 or more
     */
    public static Undertone of(List<Lab> zones, double spreadDegrees, boolean sheltered) {
        Lab mean = Mean.of(zones);
        double lean = ReferenceCurve.hueLean(mean);
        double curve = ReferenceCurve.HUE_SPREAD_DEGREES / 2;
        double width = Math.sqrt(curve * curve + spreadDegrees * spreadDegrees);
        double warm = Normal.below((lean - FAMILY_EDGE_DEGREES) / width);
        double cool = Normal.below((-FAMILY_EDGE_DEGREES - lean) / width);
        return new Undertone(cool, 1 - cool - warm, warm, oliveOf(mean), lean, sheltered, false);
    }

    /** Returns 0 to 1 for how olive a colour is: greener than usual at its depth, and not less yellow. */
    public static double oliveOf(Lab colour) {
        Lab usual = ReferenceCurve.at(colour.lightness());
        double greener = Normal.below((usual.a() - colour.a() - OLIVE_FROM) / OLIVE_SOFTNESS);
        double yellowEnough = Normal.below((colour.b() - usual.b() + YELLOW_SLACK) / OLIVE_SOFTNESS);
        return greener * yellowEnough;
    }

    /** Returns how far a colour's hue leans from usual, degrees, with the green cast of an olive taken out first. */
    public static double leanOf(Lab colour) {
        return ReferenceCurve.hueLean(colour) - oliveOf(colour) * oliveTurn(colour.lightness());
    }

    /** An olive cast takes a third of the red, at most three, and adds one of yellow. */
    private static final double OLIVE_TAKES = .35;

    private static final double OLIVE_TAKES_AT_MOST = 3;

    /** Returns the degrees that a full olive cast turns usual hue at a lightness. */
    private static double oliveTurn(double lightness) {
        Lab usual = ReferenceCurve.at(lightness);
        double less = Math.min(OLIVE_TAKES_AT_MOST, OLIVE_TAKES * usual.a());
        return ReferenceCurve.hueLean(Lab.of(lightness, usual.a() - less, usual.b() + 1));
    }

    /** How far one zone's hue may be off with a card, in degrees. Derived: 0.6 ΔE00 at C* 20, docs/method.md. */
    private static final double CARD_HUE_SPREAD = 1.2;

    /** With a card in bad light. House choice: five times as in good light. */
    private static final double BAD_LIGHT_HUE_SPREAD = 6;
    /**
     * Without a card. Derived on photographs: cheeks scatter by 11° over people whose own hues scatter by 4° to 6.5°, casts refused; a*
     * scatters by 4.5 to 5, which leaves olive 7 % of its information.
     */
    private static final double PROVISIONAL_HUE_SPREAD = 10;
    /** Where sun and redness come least. */
    static final List<Zone> SHELTERED = List.of(Zone.FOREARM, Zone.NECK);

    /** No family gets more than this without a card. House choice: three in five. */
    private static final double MOST_LEANT = 0.60;

    /**
     * Tells undertone from the zones that sun and redness reach least: inner forearm and neck; without them from the outer face, and without
     * that not at all. A pink cheek never makes a cool undertone. Without a card a family is only leant to; in light with a strong colour
     * nothing is told. What a colour meter read needs no card.
     */
    public static Optional<Undertone> from(SkinReading reading) {
        boolean noCard = reading.light().card() == LightFigures.Card.NONE;
        List<Lab> metered = SHELTERED.stream()
                .map(reading::meteredColourOf)
                .flatMap(Optional::stream)
                .toList();
        if (noCard && !metered.isEmpty()) {
            return Optional.of(of(metered, CARD_HUE_SPREAD, true));
        }
        if (reading.light().strongCast()) {
            return Optional.empty();
        }
        double spread = noCard
                ? PROVISIONAL_HUE_SPREAD
                : reading.trust() == SkinReading.Trust.PROVISIONAL ? BAD_LIGHT_HUE_SPREAD : CARD_HUE_SPREAD;
        return from(reading, spread).map(u -> noCard ? u.leaning() : u);
    }

    private static Optional<Undertone> from(SkinReading reading, double spread) {
        List<Lab> sheltered = SHELTERED.stream()
                .map(reading::colourOf)
                .flatMap(Optional::stream)
                .toList();
        if (!sheltered.isEmpty()) {
            return Optional.of(of(sheltered, spread, true));
        }
        return reading.colourOf(Zone.JAW)
                .or(() -> reading.colourOf(Zone.OUTER_CHEEK))
                .or(() -> reading.colourOf(Zone.FOREHEAD))
                .map(face -> of(List.of(face), spread * 2, false));
    }

    /** Returns what is left of it without a card: no share over three in five, the rest in proportion, olive not told. */
    private Undertone leaning() {
        double most = Math.max(cool, Math.max(neutral, warm));
        double others = most > MOST_LEANT ? (1 - MOST_LEANT) / (1 - most) : 1;
        return new Undertone(
                cool == most ? Math.min(most, MOST_LEANT) : cool * others,
                neutral == most ? Math.min(most, MOST_LEANT) : neutral * others,
                warm == most ? Math.min(most, MOST_LEANT) : warm * others,
                0,
                leanDegrees,
                sheltered,
                true);
    }

    /** Returns the family with the largest share. */
    public Family leading() {
        if (warm >= cool && warm >= neutral) {
            return Family.WARM;
        }
        return cool >= neutral ? Family.COOL : Family.NEUTRAL;
    }
}
