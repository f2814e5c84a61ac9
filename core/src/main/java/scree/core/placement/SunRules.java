package scree.core.placement;

import java.util.List;

/** Bronzer where sun lands: beside the contour, never instead of it. */
final class SunRules {
    static final List<Rule> ALL =
            List.of(new CheekSun(), new ForeheadSun(), new NoseSun(), new ChinSun(), new NeckSun());

    private SunRules() {}
}
