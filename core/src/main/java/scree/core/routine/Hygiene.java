package scree.core.routine;

/** What keeps a step clean. The usual rules; local rules and the maker's own go first. */
public enum Hygiene {
    NONE,
    /** Hands washed in sight of the client. */
    WASHED_HANDS,
    /** Pad or tissue once only. */
    ONCE_ONLY,
    /** Own single-use tool, last of the face, then the bin. */
    OWN_TOOL,
    /** Taken out with a clean spatula. */
    DECANTED,
    /** Brush clean and dry, tapped off away from the face. */
    CLEAN_BRUSH,
    /** Sponge of this client only, damp and not wet. */
    OWN_SPONGE,
    /** Eyes and mouth closed, airways free. */
    EYES_CLOSED,
    /** Single-use wand. */
    NEW_WAND,
    /** Pencil sharpened, brush clean. */
    SHARPENED,
    /** Cleaned before it comes to the eye. */
    CLEANED,
    /** Tools that touched skin lie apart from clean ones. */
    APART
}
