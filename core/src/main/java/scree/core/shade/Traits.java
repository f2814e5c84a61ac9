package scree.core.shade;

import scree.core.colour.Check;

/**
 * What a product is beside its colour, as far as it was told.
 *
 * @param sheen or null for one without
 * @param colourless whether it is laid for what it does, not for its colour
 * @param mineralShare mass share of silica, titanium dioxide and zinc oxide, which scatter a flash back, 0 to 1; null when not known
 * @param alcohol whether it holds drying alcohol
 * @param waterproof whether water leaves it where it is
 * @param transferProof whether it stays off cloth and hands
 * @param eyeSafe whether it may be laid at the eye
 * @param wornShare scattering power of a usual coat on a face over that of the coat that its contrast ratio was told on, as measured;
 *     null for the estimate, {@link UsualCoat#ESTIMATED}
 */
public record Traits(
        Sheen sheen,
        boolean colourless,
        Double mineralShare,
        Told alcohol,
        Told waterproof,
        Told transferProof,
        Told eyeSafe,
        Double wornShare) {
    /** Nothing is told. */
    public static final Traits UNTOLD =
            new Traits(null, false, null, Told.UNKNOWN, Told.UNKNOWN, Told.UNKNOWN, Told.UNKNOWN, null);

    /** From this share a flash shows on most skin: House choice between a colourless setting powder (0.06) and a white one (0.45). */
    private static final double FLASHES_BACK_FROM = 0.15;

    public Traits {
        if (wornShare != null) {
            Check.inRange("worn share", wornShare, UsualCoat.LEAST_SHARE, UsualCoat.MOST_SHARE, "do the test again");
        }
        if (mineralShare != null) {
            Check.inRange("mineral share", mineralShare, 0, 1, "give it as a share, not in %");
        }
    }

    /** Returns whether a flash may come back white from it. */
    public Told flashesBack() {
        return mineralShare == null ? Told.UNKNOWN : mineralShare >= FLASHES_BACK_FROM ? Told.YES : Told.NO;
    }

    /** Returns the scattering power of a usual coat on a face over that on a chart, measured or estimated. */
    public double wornShareOrEstimate() {
        return wornShare == null ? UsualCoat.ESTIMATED : wornShare;
    }

    /** Returns the same with a usual coat as measured, null for the estimate. */
    public Traits worn(Double share) {
        return new Traits(sheen, colourless, mineralShare, alcohol, waterproof, transferProof, eyeSafe, share);
    }

    /** Returns the same with another sheen, null for none. */
    public Traits with(Sheen other) {
        return new Traits(other, colourless, mineralShare, alcohol, waterproof, transferProof, eyeSafe, wornShare);
    }

    /** Returns the same of a known mineral share. */
    public Traits minerals(Double share) {
        return new Traits(sheen, colourless, share, alcohol, waterproof, transferProof, eyeSafe, wornShare);
    }
}
