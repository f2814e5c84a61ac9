package scree.app.proof;

import java.time.OffsetDateTime;
import java.util.Map;
import java.util.Optional;
import scree.app.face.FaceSheet;
import scree.core.colour.Lab;
import scree.core.skin.Zone;

/**
 * A picture after the work.
 *
 * @param face where the face lies in it, empty where none was found
 * @param skin colours by zone, empty where the card was not in the picture
 */
record After(long picture, boolean flash, Optional<FaceSheet> face, Map<Zone, Lab> skin, OffsetDateTime takenAt) {}
