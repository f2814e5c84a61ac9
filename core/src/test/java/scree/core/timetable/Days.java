package scree.core.timetable;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Made-up days. */
final class Days {
    private Days() {}

    /** A small day with anything in it: paces, breaks, wishes, told times, a shared tool, too few chairs. */
    static Day small(Random r) {
        int artists = 1 + r.nextInt(3);
        int end = 10 + r.nextInt(6);
        List<Shift> shifts = new ArrayList<>();
        for (int k = 0; k < artists; k++) {
            int from = r.nextInt(3);
            List<Span> breaks = r.nextInt(3) == 0 ? List.of(new Span(from + 3, from + 4 + r.nextInt(2))) : List.of();
            shifts.add(new Shift(new Span(from, end - r.nextInt(3)), breaks));
        }
        List<Call> calls = new ArrayList<>();
        int faces = 1 + r.nextInt(4);
        for (int i = 0; i < faces; i++) {
            calls.add(call(r, artists, end));
        }
        return new Day(calls, shifts, r.nextInt(3) == 0 ? Math.max(1, artists - 1) : artists, Costs.usual());
    }

    private static Call call(Random r, int artists, int end) {
        List<Integer> slots = new ArrayList<>();
        for (int k = 0; k < artists; k++) {
            slots.add(r.nextInt(6) == 0 ? 0 : 1 + r.nextInt(4));
        }
        int ready = r.nextInt(5) == 0 ? Call.NONE : 3 + r.nextInt(end - 2);
        Call call = new Call(slots, r.nextInt(4), ready, Call.NONE, null, null, List.of());
        if (r.nextInt(4) == 0) {
            call = call.wishing(r.nextInt(artists));
        }
        if (r.nextInt(4) == 0) {
            call = call.told(new Seat(r.nextInt(artists), r.nextInt(end)));
        }
        return r.nextInt(3) == 0 ? call.using(new Use(0, r.nextInt(2), 1 + r.nextInt(2))) : call;
    }

    /** A concert's day of twelve hours: all are wanted in the afternoon, a little more work than comfortable. */
    static Day concert(Random r, int faces, int artists) {
        List<Shift> shifts = new ArrayList<>();
        for (int k = 0; k < artists; k++) {
            shifts.add(new Shift(new Span(0, 144), List.of(new Span(60 + 6 * (k % 2), 66 + 6 * (k % 2)))));
        }
        List<Call> calls = new ArrayList<>();
        for (int i = 0; i < faces; i++) {
            int slots = 6 + r.nextInt(6);
            calls.add(Call.of(artists, slots, r.nextInt(40), 40 + 6 * r.nextInt(17))
                    .wishing(r.nextInt(3) == 0 ? r.nextInt(artists) : Call.NONE));
        }
        return new Day(calls, shifts, artists, Costs.usual());
    }
}
