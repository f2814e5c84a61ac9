package scree.core.face;

/**
 * A trait that stands out, or one that cannot be told yet.
 *
 * @param high over the usual: tall, wide, long, late, strong
 * @param grade 0 to 1; under 0.3 it is not listed
 * @param confirm the landmark to look at when the doubt is too large to say anything, else null
 */
public record Finding(Trait trait, boolean high, double grade, double value, double doubt, Landmark confirm) {
    /** How plainly it is said. */
    public enum Strength {
        TOUCH,
        PLAIN,
        CLEAR
    }

    public Strength strength() {
        return grade < .5 ? Strength.TOUCH : grade < .8 ? Strength.PLAIN : Strength.CLEAR;
    }

    /** Returns whether it can be said at all. */
    public boolean told() {
        return confirm == null;
    }
}
