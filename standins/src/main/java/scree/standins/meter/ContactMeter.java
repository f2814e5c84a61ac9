package scree.standins.meter;

import java.util.Locale;
import java.util.Random;
import scree.core.colour.Lab;

/**
 * A small meter pressed on the skin or a swatch. It repeats itself to about 0.25 ΔE00, drifts a little with every press until it
 * sees its white tile again, runs out of battery, and refuses a reading when it was lifted too early.
 */
public final class ContactMeter implements Device {
    /** Standard deviation of one press in L*, a*, b*: pressure and place vary. */
    private static final double REPEATS = .22;

    private static final double DRIFT_A_PRESS = .015;
    private static final int PRESSES_PER_TILE = 60;
    private static final int PRESSES_PER_PERCENT = 6;
    private static final int EMPTY_AT = 4;

    private final Random random;
    private final double liftedShare;
    private Lab surface;
    private int sinceTile;
    private int presses;
    private int battery;

    /** @param liftedShare how often a press is lifted too early, 0..1 */
    public ContactMeter(long seed, int battery, double liftedShare) {
        this.random = new Random(seed);
        this.battery = battery;
        this.liftedShare = liftedShare;
    }

    /** Lays the meter on something: what a hand does, not part of the line protocol. Null lifts it off. */
    public synchronized void touch(Lab surface) {
        this.surface = surface;
    }

    /** Makes it ask for its tile at the next press. */
    public synchronized void forgetTile() {
        sinceTile = PRESSES_PER_TILE;
    }

    public synchronized void setBattery(int percent) {
        battery = percent;
    }

    @Override
    public synchronized String answer(String command) {
        return switch (command.toUpperCase(Locale.ROOT)) {
            case "HELLO" -> "METER COLOUR 1 BATTERY " + battery;
            case "TILE" -> {
                sinceTile = 0;
                yield "OK TILE";
            }
            case "READ" -> read();
            default -> "ERR UNKNOWN";
        };
    }

    private String read() {
        if (battery < EMPTY_AT) {
            return "ERR BATTERY";
        }
        if (sinceTile >= PRESSES_PER_TILE) {
            return "ERR TILE";
        }
        if (surface == null || random.nextDouble() < liftedShare) {
            return "ERR LIFTED";
        }
        presses++;
        sinceTile++;
        battery -= presses % PRESSES_PER_PERCENT == 0 ? 1 : 0;
        double drift = DRIFT_A_PRESS * sinceTile;
        return String.format(
                Locale.ROOT,
                "LAB %.2f %.2f %.2f",
                Math.min(100, surface.lightness() + drift + REPEATS * random.nextGaussian()),
                surface.a() + .3 * drift + REPEATS * random.nextGaussian(),
                surface.b() - .4 * drift + REPEATS * random.nextGaussian());
    }
}
