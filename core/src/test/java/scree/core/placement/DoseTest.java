package scree.core.placement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.face.Side;
import scree.core.judge.LaidProduct;
import scree.core.judge.Looks;
import scree.core.judge.RoleSkin;
import scree.core.judge.RoleWish;
import scree.core.shade.Form;
import scree.core.shade.Traits;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class DoseTest {
    private static final RoleSkin SKIN = RoleSkin.bare(Lab.of(66, 10, 17));
    private static final RoleWish DAY = RoleWish.of(1);
    private static final LaidProduct SLATE = product(Form.CREAM, 52, 7, 10, .4);

    private static LaidProduct product(Form form, double l, double a, double b, double contrast) {
        return LaidProduct.of(form, Lab.of(l, a, b), contrast, Traits.UNTOLD);
    }

    private static PlacedZone zone(Area area, double strength, double blur) {
        return new PlacedZone(area, Side.LEFT, List.of(), strength, blur, List.of(), List.of(), List.of(), false);
    }

    private static Dose dose(LaidProduct product, Area area, double strength) {
        return Dose.of(product, SKIN, DAY, zone(area, strength, .06));
    }

    @Test
    void aFilmThatLeavesAllLightTurnsNothingAndOneThatTakesItAllTurnsAway() {
        assertThat(Dose.degrees(1).orElseThrow()).isCloseTo(0, within(1e-9));
        assertThat(Dose.degrees(0).orElseThrow()).isCloseTo(90 - Dose.LIGHT_DEGREES, within(1e-9));
        double k = Math.cos(Math.toRadians(Dose.LIGHT_DEGREES + 20)) / Math.cos(Math.toRadians(Dose.LIGHT_DEGREES));
        assertThat(Dose.degrees(k).orElseThrow()).as("Lambert at φ + 20°").isCloseTo(20, within(1e-9));
    }

    /** A plane that faces the light returns the most; more than that was called 40° forward, whatever the product. */
    @Test
    void moreLightThanAnyPlaneReturnsIsNoSlope() {
        assertThat(Dose.degrees(1.27)).isPresent();
        assertThat(Dose.degrees(1.29)).isEmpty();
        Dose white = Dose.of(
                product(Form.CREAM, 82, 5, 14, .55),
                RoleSkin.bare(Lab.of(37, 10, 13)),
                DAY,
                zone(Area.BRIDGE_LIGHT, 1, .02));
        assertThat(white.degrees()).isEmpty();
        assertThat(white.verdict().looks()).isEqualTo(Looks.ASHY);
    }

    @Seeds(40)
    void moreStrengthIsNeverLessProduct(Draw draw) {
        double strength = draw.between(.1, 1.1);
        Dose less = dose(SLATE, Area.CHEEK_SHADOW, strength);
        Dose more = dose(SLATE, Area.CHEEK_SHADOW, strength + .15);
        assertThat(more.coats()).isGreaterThanOrEqualTo(less.coats());
        assertThat(more.degrees().orElseThrow()).isPositive();
    }

    @Test
    void aHintIsLaidThinnerThanOneWouldSeeAloneAndIsNoFault() {
        Dose hint = dose(SLATE, Area.CHEEK_SHADOW, .15);
        assertThat(hint.verdict().fits()).isTrue();
        assertThat(hint.coats()).isLessThan(dose(SLATE, Area.CHEEK_SHADOW, .7).coats());
        assertThat(dose(SLATE, Area.CHEEK_SHADOW, 0).coats()).isZero();
    }

    /** A round red patch on deep skin was shown: its edge fell from its peak within a tenth of the pupil distance. */
    @Seeds(40)
    void aPatchOfColourNeverFallsOffSteeply(Draw draw) {
        RoleSkin skin = RoleSkin.bare(Lab.of(draw.between(30, 78), 10, 14));
        LaidProduct blush = product(draw.between(0, 1) < .5 ? Form.POWDER : Form.CREAM, 44, 34, 22, .25);
        double blur = draw.between(.03, .09);
        PlacedZone zone = zone(Area.BLUSH, draw.between(.5, 1.3), blur);
        Dose dose = Dose.of(blush, skin, DAY, zone);
        boolean thinnest = dose.coats() < scree.core.judge.RoleJudge.leastLayable(blush.form()) + .01;
        double most = Dose.softness(zone, blush) / .0125;
        assertThat(thinnest || dose.result().differenceFrom(skin.ground()) <= most * 1.1)
                .isTrue();
    }

    @Test
    void powderIsNeverMoreThanACoat() {
        LaidProduct powder = product(Form.POWDER, 74, 7, 14, .05);
        assertThat(dose(powder, Area.T_POWDER, 1.3).coats()).isEqualTo(1);
        assertThat(dose(powder, Area.T_POWDER, .5).coats()).isEqualTo(.5);
    }
}
