package scree.app.timetable;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import scree.app.event.Break;
import scree.app.event.Event;
import scree.app.event.Events;
import scree.app.event.Working;
import scree.app.studio.Artist;
import scree.app.web.CalendarDay;

/** A day of an event with its people, as typed. Hours past midnight are those of the night after. */
record SetUpForm(String name, String place, String day, String chairs, int version, Map<Long, Row> rows) {
    private static final int MOST_BREAKS = 30;
    private static final int LONGEST_WHAT = 80;
    private static final int LONGEST_SKILLS = 400;
    private static final LocalTime FROM = LocalTime.of(8, 0);
    private static final LocalTime UNTIL = LocalTime.of(18, 0);
    private static final int CHAIRS = 2;
    /** "12:00-12:30 lunch". */
    private static final Pattern BREAK = Pattern.compile("(\\d{1,2}:\\d{2})\\s*[-–]\\s*(\\d{1,2}:\\d{2})\\s*(.*)");

    /** One artist's line. */
    record Row(boolean works, String from, String until, String breaks, String skills, boolean ownPace) {
        static Row usual(List<String> skills) {
            return new Row(false, FROM.toString(), UNTIL.toString(), "", String.join(", ", skills), true);
        }

        private static Row of(Working w) {
            String breaks = w.breaks().stream()
                    .map(b -> "%s-%s %s"
                            .formatted(
                                    b.startsAt().toLocalTime(),
                                    b.endsAt().toLocalTime(),
                                    b.what() == null ? "" : b.what())
                            .strip())
                    .collect(Collectors.joining(", "));
            return new Row(
                    true,
                    w.startsAt().toLocalTime().toString(),
                    w.endsAt().toLocalTime().toString(),
                    breaks,
                    String.join(", ", w.skills()),
                    w.ownPace());
        }
    }

    /** A field that cannot be read: its name, and whose line it is in, empty for the event's own. */
    static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1;
        private final String whose;

        Unreadable(String field, String whose) {
            super(field);
            this.whose = whose;
        }

        String whose() {
            return whose;
        }
    }

    static SetUpForm fresh(LocalDate day, List<Artist> artists, long me) {
        Map<Long, Row> rows = new HashMap<>();
        for (Artist a : artists) {
            Row usual = Row.usual(List.of());
            rows.put(a.id(), a.id() == me ? new Row(true, usual.from(), usual.until(), "", "", true) : usual);
        }
        return new SetUpForm("", "", day.toString(), String.valueOf(CHAIRS), 0, rows);
    }

    /** @param day the event's own, or another when it is copied */
    static SetUpForm of(Event event, LocalDate day, List<Working> crew, List<Artist> artists) {
        Map<Long, Row> rows = new HashMap<>();
        artists.forEach(a -> rows.put(a.id(), Row.usual(List.of())));
        crew.forEach(w -> rows.put(w.artist(), Row.of(w)));
        return new SetUpForm(
                event.name(),
                event.place() == null ? "" : event.place(),
                day.toString(),
                String.valueOf(event.chairs()),
                event.version(),
                rows);
    }

    /** @param sent all fields of the form; those of an artist end in a dot and the id */
    static SetUpForm of(Map<String, String> sent, List<Artist> artists) {
        Map<Long, Row> rows = new HashMap<>();
        for (Artist a : artists) {
            String id = "." + a.id();
            rows.put(
                    a.id(),
                    new Row(
                            sent.containsKey("works" + id),
                            sent.getOrDefault("from" + id, ""),
                            sent.getOrDefault("until" + id, ""),
                            sent.getOrDefault("breaks" + id, ""),
                            sent.getOrDefault("skills" + id, ""),
                            sent.containsKey("pace" + id)));
        }
        return new SetUpForm(
                sent.getOrDefault("name", ""),
                sent.getOrDefault("place", ""),
                sent.getOrDefault("day", ""),
                sent.getOrDefault("chairs", ""),
                whole(sent.getOrDefault("version", "0"), 0),
                rows);
    }

    private static int whole(String typed, int otherwise) {
        try {
            return Integer.parseInt(typed.strip());
        } catch (NumberFormatException e) {
            return otherwise;
        }
    }

    /** @throws Unreadable naming the first field that cannot be read */
    Event event(long id, LocalDate today) throws Unreadable {
        String title = name.strip();
        if (title.isEmpty() || title.length() > Event.LONGEST_NAME) {
            throw new Unreadable("name", "");
        }
        String where = place.strip();
        if (where.length() > Event.LONGEST_PLACE) {
            throw new Unreadable("place", "");
        }
        int seats = whole(chairs, 0);
        if (seats < 1 || seats > Event.MOST_CHAIRS) {
            throw new Unreadable("chairs", "");
        }
        return new Event(id, title, where.isEmpty() ? null : where, readDay(today), seats, null, version);
    }

    LocalDate readDay(LocalDate today) throws Unreadable {
        try {
            LocalDate on = LocalDate.parse(day.strip());
            if (CalendarDay.Bounds.means(on, today)) {
                return on;
            }
        } catch (DateTimeException e) {
            // said below
        }
        throw new Unreadable("day", "");
    }

    /** @throws Unreadable naming the first field that cannot be read */
    List<Working> crew(LocalDate on, List<Artist> artists) throws Unreadable {
        List<Working> crew = new ArrayList<>();
        for (Artist a : artists) {
            Row row = rows.get(a.id());
            if (row != null && row.works()) {
                crew.add(working(a, row, on));
            }
        }
        if (crew.isEmpty()) {
            throw new Unreadable("crew", "");
        }
        return crew;
    }

    private static Working working(Artist a, Row row, LocalDate on) throws Unreadable {
        LocalDateTime from = on.atTime(time(row.from(), "from", a));
        LocalDateTime until = after(from, time(row.until(), "until", a));
        if (row.skills().length() > LONGEST_SKILLS) {
            throw new Unreadable("skills", a.firstName());
        }
        return new Working(
                a.id(), a.name(), Events.words(row.skills()), from, until, row.ownPace(), breaks(row, from, a));
    }

    private static List<Break> breaks(Row row, LocalDateTime from, Artist a) throws Unreadable {
        List<Break> breaks = new ArrayList<>();
        for (String typed : Events.words(row.breaks())) {
            Matcher m = BREAK.matcher(typed);
            if (!m.matches() || breaks.size() == MOST_BREAKS || m.group(3).length() > LONGEST_WHAT) {
                throw new Unreadable("breaks", a.firstName());
            }
            LocalTime begin = time(m.group(1), "breaks", a);
            LocalDateTime start = begin.isBefore(from.toLocalTime())
                    ? from.toLocalDate().plusDays(1).atTime(begin)
                    : from.toLocalDate().atTime(begin);
            String what = m.group(3).strip();
            breaks.add(new Break(start, after(start, time(m.group(2), "breaks", a)), what.isEmpty() ? null : what));
        }
        return breaks;
    }

    /** The next time that the clock says so. */
    private static LocalDateTime after(LocalDateTime from, LocalTime until) {
        LocalDateTime same = from.toLocalDate().atTime(until);
        return same.isAfter(from) ? same : same.plusDays(1);
    }

    private static LocalTime time(String typed, String field, Artist a) throws Unreadable {
        try {
            String t = typed.strip();
            return LocalTime.parse(t.length() == 4 ? "0" + t : t);
        } catch (DateTimeException e) {
            throw new Unreadable(field, a.firstName());
        }
    }
}
