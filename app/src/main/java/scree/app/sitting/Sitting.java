package scree.app.sitting;

import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import scree.core.care.Care;
import scree.core.care.Sensitivities;

/**
 * One appointment with its intake, joined with the names it is shown by. Null where nothing was asked yet.
 *
 * @param toldBefore reactions told for the client's other sittings, from home too, or null
 * @param reactedBefore whether a patch test of another sitting reacted
 */
public record Sitting(
        long id,
        long clientId,
        String clientName,
        String plays,
        String allergies,
        String skinType,
        Integer birthYear,
        long artistId,
        String artistName,
        LocalDateTime startsAt,
        int minutes,
        String event,
        OffsetDateTime doneAt,
        String occasion,
        Integer lastsHours,
        Boolean flash,
        String coverage,
        String finish,
        String reactions,
        String patchTest,
        String brokenSkin,
        String bothers,
        String loves,
        String toldBefore,
        boolean reactedBefore,
        OffsetDateTime intakeAt,
        EventLight eventLight,
        OffsetDateTime cameInAt,
        int version) {
    /** The light in which the face will be seen. */
    public enum EventLight {
        DAYLIGHT,
        /** Cool tubes of offices and shops. */
        OFFICE,
        /** Warm lamps of a stage or a room in the evening. */
        WARM_STAGE,
        FLASH
    }

    /** Returns everything the client ever told of allergies and reactions, to be held against labels. */
    public Sensitivities sensitivities() {
        return Sensitivities.of(allergies, reactions, toldBefore);
    }

    /** Returns what there is to be careful about. */
    public Care.Known care() {
        Care.PatchTest patch = patchTest == null ? null : Care.PatchTest.valueOf(patchTest);
        return new Care.Known(allergies, reactions, toldBefore, patch, reactedBefore, brokenSkin);
    }

    public boolean done() {
        return doneAt != null;
    }

    public String clientFirstName() {
        return clientName.split(" ")[0];
    }

    public String artistFirstName() {
        return artistName.split(" ")[0];
    }

    public LocalDateTime endsAt() {
        return startsAt.plusMinutes(minutes);
    }
}
