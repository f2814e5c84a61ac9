package scree.app.skin;

import java.time.OffsetDateTime;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import scree.core.light.LightVerdict;
import scree.core.light.MeteredLight;
import scree.core.skin.SkinReading;
import scree.core.skin.Testimony;
import scree.core.skin.Undertone;
import scree.core.skin.UndertoneVerdict;
import scree.core.skin.Witness;
import scree.core.skin.Zone;

/**
 * A reading of a sitting with the face as it was laid, all that was measured and said beside it, and whether the artist kept it.
 *
 * @param skin zones by picture, those that the colour meter read in their place
 * @param byMeter zones that the colour meter read
 * @param light what the light was good for, by picture and meter
 * @param said what witnesses of the undertone said
 */
public record TakenReading(
        long sittingId,
        long pictureId,
        FaceState face,
        SkinReading skin,
        Set<Zone> byMeter,
        LightVerdict light,
        Optional<MeteredLight> metered,
        Map<Witness, Testimony> said,
        Optional<UndertoneVerdict> verdict,
        String printName,
        OffsetDateTime keptAt,
        int version) {
    /** Returns whether an artist looked at it and kept it. */
    public boolean kept() {
        return keptAt != null;
    }

    /** Returns the undertone by all witnesses. */
    public Optional<Undertone> undertone() {
        return verdict.map(UndertoneVerdict::undertone);
    }
}
