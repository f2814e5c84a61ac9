package scree.app.timetable;

import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import scree.app.event.Events;

/** What a sitting is to keep, as typed. */
record TermsForm(
        String starts,
        Long artist,
        String arrives,
        String ready,
        Long wished,
        String minutes,
        String skills,
        String tools) {
    private static final int LONGEST_WORD = 40;
    private static final int MOST_WORDS = 8;
    /** "airbrush 10-25": held from the tenth to the twenty-fifth minute. */
    private static final Pattern TOOL = Pattern.compile("(.{1,40}?)\\s+(\\d{1,3})\\s*[-–]\\s*(\\d{1,3})");

    /** A field that cannot be read; its name. */
    static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1;

        Unreadable(String field) {
            super(field);
        }
    }

    static String tools(List<Booked.Tool> tools) {
        return tools.stream()
                .map(t -> "%s %d-%d".formatted(t.name(), t.from(), t.from() + t.minutes()))
                .collect(Collectors.joining(", "));
    }

    /** @throws Unreadable naming the first field that cannot be read */
    DayWork.Terms read(DayClock clock) throws Unreadable {
        if (artist == null) {
            throw new Unreadable("artist");
        }
        LocalDateTime from = time("starts", starts, clock);
        if (from == null) {
            throw new Unreadable("starts");
        }
        LocalDateTime here = time("arrives", arrives, clock);
        LocalDateTime by = time("ready", ready, clock);
        if (here != null && by != null && !by.isAfter(here)) {
            throw new Unreadable("ready");
        }
        return new DayWork.Terms(from, artist, here, by, wished, minutesRead(), words(), held());
    }

    private static LocalDateTime time(String field, String typed, DayClock clock) throws Unreadable {
        if (typed == null || typed.isBlank()) {
            return null;
        }
        try {
            LocalDateTime at = LocalDateTime.parse(typed.strip());
            if (!clock.holds(at)) {
                throw new Unreadable(field);
            }
            return at;
        } catch (DateTimeException e) {
            throw new Unreadable(field);
        }
    }

    private int minutesRead() throws Unreadable {
        try {
            int m = Integer.parseInt(minutes == null ? "" : minutes.strip());
            if (m >= PlaceField.LEAST_MINUTES && m <= PlaceField.MOST_MINUTES) {
                return m;
            }
        } catch (NumberFormatException e) {
            // said below
        }
        throw new Unreadable("minutes");
    }

    private List<String> words() throws Unreadable {
        List<String> words = Events.words(skills);
        if (words.size() > MOST_WORDS || words.stream().anyMatch(w -> w.length() > LONGEST_WORD)) {
            throw new Unreadable("skills");
        }
        return words;
    }

    private List<Booked.Tool> held() throws Unreadable {
        List<Booked.Tool> held = new ArrayList<>();
        for (String word : Events.words(tools)) {
            Matcher m = TOOL.matcher(word);
            boolean read = m.matches();
            int from = read ? Integer.parseInt(m.group(2)) : 0;
            int until = read ? Integer.parseInt(m.group(3)) : 0;
            boolean twice = read && held.stream().anyMatch(t -> t.name().equals(m.group(1)));
            if (!read
                    || twice
                    || until - from < PlaceField.LEAST_MINUTES
                    || until > PlaceField.MOST_MINUTES
                    || held.size() == MOST_WORDS) {
                throw new Unreadable("tools");
            }
            held.add(new Booked.Tool(m.group(1), from, until - from));
        }
        return held;
    }
}
