package scree.bench;

import static scree.bench.Bench.figure;
import static scree.bench.Bench.say;

import java.util.ArrayList;
import java.util.List;
import scree.core.timetable.Slack;
import scree.core.timetable.Timetable;
import scree.standins.day.InventedDays;

/** How fast and how near to the best timetables are, on made-up days. */
final class Timing {
    private static final int WARM = 30;
    private static final int TABLES = 40;
    private static final int LONG_DAYS = 10;

    /** @param leastTime milliseconds, ascending */
    private record Took(List<Double> leastTime, int worstGap, int proven, int days) {
        double median() {
            return leastTime.get(leastTime.size() / 2);
        }

        double slowest() {
            return leastTime.get(leastTime.size() - 1);
        }

        void tell(String what) {
            say(
                    "%s: median %.0f ms, slowest %.0f ms, proven %d of %d, largest gap %d minutes of waiting",
                    what, median(), slowest(), proven, days, worstGap);
        }
    }

    void run() {
        took(12, 3, false, WARM, 5);
        say("timetables of made-up days of twelve hours in slots of five minutes, simulated; one thread, warm");
        Took twelve = took(12, 3, false, TABLES, 2026);
        twelve.tell("12 faces, 3 artists");
        took(14, 3, false, LONG_DAYS, 2027).tell("14 faces, 3 artists");
        took(16, 3, false, LONG_DAYS, 2028).tell("16 faces, 3 artists");
        took(12, 3, true, TABLES, 2029).tell("12 faces, 3 artists, one airbrush");
        Took thirty = took(30, 6, false, LONG_DAYS, 2030);
        thirty.tell("30 faces, 6 artists");
        took(30, 6, true, LONG_DAYS, 2031).tell("30 faces, 6 artists, one airbrush");
        slack();
        figure("timetable_ms", twelve.slowest(), "ms, slowest of " + TABLES);
        figure("timetable_gap", twelve.worstGap(), "minutes of waiting");
        figure("timetable_30_ms", thirty.slowest(), "ms, slowest of " + LONG_DAYS);
        figure("timetable_30_gap", thirty.worstGap(), "minutes of waiting, largest");
    }

    private static Took took(int faces, int artists, boolean airbrush, int days, long seed) {
        InventedDays invented = new InventedDays(seed);
        List<Double> took = new ArrayList<>();
        int gap = 0;
        int proven = 0;
        for (int i = 0; i < days; i++) {
            var day = invented.next(faces, artists, airbrush);
            long from = System.nanoTime();
            Timetable table = Timetable.of(day);
            took.add((System.nanoTime() - from) / 1e6);
            gap = Math.max(gap, table.gap());
            proven += table.proven() ? 1 : 0;
        }
        took.sort(null);
        return new Took(took, gap, proven, days);
    }

    private static void slack() {
        Timetable table = Timetable.of(new InventedDays(2032).next(12, 3, false));
        long from = System.nanoTime();
        Slack.of(table, table.seats().stream().map(s -> false).toList());
        say("slack of 12 faces, 3 artists: %.0f ms", (System.nanoTime() - from) / 1e6);
    }
}
