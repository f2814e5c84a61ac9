package scree.core.face;

/** How a point came to its place; what it rests on decides how much it is trusted. */
public enum PointState {
    /** Told by the mesh or the template; nobody has looked at it. */
    GUESSED,
    /** The artist looked and left it where it was. */
    CONFIRMED,
    /** Dragged from its guess. */
    MOVED,
    /** Put there by hand in the first place. */
    PLACED;

    /** Returns whether a person stands behind it. */
    public boolean settled() {
        return this != GUESSED;
    }
}
