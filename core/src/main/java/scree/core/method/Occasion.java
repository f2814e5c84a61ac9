package scree.core.method;

/** What a make-up is for. */
public enum Occasion {
    EVERYDAY,
    BRIDAL,
    CAMERA,
    STAGE,
    EVENING,
    LESSON;

    /** Returns whether lamps and lenses take colour away, so that sheer cover is lost in them. */
    public boolean underLamps() {
        return this == CAMERA || this == STAGE;
    }
}
