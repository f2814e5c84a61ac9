package scree.core.timetable;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * How much longer one sitting may take before somebody misses their time, the others moved as well as can be.
 *
 * @param slots by face; {@link #MOST} stands for that or more
 */
public record Slack(List<Integer> slots) {
    /** Two hours: more is no longer a matter of slack. House choice. */
    public static final int MOST = 24;

    public Slack {
        slots = List.copyOf(slots);
    }

    /** @param table as it stands; who is done is fixed in it and told by {@code over} */
    public static Slack of(Timetable table, List<Boolean> over) {
        List<Integer> slots = new ArrayList<>();
        for (int i = 0; i < table.seats().size(); i++) {
            slots.add(over.get(i) || table.seats().get(i) == null ? MOST : slack(table, i));
        }
        return new Slack(slots);
    }

    /** The more it takes, the later the others: so it is halved towards. */
    private static int slack(Timetable table, int call) {
        int fits = 0;
        int fails = MOST + 1;
        while (fails - fits > 1) {
            int tried = (fits + fails) / 2;
            if (fits(table, call, tried)) {
                fits = tried;
            } else {
                fails = tried;
            }
        }
        return fits;
    }

    private static boolean fits(Timetable table, int call, int longer) {
        Call as = table.day().calls().get(call);
        Seat seat = table.seats().get(call);
        Day day = table.day().with(call, as.longer(longer).fixed(seat));
        if (!day.possible(call)) {
            return false;
        }
        Timetable then = Timetable.of(day);
        return then.lateMinutes() <= table.lateMinutes() && then.leftOut() <= table.leftOut();
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
