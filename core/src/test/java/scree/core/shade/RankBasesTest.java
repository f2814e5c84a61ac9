package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.method.Occasion;
import scree.core.shade.RankBases.Placed;
import scree.core.shade.Wear.Day;
import scree.core.shade.Wear.Wish;
import scree.core.skin.MatchTarget;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.SkinType;
import scree.core.skin.Undertone.Family;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class RankBasesTest {
    private static final Wish OILY = new Wish(
            Coverage.MEDIUM,
            Finish.MATTE,
            Set.of(SkinType.OILY),
            Set.of(),
            false,
            false,
            new Day(Occasion.CAMERA, true, 10));

    private static Lab shade(double l, double lean) {
        Lab usual = ReferenceCurve.at(l);
        return Lab.ofLch(l, usual.chroma(), usual.hueDegrees() + lean);
    }

    private static MatchTarget on(Lab skin) {
        return new MatchTarget(skin, skin, skin, skin, MatchTarget.School.JAW_TO_NECK);
    }

    private static List<Candidate> kit(Random random, int count) {
        List<Candidate> kit = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            kit.add(new Candidate(
                    shade(40 + 35 * random.nextDouble(), 20 * random.nextDouble() - 10),
                    Form.values()[random.nextInt(4)],
                    Finish.values()[random.nextInt(3)],
                    Coverage.values()[random.nextInt(3)]));
        }
        return kit;
    }

    /** Against placing every base and sorting: the same bases, the same order. */
    @Seeds(40)
    void theBestAreTheTrueBestOfTheWholeKit(Draw draw) {
        Random random = draw.random();
        List<Candidate> kit = kit(random, 400);
        MatchTarget target = on(shade(44 + 28 * random.nextDouble(), 10 * random.nextDouble() - 5));
        Family family = Family.values()[random.nextInt(3)];
        BaseShelf shelf = new BaseShelf(kit, 1.3);
        RankBases ranking = new RankBases(target, family, OILY, shelf);
        List<Placed> all = new ArrayList<>(ranking.best(kit.size()));
        List<Placed> ten = ranking.best(10);
        assertThat(all).hasSize(400);
        all.sort(Comparator.comparingDouble(Placed::standing).thenComparingInt(Placed::position));
        assertThat(ten.stream().map(Placed::position))
                .containsExactlyElementsOf(
                        all.stream().limit(10).map(Placed::position).toList());
        for (Placed p : ten) {
            assertThat(p.difference()).isEqualTo(shelf.onSkin(p.position()).differenceFrom(target.colour()));
        }
    }

    @Test
    void undertoneLeadsButAPlainlyNearerShadeStillWins() {
        Lab skin = shade(62, 0);
        List<Candidate> kit = List.of(
                new Candidate(shade(62.2, 5.2), Form.LIQUID, Finish.SATIN, Coverage.MEDIUM),
                new Candidate(shade(60.8, 0), Form.LIQUID, Finish.SATIN, Coverage.MEDIUM),
                new Candidate(shade(55, 0), Form.LIQUID, Finish.SATIN, Coverage.MEDIUM));
        List<Placed> placed = new RankBases(on(skin), Family.NEUTRAL, Wish.none(), new BaseShelf(kit, 1.2)).best(3);
        assertThat(placed).extracting(Placed::position).containsExactly(1, 0, 2);
        Placed warm = placed.get(1);
        assertThat(warm.cost()).isEqualTo(RankBases.OTHER_FAMILY);
        assertThat(warm.undertone().get(0).code()).isEqualTo(RankBases.Code.NEAR_BUT_OTHER_FAMILY);
        assertThat(warm.undertone().get(0).args()).containsExactly(Family.WARM, Family.NEUTRAL);
        assertThat(placed.get(0).undertone()).isEmpty();
    }

    @Test
    void aShadeJustOverTheFamilysEdgeCostsNothing() {
        Candidate over = new Candidate(shade(62, 3.2), Form.LIQUID, Finish.SATIN, Coverage.MEDIUM);
        Placed placed = new RankBases(
                        on(shade(62, 2.8)), Family.NEUTRAL, Wish.none(), new BaseShelf(List.of(over), 1.2))
                .best(1)
                .get(0);
        assertThat(placed.cost()).isZero();
        assertThat(placed.undertone()).isEmpty();
    }

    /** Chosen by its pan it would be the match; on skin the lighter pan is. */
    @Test
    void aPowderIsRankedByWhatItIsOnSkin() {
        Lab skin = shade(60, 0);
        double wetting = PowderOnSkin.wetting(SkinType.OILY, false, 1);
        List<Candidate> pans = IntStream.range(0, 12)
                .mapToObj(i -> new Candidate(shade(58 + i, 0), Form.POWDER, Finish.MATTE, Coverage.MEDIUM))
                .toList();
        Placed best = new RankBases(on(skin), Family.NEUTRAL, Wish.none(), new BaseShelf(pans, wetting))
                .best(1)
                .get(0);
        Lab pan = pans.get(best.position()).settled();
        assertThat(pan.lightness()).isGreaterThan(skin.lightness() + 2);
        assertThat(best.onSkin().lightness()).isLessThan(pan.lightness() - 2);
        assertThat(best.difference()).isLessThan(1);
    }

    @Test
    void eachReasonAgainstItsWearCosts() {
        Candidate dewy = new Candidate(shade(62, 0), Form.LIQUID, Finish.DEWY, Coverage.MEDIUM);
        Candidate matte = new Candidate(shade(62, 0), Form.LIQUID, Finish.MATTE, Coverage.MEDIUM);
        List<Placed> placed =
                new RankBases(on(shade(62, 0)), Family.NEUTRAL, OILY, new BaseShelf(List.of(dewy, matte), 1)).best(2);
        assertThat(placed.get(0).position()).isEqualTo(1);
        assertThat(placed.get(1).cost()).isEqualTo(RankBases.AGAINST_WEAR);
    }
}
