package scree.core.mix;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;

/**
 * How far counted drops of a strong colour may turn a base. Past these another base is nearer, the mix thins out, and one drop more or
 * less shows. House choices, docs/method.md, "Mixing". Counted in usual drops whatever a bottle's own hold: base and colour are counted
 * alike, so what matters is their share.
 */
public final class Drops {
    /** Strength of drops until a test mix taught it: a concentrate, erring towards too little. House choice, docs/method.md. */
    public static final double UNKNOWN_STRENGTH = 4;

    /** Shift of a base that drops may make at most, ΔE00. */
    static final double MOST_SHIFT = 6;
    /** Share of the volume, and drops to a millilitre; white is weaker and may be more. */
    static final double MOST_SHARE = .10;

    static final double MOST_PER_MILLILITRE = 2;
    static final double MOST_WHITE_SHARE = .20;
    static final double MOST_WHITE_PER_MILLILITRE = 5;
    /** A drop varies by this share of itself; what that makes of a mix stays within one ΔE00. */
    static final double DROP_VARIES = .15;

    static final double MOST_DOUBT = 1;
    /** Drops are proposed only where they bring a mix nearer by this, ΔE00: half of what an eye sees. */
    private static final double WORTH = .5;
    /** Drops of base that a face takes: the least that a tenth of can be counted from. */
    private static final int LEAST_BASE = 10;

    private static final int USUAL_BASE = 12;

    private Drops() {}

    /** Returns the shift in ΔE00 that one drop makes in a millilitre of a base. */
    public static double oneInAMillilitre(Recipe base, Ingredient pigment) {
        int drops = (int) Math.round(1 / Batch.Unit.DROP.millilitres());
        double perPart = (double) drops / base.total();
        List<Recipe.Part> parts = new ArrayList<>();
        for (Recipe.Part p : base.parts()) { // strengths stand in for counts, so that any base makes a millilitre
            parts.add(new Recipe.Part(p.ingredient().withStrength(p.ingredient().strength() * perPart), p.count()));
        }
        parts.add(new Recipe.Part(pigment, 1));
        return Recipe.of(parts, base.colour()).difference();
    }

    /**
     * Returns how many drops make sense at most.
     *
     * @param base counted in drops
     */
    public static int most(Recipe base, Ingredient pigment) {
        double millilitres = base.total() * Batch.Unit.DROP.millilitres();
        boolean white = RecipeAdvice.white(pigment);
        double byVolume = (white ? MOST_WHITE_SHARE : MOST_SHARE) * base.total();
        double byPot = (white ? MOST_WHITE_PER_MILLILITRE : MOST_PER_MILLILITRE) * millilitres;
        double one = oneInAMillilitre(base, pigment);
        double byShift = MOST_SHIFT * millilitres / one;
        double byDoubt = MOST_DOUBT * millilitres / (DROP_VARIES * one);
        return (int) Math.floor(Math.min(Math.min(byVolume, byPot), Math.min(byShift, byDoubt)) + 1e-9);
    }

    /** Returns a base turned by drops of one pigment, where that brings it nearer to the target by more than counting doubts. */
    static Optional<Recipe> turned(Recipe base, List<Ingredient> pigments, Lab target) {
        Recipe counted = counted(base, target);
        Recipe best = null;
        for (Ingredient pigment : pigments) {
            boolean splits = counted.parts().stream()
                    .anyMatch(p -> p.ingredient().family().with(pigment.family()) == Carrier.Together.SPLITS);
            int most = splits ? 0 : most(counted, pigment);
            for (int n = 1; n <= most; n++) {
                Recipe turned = counted.plus(pigment, n, target);
                best = best == null || turned.difference() < best.difference() ? turned : best;
            }
        }
        return Optional.ofNullable(best).filter(b -> b.difference() <= base.difference() - WORTH);
    }

    /** The same mix counted out in as many drops as a face takes. */
    private static Recipe counted(Recipe base, Lab target) {
        int times = Math.max(1, Math.round((float) USUAL_BASE / base.total()));
        int enough = times * base.total() < LEAST_BASE ? times + 1 : times;
        return Recipe.of(
                base.parts().stream()
                        .map(p -> new Recipe.Part(p.ingredient(), enough * p.count()))
                        .toList(),
                target);
    }
}
