package scree.core.image;

/** How long whoever asked for a picture will wait: asked again and again while it is read. */
@FunctionalInterface
public interface Patience {
    /** Waits for as long as it takes: for files that Scree wrote itself. */
    Patience ENDLESS = () -> false;

    /** Returns whether reading is to stop now. */
    boolean over();
}
