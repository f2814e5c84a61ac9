package scree.app.base;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.List;
import org.springframework.stereotype.Component;
import scree.app.memory.Memories;
import scree.core.colour.Lab;
import scree.core.shade.DifferenceContour;
import scree.core.shade.FieldPlace;
import scree.core.shade.StripeSight;
import scree.core.skin.MatchTarget;

/** How shades are seen on a skin; a client's skin is the same on every page, so what takes long is worked out once. */
@Component
public class Sights {
    private static final int KEPT = 100;

    private final Cache<Lab, List<List<FieldPlace>>> contours;
    private final Cache<MatchTarget, StripeSight> stripes;

    Sights(Memories memories) {
        this.contours = memories.keep("contours", KEPT);
        this.stripes = memories.keep("stripes", KEPT);
    }

    /** Returns the lines round a skin on which shades are off by ΔE00 1, 2 and 3. */
    List<List<FieldPlace>> contours(Lab skin) {
        return contours.get(skin, Sights::around);
    }

    static List<List<FieldPlace>> around(Lab skin) {
        return List.of(
                DifferenceContour.around(skin, 1),
                DifferenceContour.around(skin, 2),
                DifferenceContour.around(skin, 3));
    }

    /** Returns how stripes are seen beside a skin. */
    StripeSight stripes(MatchTarget target) {
        return stripes.get(target, StripeSight::new);
    }
}
