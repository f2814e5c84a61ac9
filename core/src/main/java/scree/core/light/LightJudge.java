package scree.core.light;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import scree.core.face.Side;
import scree.core.light.LightFigures.Card;
import scree.core.light.LightVerdict.Grade;
import scree.core.reason.Reason;
import scree.core.reason.Severity;

/** Grades a light by what a picture and, when there is one, a light meter say of it. */
public final class LightJudge {
    /** Past these the card no longer helps. House choices: 80 lx needs long exposure, 20 000 lx is sun on the skin. */
    static final double DIMMEST_USABLE = 80;

    static final double BRIGHTEST_USABLE = 20_000;
    /** Daylight in which a grey card was measured. Derived: 4000 to 7500 K in the calibration study; a guess may miss by 500 K. */
    static final double WARMEST_FOR_GREY = 3600;

    static final double COOLEST_FOR_GREY = 8200;
    /** Warm lamps and skies within which the colour card was measured. */
    static final double WARMEST_FOR_CARD = 2400;

    static final double COOLEST_FOR_CARD = 10_000;
    /** |ln left/right| that is too much. Derived: simulated rooms in the calibration study. */
    public static final double SLANT_TOO_MUCH = 0.15;
    /** ln(forehead / chin) that is too much, together with the nose's shadow. Derived: a quarter of the way from windows to lamps. */
    static final double ABOVE_TOO_MUCH = 0.34;
    /** ln of the light beside over under the nose that is too much. Derived: nearly what the least of the lamps threw. */
    static final double SHADOW_TOO_MUCH = 0.80;
    /** Wall against a white card at the face. House choice: a lit white wall is near 1; a window behind clips at about 1.2. */
    static final double BEHIND_SEEN = 1.05;

    static final double BEHIND_TOO_MUCH = 1.15;
    /** ΔE00 between evened cheeks. Derived on tuning sitters: one light stays under 1.9, redness included; a lamp and a window from 5.6. */
    static final double TWO_SEEN = 2.2;

    static final double TWO_TOO_MUCH = 4.5;
    /** C* beside the head from which a wall throws its colour on the skin. House choice. */
    static final double WALL_SEEN = 20;
    /** Share of skin pixels that may be clipped. House choice: shine on a nose is under it. */
    static final double CLIPPED_SEEN = 0.01;

    static final double CLIPPED_TOO_MUCH = 0.12;
    /** Border misfit. Derived: plain developing leaves under 0.008 at tuning cameras, local tone mapping from 0.033. */
    static final double HALO_SEEN = 0.022;

    private LightJudge() {}

    /** @param metered null without a meter */
    public static LightVerdict judge(LightFigures f, MeteredLight metered) {
        List<Reason> reasons = new ArrayList<>();
        shape(f, reasons);
        colour(f, metered, reasons);
        if (metered != null) {
            brightness(metered, reasons);
        }
        return verdict(reasons);
    }

    /** Grades a room before any picture. */
    public static LightVerdict judge(MeteredLight metered) {
        List<Reason> reasons = new ArrayList<>();
        temperature(metered.kelvin(), Card.COLOUR, reasons);
        tint(metered.duv(), reasons);
        brightness(metered, reasons);
        return verdict(reasons);
    }

    private static LightVerdict verdict(List<Reason> reasons) {
        boolean unfit = reasons.stream().anyMatch(r -> r.severity() == Severity.CAUTION);
        boolean checks = reasons.stream().anyMatch(r -> r.severity() == Severity.CHECK);
        if (reasons.isEmpty()) {
            reasons.add(Reason.note(LightCode.EVEN_DAYLIGHT));
        }
        reasons.sort(Comparator.comparing(Reason::severity).reversed());
        return new LightVerdict(unfit ? Grade.UNFIT : checks ? Grade.USABLE : Grade.GOOD, reasons);
    }

    private static void shape(LightFigures f, List<Reason> reasons) {
        int percent = (int) Math.round(100 * Math.expm1(f.slant()));
        Side bright = f.leftRight() != null && f.leftRight() > 0 ? Side.RIGHT : Side.LEFT;
        if (f.slant() > SLANT_TOO_MUCH) {
            reasons.add(Reason.caution(LightCode.FROM_ONE_SIDE, percent, bright));
        } else if (f.slant() > LightRange.SLANT.to()) {
            reasons.add(Reason.check(LightCode.SLANTS, percent, bright));
        }
        above(f, reasons);
        if (f.behind() != null && f.behind() > BEHIND_SEEN) {
            reasons.add(
                    graded(f.behind() > BEHIND_TOO_MUCH, LightCode.FROM_BEHIND, Math.round(10 * f.behind()) / 10.0));
        }
        if (f.clipped() > CLIPPED_SEEN) {
            int share = (int) Math.ceil(100 * f.clipped());
            reasons.add(graded(f.clipped() > CLIPPED_TOO_MUCH, LightCode.SKIN_CLIPPED, share));
        }
        if (f.halo() > HALO_SEEN) {
            reasons.add(Reason.caution(LightCode.WORKED_OVER));
        }
    }

