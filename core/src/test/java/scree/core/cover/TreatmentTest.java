package scree.core.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.reason.Reason;
import scree.core.reason.Severity;
import scree.core.shade.Form;
import scree.core.shade.PencilLine;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;
import scree.core.skin.FreeSpot;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.SkinSpectrum;
import scree.core.skin.Texture;
import scree.core.skin.Zone;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** What is done about a mark, what the habits would do, and what is never done. */
class TreatmentTest {
    private static final Lab FAIR = ReferenceCurve.at(72);
    private static final Lab DEEP = ReferenceCurve.at(34);

    private static Ware<String> ware(String name, Role role, Lab colour, double contrast) {
        return Golden.ware(name, role, Form.CREAM, colour, contrast, UsualCoat.ESTIMATED);
    }

    private static List<Ware<String>> kit() {
        List<Ware<String>> all = new ArrayList<>();
        Golden.rows("kit.csv").stream()
                .filter(r -> Set.of("CORRECTOR", "CONCEALER", "BRIGHTENER").contains(r.get("role")))
                .forEach(r -> all.add(Golden.ware(r.get("id"), UsualCoat.ESTIMATED)));
        return all;
    }

    private static Mark mark(Seen seen, Zone zone, Lab colour, Lab skin, Texture... feel) {
        return new Mark(seen, zone, null, colour, skin, Marks.area(zone), List.of(feel));
    }

    private static Treatment<String> treat(Mark mark, Lab skin, double baseCoats) {
        Place<String> place = Treatment.place(mark, ware("BASE", Role.BASE, skin, .78), baseCoats);
        return Treatment.of(mark, place, kit());
    }

    private static List<Enum<?>> codes(List<Reason> reasons) {
        List<Enum<?>> codes = new ArrayList<>();
        reasons.forEach(r -> codes.add(r.code()));
        return codes;
    }

    @Test
    void brokenSkinHasNoPlanAndACautionThatDefers() {
        Mark popped =
                mark(Seen.BLEMISH, Zone.CHIN, Lab.of(62, 24, 18), FAIR, Texture.BROKEN_SKIN, Texture.RAISED_BLEMISH);
        Treatment<String> t = treat(popped, FAIR, 1);
        assertThat(t.plan()).isNull();
        assertThat(t.care()).singleElement().satisfies(r -> {
            assertThat(r.code()).isEqualTo(CoverCode.BROKEN);
            assertThat(r.severity()).isEqualTo(Severity.CAUTION);
        });
        Place<String> place = Treatment.place(popped, ware("BASE", Role.BASE, FAIR, .78), 1);
        assertThatThrownBy(() -> CoverSearch.of(place, kit())).hasMessageContaining("broken skin");
    }

    @Test
    void greenOnDeepRednessHarmsAndTheTableIsToldSo() {
        Mark red = mark(Seen.REDNESS, Zone.CHEEK, Lab.of(31, 9, 5.5), DEEP);
        Treatment<String> t =
                Treatment.of(red, Treatment.place(red, ware("BASE", Role.BASE, DEEP, .78), 1), withOlive());
        assertThat(t.plan().corrects()).as("the base or a cover does it").isFalse();
        assertThat(t.table().asked()).isEqualTo(Leaning.OLIVE);
        assertThat(codes(t.why())).contains(CoverCode.TABLE_HARMS);
    }

    private static List<Ware<String>> withOlive() {
        List<Ware<String>> kit = kit();
        kit.add(ware("Olive", Role.CORRECTOR, Lab.of(70, -1, 22), .8));
        return kit;
    }

    @Test
    void aCorrectorIsProposedWhereItSavesAndSaysWhat() {
        Mark purple = mark(Seen.PURPLE, Zone.UNDER_EYE, Lab.of(60, 7, 2), FAIR);
        Treatment<String> t = treat(purple, FAIR, .5);
        assertThat(t.plan().corrects()).isTrue();
        assertThat(codes(t.why())).containsAnyOf(CoverCode.CORRECTED, CoverCode.ONLY_CORRECTED);
        assertThat(codes(t.care())).contains(CoverCode.THIN_SKIN);
        assertThat(t.plan().microns()).isLessThanOrEqualTo(Bears.UNDER_EYE.microns());
        ShortCut<String> bright = t.shortCuts().stream()
                .filter(s -> s.way() == ShortCut.Way.BRIGHTENER_STRAIGHT)
                .findFirst()
                .orElseThrow();
        assertThat(bright.plan().left()).isGreaterThan(t.plan().left());
        assertThat(bright.chromaKept()).as("it greys").isLessThan(.9);
    }

