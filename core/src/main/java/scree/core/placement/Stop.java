package scree.core.placement;

import scree.core.plane.Vec;

/** A line that a zone must not pass. */
public record Stop(Kind kind, Vec from, Vec to) {
    /** What the line stands for. */
    public enum Kind {
        NOSTRIL,
        FRONT,
        PUPIL,
        BROW_TAIL
    }
}
