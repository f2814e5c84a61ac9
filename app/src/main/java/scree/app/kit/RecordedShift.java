package scree.app.kit;

import scree.core.shade.DryDown;

/** Settled minus wet of a product, as learned or recorded. */
record RecordedShift(double lightness, double a, double b) {
    DryDown.Shift shift() {
        return new DryDown.Shift(lightness, a, b);
    }
}