    @Test
    void theStrictestOfPlaceAndFeelHolds() {
        assertThat(mark(Seen.PURPLE, Zone.UNDER_EYE, FAIR, FAIR, Texture.BAG, Texture.CREPE)
                        .bears())
                .isEqualTo(Bears.CREPE);
        assertThat(mark(Seen.BROWN, Zone.CHEEK, FAIR, FAIR, Texture.DRY_PATCH).bears())
                .isEqualTo(Bears.DRY_PATCH);
        assertThat(mark(Seen.BROWN, Zone.CHEEK, FAIR, FAIR, Texture.CREPE, Texture.BROKEN_SKIN)
                        .bears())
                .isEqualTo(Bears.BROKEN);
        assertThat(Bears.CREPE.wideLight()).isFalse();
        FreeSpot tattoo = new FreeSpot(1, FreeSpot.Kind.TATTOO, 1, 3, .2);
        assertThat(new Mark(Seen.TATTOO, null, tattoo, DEEP, FAIR, 5, List.of()).bears())
                .isEqualTo(Bears.HEAVY);
    }

    @Test
    void creaseSkinGetsThinSheeredCoatsOnly() {
        Mark lined = mark(Seen.PURPLE, Zone.UNDER_EYE, Lab.of(64, 7, 6), FAIR, Texture.CREPE);
        CoverPlan<String> plan = treat(lined, FAIR, .5).plan();
        assertThat(plan.microns()).isLessThanOrEqualTo(18);
        assertThat(plan.under()).allSatisfy(l -> assertThat(l.amount()).isLessThanOrEqualTo(.5));
        assertThat(plan.over()).allSatisfy(l -> assertThat(l.amount()).isLessThanOrEqualTo(.5));
    }

    @Test
    void whatNothingReachesSaysHowFarItGetsAndWhatToBuy() {
        Lab pale = Lab.of(76, 5, 14);
        Mark mark = mark(Seen.BROWN, Zone.CHEEK, Lab.of(58, 14, 22), pale);
        Place<String> place = Treatment.place(mark, ware("BASE", Role.BASE, Lab.of(60, 12, 20), .5), .5);
        Treatment<String> t = Treatment.of(mark, place, List.of(ware("deep", Role.CONCEALER, Lab.of(40, 10, 15), .9)));
        assertThat(t.reaches()).isFalse();
        assertThat(t.why().get(0).code()).isEqualTo(CoverCode.OUT_OF_REACH);
        assertThat(t.wanting()).get().satisfies(w -> {
            assertThat(w.role()).isEqualTo(Role.CONCEALER);
            assertThat(w.left()).isLessThanOrEqualTo(Place.TARGET);
        });
    }

    @Test
    void aLightCoverUnderADeeperOneIsOfferedAsTheirMix() {
        Mark mark = mark(Seen.SCAR, Zone.CHIN, Lab.of(46, 14, 17), ReferenceCurve.at(54));
        Place<String> place = Treatment.place(mark, ware("BASE", Role.BASE, ReferenceCurve.at(54), .78), 0);
        Ware<String> light = ware("light", Role.CONCEALER, Lab.of(66, 9, 17), .93);
        Ware<String> deep = ware("deep", Role.CONCEALER, Lab.of(48, 11, 19), .93);
        CoverPlan<String> odd = CoverPlan.of(place, List.of(), List.of(new Layer<>(light, 1), new Layer<>(deep, 1)));
        Stirred<String> mix = Stirred.of(odd).orElseThrow();
        assertThat(mix.plan().level()).isLessThanOrEqualTo(odd.level());
        assertThat(mix.plan().coats()).isLessThanOrEqualTo(odd.coats());
        CoverPlan<String> near = CoverPlan.of(place, List.of(), List.of(new Layer<>(deep, 1)));
        assertThat(Stirred.of(near)).isEmpty();
    }

