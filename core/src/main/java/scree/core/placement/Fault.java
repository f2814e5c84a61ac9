package scree.core.placement;

/** What a plan must not do, or should not without a second look. */
public enum Fault {
    // ---- geometry ----
    BELOW_NOSTRIL(Remedy.BACK),
    PAST_STOP(Remedy.BACK),
    NEAR_MOUTH(Remedy.BACK),
    IN_EYE(Remedy.BACK),
    IN_BROW(Remedy.BACK),
    IN_NOSTRIL(Remedy.BACK),
    IN_LIPS(Remedy.BACK),
    OUTSIDE_FACE(Remedy.BACK),
    CROSSES_ITSELF(Remedy.BACK),
    CROWDED(Remedy.BACK),
    /** Reads as a beard or pulls the face down. */
    DROPS_IN_FRONT(Remedy.BACK),
    TOO_SMALL(Remedy.LEAVE_OUT),
    // ---- craft ----
    SHADOW_ON_JOWL(Remedy.LEAVE_OUT),
    SHADOW_ON_HOLLOW(Remedy.LEAVE_OUT),
    BAG_BRIGHTENED(Remedy.LEAVE_OUT),
    TRIANGLE_ON_LINES(Remedy.CORNERS),
    SHEEN_ON_TEXTURE(Remedy.LEAVE_OUT),
    LIGHT_WHERE_WIDEST(Remedy.LEAVE_OUT),
    TOO_MANY_LIGHTS(Remedy.LEAVE_OUT),
    TOO_STRONG(Remedy.BACK);

    private final Remedy remedy;

    Fault(Remedy remedy) {
        this.remedy = remedy;
    }

    public Remedy remedy() {
        return remedy;
    }

    /** Returns whether a plan that no one touched must never have it. */
    public boolean mustNot() {
        return ordinal() < TRIANGLE_ON_LINES.ordinal() || this == SHEEN_ON_TEXTURE;
    }

    /** The one tap that mends it. */
    public enum Remedy {
        /** Puts the zone back as planned. */
        BACK,
        LEAVE_OUT,
        /** Switches the under-eye school to corners. */
        CORNERS
    }
}
