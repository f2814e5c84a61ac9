package scree.core.mix;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import scree.core.colour.Check;

/**
 * A recipe counted out for what it has to cover.
 *
 * @param times how often the recipe's counts are taken
 * @param poured by product, in the recipe's order
 * @param millilitres of the whole batch
 * @param needed millilitres that were asked for
 */
public record Batch(int times, List<Poured> poured, double millilitres, double needed) {
    /** One product of the batch. Grams and cost are empty while density or price are not known. */
    public record Poured(
            Ingredient ingredient, int count, double millilitres, OptionalDouble grams, OptionalDouble cost) {}

    /** What a batch is for, with what one person takes. House choices (start values), docs/method.md. */
    public enum For {
        FACE(0.6),
        FACE_AND_NECK(1.0),
        BODY(6.0);

        private final double millilitres;

        For(double millilitres) {
            this.millilitres = millilitres;
        }

        /** Returns millilitres for one person. */
        public double millilitres() {
            return millilitres;
        }
    }

    /** How parts are counted. House choices: to be weighed once with the own bottles. */
    public enum Unit {
        DROP(0.05),
        PUMP(0.25),
        PEA(0.15);

        private final double millilitres;

        Unit(double millilitres) {
            this.millilitres = millilitres;
        }

        public double millilitres() {
            return millilitres;
        }
    }

    /**
     * What a studio's own measures are.
     *
     * @param person millilitres that one person takes
     * @param counted millilitres of one of what parts are counted in
     */
    public record Measures(Map<For, Double> person, Map<Unit, Double> counted) {
        public Measures {
            person = Map.copyOf(person);
            counted = Map.copyOf(counted);
        }

        /** Returns what is usual. */
        public static Measures usual() {
            return new Measures(
                    Arrays.stream(For.values()).collect(Collectors.toMap(f -> f, For::millilitres)),
                    Arrays.stream(Unit.values()).collect(Collectors.toMap(u -> u, Unit::millilitres)));
        }
    }

    /**
     * What is known of a product's packing.
     *
     * @param density g/ml, or null
     * @param price of a millilitre in the studio's currency, or null
     */
    public record Pack(Double density, Double price) {
        public static final Pack UNKNOWN = new Pack(null, null);
    }

    /** Finds what is known of an ingredient's packing. */
    public interface Packs {
        Pack of(long ingredient);
    }

    /**
     * Counts a recipe out: the least whole multiple that covers the need.
     *
     * @param people 1 to 40
     */
    public static Batch of(Recipe recipe, For what, int people, Unit unit, Measures measures, Packs packs) {
        Check.inRange("number of people", people, 1, 40, "mix for one to forty");
        double needed = measures.person().get(what) * people;
        double counted = measures.counted().get(unit);
        double once = recipe.total() * counted;
        int times = Math.max(1, (int) Math.ceil(needed / once - 1e-9));
        List<Poured> poured = recipe.parts().stream()
                .map(p -> poured(
                        p, times * p.count(), counted, packs.of(p.ingredient().id())))
                .toList();
        return new Batch(times, poured, once * times, needed);
    }

    private static Poured poured(Recipe.Part part, int count, double counted, Pack pack) {
        double ml = count * counted;
        return new Poured(part.ingredient(), count, ml, times(ml, pack.density()), times(ml, pack.price()));
    }

    private static OptionalDouble times(double ml, Double factor) {
        return factor == null ? OptionalDouble.empty() : OptionalDouble.of(ml * factor);
    }

    /** Returns the whole cost, or empty unless every price is known. */
    public OptionalDouble cost() {
        return sum(poured.stream().map(Poured::cost).toList());
    }

    /** Returns the whole weight in grams, or empty unless every density is known. */
    public OptionalDouble grams() {
        return sum(poured.stream().map(Poured::grams).toList());
    }

    private static OptionalDouble sum(List<OptionalDouble> parts) {
        return parts.stream().allMatch(OptionalDouble::isPresent)
                ? OptionalDouble.of(
                        parts.stream().mapToDouble(OptionalDouble::getAsDouble).sum())
                : OptionalDouble.empty();
    }
}
