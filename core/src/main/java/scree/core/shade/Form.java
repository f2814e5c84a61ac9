package scree.core.shade;

/** What a product is made as, how long it takes to settle on skin, and how it usually moves. Start values, docs/method.md. */
public enum Form {
    LIQUID(12, -1.6, 0.2, 0.5),
    CREAM(15, -1.0, 0.1, 0.3),
    STICK(10, -0.6, 0.1, 0.2),
    /** Dry, so it does not move by drying; {@link PowderOnSkin} says what skin does to it. */
    POWDER(1, 0, 0, 0),
    DROPS(12, -0.8, 0.1, 0.2),
    PENCIL(2, 0, 0, 0),
    GEL(8, -0.8, 0.1, 0.2),
    MIST(2, 0, 0, 0),
    /** A tool, which does not settle. */
    OBJECT(1, 0, 0, 0);

    private final int dryDownMinutes;
    private final DryDown.Shift usualShift;

    Form(int dryDownMinutes, double lightness, double a, double b) {
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
}
