package scree.core.placement;

import java.util.List;
import scree.core.face.Landmark;
import scree.core.face.Side;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Over the bridge of the nose, where the cheeks' sun would meet. */
final class NoseSun implements Rule {
    /** Between these shares of the way from the root to the tip. */
    private static final double FROM = .38;

    private static final double TO = .86;
    private static final Profile WIDTH = Profile.even(.03, .045, .035);
    private static final Profile AMOUNT = Profile.even(.4, 1, .4);
    private static final double STRENGTH = .5;
    private static final double SOFT = .035;

    @Override
    public void place(Draft d) {
        Vec root = d.brief.face().at(Landmark.NOSE_ROOT);
        Vec tip = d.brief.face().at(Landmark.NOSE_TIP);
        List<Vec> line = List.of(root.towards(tip, FROM), root.towards(tip, TO));
        d.add(d.zone(Area.SUN_NOSE)
                .why(Why.SUN_LANDS)
                .strength(STRENGTH, SOFT * d.tuning.blur())
                .piece(Strokes.ribbon(line, WIDTH, AMOUNT, 0, d.side(Side.LEFT).onFace())));
    }
}
