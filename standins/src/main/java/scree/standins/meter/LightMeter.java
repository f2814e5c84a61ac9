package scree.standins.meter;

import java.util.Locale;
import java.util.Random;

/** A light meter held beside the face: colour temperature, tint and lux with a little noise. */
public final class LightMeter implements Device {
    private final Random random;
    private double kelvin = 5600;
    private double duv = .001;
    private double lux = 900;

    public LightMeter(long seed) {
        this.random = new Random(seed);
    }

    /** Sets the room's light. */
    public synchronized void room(double kelvin, double duv, double lux) {
        this.kelvin = kelvin;
        this.duv = duv;
        this.lux = lux;
    }

    @Override
    public synchronized String answer(String command) {
        return switch (command.toUpperCase(Locale.ROOT)) {
            case "HELLO" -> "METER LIGHT 1 BATTERY 90";
            case "READ" ->
                String.format(
                        Locale.ROOT,
                        "LIGHT %.0f %.4f %.0f",
                        kelvin * (1 + .008 * random.nextGaussian()),
                        duv + .0003 * random.nextGaussian(),
                        lux * (1 + .02 * random.nextGaussian()));
            default -> "ERR UNKNOWN";
        };
    }
}
