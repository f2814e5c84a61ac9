package scree.core.placement;

import java.util.List;

/** Light stripes everywhere leave no shadow: the least needed go first. */
final class Restraint implements Rule {
    /** Past this many lights at once no shadow is left to hold them. House choice. */
    static final int MOST = 9;

    private static final List<Area> FIRST_TO_GO =
            List.of(Area.LIP_BOW_LIGHT, Area.CHIN_LIGHT, Area.BRIDGE_LIGHT, Area.UNDER_BROW_LIGHT, Area.FOREHEAD_LIGHT);

    @Override
    public void place(Draft d) {
        for (Area area : FIRST_TO_GO) {
            long lights = d.zones().stream()
                    .map(PlacedZone::area)
                    .filter(a -> a.family() == Family.LIGHT)
                    .distinct()
                    .count();
            if (lights > MOST) {
                d.zones().removeIf(z -> z.area() == area);
            }
        }
    }
}
