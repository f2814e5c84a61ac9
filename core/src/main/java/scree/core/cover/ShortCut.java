package scree.core.cover;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.shade.Role;

/**
 * What the usual short cuts would do at a place, for teaching.
 *
 * @param plan laid whatever the skin bears
 * @param chromaKept chroma of the place over that of the skin beside it as both lie then; under 0.75 it reads grey
 */
public record ShortCut<T>(Way way, CoverPlan<T> plan, double chromaKept) {
    /** The short cuts. */
    public enum Way {
        /** Base on base until the place reads like its surround. */
        ONLY_BASE,
        /** A brightener straight on it, and the base over that. */
        BRIGHTENER_STRAIGHT,
        /** The concealer that looks nearest, and nothing before it. */
        NEAREST_CONCEALER
    }

    /** Under this share of the skin's chroma a place reads grey. House choice. */
    private static final double GREY_UNDER = .82;

    private static final double STEP = .5;
    private static final double MOST_BASE = 8;

    /** Returns whether it reads grey. */
    public boolean grey() {
        return chromaKept < GREY_UNDER;
    }

    /** Returns the short cuts that the kit allows. */
    public static <T> List<ShortCut<T>> of(Place<T> place, List<Ware<T>> kit) {
        List<ShortCut<T>> all = new ArrayList<>();
        if (place.base() != null) {
            all.add(onlyBase(place));
        }
        Lab skin = place.surround().toLab();
        usual(kit, Role.BRIGHTENER, lighter(skin))
                .map(w -> cut(Way.BRIGHTENER_STRAIGHT, CoverPlan.of(place, List.of(new Layer<>(w, 1)), List.of())))
                .ifPresent(all::add);
        usual(kit, Role.CONCEALER, place.target().toLab())
                .map(w -> cut(Way.NEAREST_CONCEALER, CoverPlan.of(place, List.of(), List.of(new Layer<>(w, 1)))))
                .ifPresent(all::add);
        return all;
    }

    /** One to two steps of five L*, up to what no product passes. Cited: the craft's brightener. */
    private static final double STEPS_LIGHTER = 7.5;

    private static final double LIGHTEST = 97;

    /** Returns what a brightener on a skin looks for: one to two steps lighter, of the same undertone. */
    public static Lab lighter(Lab skin) {
        return Lab.of(Math.min(LIGHTEST, skin.lightness() + STEPS_LIGHTER), skin.a(), skin.b());
    }

    private static <T> ShortCut<T> onlyBase(Place<T> place) {
        CoverPlan<T> plan = CoverPlan.of(place, List.of(), List.of());
        for (double more = STEP; more <= MOST_BASE && plan.left() > Place.TARGET; more += STEP) {
            plan = CoverPlan.of(place, List.of(), List.of(new Layer<>(place.base(), more)));
        }
        return cut(Way.ONLY_BASE, plan);
    }

    private static <T> ShortCut<T> cut(Way way, CoverPlan<T> plan) {
        Spectrum seen = new Stack<>(plan.place(), plan.under(), plan.over()).seen();
        double beside = Math.max(1, plan.place().target().toLab().chroma());
        return new ShortCut<>(way, plan, seen.toLab().chroma() / beside);
    }

    private static <T> Optional<Ware<T>> usual(List<Ware<T>> kit, Role role, Lab near) {
        return kit.stream()
                .filter(w -> w.role() == role)
                .min(Comparator.comparingDouble((Ware<T> w) -> w.colour().differenceFrom(near))
                        .thenComparing(Ware::key));
    }
}
