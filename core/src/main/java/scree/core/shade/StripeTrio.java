package scree.core.shade;

import java.util.ArrayList;
import java.util.List;
import scree.core.colour.Lab;
import scree.core.skin.MatchTarget;
import scree.core.skin.ReferenceCurve;

/** Proposes three shades for the stripe test: the best, one lighter, one with the next undertone. */
public final class StripeTrio {
    private static final double LIGHTER_FROM = 1.2;
    private static final double LEAN_FROM = 2.5;
    private static final double STILL_COMPARABLE = 6;

    private StripeTrio() {}

    /** Returns one to three positions of {@code shades}, best first; {@code ranked} is nearest first. */
    public static List<Integer> of(List<ShadeIndex.Hit> ranked, List<Lab> shades, MatchTarget target) {
        List<Integer> trio = new ArrayList<>();
        if (ranked.isEmpty()) {
            return trio;
        }
        Lab best = shades.get(ranked.get(0).position());
        trio.add(ranked.get(0).position());
        add(trio, ranked, hit -> shades.get(hit.position()).lightness() > best.lightness() + LIGHTER_FROM);
        add(
                trio,
                ranked,
                hit -> Math.abs(ReferenceCurve.hueLean(shades.get(hit.position())) - ReferenceCurve.hueLean(best))
                        > LEAN_FROM);
        for (ShadeIndex.Hit hit : ranked) {
            if (trio.size() < 3 && !trio.contains(hit.position())) {
                trio.add(hit.position());
            }
        }
        return trio;
    }

    private static void add(
            List<Integer> trio, List<ShadeIndex.Hit> ranked, java.util.function.Predicate<ShadeIndex.Hit> wanted) {
        ranked.stream()
                .filter(hit -> hit.difference() < STILL_COMPARABLE && !trio.contains(hit.position()))
                .filter(wanted)
                .findFirst()
                .ifPresent(hit -> trio.add(hit.position()));
    }
}
