package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.shade.TwoTones.Pair;
import scree.core.shade.TwoTones.Targets;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.SkinReading;
import scree.core.skin.Skins;
import scree.core.skin.Zone;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class TwoTonesTest {
    private static List<Lab> shades(Random random, int count) {
        List<Lab> shades = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            shades.add(Skins.leaning(45 + 30 * random.nextDouble(), 14 * random.nextDouble() - 7));
        }
        return shades;
    }

    @Seeds(60)
    void theBestPairIsTheBestOfAllPairs(Draw draw) {
        Random random = draw.random();
        List<Lab> shades = shades(random, 45);
        Lab outer = Skins.leaning(50 + 20 * random.nextDouble(), 4 * random.nextDouble() - 2);
        Lab inner = Skins.leaning(outer.lightness() + 3, ReferenceCurve.hueLean(outer));
        List<Pair> best = TwoTones.best(shades, new Targets(inner, outer), 3);
        double least = Double.MAX_VALUE;
        for (Lab in : shades) {
            for (Lab out : shades) {
                if (in.lightness() - out.lightness() >= 1.5 && in.differenceFrom(out) <= 5) {
                    double apart = Math.abs(ReferenceCurve.hueLean(in) - ReferenceCurve.hueLean(out));
                    least = Math.min(least, in.differenceFrom(inner) + out.differenceFrom(outer) + .15 * apart);
                }
            }
        }
        if (best.isEmpty()) {
            assertThat(least).isEqualTo(Double.MAX_VALUE);
        } else {
            assertThat(best.get(0).cost()).isCloseTo(least, within(1e-9));
            assertThat(best).isSortedAccordingTo((a, b) -> Double.compare(a.cost(), b.cost()));
        }
        for (Pair p : best) {
            assertThat(shades.get(p.inner()).lightness())
                    .isGreaterThan(shades.get(p.outer()).lightness() + 1.49);
            assertThat(p.apart()).isLessThanOrEqualTo(5);
        }
    }

    @Test
    void aRedRingDoesNotMakeAPinkInnerShade() {
        Lab outer = Skins.leaning(60, 1);
        Lab red = Lab.of(58, outer.a() + 6, outer.b());
        Targets t = TwoTones.targets(
                        Skins.reading(Map.of(Zone.OUTER_CHEEK, outer, Zone.CHEEK, red), SkinReading.Trust.COLOUR_CARD))
                .orElseThrow();
        assertThat(ReferenceCurve.hueLean(t.inner())).isCloseTo(1, within(1e-6));
        assertThat(t.inner().lightness())
                .as("never deeper than outer plus a step")
                .isCloseTo(63, within(1e-9));
        assertThat(TwoTones.targets(Skins.reading(Map.of(Zone.CHEEK, red), SkinReading.Trust.COLOUR_CARD)))
                .isEmpty();
    }

    @Test
    void twoThatWouldShowASeamAreNeverProposed() {
        List<Lab> apart = List.of(ReferenceCurve.at(70), ReferenceCurve.at(58));
        assertThat(TwoTones.best(apart, new Targets(ReferenceCurve.at(66), ReferenceCurve.at(62)), 3))
                .isEmpty();
        List<Lab> near = List.of(ReferenceCurve.at(66), ReferenceCurve.at(62.5));
        Pair pair = TwoTones.best(near, new Targets(ReferenceCurve.at(66), ReferenceCurve.at(62)), 3)
                .get(0);
        assertThat(pair.inner()).isZero();
        assertThat(pair.reasons()).anyMatch(r -> r.code() == TwoTones.Code.SEAM_BLENDS);
    }
}
