package scree.core.shade;

/** What a product is made as, how long it takes to settle on skin, and how it usually moves. Start values, docs/method.md. */
public enum Form {
    LIQUID(12, -1.6, 0.2, 0.5, 7.5, .5),
    CREAM(15, -1.0, 0.1, 0.3, 9, .9),
    STICK(10, -0.6, 0.1, 0.2, 10, .9),
    /** Dry, so it does not move by drying; {@link PowderOnSkin} says what skin does to it. */
    POWDER(1, 0, 0, 0, 3, 1),
    DROPS(12, -0.8, 0.1, 0.2, 7.5, .5),
    PENCIL(2, 0, 0, 0, 10, 1),
    GEL(8, -0.8, 0.1, 0.2, 7.5, .5),
    MIST(2, 0, 0, 0, 1, .1),
    /** A tool, which does not settle. */
    OBJECT(1, 0, 0, 0, 0, 1);

    private final int dryDownMinutes;
    private final DryDown.Shift usualShift;
    private final double usualMicrons;
    private final double settledShare;

    Form(int dryDownMinutes, double lightness, double a, double b, double usualMicrons, double settledShare) {
        this.usualMicrons = usualMicrons;
        this.settledShare = settledShare;
        this.dryDownMinutes = dryDownMinutes;
        this.usualShift = new DryDown.Shift(lightness, a, b);
    }

    /** Returns minutes from wet to settled. Craft rule: many liquids deepen within 5 to 15 minutes; a start value. */
    public int dryDownMinutes() {
        return dryDownMinutes;
    }

    /** Returns settled minus wet while nothing is known. Craft rule: many liquids deepen and warm. */
    public DryDown.Shift usualShift() {
        return usualShift;
    }

    /**
     * Returns the thickness of one usual coat on a face, settled, in µm. House choices, docs/method.md: 0.6 ml on 400 cm² are 15 µm wet,
     * of which half of a liquid leaves.
     */
    public double usualMicrons() {
        return usualMicrons;
    }

    /** Returns the share of what is laid that stays when it has settled, 0 to 1. House choices: half of a liquid leaves, a tenth of a cream. */
    public double settledShare() {
        return settledShare;
    }
}
