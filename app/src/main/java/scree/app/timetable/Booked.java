package scree.app.timetable;

import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.List;

/**
 * A sitting as a timetable sees it, times on the studio's clock.
 *
 * @param minutes hands-on, at the pace of the catalogue
 * @param byHand whether somebody set the minutes
 * @param arrivesAt no earlier, or null
 * @param readyBy no later, or null
 * @param wished an artist, or null
 * @param held whether it stays where it is
 * @param skills what its artist must be able to do
 * @param allergies as the client told, or null
 * @param patched whether a patch test is known of, with whatever outcome
 */
record Booked(
        long sitting,
        long client,
        String name,
        String plays,
        long artist,
        LocalDateTime startsAt,
        int minutes,
        boolean byHand,
        LocalDateTime arrivesAt,
        LocalDateTime readyBy,
        Long wished,
        boolean held,
        List<String> skills,
        List<Tool> tools,
        OffsetDateTime hereAt,
        OffsetDateTime intakeAt,
        OffsetDateTime begunAt,
        OffsetDateTime doneAt,
        String allergies,
        boolean patched) {
    Booked {
        skills = List.copyOf(skills);
        tools = List.copyOf(tools);
    }

    /** A shared tool, held from a minute of the sitting on. */
    record Tool(String name, int from, int minutes) {}

    /** How far it is. */
    enum State {
        TO_COME,
        HERE,
        BEGUN,
        DONE
    }

    /**
     * Who was asked, or has come, and whose time is now, sits.
     *
     * @param now on the studio's clock, null on another day than that of the sitting
     */
    State state(LocalDateTime now) {
        if (doneAt != null) {
            return State.DONE;
        }
        boolean time = now != null && !now.isBefore(startsAt) && (arrivesAt == null || !now.isBefore(arrivesAt));
        boolean met = hereAt != null || intakeAt != null;
        if (begunAt != null || time && met) {
            return State.BEGUN;
        }
        return hereAt != null ? State.HERE : State.TO_COME;
    }

    String firstName() {
        return name.split(" ")[0];
    }

    Place place() {
        return new Place(sitting, artist, startsAt, minutes, byHand, arrivesAt, readyBy, wished, held);
    }
}
