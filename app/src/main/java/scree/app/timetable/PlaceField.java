package scree.app.timetable;

import java.time.DateTimeException;
import java.time.LocalDateTime;
import scree.app.web.BadInput;

/** A place as a form carries it, written and read here only. */
final class PlaceField {
    private static final String BETWEEN = ";";
    private static final String NONE = "-";
    private static final int PARTS = 9;
    static final int LEAST_MINUTES = 5;
    static final int MOST_MINUTES = 480;

    private PlaceField() {}

    static String write(Place p) {
        return String.join(
                BETWEEN,
                String.valueOf(p.sitting()),
                String.valueOf(p.artist()),
                p.startsAt().toString(),
                String.valueOf(p.minutes()),
                String.valueOf(p.byHand()),
                text(p.arrivesAt()),
                text(p.readyBy()),
                text(p.wished()),
                String.valueOf(p.held()));
    }

    private static String text(Object value) {
        return value == null ? NONE : value.toString();
    }

    /** @throws BadInput when no page of Scree wrote it */
    static Place read(String field) {
        String[] parts = field.split(BETWEEN, PARTS + 1);
        try {
            if (parts.length != PARTS) {
                throw new BadInput("place", "input.place");
            }
            int minutes = Integer.parseInt(parts[3]);
            if (minutes < LEAST_MINUTES || minutes > MOST_MINUTES) {
                throw new BadInput("place", "input.place");
            }
            return new Place(
                    Long.parseLong(parts[0]),
                    Long.parseLong(parts[1]),
                    LocalDateTime.parse(parts[2]),
                    minutes,
                    Boolean.parseBoolean(parts[4]),
                    time(parts[5]),
                    time(parts[6]),
                    NONE.equals(parts[7]) ? null : Long.valueOf(parts[7]),
                    Boolean.parseBoolean(parts[8]));
        } catch (NumberFormatException | DateTimeException e) {
            throw new BadInput("place", "input.place");
        }
    }

    private static LocalDateTime time(String part) {
        return NONE.equals(part) ? null : LocalDateTime.parse(part);
    }
}
