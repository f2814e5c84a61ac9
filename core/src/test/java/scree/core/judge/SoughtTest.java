package scree.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.colour.Lab;
import scree.core.mix.KitGaps;
import scree.core.reason.Reason;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Traits;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** What a kit lacks: the colour named would do it, and two products may do together what neither does. */
class SoughtTest {
    private static final Role[] TURNED_ROUND = {Role.BRIGHTENER, Role.CONTOUR, Role.BRONZER, Role.BLUSH};

    /** Laid as one usual coat it gives the wanted colour, unless no product can be so vivid. */
    @Seeds(80)
    void theNamedColourDoesWhatIsWanted(Draw draw) {
        Role role = draw.one(TURNED_ROUND);
        RoleSkin skin = RoleSkin.bare(RoleGaps.skin(draw.one(KitGaps.Lean.values()), draw.between(30, 80)));
        RoleWish wish = RoleWish.usual(role);
        Sought sought = Sought.of(role, skin, wish);
        LaidProduct product = LaidProduct.of(Form.CREAM, sought.colour(), role.usualContrast(), Traits.UNTOLD);
        Verdict v = new RoleJudge(role, skin, wish).judge(product, 1);
        boolean asVividAsCanBe = sought.colour().chroma() > 49
                || sought.colour().lightness() < 10.5
                || sought.colour().lightness() > 91.5;
        assertThat(asVividAsCanBe || v.offTarget() < 1)
                .as("%s on %s: %s, %.2f off", role, skin.skin(), sought.colour(), v.offTarget())
                .isTrue();
    }

    @ParameterizedTest
    @EnumSource(
            value = Role.class,
            names = {"BRIGHTENER", "CONTOUR", "BLUSH", "HIGHLIGHT", "LIP", "LID"})
    void itIsSaidInARegionOfWords(Role role) {
        RoleSkin skin = RoleSkin.bare(Lab.of(37, 10, 12));
        Reason words = Sought.of(role, skin, RoleWish.usual(role)).words();
        assertThat(words.code()).isEqualTo(Sought.Code.LOOK_FOR);
        assertThat(words.args()).hasSize(4);
        Sought.Beside beside = (Sought.Beside) words.args().get(0);
        switch (role) {
            case BRIGHTENER, HIGHLIGHT -> assertThat(beside).isEqualTo(Sought.Beside.LIGHTER);
            case CONTOUR, LID -> assertThat(beside).isEqualTo(Sought.Beside.DEEPER);
            default ->
                assertThat((Sought.Hue) words.args().get(2))
                        .isIn(Sought.Hue.BERRY, Sought.Hue.ROSE, Sought.Hue.BRICK, Sought.Hue.PEACH);
        }
    }

    private static LaidProduct cream(double l, double a, double b) {
        return LaidProduct.of(Form.CREAM, Lab.of(l, a, b), .9, Traits.UNTOLD);
    }

    private static RoleJudge concealing(Lab skin) {
        Lab mark = Lab.of(skin.lightness() - 5, skin.a() + 3, skin.b() - 2);
        return new RoleJudge(Role.CONCEALER, RoleSkin.bare(skin).on(mark), RoleWish.of(1));
    }

    @Test
    void oneTooLightAndOneTooDeepConcealTogether() {
        RoleJudge judge = concealing(Lab.of(60, 10, 18));
        List<LaidProduct> kit = List.of(cream(67, 9, 17), cream(53, 11, 19));
        assertThat(kit).noneMatch(p -> judge.judge(p).fits());
        TwoMixed<LaidProduct> mix = TwoMixed.of(judge, kit, p -> p).orElseThrow();
        assertThat(mix.verdict().fits()).isTrue();
        assertThat(mix.firstParts() + mix.secondParts()).isBetween(2, 3);
        assertThat(judge.judge(mix.laid()).looks()).isEqualTo(Looks.FITS);
    }

    @Test
    void aPowderIsStirredIntoNothing() {
        RoleJudge judge = concealing(Lab.of(60, 10, 18));
        LaidProduct pan = LaidProduct.of(Form.POWDER, Lab.of(53, 11, 19), .9, Traits.UNTOLD);
        assertThat(TwoMixed.of(judge, List.of(cream(67, 9, 17), pan), p -> p)).isEmpty();
    }
}
