package scree.app.demo;

import scree.core.colour.Lab;

/** When some of the musicians sat before: paler in winter, tanned in summer, so that a season can be seen. */
enum PastSeason {
    SUMMER("Summer fair", 8, 5, -3.5, 1, 2.5),
    WINTER("Winter recital", 1, 20, 1.5, -.5, -1),
    SPRING("Spring film", 4, 18, 0, 0, 0);

    private static final double LIGHTEST = 78;

    private final String event;
    private final int month;
    private final int day;
    private final double lighter;
    private final double redder;
    private final double yellower;

    PastSeason(String event, int month, int day, double lighter, double redder, double yellower) {
        this.event = event;
        this.month = month;
        this.day = day;
        this.lighter = lighter;
        this.redder = redder;
        this.yellower = yellower;
    }

    /** Returns whether the musician at that place of the ensemble sat before. */
    static boolean saw(int index) {
        return index % 3 == 0;
    }

    String event() {
        return event;
    }

    int month() {
        return month;
    }

    int day() {
        return day;
    }

    /** Returns what today's skin was then. */
    Lab skin(Lab today) {
        return Lab.of(Math.min(LIGHTEST, today.lightness() + lighter), today.a() + redder, today.b() + yellower);
    }
}
