package scree.core.placement;

import java.util.List;
import scree.core.cover.CoverPlan;
import scree.core.image.Point;

/**
 * A place of the picture that is brought back to the skin beside it.
 *
 * @param outline in pixels, closed
 * @param spread how far past its outline the mark may reach, as a share of its half width: a zone's outline is where it was read, not
 *     where redness ends
 * @param keptClear whether red, pink and sheen stay away from it: a scar, a tattoo or a bruise under a heavy cover
 */
public record Covered(List<Point> outline, double spread, boolean keptClear, CoverPlan<?> plan) {
    /** A spot ends where the artist drew it. */
    public static final double SPOT = 0;

    /** Redness and dark rings run out past the zone that was read. House choice. */
    public static final double ZONE = .6;

    public Covered {
        outline = List.copyOf(outline);
    }
}