    /** One of the two may come from a forehead that shines or a lip that lies deep: both are needed to call a light unfit. */
    private static void above(LightFigures f, List<Reason> reasons) {
        boolean dark = f.underNose() != null && f.underNose() > SHADOW_TOO_MUCH;
        if (f.fromAbove() != null && f.fromAbove() > LightRange.ABOVE.to()) {
            int more = (int) Math.round(100 * Math.expm1(f.fromAbove()));
            reasons.add(graded(dark && f.fromAbove() > ABOVE_TOO_MUCH, LightCode.FROM_ABOVE, more));
        } else if (f.underNose() != null && f.underNose() > LightRange.UNDER_NOSE.to()) {
            int less = (int) Math.round(-100 * Math.expm1(-f.underNose()));
            reasons.add(graded(dark && f.fromAbove() == null, LightCode.NOSE_SHADOW, less));
        }
    }

    private static void colour(LightFigures f, MeteredLight metered, List<Reason> reasons) {
        if (metered != null) {
            temperature(metered.kelvin(), f.card(), reasons);
            tint(metered.duv(), reasons);
        } else if (f.kelvin() != null) {
            guessedTemperature(f.kelvin(), reasons);
        } else {
            reasons.add(Reason.check(LightCode.COLOUR_UNKNOWN));
        }
        if (f.strongCast()) {
            reasons.add(Reason.caution(LightCode.STRONG_CAST));
        }
        if (f.twoColours() != null && f.twoColours() > TWO_SEEN) {
            double off = Math.round(10 * f.twoColours()) / 10.0;
            reasons.add(graded(f.twoColours() > TWO_TOO_MUCH, LightCode.TWO_COLOURS, off));
        }
        if (f.wallChroma() != null && f.wallChroma() > WALL_SEEN) {
            reasons.add(Reason.check(LightCode.COLOURED_WALL, (int) Math.round(f.wallChroma())));
        }
    }

    /** A meter's temperature: the colour card corrects any lamp it was measured under, the grey card daylight only. */
    private static void temperature(double kelvin, Card card, List<Reason> reasons) {
        long round = Math.round(kelvin / 50) * 50;
        if (kelvin < LightRange.KELVIN.from()) {
            double least = card == Card.COLOUR ? WARMEST_FOR_CARD : WARMEST_FOR_GREY;
            reasons.add(graded(kelvin < least, LightCode.WARM_LAMP, round));
        } else if (kelvin > LightRange.KELVIN.to()) {
            double most = card == Card.COLOUR ? COOLEST_FOR_CARD : COOLEST_FOR_GREY;
            reasons.add(graded(kelvin > most, LightCode.COOL_LIGHT, round));
        }
    }

    /** The card's own guess is wide: only what lies outside good daylight by its doubt is said. */
    private static void guessedTemperature(double kelvin, List<Reason> reasons) {
        double mired = 1e6 / kelvin;
        long round = Math.round(kelvin / 100) * 100;
        if (mired - LampGuess.DOUBT_MIRED > 1e6 / LightRange.KELVIN.from()) {
            reasons.add(Reason.check(LightCode.WARM_LAMP, round));
        } else if (mired + LampGuess.DOUBT_MIRED < 1e6 / LightRange.KELVIN.to()) {
            reasons.add(Reason.check(LightCode.COOL_LIGHT, round));
        }
    }

    private static void tint(double duv, List<Reason> reasons) {
        if (Math.abs(duv) > LightRange.DUV.to()) {
            LightCode code = duv > 0 ? LightCode.GREEN_TINT : LightCode.PINK_TINT;
            reasons.add(graded(Math.abs(duv) > 3 * LightRange.DUV.to(), code, (int) Math.round(1000 * Math.abs(duv))));
        }
    }

    private static void brightness(MeteredLight m, List<Reason> reasons) {
        long lux = Math.round(m.lux());
        if (m.lux() < LightRange.LUX.from()) {
            reasons.add(graded(m.lux() < DIMMEST_USABLE, LightCode.TOO_DIM, lux));
        } else if (m.lux() > LightRange.LUX.to()) {
            reasons.add(graded(m.lux() > BRIGHTEST_USABLE, LightCode.TOO_BRIGHT, lux));
        }
    }

    private static Reason graded(boolean tooMuch, LightCode code, Object... args) {
        return tooMuch ? Reason.caution(code, args) : Reason.check(code, args);
    }
}
