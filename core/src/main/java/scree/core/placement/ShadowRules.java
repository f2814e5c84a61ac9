package scree.core.placement;

import java.util.List;

/** The areas that push back, in the order in which they are worked. */
final class ShadowRules {
    static final List<Rule> ALL = List.of(
            new CheekShadow(),
            new HairlineShadow(),
            new TempleShadow(),
            new JawShadow(),
            new UnderChinShadow(),
            new NoseShadow(),
            new NoseTipShadow(),
            new ChinShadow(),
            new UnderLipShadow());

    private ShadowRules() {}
}
