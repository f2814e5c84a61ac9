package scree.app.skin;

import scree.app.sitting.Sitting;

/** The port behind which a camera may be plugged in; the demo plugs in the stand-in. */
public interface PracticeCamera {
    /** Returns a JPEG of the sitter. */
    byte[] photograph(Sitting sitting);
}
