package scree.app.proof;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import scree.core.colour.Lab;
import scree.core.placement.Area;
import scree.core.skin.SkinChange;

/**
 * Two sittings of a client held against each other.
 *
 * @param skin zone by zone, empty where one of the two was not read with a card
 * @param base how far the base of then lies from the skin of now, ΔE00; empty where it cannot be told
 * @param gone areas that were worked then and are not now
 * @param come areas that are worked now and were not then
 */
record Comparison(List<SkinChange> skin, Optional<Double> base, Set<Area> gone, Set<Area> come) {
    static Comparison of(Kept then, Kept now) {
        List<SkinChange> skin =
                then.measured() && now.measured() ? SkinChange.between(then.skin(), now.skin()) : new ArrayList<>();
        Optional<Double> base = Optional.empty();
        if (then.base() != null && now.base() != null) {
            Lab target = now.base().target();
            base = Optional.of(then.base().settled().differenceFrom(target));
        }
        Set<Area> before = areas(then);
        Set<Area> after = areas(now);
        return new Comparison(skin, base, without(before, after), without(after, before));
    }

    private static Set<Area> areas(Kept kept) {
        return kept.zones().stream()
                .map(Kept.Drawn::area)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Area.class)));
    }

    private static Set<Area> without(Set<Area> some, Set<Area> others) {
        Set<Area> left = some.isEmpty() ? EnumSet.noneOf(Area.class) : EnumSet.copyOf(some);
        left.removeAll(others);
        return left;
    }
}