    @Test
    void heavyCoverIsPressedPowderedBetweenAndKeptClearOfRedAndSheen() {
        FreeSpot spot = new FreeSpot(1, FreeSpot.Kind.TATTOO, 1, 3, .2);
        Mark tattoo = new Mark(Seen.TATTOO, null, spot, Lab.of(38, 2, 2), FAIR, 5, List.of());
        Place<String> place = Treatment.place(tattoo, ware("BASE", Role.BASE, FAIR, .78), 0);
        Ware<String> dense = ware("dense", Role.CONCEALER, FAIR, .93);
        Ware<String> warm = ware("warm", Role.CORRECTOR, Lab.of(62, 28, 34), .84);
        CoverPlan<String> plan = CoverPlan.of(place, List.of(new Layer<>(warm, 1)), List.of(new Layer<>(dense, 2)));
        List<Doing.Code> codes =
                Doing.of(tattoo, plan).stream().map(Doing::code).toList();
        assertThat(codes)
                .containsExactly(
                        Doing.Code.SOFTEN,
                        Doing.Code.GRIP,
                        Doing.Code.PRESS,
                        Doing.Code.EDGES_OUT,
                        Doing.Code.POWDER_BETWEEN,
                        Doing.Code.PRESS,
                        Doing.Code.POWDER_PRESSED,
                        Doing.Code.KEEP_OFF);
        Mark dry = mark(Seen.BROWN, Zone.CHEEK, Lab.of(66, 12, 20), FAIR, Texture.DRY_PATCH);
        Place<String> on = Treatment.place(dry, ware("BASE", Role.BASE, FAIR, .78), 1);
        CoverPlan<String> thin = CoverPlan.of(on, List.of(), List.of(new Layer<>(dense, .5)));
        assertThat(Doing.of(dry, thin))
                .extracting(Doing::code)
                .startsWith(Doing.Code.SOFTEN)
                .endsWith(Doing.Code.NO_POWDER);
        assertThat(Doing.of(dry, CoverPlan.of(on, List.of(), List.of()))).isEmpty();
    }

    /** The last powder lies on the place and on what is beside it, little where skin folds and none where it is dry. */
    @Test
    void theLastPowderIsPartOfThePlan() {
        assertThat(Treatment.powderCoats(mark(Seen.PURPLE, Zone.UNDER_EYE, Lab.of(62, 10, 8), FAIR)))
                .isEqualTo(.5);
        assertThat(Treatment.powderCoats(mark(Seen.REDNESS, Zone.CHEEK, Lab.of(66, 20, 18), FAIR)))
                .isEqualTo(1);
        assertThat(Treatment.powderCoats(mark(Seen.REDNESS, Zone.CHEEK, Lab.of(66, 20, 18), FAIR, Texture.DRY_PATCH)))
                .isZero();
        Mark deep = mark(Seen.BROWN, Zone.CHEEK, Lab.of(32, 9, 10), DEEP);
        Ware<String> pale =
                new Ware<>("pale", "pale", Role.POWDER, Form.POWDER, UsualCoat.of(Form.POWDER, Lab.of(88, 3, 10), .2));
        Place<String> bare = Treatment.place(deep, ware("BASE", Role.BASE, DEEP, .78), 1);
        Place<String> powdered = bare.powdered(pale, 1);
        CoverPlan<String> plan =
                CoverPlan.of(powdered, List.of(), List.of(new Layer<>(ware("c", Role.CONCEALER, DEEP, .9), 1)));
        assertThat(plan.strata()).last().satisfies(s -> {
            assertThat(s.layer().ware()).isSameAs(pale);
            assertThat(s.left()).isEqualTo(plan.left());
        });
        assertThat(powdered.target().toLab().lightness())
                .as("a pale powder greys both")
                .isGreaterThan(bare.target().toLab().lightness() + 1);
        assertThat(plan.microns())
                .as("and is not counted into what cakes")
                .isEqualTo(CoverPlan.of(bare, plan.under(), plan.over()).microns());
        assertThat(Doing.of(deep, plan))
                .last()
                .satisfies(d -> assertThat(d.layer().ware()).isEqualTo(pale));
    }

    @Test
    void amountsAreCounted() {
        Layer<String> half = new Layer<>(ware("c", Role.CONCEALER, FAIR, .9), .5);
        assertThat(Counted.of(half, 3, Bears.UNDER_EYE)).isEqualTo(new Counted(Counted.Unit.TAP, 2));
        assertThat(Counted.of(half, .3, Bears.FACE)).isEqualTo(new Counted(Counted.Unit.DOT, 1));
    }

