package scree.app.timetable;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import scree.app.event.Break;
import scree.app.event.Working;
import scree.app.look.Stones;

/** A day drawn: a bed of time for each artist, a stone for each sitting as wide as it is long, where it was when it would move. */
record DayView(
        long event,
        int version,
        String name,
        String place,
        boolean published,
        List<Line> lines,
        List<Hour> hours,
        Double now,
        String nowText,
        double perMinute,
        int firstMinute,
        int width,
        int height) {
    /** One artist's row: the bed of their hours, gaps in it, the stones. */
    record Line(long artist, String name, String hours, double y, String bed, List<Gap> gaps, List<Stone> stones) {}

    /** Time in which an artist does not work. */
    record Gap(double x, double y, double width, String what) {}

    /**
     * One sitting.
     *
     * @param was the outline of where it lies now when it would move
     * @param room for words and face: of one that runs over what was planned, since others lie in the rest
     */
    record Stone(
            long id,
            long artist,
            int minute,
            String path,
            String was,
            double x,
            double y,
            double width,
            double room,
            String name,
            String plays,
            boolean showPlays,
            Long picture,
            String state,
            String clip,
            String from,
            String time,
            String readyText,
            boolean held,
            boolean trouble) {
        public double middle() {
            return x + room / 2;
        }
    }

    /** A tick of the time line. */
    record Hour(String text, double x) {}

    private static final int LEFT = 92;
    private static final double WIDE = 1248;
    private static final double MOST_PER_HOUR = 146;
    private static final int LEAST_HOURS = 8;
    private static final int TOP = 14;
    private static final int ROW = 166;
    private static final double STONE_HEIGHT = 112;
    private static final double LEAST_WIDTH = 60;
    private static final int HOUR = 60;
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("H:mm");
    private static final Stones STONES = new Stones();

    /**
     * @param places as they are drawn; those of the day, or of a proposal
     * @param pictures id of a picture by sitting
     */
    static DayView of(TakenDay day, List<Place> places, Map<Long, Long> pictures, List<Trouble> troubles) {
        return new Drawing(day, places, pictures, troubles).view();
    }

    /** Draws one day. */
    private static final class Drawing {
        private final TakenDay day;
        private final List<Place> places;
        private final Map<Long, Long> pictures;
        private final Set<Long> troubled = new HashSet<>();
        private final int first;
        private final int last;
        private final double perMinute;

        Drawing(TakenDay day, List<Place> places, Map<Long, Long> pictures, List<Trouble> troubles) {
            this.day = day;
            this.places = places;
            this.pictures = pictures;
            troubles.forEach(t -> troubled.add(t.of().sitting()));
            int from = Integer.MAX_VALUE;
            int until = 0;
            for (int i = 0; i < places.size(); i++) {
                Booked b = day.booked().get(i);
                from = Math.min(
                        from,
                        Math.min(minute(b.startsAt()), minute(places.get(i).startsAt())));
                until = Math.max(
                        until,
                        Math.max(minute(day.end(b)), minute(places.get(i).startsAt()) + day.minutes(places.get(i))));
            }
            for (Working w : day.crew()) {
                if (w.endsAt().isAfter(w.startsAt())) {
                    from = Math.min(from, minute(w.startsAt()));
                    until = Math.max(until, minute(w.endsAt()));
                }
            }
            this.first = from == Integer.MAX_VALUE ? 9 * HOUR : from / HOUR * HOUR;
            this.last = Math.max((until + HOUR - 1) / HOUR * HOUR, first + LEAST_HOURS * HOUR);
            this.perMinute = Math.min(MOST_PER_HOUR / HOUR, (WIDE - LEFT - 10) / (last - first));
        }

        private int minute(LocalDateTime at) {
            return day.clock().minute(at);
        }

        private double x(int minute) {
            return LEFT + (minute - first) * perMinute;
        }

        DayView view() {
            List<Line> lines = new ArrayList<>();
            for (Working w : day.crew()) {
                lines.add(line(w, TOP + ROW * lines.size()));
            }
            List<Hour> hours = new ArrayList<>();
            for (int m = first; m <= last; m += HOUR) {
                hours.add(new Hour(CLOCK.format(day.clock().at(m)), x(m)));
            }
            int now = minute(day.now());
            boolean within = day.today() && now >= first && now <= last;
            return new DayView(
                    day.event().id(),
                    day.event().version(),
                    day.event().name(),
                    day.event().place(),
                    day.event().published(),
                    lines,
                    hours,
                    within ? x(now) : null,
                    CLOCK.format(day.now()),
                    perMinute,
                    first,
                    (int) (x(last) + 18),
                    TOP + ROW * Math.max(1, lines.size()) + 30);
        }

        private Line line(Working w, double y) {
            List<Gap> gaps = new ArrayList<>();
            for (Break b : w.breaks()) {
                gaps.add(gap(b.startsAt(), minute(b.endsAt()) - minute(b.startsAt()), y, b.what()));
            }
            for (TakenDay.Elsewhere e : day.elsewhere()) {
                if (e.artist() == w.artist()) {
                    gaps.add(gap(e.startsAt(), e.minutes(), y, e.event()));
                }
            }
            List<Stone> stones = new ArrayList<>();
            for (int i = 0; i < places.size(); i++) {
                if (places.get(i).artist() == w.artist()) {
                    stones.add(stone(day.booked().get(i), places.get(i), y));
                }
            }
            stones.sort(Comparator.comparingInt(Stone::minute));
            boolean works = w.endsAt().isAfter(w.startsAt());
            double from = x(minute(w.startsAt()));
            String bed = works
                    ? STONES.slab("bed-" + w.artist(), from, y + 6, x(minute(w.endsAt())) - from, STONE_HEIGHT - 10)
                    : null;
            String hours = works ? CLOCK.format(w.startsAt()) + "–" + CLOCK.format(w.endsAt()) : "";
            return new Line(w.artist(), w.firstName(), hours, y, bed, gaps, stones);
        }

        private Gap gap(LocalDateTime from, int minutes, double y, String what) {
            int start = Math.max(first, minute(from));
            int end = Math.min(last, minute(from) + minutes);
            return new Gap(x(start), y + 6, Math.max(0, (end - start) * perMinute), what);
        }

        private Stone stone(Booked b, Place p, double y) {
            boolean moved = !p.equals(b.place());
            LocalDateTime planned = day.clock().after(p.startsAt(), day.minutes(p));
            LocalDateTime end = moved ? planned : day.end(b);
            int start = minute(p.startsAt());
            double width = width(start, end);
            double room = Math.min(width, width(start, planned));
            String id = "sitting-" + b.sitting();
            boolean elsewhere = p.artist() != b.artist() || !p.startsAt().equals(b.startsAt());
            return new Stone(
                    b.sitting(),
                    p.artist(),
                    start,
                    STONES.slab(id, x(start), y, width, STONE_HEIGHT),
                    moved && elsewhere ? was(b) : null,
                    x(start),
                    y,
                    width,
                    room,
                    b.firstName(),
                    b.plays(),
                    room > 68 && b.plays() != null,
                    pictures.get(b.sitting()),
                    state(b, moved),
                    "clip-" + b.sitting(),
                    CLOCK.format(p.startsAt()),
                    room < 84 ? CLOCK.format(p.startsAt()) : CLOCK.format(p.startsAt()) + "–" + CLOCK.format(end),
                    p.readyBy() == null ? null : CLOCK.format(p.readyBy()),
                    p.held(),
                    troubled.contains(b.sitting()));
        }

        private String state(Booked b, boolean moved) {
            String state = switch (day.state(b)) {
                case DONE -> "done";
                case BEGUN -> "begun";
                case HERE -> "here";
                case TO_COME -> b.intakeAt() == null ? "to-come" : "known";
            };
            return moved ? state + " moves" : state;
        }

        private String was(Booked b) {
            int row = 0;
            for (int k = 0; k < day.crew().size(); k++) {
                row = day.crew().get(k).artist() == b.artist() ? k : row;
            }
            int start = minute(b.startsAt());
            return STONES.slab(
                    "sitting-" + b.sitting(),
                    x(start),
                    TOP + ROW * (double) row,
                    width(start, day.end(b)),
                    STONE_HEIGHT);
        }

        private double width(int start, LocalDateTime end) {
            return Math.max(LEAST_WIDTH, (minute(end) - start) * perMinute - 4);
        }
    }
}
