package scree.core.mix;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.SingularValueDecomposition;
import scree.core.colour.Lab;

/** A winter and a summer shade of one client, the parts between them for a day's skin, and when the year asks to change. */
public final class SeasonParts {
    /** Parts that the two are divided in. House choice: still counted by hand, fine enough for half a step. */
    public static final int PARTS = 6;
    /** Readings from which the year's wave is fitted; fewer are too few for its three figures. */
    static final int ENOUGH = 3;
    /** Deepest day while the readings do not tell: about mid-August in the north. House choice. */
    private static final int USUAL_DEEPEST = 228;

    private static final double YEAR = 365.25;
    /** Pull of a fitted wave towards the usual one, in readings. House choice. */
    private static final double HELD_BACK = 0.5;

    /** How far winter is lighter and summer deeper than a single reading, L*, while only one is known. House choice. */
    private static final double USUAL_SWING = 3;
    /** A reading nearer to today's than this in L* is the same skin, not an end of the year. House choice: a reading's doubt. */
    private static final double SAME_SKIN = 1;
    /** a* and b* that come with each L* by which skin deepens. Derived: the usual way of tanning in the sitters' seasons. */
    private static final double REDDER = 0.25;

    private static final double YELLOWER = 0.30;

    private SeasonParts() {}

    /** Skin on a day. */
    public record Day(LocalDate day, Lab skin) {}

    /** Returns a skin as it is this much lighter in L*; deeper for a negative figure. */
    private static Lab lighter(Lab skin, double by) {
        return Lab.ofClamped(skin.lightness() + by, skin.a() - REDDER * by, skin.b() - YELLOWER * by);
    }

    /** The lightest and the deepest skin of a year. */
    public record Ends(Lab winter, Lab summer) {}

    /** Returns the ends of the year as they were read; where nothing else was read, a usual swing from today's skin. */
    public static Ends ends(List<Day> days, Lab today) {
        Comparator<Day> byLightness = Comparator.comparingDouble(d -> d.skin().lightness());
        return new Ends(
                end(days.stream().max(byLightness), today, USUAL_SWING),
                end(days.stream().min(byLightness), today, -USUAL_SWING));
    }

    private static Lab end(Optional<Day> read, Lab today, double swing) {
        return read.map(Day::skin)
                .filter(skin -> Math.abs(skin.lightness() - today.lightness()) >= SAME_SKIN)
                .orElseGet(() -> lighter(today, swing));
    }

    /** Parts of winter and summer, 0 to 6 together, and what they give. */
    public record Blend(int winter, int summer, Recipe recipe) {}

    /** Returns the parts of both that come nearest to a skin. */
    public static Blend between(Ingredient winter, Ingredient summer, Lab skin) {
        Blend best = null;
        for (int s = 0; s <= PARTS; s++) {
            Blend blend = blend(winter, summer, s, skin);
            if (best == null || blend.recipe().difference() < best.recipe().difference()) {
                best = blend;
            }
        }
        return best;
    }

    /** Returns the blend with a given number of summer parts, 0 to 6, against a skin. */
    public static Blend blend(Ingredient winter, Ingredient summer, int summerParts, Lab skin) {
        int s = Math.min(PARTS, Math.max(0, summerParts));
        List<Recipe.Part> parts = new ArrayList<>();
        if (s < PARTS) {
            parts.add(new Recipe.Part(winter, PARTS - s));
        }
        if (s > 0) {
            parts.add(new Recipe.Part(summer, s));
        }
        return new Blend(PARTS - s, s, Recipe.of(parts, skin));
    }

    /** What a client says of a base that no longer fits. */
    public enum Word {
        /** It turned chalky: skin went deeper. */
        CHALKY,
        /** It turned orange or dirty: skin went lighter. */
        ORANGE_OR_DIRTY
    }

    /** Returns the blend one part on, as the word asks; at either end it stays. */
    public static Blend after(Blend now, Word word, Ingredient winter, Ingredient summer, Lab skin) {
        return blend(winter, summer, now.summer() + (word == Word.CHALKY ? 1 : -1), skin);
    }

