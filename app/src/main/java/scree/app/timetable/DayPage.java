package scree.app.timetable;

import java.util.List;
import scree.app.event.Working;
import scree.app.studio.Artist;

/**
 * The page of a day.
 *
 * @param troubles what does not work
 * @param history what was done, the newest first
 * @param asked a proposal, or null
 * @param desk one sitting to look at closely, or null
 * @param message what has to be said first, or null
 */
public record DayPage(
        DayView view,
        List<Line> troubles,
        List<String> history,
        boolean undoable,
        Asked asked,
        Desk desk,
        List<Artist> artists,
        String message) {
    /** Words about one sitting. */
    record Line(long sitting, String words) {}

    /**
     * What was asked and what would follow.
     *
     * @param moves by sitting: the name, then what happens
     * @param places as a form carries them
     */
    record Asked(
            String heading,
            List<List<String>> moves,
            String proof,
            List<String> leftOut,
            DayChange.What what,
            Long about,
            List<String> places) {}

    /** One sitting with what it is to keep. */
    record Desk(
            Booked of, Booked.State state, int minutes, String pace, List<Working> crew, String skills, String tools) {}
}
