package scree.app.sitting;

import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import scree.app.client.Client;
import scree.app.studio.Artist;
import scree.core.care.Care;
import scree.core.care.Sensitivities;

/**
 * One appointment with its intake, joined with the names it is shown by.
 *
 * @param startsAt on the studio's clock
 * @param doneAt null while it is not done
 * @param intakeAt when the intake was first kept, or null
 * @param cameInAt when it was sent from home, or null
 */
public record Sitting(
        long id,
        Client client,
        Artist artist,
        LocalDateTime startsAt,
        int minutes,
        String event,
        EventLight eventLight,
        Intake intake,
        ToldBefore before,
        OffsetDateTime intakeAt,
        OffsetDateTime cameInAt,
        OffsetDateTime doneAt,
        int version) {
    public Sitting {
        intake = intake == null ? Intake.OPEN : intake; // a row of nulls is none to the mapper
    }

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
        return Sensitivities.of(client.allergies(), intake.reactions(), before.reactions());
    }

    /** Returns what there is to be careful about. */
    public Care.Known care() {
        return new Care.Known(
                client.allergies(),
                intake.reactions(),
                before.reactions(),
                intake.patchTest(),
                before.patchReacted(),
                intake.brokenSkin());
    }

    /** Returns whether pictures are taken with flash. */
    public boolean flashed() {
        return Boolean.TRUE.equals(intake.flash()) || eventLight == EventLight.FLASH;
    }

    /** Returns whether the work is finished. */
    public boolean done() {
        return doneAt != null;
    }

    /** Returns who sits. */
    public long clientId() {
        return client.id();
    }

    /** Returns the full name of who sits. */
    public String clientName() {
        return client.name();
    }

    /** Returns who works. */
    public long artistId() {
        return artist.id();
    }

    /** Returns the full name of who works. */
    public String artistName() {
        return artist.name();
    }

    /** Returns what the artist is called by. */
    public String artistFirstName() {
        return artist.firstName();
    }

    /** Returns when it ends, on the studio's clock. */
    public LocalDateTime endsAt() {
        return startsAt.plusMinutes(minutes);
    }
}