    /** Up to two coats the search is exact: over a small kit nothing that was left out does with fewer coats, or as few and thinner. */
    @Seeds(40)
    void nothingThinnerWithAsFewCoatsWasLeftOut(Draw draw) {
        double l = draw.between(32, 76);
        Lab skin = ReferenceCurve.at(l);
        Lab zone = Lab.of(l - draw.between(1, 9), skin.a() + draw.between(-4, 6), skin.b() + draw.between(-6, 6));
        Place<String> place =
                Place.of(zone, skin, ware("BASE", Role.BASE, skin, .75), draw.one(0., .5, 1.), Bears.FACE);
        List<Ware<String>> kit = List.of(
                ware(
                        "c",
                        Role.CORRECTOR,
                        Lab.of(draw.between(45, 76), draw.between(-14, 34), draw.between(-10, 34)),
                        .8),
                ware("k", Role.CONCEALER, ReferenceCurve.at(draw.between(l - 9, l + 9)), .9));
        CoverSearch.Found<String> found = CoverSearch.of(place, kit);
        int most = found.plan()
                .filter(p -> p.level() == CoverPlan.Level.SAFE)
                .map(CoverPlan::coats)
                .orElse(2);
        for (CoverPlan<String> p : all(place, kit, Math.min(most, 2))) {
            if (p.level() == CoverPlan.Level.SAFE) {
                CoverPlan<String> best = found.plan().orElseThrow();
                assertThat(best.level()).isEqualTo(CoverPlan.Level.SAFE);
                assertThat(p.coats()).isGreaterThanOrEqualTo(best.coats());
                if (p.coats() == best.coats()) {
                    assertThat(p.microns()).isGreaterThanOrEqualTo(best.microns() - 1.5 - 1e-9);
                }
            }
            assertThat(p.left()).isGreaterThanOrEqualTo(Math.min(found.nearest().left(), Place.TARGET) - 1e-6);
        }
    }

    private static List<CoverPlan<String>> all(Place<String> place, List<Ware<String>> kit, int most) {
        List<List<Layer<String>>> under = new ArrayList<>(List.of(List.of()));
        List<List<Layer<String>>> over = new ArrayList<>(List.of(List.of()));
        for (double amount : new double[] {.5, 1, 1.5, 2}) {
            under.add(List.of(new Layer<>(kit.get(0), amount)));
            over.add(List.of(new Layer<>(kit.get(1), amount)));
            over.add(List.of(new Layer<>(place.base(), amount)));
        }
        List<CoverPlan<String>> plans = new ArrayList<>();
        for (List<Layer<String>> u : under) {
            for (List<Layer<String>> o : over) {
                CoverPlan<String> p = CoverPlan.of(place, u, o);
                if (p.coats() <= most && p.microns() <= place.bears().microns()) {
                    plans.add(p);
                }
            }
        }
        return plans;
    }

    /** The test of a product's own coat finds the coat that was laid. */
    @Seeds(30)
    void aPencilLineTellsTheCoatThatWasLaid(Draw draw) {
        Lab skin = ReferenceCurve.at(draw.between(32, 76));
        Lab line = Lab.of(Math.max(12, skin.lightness() - 25), 2, 2);
        double share = draw.between(.1, 1.5);
        UsualCoat coat = UsualCoat.of(Form.LIQUID, skin, draw.between(.5, .95), share);
        var film = coat.worn(1);
        PencilLine read = new PencilLine(
                line,
                skin,
                film.over(scree.core.colour.LeastSlope.spectrumOf(line).orElseThrow())
                        .toLab(),
                film.over(SkinSpectrum.of(skin)).toLab());
        assertThat(read.wornShare(coat)).get().satisfies(s -> assertThat(s).isCloseTo(share, within(.01)));
    }

    @Test
    void aFaintLineTellsNothing() {
        PencilLine faint = new PencilLine(Lab.of(70, 7, 12), FAIR, FAIR, FAIR);
        assertThat(faint.tells()).isFalse();
        assertThat(faint.wornShare(UsualCoat.of(Form.CREAM, FAIR, .8))).isEmpty();
    }
}
