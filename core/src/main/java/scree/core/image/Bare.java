package scree.core.image;

/** Tells which pixels of a picture are bare skin. */
@FunctionalInterface
public interface Bare {
    /** Every pixel may be skin: nothing is known of it. */
    Bare EVERYWHERE = (x, y) -> true;

    /** Returns whether a pixel may be counted as skin. */
    boolean at(int x, int y);
}
