package scree.core.timetable;

/**
 * What a timetable is judged by; the unit is a minute that a made-up face waits. House choices, all of them: an hour of waiting is nothing
 * against a minute late, and who was told a time keeps it unless somebody gains more.
 *
 * @param late a minute past the time to be ready
 * @param early a minute between ready and needed: made-up faces sit under lights, eat and wait
 * @param longEarly such a minute past the first {@link #LONG} of them
 * @param moved a slot that a told time moves by
 * @param otherArtist somebody else than wished, or than told where nobody is wished
 */
public record Costs(int late, int early, int longEarly, int moved, int otherArtist) {
    /** Minutes after which a face that waits wants doing again. House choice. */
    static final int LONG = 60;
    /** More than any lateness within {@link Day#MOST_SLOTS}: nobody is left out to be in time. */
    static final int LEFT_OUT = 10_000_000;

    public static final int SLOT_MINUTES = 5;

    /** The most that each may cost, so that no sum overflows. */
    private static final int MOST = 2000;

    public Costs {
        for (int c : new int[] {late, early, longEarly, moved, otherArtist}) {
            if (c < 0 || c > MOST) {
                throw new IllegalArgumentException("a cost lies between 0 and " + MOST);
            }
        }
    }

    public static Costs usual() {
        return new Costs(1000, 1, 3, 2, 20);
    }

    /**
     * Where one thing went otherwise and people know their times: telling somebody another time costs more than all the waiting it could save, and
     * less than a minute late.
     */
    public static Costs onTheDay() {
        return new Costs(1000, 1, 3, 20, 20);
    }

    /** Returns what it costs to do a face there. */
    int of(Call call, int artist, int start) {
        int end = start + call.slots().get(artist);
        int cost =
                call.ready() == Call.NONE ? early * SLOT_MINUTES * (start - call.arrival()) : time(end - call.ready());
        if (call.told() != null) {
            cost += moved * Math.abs(start - call.told().start());
        }
        return cost + (expected(call) != Call.NONE && expected(call) != artist ? otherArtist : 0);
    }

    /** Who is wished, else who was told. */
    private static int expected(Call call) {
        return call.wished() != Call.NONE || call.told() == null
                ? call.wished()
                : call.told().artist();
    }

    private int time(int slotsLate) {
        int minutes = SLOT_MINUTES * slotsLate;
        if (minutes >= 0) {
            return late * minutes;
        }
        return early * Math.min(-minutes, LONG) + longEarly * Math.max(0, -minutes - LONG);
    }
}
