package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import scree.core.Golden;
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

    /** More yellow and no less red: warm, where less red would be olive. */
    private static Lab golden(double l) {
        Lab usual = ReferenceCurve.at(l);
        return Lab.of(l, usual.a(), usual.b() + 2.3);
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
        Lab skin = shade(76, 0);
        List<Candidate> kit = List.of(
                new Candidate(golden(76.2), Form.LIQUID, Finish.SATIN, Coverage.MEDIUM),
                new Candidate(shade(74.8, 0), Form.LIQUID, Finish.SATIN, Coverage.MEDIUM),
                new Candidate(shade(69, 0), Form.LIQUID, Finish.SATIN, Coverage.MEDIUM));
        List<Placed> placed = new RankBases(on(skin), Family.NEUTRAL, Wish.none(), new BaseShelf(kit, 1.2)).best(3);
        assertThat(placed).extracting(Placed::position).containsExactly(1, 0, 2);
        Placed warm = placed.get(1);
        assertThat(warm.undertone().get(0).cost()).isEqualTo(RankBases.OTHER_FAMILY);
        assertThat(warm.cost()).isGreaterThanOrEqualTo(RankBases.OTHER_FAMILY);
        assertThat(warm.undertone().get(0).reason().code()).isEqualTo(RankBases.Code.NEAR_BUT_OTHER_FAMILY);
        assertThat(warm.undertone().get(0).reason().args()).containsExactly(Family.WARM, Family.NEUTRAL);
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
        assertThat(placed.get(1).cost()).isGreaterThanOrEqualTo(Wear.AGAINST);
    }

    private static Lab numbers(String three) {
        String[] n = three.split(" ");
        return Lab.of(Double.parseDouble(n[0]), Double.parseDouble(n[1]), Double.parseDouble(n[2]));
    }

    private static double after(String text, String word) {
        return Double.parseDouble(
                text.substring(text.indexOf(word + " ") + word.length() + 1).split(" ")[0]);
    }

    @Test
    void oliveAndFamilyAreTheReferences() {
        int seen = 0;
        for (Map<String, String> row : Golden.rows("roles/golden_more.csv")) {
            if (!row.get("kind").equals("base") || !row.get("setting").isEmpty()) {
                continue;
            }
            seen++;
            Lab skin = numbers(row.get("skin"));
            Candidate shade = new Candidate(numbers(row.get("other")), Form.LIQUID, Finish.SATIN, Coverage.MEDIUM);
            MatchTarget target = on(skin);
            Placed placed = new RankBases(
                            target,
                            RankBases.family(Optional.empty(), target),
                            Wish.none(),
                            new BaseShelf(List.of(shade), 1))
                    .at(0);
            assertThat(placed.standing())
                    .as(row.toString())
                    .isCloseTo(after(row.get("result"), "standing"), within(.01));
        }
        assertThat(seen).isEqualTo(30);
    }

    /** A base with four remarks against it at 2.5 stood above one at 2.9 that met every wish. */
    @Test
    void wishesThatAreNotMetCountButDoNotOutweighAMatch() {
        Lab skin = shade(62, 0);
        Wish wish = new Wish(
                Coverage.FULL,
                Finish.MATTE,
                Set.of(SkinType.COMBINATION),
                Set.of(),
                false,
                false,
                new Day(Occasion.EVERYDAY, false, 10));
        Candidate remarks = new Candidate(off(skin, 2.5), Form.LIQUID, Finish.DEWY, Coverage.MEDIUM);
        Candidate meets = new Candidate(off(skin, 2.9), Form.LIQUID, Finish.MATTE, Coverage.FULL);
        Candidate match = new Candidate(off(skin, 1.0), Form.LIQUID, Finish.DEWY, Coverage.MEDIUM);
        List<Placed> placed =
                new RankBases(on(skin), Family.NEUTRAL, wish, new BaseShelf(List.of(remarks, meets, match), 1)).best(3);
        assertThat(placed).extracting(Placed::position).containsExactly(2, 1, 0);
        assertThat(placed.get(2).wear()).hasSize(4).allMatch(p -> p.cost() > 0);
    }

    private static Lab off(Lab skin, double difference) {
        double low = 0;
        double high = 10;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            boolean under =
                    Lab.of(skin.lightness() - middle, skin.a(), skin.b()).differenceFrom(skin) < difference;
            low = under ? middle : low;
            high = under ? high : middle;
        }
        return Lab.of(skin.lightness() - low, skin.a(), skin.b());
    }
}
