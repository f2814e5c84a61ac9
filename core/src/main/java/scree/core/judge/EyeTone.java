package scree.core.judge;

/** Colour of an iris, as one says it, with a usual lightness for each. House choices, docs/method.md. */
public enum EyeTone {
    DARK_BROWN(18),
    BROWN(27),
    HAZEL(37),
    GREEN(45),
    BLUE(50),
    GREY(54);

    private final double lightness;

    EyeTone(double lightness) {
        this.lightness = lightness;
    }

    /** Returns its usual L*. */
    public double lightness() {
        return lightness;
    }
}
