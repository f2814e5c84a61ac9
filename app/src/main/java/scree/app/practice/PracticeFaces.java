package scree.app.practice;

/** Where made-up faces come from. */
public interface PracticeFaces {
    /** Returns how many there are. */
    int count();

    /**
     * Returns a JPEG of one, with the colour card at a window.
     *
     * @param face 0 to one below the count
     * @param small for a list rather than to be read
     */
    byte[] picture(int face, boolean small);
}
