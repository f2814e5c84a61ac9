package scree.core.cover;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/**
 * What skin bears, by its place and feel. House choices, docs/method.md: fine relief is some tens of µm deep, a film of a third of it blunts
 * the grain, thicker ones crack where skin folds, and thin skin moves most.
 */
public enum Bears {
    FACE(40, 4, 1, List.of(.5, 1., 1.5, 2.), List.of(.5, 1., 1.5, 2., 3.)),
    UNDER_EYE(27, 3, 1, List.of(.5, 1., 1.5), List.of(.5, 1., 1.5)),
    /** Sheered with balm 1:1, of which a third stays: so thickness counts 1.3 times. */
    FINE_LINES(22, 2, 1.3, List.of(.25, .5, 1.), List.of(.25, .5, 1.)),
    CREPE(18, 2, 1.3, List.of(.25, .5), List.of(.25, .5)),
    /** Colour may be corrected, no light goes onto it. */
    BAG(27, 3, 1, List.of(.5, 1., 1.5), List.of(.5, 1., 1.5)),
    LID(18, 2, 1, List.of(.5, 1.), List.of(.5, 1.)),
    /** Softened first, which leaves a little of the balm. */
    DRY_PATCH(22, 2, 1.15, List.of(.5, 1.), List.of(.5, 1.)),
    OPEN_PORES(30, 3, 1, List.of(.5, 1., 1.5), List.of(.5, 1., 1.5)),
    /** Colour goes, texture stays. */
    RAISED(40, 4, 1, List.of(.5, 1., 1.5, 2.), List.of(.5, 1., 1.5, 2., 3.)),
    /** Scars, tattoos, bruises: pressed coats of dense cream, also under the base. */
    HEAVY(60, 4, 1, List.of(.5, 1., 1.5, 2., 3.), List.of(.5, 1., 1.5, 2., 3.)),
    /** Weeping, open, healing under treatment: nothing is planned. */
    BROKEN(0, 0, 1, List.of(), List.of());

    /** From here a film on the face is said to cake: look in light from the side. */
    public static final double CAKES_FROM = 30;

    private final double microns;
    private final int coats;
    private final double swollen;
    private final List<Double> before;
    private final List<Double> after;

    Bears(double microns, int coats, double swollen, List<Double> before, List<Double> after) {
        this.microns = microns;
        this.coats = coats;
        this.swollen = swollen;
        this.before = before;
        this.after = after;
    }

    /** Returns the thickest film, base included and powder not, µm. */
    public double microns() {
        return microns;
    }

    /** Returns the most coats beside the base. */
    public int coats() {
        return coats;
    }

    /** Returns how much thicker a coat lies here by what it is sheered or softened with. */
    public double swollen() {
        return swollen;
    }

    /** Returns amounts that may lie before the base, in usual coats. */
    List<Double> before() {
        return before;
    }

    /** Returns amounts that may lie after it. */
    List<Double> after() {
        return after;
    }

    /** Returns whether a triangle of light or cover may go here: creped and puffy skin gets its corners only. */
    public boolean wideLight() {
        return this != CREPE && this != FINE_LINES && this != BAG && this != BROKEN;
    }

    /** Returns the strictest of several, {@link #FACE} of none: broken skin before all, then the thinnest film. */
    public static Bears strictest(Collection<Bears> all) {
        return all.stream()
                .min(Comparator.comparingDouble((Bears b) -> b.microns).thenComparingInt(Bears::coats))
                .orElse(FACE);
    }
}
