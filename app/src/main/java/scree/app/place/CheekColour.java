package scree.app.place;

import java.util.Optional;
import scree.app.sitting.Sitting;
import scree.app.studio.StudioId;

/** Tells Place which blush a later stage chose, without leaning on that stage. */
public interface CheekColour {
    /** Returns the id of the chosen product, empty while nothing was chosen. */
    Optional<Long> chosen(StudioId studio, Sitting sitting);
}
