package scree.core.skin;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import scree.core.colour.Lab;

/**
 * What the work changed on a zone, from two readings with the card.
 *
 * @param before colour under D65
 * @param after colour under D65
 */
public record SkinChange(Zone zone, Lab before, Lab after) {
    /**
     * Below it nothing is said: two readings with the card differ by 1.4 in the mean where nothing changed (1.0 each), so twice the half of that is
     * kept as reserve. House choice, derived.
     */
    static final double SEEN = 2;

    /** The face under a flash is lighter than the neck by more than without it: what throws light back. House choice. */
    static final double CAST = 3;

    private static final Set<Zone> FACE = EnumSet.of(Zone.UNDER_EYE, Zone.CHEEK, Zone.FOREHEAD, Zone.NOSE, Zone.CHIN);

    /** What one sees of it. */
    public enum What {
        LIGHTER,
        DEEPER,
        LESS_RED,
        REDDER,
        WARMER,
        COOLER
    }

    /** Returns the changes of all zones that both have. */
    public static List<SkinChange> between(Map<Zone, Lab> before, Map<Zone, Lab> after) {
        List<SkinChange> changes = new ArrayList<>();
        for (Map.Entry<Zone, Lab> e : new TreeMap<>(before).entrySet()) {
            if (after.containsKey(e.getKey())) {
                changes.add(new SkinChange(e.getKey(), e.getValue(), after.get(e.getKey())));
            }
        }
        return changes;
    }

    /** Returns what one sees, nothing where it is less than two readings differ by themselves. */
    public List<What> seen() {
        List<What> seen = new ArrayList<>();
        say(seen, after.lightness() - before.lightness(), What.LIGHTER, What.DEEPER);
        say(seen, after.a() - before.a(), What.REDDER, What.LESS_RED);
        say(seen, after.b() - before.b(), What.WARMER, What.COOLER);
        return seen;
    }

    private static void say(List<What> seen, double by, What more, What less) {
        if (Math.abs(by) >= SEEN) {
            seen.add(by > 0 ? more : less);
        }
    }

    /** Returns ΔE00. */
    public double difference() {
        return before.differenceFrom(after);
    }

    /**
     * Returns how much lighter than the neck a face becomes under flash, L*; empty without a neck in both.
     *
     * @param plain made up, without flash
     * @param flash made up, with flash
     */
    public static OptionalDouble cast(Map<Zone, Lab> plain, Map<Zone, Lab> flash) {
        if (!plain.containsKey(Zone.NECK) || !flash.containsKey(Zone.NECK)) {
            return OptionalDouble.empty();
        }
        double neck = flash.get(Zone.NECK).lightness() - plain.get(Zone.NECK).lightness();
        OptionalDouble face = between(plain, flash).stream()
                .filter(c -> FACE.contains(c.zone()))
                .mapToDouble(c -> c.after().lightness() - c.before().lightness())
                .average();
        return face.isPresent() ? OptionalDouble.of(face.getAsDouble() - neck) : face;
    }

    /** Returns whether such a cast shows in pictures. */
    public static boolean shows(double cast) {
        return cast >= CAST;
    }
}
