package scree.app.skin;

import java.time.OffsetDateTime;
import scree.core.skin.SkinReading;

/** A reading of a sitting with the face as it was laid and whether the artist kept it. */
public record TakenReading(
        long sittingId, long pictureId, FaceState face, SkinReading skin, OffsetDateTime keptAt, int version) {
    public boolean kept() {
        return keptAt != null;
    }
}
