package scree.app.look;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;

/** Writes figures the same on every page: a dot for the decimal point, as many places as a meter or an eye can tell. */
public final class Figures {
    private Figures() {}

    /** Returns one place: colours, differences, degrees. */
    public static String one(double v) {
        return String.format(Locale.ROOT, "%.1f", v);
    }

    /** Returns two places: shares and ratios. */
    public static String two(double v) {
        return String.format(Locale.ROOT, "%.2f", v);
    }

    /** Returns three places: a tint, a measure of a face. */
    public static String three(double v) {
        return String.format(Locale.ROOT, "%.3f", v);
    }

    /** Returns a figure with as many decimals as it has, four at most. */
    public static String plain(double v) {
        return BigDecimal.valueOf(v)
                .setScale(4, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
