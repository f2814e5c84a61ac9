package scree.app.rights;

import scree.app.studio.StudioId;

/** Knows whose made-up faces are whose. */
public interface PractisedBy {
    /** Returns whether a sitting is of a face that the artist practises on. */
    boolean sitting(StudioId studio, long artist, long sitting);

    /** Returns whether a picture is of such a sitting. */
    boolean picture(StudioId studio, long artist, long picture);
}
