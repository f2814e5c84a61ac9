package scree.app;

import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import scree.app.sitting.Sitting;
import scree.app.studio.Member;
import scree.app.studio.StudioId;

/** People and sittings that several tests need. */
public final class Members {
    public static final Member RUNA = new Member(1, new StudioId(7), "Runa", "Two chairs", "r@scree.example", "x", 0);

    private Members() {}

    /** Returns a sitting at 8:00 with what was told of allergies and reactions. */
    public static Sitting sitting(String allergies, String reactions, String patchTest, String brokenSkin) {
        return new Sitting(
                5,
                1,
                "Liv Torsander",
                "Flute",
                allergies,
                null,
                null,
                1,
                "Runa Vestby",
                LocalDateTime.of(2026, 6, 20, 8, 0),
                40,
                "Concert",
                null,
                null,
                null,
                null,
                null,
                null,
                reactions,
                patchTest,
                brokenSkin,
                null,
                null,
                null,
                false,
                null,
                Sitting.EventLight.DAYLIGHT,
                null,
                3);
    }

    /** Returns a sitting of an artist at a time. */
    public static Sitting sittingAt(long id, long artist, LocalDateTime at, int minutes, boolean done) {
        return new Sitting(
                id,
                id,
                "Client " + id,
                "Flute",
                null,
                null,
                null,
                artist,
                "Artist " + artist,
                at,
                minutes,
                "Concert",
                done ? OffsetDateTime.now() : null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                false,
                null,
                Sitting.EventLight.DAYLIGHT,
                null,
                0);
    }
}
