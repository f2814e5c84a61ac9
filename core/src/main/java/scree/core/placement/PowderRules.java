package scree.core.placement;

import java.util.List;
import scree.core.skin.SkinType;

/** Powder by skin type, and wherever there is concealer. */
final class PowderRules {
    static final List<Rule> ALL = List.of(
            new AllOverPowder(),
            new TPowder(),
            new NoseSidePowder(),
            new UnderEyePowder(),
            new LidPowder(),
            new CleanLinePowder(),
            new UpperLipPowder());
    /** Where skin shines, and where concealer would crease or travel. */
    static final double STRENGTH = .6;

    static final double STRENGTH_OVER_CONCEALER = .5;

    private PowderRules() {}

    /** Returns the skin type that powder goes by: normal until it is known. */
    static SkinType skin(Draft d) {
        return d.brief.skinType() == null ? SkinType.NORMAL : d.brief.skinType();
    }
}
