package scree.core.face;

/** How a point came to its place; what it rests on decides how much it is trusted. */
public enum PointState {
    /** Told by the mesh or the template; nobody has looked at it. */
    GUESSED,
    /** Clear in the picture itself; nobody has looked at it. */
    SEEN,
    /** The artist looked and left it where it was. */
    CONFIRMED,
    /** Dragged from its guess. */
    MOVED,
    /** Put there by hand in the first place. */
    PLACED;

    /**
     * Returns how far a hand or the picture may be off, a standard deviation in pupil distances; infinite for a guess. House choices after
     * points that were laid twice: a guess that was left where it was is looked at less closely than one that was laid; mouth corners and lids are moved under the
     * magnifier.
     */
    double byHand(Landmark landmark) {
        boolean fine = landmark == Landmark.MOUTH || landmark == Landmark.LID_UP || landmark == Landmark.LID_LOW;
        return switch (this) {
            case GUESSED -> Double.POSITIVE_INFINITY;
            case SEEN -> .030;
            case CONFIRMED -> .020;
            case MOVED, PLACED -> fine ? .010 : .015;
        };
    }

    /** Returns whether a person stands behind it, or the picture. */
    public boolean settled() {
        return this != GUESSED;
    }

    /** Returns whether nobody has looked at it. */
    public boolean unseen() {
        return this == GUESSED || this == SEEN;
    }
}
