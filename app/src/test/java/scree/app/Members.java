package scree.app;

import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import scree.app.client.Client;
import scree.app.sitting.Intake;
import scree.app.sitting.Sitting;
import scree.app.sitting.ToldBefore;
import scree.app.studio.Artist;
import scree.app.studio.Member;
import scree.app.studio.Role;
import scree.app.studio.StudioId;
import scree.core.care.Care;

/** People and sittings that several tests need. */
public final class Members {
    public static final Member RUNA =
            new Member(1, new StudioId(7), "Runa", "Two chairs", "r@scree.example", "x", 0, Role.OWNER);

    private Members() {}

    /** Returns a sitting at 8:00 with what was told of allergies and reactions. */
    public static Sitting sitting(String allergies, String reactions, String patchTest, String brokenSkin) {
        Client liv = new Client(1, "Liv Torsander", null, null, "Flute", null, allergies, null, null, 0);
        Care.PatchTest patch = patchTest == null ? null : Care.PatchTest.valueOf(patchTest);
        return new Sitting(
                5,
                liv,
                new Artist(1, "Runa Vestby"),
                LocalDateTime.of(2026, 6, 20, 8, 0),
                40,
                "Concert",
                Sitting.EventLight.DAYLIGHT,
                new Intake(null, null, null, null, null, reactions, patch, brokenSkin, null, null, null, null),
                ToldBefore.NOTHING,
                null,
                null,
                null,
                3);
    }

    /** Returns a sitting of an artist at a time. */
    public static Sitting sittingAt(long id, long artist, LocalDateTime at, int minutes, boolean done) {
        return new Sitting(
                id,
                new Client(id, "Client " + id, null, null, "Flute", null, null, null, null, 0),
                new Artist(artist, "Artist " + artist),
                at,
                minutes,
                "Concert",
                Sitting.EventLight.DAYLIGHT,
                Intake.OPEN,
                ToldBefore.NOTHING,
                null,
                null,
                done ? OffsetDateTime.now() : null,
                0);
    }
}
