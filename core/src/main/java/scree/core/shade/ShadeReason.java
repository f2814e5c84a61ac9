package scree.core.shade;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import scree.core.colour.CieDe2000;
import scree.core.colour.Lab;
import scree.core.reason.Reason;
import scree.core.skin.MatchTarget;

/** Says along which axis a shade differs from the skin, strongest first, and where on the face it fits. */
public final class ShadeReason {
    /** An axis that adds less than this to ΔE00 is not named. House choice: half of what an eye sees side by side. */
    static final double NAMED_FROM = 0.5;
    /** From here a difference in L* or C* is plain to see and asks for a look. House choice. */
    static final double STRONG_FROM = 3;
    /** The same for hue, in degrees. House choice: about the same ΔE00 at a skin's chroma. */
    static final double STRONG_FROM_DEGREES = 5;
    /** A part of the gradient within this is fitted. */
    static final double FITS = 1.3;

    private ShadeReason() {}

    /** Reasons. */
    public enum Code {
        /** Nothing differs enough to be named. */
        SAME,
        /** Args: difference in L*, above 0. */
        LIGHTER,
        /** Args: difference in L*, above 0. */
        DEEPER,
        /** Args: hue difference in degrees, above 0. */
        MORE_GOLDEN,
        /** Args: hue difference in degrees, above 0. */
        PINKER,
        /** Args: difference in C*, above 0. */
        STRONGER,
        /** Args: difference in C*, above 0. */
        GREYER,
        /** The cheek or neck is met better than the blend. */
        FITS_CHEEK,
        FITS_NECK
    }

    /**
     * Returns one or more reasons: axes by their share in ΔE00, then which part of the gradient is met. A plain difference has
     * severity CHECK, a slight one NOTE.
     */
    public static List<Reason> of(Lab shade, MatchTarget target) {
        List<Axis> axes = axes(shade, target.colour());
        axes.removeIf(axis -> axis.weight() < NAMED_FROM);
        axes.sort(Comparator.comparingDouble(Axis::weight).reversed());
        List<Reason> reasons = new ArrayList<>();
        for (Axis axis : axes) {
            reasons.add(
                    axis.strong() ? Reason.check(axis.code(), axis.amount()) : Reason.note(axis.code(), axis.amount()));
        }
        if (reasons.isEmpty()) {
            reasons.add(Reason.note(Code.SAME));
        }
        double whole = shade.differenceFrom(target.colour());
        double cheek = shade.differenceFrom(target.cheek());
        double neck = shade.differenceFrom(target.neck());
        if (whole > FITS && Math.min(cheek, neck) < FITS) {
            reasons.add(Reason.note(cheek < neck ? Code.FITS_CHEEK : Code.FITS_NECK));
        }
        return reasons;
    }

    private record Axis(Code code, double amount, double weight) {
        boolean strong() {
            boolean hue = code == Code.MORE_GOLDEN || code == Code.PINKER;
            return amount >= (hue ? STRONG_FROM_DEGREES : STRONG_FROM);
        }
    }

    /** ΔE00 with only one axis moved from the skin to the shade is that axis's weight. */
    private static List<Axis> axes(Lab shade, Lab skin) {
        double dl = shade.lightness() - skin.lightness();
        double dc = shade.chroma() - skin.chroma();
        double dh = shade.hueDegrees() - skin.hueDegrees();
        dh = dh > 180 ? dh - 360 : dh < -180 ? dh + 360 : dh;
        Lab onlyL = Lab.of(shade.lightness(), skin.a(), skin.b());
        Lab onlyC = Lab.ofLch(skin.lightness(), shade.chroma(), skin.hueDegrees());
        Lab onlyH = Lab.ofLch(skin.lightness(), skin.chroma(), shade.hueDegrees());
        List<Axis> axes = new ArrayList<>();
        axes.add(new Axis(dl > 0 ? Code.LIGHTER : Code.DEEPER, Math.abs(dl), CieDe2000.between(onlyL, skin)));
        axes.add(new Axis(dh > 0 ? Code.MORE_GOLDEN : Code.PINKER, Math.abs(dh), CieDe2000.between(onlyH, skin)));
        axes.add(new Axis(dc > 0 ? Code.STRONGER : Code.GREYER, Math.abs(dc), CieDe2000.between(onlyC, skin)));
        return axes;
    }
}
