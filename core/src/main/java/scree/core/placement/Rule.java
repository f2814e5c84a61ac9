package scree.core.placement;

/** Puts one area's zones into a draft, or leaves them out. */
interface Rule {
    void place(Draft draft);
}
