package scree.core.placement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.plane.Vec;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class KeepOffTest {
    private static final LevelledFace FACE = LevelledFace.of(ToldFace.POINTS);
    private static final KeepOff OFF = new KeepOff(FACE);

    private static Vec anywhere(Draw draw) {
        return new Vec(draw.between(-1, 1), draw.between(-1, 2));
    }

    @Seeds(1000)
    void whatIsPushedLiesInNoCore(Draw draw) {
        Vec pushed = OFF.push(anywhere(draw), KeepOff.ALL);
        for (KeepOff.Part part : KeepOff.Part.values()) {
            assertThat(OFF.inCore(pushed, part)).as("%s in %s", pushed, part).isFalse();
        }
    }

    /** Only what lies in a part moves, and no further than the part is large. */
    @Seeds(1000)
    void whatLiesFreeStays(Draw draw) {
        Vec p = anywhere(draw);
        Vec pushed = OFF.push(p, KeepOff.ALL);
        assertThat(pushed.distanceTo(p)).isLessThan(.4);
        boolean far = true;
        for (Side side : Draft.BOTH) {
            far &= OFF.eye(side, 0).gauge(p) > 1 && OFF.nostril(side, 0).gauge(p) > 1;
            for (Landmark l :
                    new Landmark[] {Landmark.BROW_START, Landmark.BROW_ARCH, Landmark.BROW_END, Landmark.MOUTH}) {
                far &= p.distanceTo(FACE.at(l, side)) > .5;
            }
        }
        if (far) {
            assertThat(pushed).isEqualTo(p);
        }
    }

    @ParameterizedTest
    @EnumSource(KeepOff.Part.class)
    void theMiddleOfAPartIsInItsCoreAndPushedOutOfThatPartOnly(KeepOff.Part part) {
        Vec middle = middle(part);
        assertThat(OFF.inCore(middle, part)).isTrue();
        assertThat(OFF.inCore(OFF.push(middle, Set.of(part)), part)).isFalse();
        assertThat(OFF.push(middle, EnumSet.complementOf(EnumSet.of(part)))).isEqualTo(middle);
    }

    private static Vec middle(KeepOff.Part part) {
        return switch (part) {
            case EYE -> OFF.eye(Side.LEFT, 0).centre();
            case BROW -> OFF.brow(Side.LEFT).get(1);
            case NOSTRIL -> OFF.nostril(Side.LEFT, 0).centre();
            case LIPS -> FACE.at(Landmark.MOUTH, Side.LEFT).towards(FACE.at(Landmark.MOUTH, Side.RIGHT), .5);
        };
    }

    @Seeds(200)
    void theTemplatesSidesAreAlike(Draw draw) {
        Vec p = new Vec(draw.between(.01, 1), draw.between(-1, 2)); // on the midline either way out is as near
        Vec pushed = OFF.push(p, KeepOff.ALL);
        assertThat(OFF.push(p.mirrored(), KeepOff.ALL).distanceTo(pushed.mirrored()))
                .isLessThan(1e-6);
    }
}