    /**
     * The year of a skin as one wave.
     *
     * @param mean L* over the year
     * @param swing half of the way from deepest to lightest, 0 or more
     * @param deepest day of the year, 1 to 365
     * @param fitted whether the readings told it, or the usual day was taken
     */
    public record Year(Lab middle, double mean, double swing, int deepest, boolean fitted) {
        /** Returns the skin to be expected on a day: depth on the wave, hue and strength as they usually go with it. */
        public Lab on(LocalDate day) {
            double phase = 2 * Math.PI * (day.getDayOfYear() - deepest) / YEAR;
            double l = mean - swing * Math.cos(phase);
            return lighter(middle, l - middle.lightness());
        }
    }

    /**
     * Returns the year's wave through the readings: least squares, held back towards the usual phase; empty with fewer than two
     * readings.
     */
    public static Optional<Year> year(List<Day> days) {
        if (days.size() < 2) {
            return Optional.empty();
        }
        double mean =
                days.stream().mapToDouble(d -> d.skin().lightness()).average().orElseThrow();
        Lab middle = Lab.of(
                mean,
                days.stream().mapToDouble(d -> d.skin().a()).average().orElseThrow(),
                days.stream().mapToDouble(d -> d.skin().b()).average().orElseThrow());
        double[] wave = days.size() >= ENOUGH ? fit(days, mean) : alongUsual(days);
        double swing = Math.hypot(wave[1], wave[2]);
        double phase = Math.atan2(-wave[2], -wave[1]);
        int deepest = (int) Math.round((phase / (2 * Math.PI) * YEAR + 2 * YEAR) % YEAR);
        return Optional.of(
                new Year(middle, wave[0], swing, Math.max(1, Math.min(365, deepest)), days.size() >= ENOUGH));
    }

    /** L = m + c·cos + s·sin, with a weak pull to no swing so that readings close together do not run away. */
    private static double[] fit(List<Day> days, double mean) {
        double[][] rows = new double[days.size() + 2][3];
        double[] right = new double[days.size() + 2];
        for (int i = 0; i < days.size(); i++) {
            double t = 2 * Math.PI * days.get(i).day().getDayOfYear() / YEAR;
            rows[i] = new double[] {1, Math.cos(t), Math.sin(t)};
            right[i] = days.get(i).skin().lightness();
        }
        rows[days.size()] = new double[] {0, HELD_BACK, 0};
        rows[days.size() + 1] = new double[] {0, 0, HELD_BACK};
        return new SingularValueDecomposition(new Array2DRowRealMatrix(rows, false))
                .getSolver()
                .solve(new ArrayRealVector(right))
                .toArray();
    }

    /** Two readings tell the swing only when the phase is taken as usual. */
    private static double[] alongUsual(List<Day> days) {
        double[] cos = days.stream()
                .mapToDouble(d -> Math.cos(2 * Math.PI * (d.day().getDayOfYear() - USUAL_DEEPEST) / YEAR))
                .toArray();
        double apart = cos[1] - cos[0];
        double l0 = days.get(0).skin().lightness();
        double l1 = days.get(1).skin().lightness();
        double slope = Math.abs(apart) < 0.3 ? 0 : Math.min(0, (l1 - l0) / apart);
        double m = (l0 - slope * cos[0] + l1 - slope * cos[1]) / 2;
        double phase = 2 * Math.PI * USUAL_DEEPEST / YEAR;
        return new double[] {m, slope * Math.cos(phase), slope * Math.sin(phase)};
    }

    /** A day on which the recipe changes, and the parts from then on. */
    public record Change(LocalDate day, Blend blend) {}

    /** Returns the days of the next twelve months on which the nearest parts change. */
    public static List<Change> calendar(Year year, Ingredient winter, Ingredient summer, LocalDate from) {
        List<Change> changes = new ArrayList<>();
        int now = between(winter, summer, year.on(from)).summer();
        for (int d = 1; d <= 365; d++) {
            LocalDate day = from.plusDays(d);
            Blend blend = between(winter, summer, year.on(day));
            if (blend.summer() != now) {
                changes.add(new Change(day, blend));
                now = blend.summer();
            }
        }
        return changes;
    }
}
