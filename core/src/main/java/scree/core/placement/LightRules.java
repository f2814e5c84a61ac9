package scree.core.placement;

import java.util.List;
import scree.core.method.PlacementMethod.UnderEye;

/** The areas that come forward, matt and a step or two lighter. Never on a bag, on crepe, or where the face is widest. */
final class LightRules {
    static final List<Rule> ALL = List.of(
            new UnderEyeLight(),
            new InnerEyeLight(),
            new BridgeLight(),
            new ForeheadLight(),
            new UnderBrowLight(),
            new LipBowLight(),
            new ChinLight(),
            new MouthLight(),
            new CleanLine(),
            new WideningLight(),
            new Restraint());

    private LightRules() {}

    /** Which way under the eye, by school, age and what lies there. */
    static UnderEye underEye(Draft d) {
        UnderEye school = d.method.underEye();
        if (school != UnderEye.USUAL) {
            return school;
        }
        if (d.brief.mature()) {
            return UnderEye.CORNERS;
        }
        return switch (d.method.aim()) {
            case LIFT, WIDER -> UnderEye.WEDGE;
            case LONGER -> UnderEye.DOWNWARD;
            case BALANCE, SCULPT, SOFTEN, NATURAL -> UnderEye.TRIANGLE;
        };
    }
}
