package scree.core.cover;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.shade.Role;

/**
 * The craft's habit: a corrector of the family that its table names for what is seen at this depth, thin, then cover in the skin's colour.
 *
 * @param asked family that the table names, or null where it names none
 * @param plan with a corrector of that family, empty when the kit has none or nothing lands
 */
public record ByTable<T>(Leaning asked, Optional<CoverPlan<T>> plan) {
    /** Depths of the table, L* of the skin. House choices: between the words that the craft uses. */
    private static final double FAIR = 66;

    private static final double MEDIUM = 52;
    private static final double DEEP = 40;

    /** Returns the family that the craft's table names, or null. */
    public static Leaning asked(Seen seen, Lab skin) {
        double l = skin.lightness();
        return switch (seen) {
            case REDNESS, BLEMISH, CAPILLARY -> l >= MEDIUM ? Leaning.GREEN : Leaning.OLIVE;
            case PURPLE, DULL_LID ->
                l >= FAIR
                        ? Leaning.PINK_PEACH
                        : l >= MEDIUM ? Leaning.PEACH : l >= DEEP ? Leaning.ORANGE : Leaning.RED_ORANGE;
            case BROWN, SUN_SPOT, DARK_MOUTH -> l >= MEDIUM ? Leaning.PEACH : Leaning.ORANGE;
            case SALLOW -> l >= DEEP ? Leaning.LAVENDER : null;
            case TATTOO -> Leaning.RED_ORANGE;
            case SCAR -> null;
        };
    }

    /** Returns what the table would do with a kit. */
    public static <T> ByTable<T> of(Place<T> place, Seen seen, List<Ware<T>> kit) {
        Lab skin = place.surround().toLab();
        Leaning asked = asked(seen, skin);
        if (asked == null) {
            return new ByTable<>(null, Optional.empty());
        }
        Optional<Ware<T>> corrector = kit.stream()
                .filter(w -> w.role() == Role.CORRECTOR && asked.servedBy(Leaning.of(w.colour())))
                .min(Comparator.comparingDouble(
                                (Ware<T> w) -> Math.abs(w.colour().lightness() - skin.lightness()))
                        .thenComparing(Ware::key));
        List<Ware<T>> covers =
                kit.stream().filter(w -> w.role() != Role.CORRECTOR).toList();
        return new ByTable<>(asked, corrector.map(c -> best(place, c, covers)));
    }

    /** Thin or usual, whichever leaves a safe plan of fewer coats; covers after the base only. */
    private static <T> CoverPlan<T> best(Place<T> place, Ware<T> corrector, List<Ware<T>> covers) {
        return place.bears().before().stream()
                .filter(a -> a <= 1)
                .map(a -> CoverSearch.over(new Layer<>(corrector, a), place, covers)
                        .best())
                .min(Comparator.comparing((CoverPlan<T> p) -> p.level())
                        .thenComparingInt(CoverPlan::coats)
                        .thenComparingDouble(CoverPlan::microns))
                .orElseThrow();
    }
}
