package scree.core.judge;

/**
 * A part of a role's target region.
 *
 * @param under what is seen below {@code low}, or null when nothing is wrong there
 * @param over what is seen above {@code high}, or null when nothing is wrong there
 */
record Bound(Measure measure, double low, double high, Looks under, Looks over) {
    static Bound between(Measure measure, double low, double high, Looks under, Looks over) {
        return new Bound(measure, low, high, under, over);
    }

    static Bound atLeast(Measure measure, double low, Looks under) {
        return new Bound(measure, low, Double.POSITIVE_INFINITY, under, null);
    }

    static Bound atMost(Measure measure, double high, Looks over) {
        return new Bound(measure, Double.NEGATIVE_INFINITY, high, null, over);
    }

    /** Returns the same, except that what is not seen is no fault. */
    Bound orUnseen() {
        return new Bound(
                measure, low, high, under == Looks.INVISIBLE ? null : under, over == Looks.INVISIBLE ? null : over);
    }

    /** Returns how far below it a value lies, in the measure's units; below 0 inside. */
    double excessUnder(double value) {
        return (low - value) / measure.unit();
    }

    /** Returns how far above it a value lies, in the measure's units; below 0 inside. */
    double excessOver(double value) {
        return (value - high) / measure.unit();
    }
}
