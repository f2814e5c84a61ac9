package scree.app.sitting;

import java.time.LocalDateTime;
import java.time.OffsetDateTime;

/** One appointment with its intake, joined with the names it is shown by. Null where nothing was asked yet. */
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
