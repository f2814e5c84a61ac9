package scree.core.placement;

import java.util.List;
import scree.core.method.Aim;
import scree.core.method.PlacementMethod.BlushWay;

/** Blush: always between light and shadow, never nearer the nose than the pupil line nor lower than the nostril. */
final class ColourRules {
    static final List<Rule> ALL = List.of(new Blush());

    private ColourRules() {}

    /** Which way by school, aim and shape. */
    static BlushWay way(Draft d) {
        if (d.method.blush() != BlushWay.USUAL) {
            return d.method.blush();
        }
        if (d.aim(Aim.SOFTEN)) {
            return BlushWay.APPLES;
        }
        if (d.aim(Aim.LIFT) || d.aim(Aim.LONGER)) {
            return BlushWay.LIFT;
        }
        if (d.aim(Aim.WIDER)) {
            return BlushWay.HORIZONTAL;
        }
        return switch (d.brief.lead()) {
            case SQUARE -> BlushWay.APPLES;
            case OBLONG -> BlushWay.HORIZONTAL;
            case OVAL, ROUND, HEART, DIAMOND, TRIANGLE -> BlushWay.LIFT;
        };
    }
}
