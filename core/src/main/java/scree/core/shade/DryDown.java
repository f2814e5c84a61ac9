package scree.core.shade;

import java.util.List;
import scree.core.colour.Lab;

/**
 * What happens to a product between wet and settled, learned from stripes that were watched. Few observations are held back
 * towards what the record says and towards how its form behaves; many speak for themselves.
 */
public final class DryDown {
    /** Doubts as standard deviations in ΔE units a channel. House choices, docs/method.md. */
    static final double RECORD_DOUBT = 1.0;

    static final double FORM_DOUBT = 2.0;
    static final double VANISHED_DOUBT = 1.2;
    static final double LOOKED_DOUBT = 2.0;
    static final double METER_DOUBT = 0.4;
    /** A stripe that shows at all differs by about this. House choice: between very close and an edge that shows. */
    static final double SHOWN = 2.5;

    /** A fall or rise in L* under this is no movement. House choice: what no eye sees. */
    private static final double HARDLY = 0.2;

    private DryDown() {}

    /** What depth does while a product settles. */
    public enum Way {
        DEEPENS,
        STAYS,
        LIGHTENS
    }

    /** Settled minus wet. */
    public record Shift(double lightness, double a, double b) {
        public static final Shift NONE = new Shift(0, 0, 0);

        public static Shift between(Lab wet, Lab settled) {
            return new Shift(settled.lightness() - wet.lightness(), settled.a() - wet.a(), settled.b() - wet.b());
        }

        /** Returns the settled colour of a product that is this colour wet. */
        public Lab from(Lab wet) {
            return Lab.ofClamped(wet.lightness() + lightness, wet.a() + a, wet.b() + b);
        }

        /** Returns the wet colour of a product that is this colour settled. */
        public Lab before(Lab settled) {
            return Lab.ofClamped(settled.lightness() - lightness, settled.a() - a, settled.b() - b);
        }

        public Way way() {
            return lightness <= -HARDLY ? Way.DEEPENS : lightness >= HARDLY ? Way.LIGHTENS : Way.STAYS;
        }

        /** Returns the colour a share of the way from wet to settled. */
        Shift times(double share) {
            return new Shift(lightness * share, a * share, b * share);
        }
    }

    /** What an artist saw of a stripe that had settled, beside the skin. */
    public enum Answer {
        VANISHED,
        TOO_LIGHT,
        TOO_DEEP,
        TOO_PINK,
        TOO_GOLDEN,
        TOO_GREY
    }

    /** One observation and how far it may be off, a standard deviation in ΔE units a channel. */
    public record Seen(Shift shift, double doubt) {}

    /**
     * Turns an answer into an observation. A stripe that vanished has the skin's colour; one that looked off has the colour it
     * was believed to have, moved to at least 2.5 off on the side that was named.
     *
     * @param believed settled colour as thought before
     */
    public static Seen byEye(Answer answer, Lab wet, Lab skin, Lab believed) {
        Lab usual = skin;
        double l = believed.lightness() - skin.lightness();
        double c = believed.chroma() - skin.chroma();
        double h = turn(believed.hueDegrees() - skin.hueDegrees());
        // a hue step that makes SHOWN at the skin's chroma
        double step = Math.toDegrees(SHOWN / Math.max(8, skin.chroma()));
        Lab seen = switch (answer) {
            case VANISHED -> usual;
            case TOO_LIGHT -> moved(skin, Math.max(l, SHOWN), c, h);
            case TOO_DEEP -> moved(skin, Math.min(l, -SHOWN), c, h);
            case TOO_PINK -> moved(skin, l, c, Math.min(h, -step));
            case TOO_GOLDEN -> moved(skin, l, c, Math.max(h, step));
            case TOO_GREY -> moved(skin, l, Math.min(c, -SHOWN), h);
        };
        return new Seen(Shift.between(wet, seen), answer == Answer.VANISHED ? VANISHED_DOUBT : LOOKED_DOUBT);
    }

    private static Lab moved(Lab skin, double l, double c, double h) {
        return Lab.ofLch(
                Math.min(100, Math.max(0, skin.lightness() + l)),
                Math.max(0, skin.chroma() + c),
                skin.hueDegrees() + h);
    }

    private static double turn(double degrees) {
        return degrees > 180 ? degrees - 360 : degrees < -180 ? degrees + 360 : degrees;
    }

    /** Turns a meter's reading of the settled stripe into an observation. */
    public static Seen byMeter(Lab wet, Lab settled) {
        return new Seen(Shift.between(wet, settled), METER_DOUBT);
    }

    /**
     * Returns the shift to count on: the mean of record, form and observations, each weighted by one over its doubt squared.
     * Without observations the record stands as it is.
     */
    public static Shift learned(Shift record, Shift form, List<Seen> seen) {
        if (seen.isEmpty()) {
            return record;
        }
        double weight = 1 / (RECORD_DOUBT * RECORD_DOUBT) + 1 / (FORM_DOUBT * FORM_DOUBT);
        double[] sum = new double[3];
        add(sum, record, 1 / (RECORD_DOUBT * RECORD_DOUBT));
        add(sum, form, 1 / (FORM_DOUBT * FORM_DOUBT));
        for (Seen s : seen) {
            double w = 1 / (s.doubt() * s.doubt());
            add(sum, s.shift(), w);
            weight += w;
        }
        return new Shift(sum[0] / weight, sum[1] / weight, sum[2] / weight);
    }

    private static void add(double[] sum, Shift shift, double weight) {
        sum[0] += weight * shift.lightness();
        sum[1] += weight * shift.a();
        sum[2] += weight * shift.b();
    }

    /** Returns how a form behaves: the mean of the kit's products of that form, or the start value without any. */
    public static Shift usual(Form form, List<Shift> ofThatForm) {
        if (ofThatForm.isEmpty()) {
            return form.usualShift();
        }
        double[] sum = new double[3];
        ofThatForm.forEach(s -> add(sum, s, 1.0 / ofThatForm.size()));
        return new Shift(sum[0], sum[1], sum[2]);
    }

    /**
     * Returns the colour after some minutes on the skin. The change slows down as it goes: exponential, nineteen twentieths
     * done at the dry-down time and whole from there on.
     *
     * @param minutes since it was laid, 0 or more
     * @param dryDown minutes from wet to settled, above 0
     */
    public static Lab after(double minutes, double dryDown, Lab wet, Lab settled) {
        double share = minutes >= dryDown ? 1 : (1 - Math.exp(-3 * minutes / dryDown)) / (1 - Math.exp(-3));
        return Shift.between(wet, settled).times(share).from(wet);
    }
}
