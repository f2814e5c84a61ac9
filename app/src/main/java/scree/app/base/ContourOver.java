package scree.app.base;

import scree.app.studio.StudioId;

/** Tells the base what a later stage plans over it, without leaning on that stage. */
public interface ContourOver {
    /** Returns whether a cream contour is planned over the base: it needs a base that bears it. */
    boolean creamPlanned(StudioId studio, long sitting);
}
