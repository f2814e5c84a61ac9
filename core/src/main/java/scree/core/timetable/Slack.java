package scree.core.timetable;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * How much longer one sitting may take before somebody misses their time, the others moved as well as can be; on days of many faces, those after it
 * put off.
 *
 * @param slots by face; {@link #MOST} stands for that or more
 */
public record Slack(List<Integer> slots) {
    /** Two hours: more is no longer a matter of slack. House choice. */
    public static final int MOST = 24;

    /** Faces up to which the others are moved as well as can be; beyond, only those after it are put off. House choice: a second. */
    private static final int EXACT = 12;

    public Slack {
        slots = List.copyOf(slots);
    }

    /** @param table as it stands; who is done is fixed in it and told by {@code over} */
    public static Slack of(Timetable table, List<Boolean> over) {
        long moving =
                table.day().calls().stream().filter(c -> c.fixed() == null).count();
        int out = moving > EXACT
                ? 0
                : Math.max(table.leftOut(), Timetable.of(table.day()).leftOut());
        List<Integer> slots = new ArrayList<>();
        for (int i = 0; i < table.seats().size(); i++) {
            boolean told = over.get(i) || table.seats().get(i) == null;
            slots.add(told ? MOST : moving > EXACT ? chained(table, i) : slack(table, out, i));
        }
        return new Slack(slots);
    }

    /**
     * The more it takes, the later the others: so it is halved towards, beginning about what those after it can be put off, which is mostly all.
     *
     * @param out how many find no place anyway
     */
    private static int slack(Timetable table, int out, int call) {
        int fits = 0;
        int fails = MOST + 1;
        int guess = chained(table, call);
        while (fails - fits > 1) {
            int tried = fits < guess && guess < fails ? guess : fits == guess ? guess + 1 : (fits + fails) / 2;
            if (fits(table, out, call, tried)) {
                fits = tried;
            } else {
                fails = tried;
            }
        }
        return fits;
    }

    /**
     * The same where only those who come later to the same artist are put off, each as far as need be; shared tools and chairs are not looked at.
     * No more than the slack.
     */
    static int chained(Timetable table, int call) {
        int longer = 0;
        while (longer < MOST && chainFits(table, call, longer + 1)) {
            longer++;
        }
        return longer;
    }

    private static boolean chainFits(Timetable table, int call, int longer) {
        Seat seat = table.seats().get(call);
        Shift shift = table.day().shifts().get(seat.artist());
        int end = table.span(call).until() + longer;
        if (free(shift, seat.start(), end) > seat.start() || late(table, call, end)) {
            return false;
        }
        List<Integer> later = IntStream.range(0, table.seats().size())
                .filter(i -> i != call && table.seats().get(i) != null)
                .filter(i -> table.seats().get(i).artist() == seat.artist()
                        && table.seats().get(i).start() > seat.start())
                .boxed()
                .sorted(Comparator.comparing(i -> table.seats().get(i).start()))
                .toList();
        for (int i : later) {
            int slots = table.span(i).slots();
            int start = Math.max(table.seats().get(i).start(), end);
            start = free(shift, start, start + slots);
            boolean held = table.day().calls().get(i).fixed() != null
                    && start > table.seats().get(i).start();
            end = start + slots;
            if (held || end > shift.hours().until() || late(table, i, end)) {
                return false;
            }
        }
        return end <= shift.hours().until();
    }

    /** The first start from which a sitting runs over no break. */
    private static int free(Shift shift, int start, int end) {
        int from = start;
        for (int tries = 0; tries <= shift.breaks().size(); tries++) {
            int now = from;
            Span span = new Span(now, now + end - start);
            from = shift.breaks().stream()
                    .filter(span::meets)
                    .mapToInt(Span::until)
                    .max()
                    .orElse(now);
        }
        return from;
    }

    /** Whether somebody would be later than they are. */
    private static boolean late(Timetable table, int call, int end) {
        int ready = table.day().calls().get(call).ready();
        return ready != Call.NONE && Costs.SLOT_MINUTES * (end - ready) > table.lateMinutes(call);
    }

    private static boolean fits(Timetable table, int out, int call, int longer) {
        Call as = table.day().calls().get(call);
        Seat seat = table.seats().get(call);
        if (as.slots().get(seat.artist()) == 0) {
            return false; // sits with somebody who cannot do it
        }
        Day day = table.day().with(call, as.longer(longer).fixed(seat));
        if (!day.possible(call)) {
            return false;
        }
        Timetable then = Timetable.of(day);
        return then.lateMinutes() <= table.lateMinutes() && then.leftOut() <= out;
    }

    /** Returns which sitting to watch: the one with the least slack, if any has less than the most. */
    public OptionalInt watch() {
        return IntStream.range(0, slots.size())
                .filter(i -> slots.get(i) < MOST)
                .boxed()
                .min(Comparator.comparing(slots::get))
                .map(OptionalInt::of)
                .orElse(OptionalInt.empty());
    }
}
