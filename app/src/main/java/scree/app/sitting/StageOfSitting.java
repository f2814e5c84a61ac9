package scree.app.sitting;

import scree.app.look.Cairn;
import scree.app.studio.StudioId;

/** A stage tells the cairn how far it is. Each stage's package brings one; their order is that of {@link #order}. */
public interface StageOfSitting {
    /** Returns the last part of its address, also its message key. */
    String key();

    /** Returns its place, 0 on the ground. */
    int order();

    /** Returns what it has reached for a sitting; state is DONE, TO_COME or LOOK_AGAIN. */
    Cairn.Stage reached(StudioId studio, Sitting sitting);

    /** Returns whether something is stored that cannot be read. The stage's own stone and page say so; no other page falls with it. */
    default boolean unreadable(StudioId studio, long sitting) {
        return false;
    }
}
