package scree.core.skin;

import scree.core.colour.Lab;

/** Usual skins to show something on: fair, medium and deep. */
public enum Sample {
    FAIR(74),
    MEDIUM(57),
    DEEP(35);

    private final double lightness;

    Sample(double lightness) {
        this.lightness = lightness;
    }

    /** Returns the skin's colour. */
    public Lab colour() {
        return ReferenceCurve.at(lightness);
    }
}
