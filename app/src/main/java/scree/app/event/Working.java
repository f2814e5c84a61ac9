package scree.app.event;

import java.time.LocalDateTime;
import java.util.List;

/**
 * An artist at an event, hours on the studio's clock.
 *
 * @param skills what the artist can do beyond the usual
 * @param ownPace whether the day is planned with the pace that the record tells
 */
public record Working(
        long artist,
        String name,
        List<String> skills,
        LocalDateTime startsAt,
        LocalDateTime endsAt,
        boolean ownPace,
        List<Break> breaks) {
    public Working {
        skills = List.copyOf(skills);
        breaks = List.copyOf(breaks);
    }

    /** Returns the name that the others call. */
    public String firstName() {
        return name.split(" ")[0];
    }
}
