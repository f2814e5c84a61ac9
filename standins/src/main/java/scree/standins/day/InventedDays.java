package scree.standins.day;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import scree.core.timetable.Call;
import scree.core.timetable.Costs;
import scree.core.timetable.Day;
import scree.core.timetable.Shift;
import scree.core.timetable.Span;
import scree.core.timetable.Use;

/** Made-up working days of twelve hours with about as much work as there are hands, a break at midday, wishes and paces. */
public final class InventedDays {
    private static final int SLOTS = 144;
    private static final int NOON = 60;
    private static final int BREAK = 6;
    private final Random random;

    public InventedDays(long seed) {
        this.random = new Random(seed);
    }

    /** @param airbrush whether some share one tool */
    public Day next(int faces, int artists, boolean airbrush) {
        List<Shift> shifts = new ArrayList<>();
        for (int k = 0; k < artists; k++) {
            int lunch = NOON + BREAK * (k % 3);
            shifts.add(new Shift(
                    new Span(6 * random.nextInt(2), SLOTS - 6 * random.nextInt(3)),
                    List.of(new Span(lunch, lunch + BREAK))));
        }
        List<Call> calls = new ArrayList<>();
        for (int i = 0; i < faces; i++) {
            calls.add(call(artists, airbrush));
        }
        return new Day(calls, shifts, artists, Costs.usual());
    }

    private Call call(int artists, boolean airbrush) {
        List<Integer> slots = new ArrayList<>();
        int usual = 6 + random.nextInt(7);
        for (int k = 0; k < artists; k++) {
            slots.add(usual + random.nextInt(3) - 1);
        }
        int ready = 48 + random.nextInt(90);
        Call call = new Call(slots, random.nextInt(40), ready, Call.NONE, null, null, List.of());
        if (random.nextInt(3) == 0) {
            call = call.wishing(random.nextInt(artists));
        }
        return airbrush && random.nextInt(3) == 0 ? call.using(new Use(0, 1, 4)) : call;
    }
}
