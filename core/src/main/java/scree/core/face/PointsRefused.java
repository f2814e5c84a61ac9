package scree.core.face;

/** Points that cannot be a face seen from the front; nothing was changed. Words live at the edge, by {@link Why}. */
public final class PointsRefused extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** What is wrong. */
    public enum Why {
        NO_FACE,
        /** The guess found a face but its eyes lie outside the picture or on one another. */
        NO_PUPILS,
        OUTSIDE_PICTURE,
        PUPILS_TOO_CLOSE,
        SIDES_SWAPPED,
        CHIN_ABOVE_MOUTH,
        MOUTH_ABOVE_NOSE,
        NOSE_ABOVE_EYES,
        BROWS_BELOW_EYES,
        HAIRLINE_BELOW_BROWS,
        /** The edge of the face runs inside its features. */
        EDGE_INSIDE,
        CHIN_TOO_FAR
    }

    private final Why why;

    public PointsRefused(Why why) {
        super(why.name());
        this.why = why;
    }

    public Why why() {
        return why;
    }
}
