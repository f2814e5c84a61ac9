package scree.app.meter;

/** A meter gave no reading; says why. What was measured before stays. */
public class MeterTrouble extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** Why. Each has a sentence that names the way out. */
    public enum Why {
        /** No address is set up. */
        NONE,
        UNPLUGGED,
        /** It took longer than two seconds. */
        SLOW,
        /** Something that is no reading. */
        BABBLE,
        LIFTED,
        TILE,
        BATTERY
    }

    private final Why why;

    public MeterTrouble(Why why) {
        super("meter: " + why);
        this.why = why;
    }

    /** Returns what went wrong. */
    public Why why() {
        return why;
    }
}
