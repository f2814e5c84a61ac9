package scree.app.base;

import java.time.OffsetDateTime;
import java.util.Objects;
import scree.core.colour.Lab;
import scree.core.light.LightVerdict;
import scree.core.skin.MatchTarget;
import scree.core.skin.SkinReading;

/**
 * The base taken in a sitting.
 *
 * @param standing where it stood among the others
 * @param target the colour it was to meet
 * @param light what the light of the reading was good for, null for choices from before it was judged
 * @param note the artist's, or null
 */
public record BaseChoice(
        long id,
        long sittingId,
        long artistId,
        Worn worn,
        Standing standing,
        Lab target,
        MatchTarget.School school,
        SkinReading.Trust trust,
        LightVerdict.Grade light,
        String note,
        OffsetDateTime chosenAt,
        int version) {
    /**
     * How a base stood when it was taken.
     *
     * @param difference ΔE00 to the target
     * @param rank among those not set aside, from 1
     * @param overruled what spoke against it in words, or null
     */
    public record Standing(double difference, int rank, String overruled) {}

    /** Returns a choice that is not stored yet. */
    static BaseChoice of(long sitting, long artist, Worn worn, Standing standing, Reading reading, String note) {
        return new BaseChoice(
                0,
                sitting,
                artist,
                worn,
                standing,
                reading.target().colour(),
                reading.target().school(),
                reading.trust(),
                reading.light(),
                note,
                null,
                0);
    }

    /** What the choice rests on. */
    record Reading(MatchTarget target, SkinReading.Trust trust, LightVerdict.Grade light) {}

    /** Returns whether the same was taken in the same way, so that a second press takes nothing new. */
    boolean sameAs(BaseChoice other) {
        return worn.with(null).equals(other.worn.with(null))
                && Objects.equals(note, other.note)
                && artistId == other.artistId;
    }

    /** Returns whether it rests on a reading without card or in unfit light. */
    public boolean provisional() {
        return trust == SkinReading.Trust.PROVISIONAL;
    }

    /** Returns ΔE00 to the target. */
    public double difference() {
        return standing.difference();
    }

    /** Returns line and name of what lies on most of the face. */
    public String fullName() {
        return worn.shade().fullName();
    }

    /** Returns the name where there is little room. */
    public String shortName() {
        return worn.shortName();
    }

    /** Returns its settled colour on the skin. */
    public Lab settled() {
        return worn.shade().onSkin();
    }

    /** Returns the key that its stone keeps in every view. */
    public String stoneId() {
        return worn.shade().stoneId();
    }
}
