package scree.core.shade;

/** What a product is made as, and how long it takes to settle on skin. */
public enum Form {
    LIQUID(12),
    CREAM(15),
    STICK(10),
    POWDER(1),
    DROPS(12);

    private final int dryDownMinutes;

    Form(int dryDownMinutes) {
        this.dryDownMinutes = dryDownMinutes;
    }

    /** Returns minutes from wet to settled. Craft rule: many liquids deepen within 5 to 15 minutes; a start value. */
    public int dryDownMinutes() {
        return dryDownMinutes;
    }
}
