package scree.core.face;

/** A side in the sitter's sense: the sitter's right lies on the picture's left. */
public enum Side {
    RIGHT,
    CENTRE,
    LEFT
}
