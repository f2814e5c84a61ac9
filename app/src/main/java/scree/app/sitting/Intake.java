package scree.app.sitting;

import scree.core.care.Care;
import scree.core.method.Occasion;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;
import scree.core.shade.Wear;

/**
 * What was asked before the work; null where left open.
 *
 * @param lastsHours how long it has to last, hours
 * @param brokenSkin where skin is broken, sore or freshly treated
 * @param bothers what went wrong before
 * @param own colours of hair, brows and eyes
 * @param keepMarks whether freckles and moles are to show
 */
public record Intake(
        Occasion occasion,
        Integer lastsHours,
        Boolean flash,
        Coverage coverage,
        Finish finish,
        String reactions,
        Care.PatchTest patchTest,
        String brokenSkin,
        String bothers,
        String loves,
        OwnColours own,
        Boolean keepMarks) {
    public Intake {
        own = own == null ? OwnColours.UNTOLD : own; // a row of nulls is none to the mapper
    }

    /** Nothing was asked yet. */
    public static final Intake OPEN =
            new Intake(null, null, null, null, null, null, null, null, null, null, null, null);

    /** Returns what a base has to bear. */
    public Wear.Day day() {
        return new Wear.Day(occasion, Boolean.TRUE.equals(flash), lastsHours == null ? 0 : lastsHours);
    }

    /** Returns whether freckles and moles are to show. */
    public boolean marksKept() {
        return Boolean.TRUE.equals(keepMarks);
    }

    /** Returns whether evening or stage light allows more colour than the day. */
    public boolean evening() {
        return occasion == Occasion.EVENING || occasion == Occasion.STAGE;
    }

    /** What a client tells from home. */
    public static Intake told(Coverage coverage, Finish finish, String reactions, String bothers) {
        return new Intake(null, null, null, coverage, finish, reactions, null, null, bothers, null, null, null);
    }
}
