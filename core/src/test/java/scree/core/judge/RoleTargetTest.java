package scree.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.colour.Lab;
import scree.core.mix.KitGaps;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** What the craft asks of every role's target, on any skin. */
class RoleTargetTest {
    private static Lab skin(Draw draw) {
        return RoleGaps.skin(draw.one(KitGaps.Lean.values()), draw.between(26, 80));
    }

    @Seeds(200)
    void everyTargetGoesItsRolesWay(Draw draw) {
        Lab skin = skin(draw);
        RoleSkin s = RoleSkin.bare(skin);
        RoleWish wish = RoleWish.of(draw.between(.5, 1));
        Lab light = RoleTarget.of(Role.BRIGHTENER, s, wish);
        Lab shadow = RoleTarget.of(Role.CONTOUR, s, wish);
        Lab sun = RoleTarget.of(Role.BRONZER, s, wish);
        Lab blush = RoleTarget.of(Role.BLUSH, s, wish);
        Lab sheen = RoleTarget.of(Role.HIGHLIGHT, s, wish);
        assertThat(light.lightness()).isGreaterThan(skin.lightness());
        assertThat(sheen.lightness()).isGreaterThan(light.lightness() - 6).isGreaterThan(skin.lightness());
        assertThat(shadow.lightness()).isLessThan(skin.lightness());
        assertThat(sun.lightness()).isLessThan(skin.lightness());
        assertThat(sun.chroma()).as("a tan is never duller").isGreaterThan(skin.chroma());
        assertThat(blush.a()).as("a blush reddens").isGreaterThan(skin.a());
        assertThat(blush.lightness()).as("and never lightens").isLessThan(skin.lightness());
    }

    @Seeds(100)
    void moreStrengthIsMoreEffect(Draw draw) {
        RoleSkin s = RoleSkin.bare(skin(draw));
        Lab skin = s.skin();
        for (Role role : new Role[] {Role.BRIGHTENER, Role.CONTOUR, Role.BRONZER, Role.BLUSH}) {
            double less = RoleTarget.of(role, s, RoleWish.of(.5)).differenceFrom(skin);
            double more = RoleTarget.of(role, s, RoleWish.of(1)).differenceFrom(skin);
            assertThat(more).as(role.name()).isGreaterThan(less);
        }
        Lab muted = RoleTarget.of(Role.BLUSH, s, RoleWish.of(.8).overRedness());
        assertThat(muted.differenceFrom(skin))
                .as("over redness a blush is quieter")
                .isLessThan(RoleTarget.of(Role.BLUSH, s, RoleWish.of(.8)).differenceFrom(skin));
    }

    /** Craft: what lightens deep skin has to be richer, else it is ashy. */
    @Test
    void deepSkinGainsChromaWhenItIsLightenedAndFairSkinNeedNot() {
        RoleSkin deep = RoleSkin.bare(Lab.of(37, 10, 13));
        assertThat(RoleTarget.of(Role.BRIGHTENER, deep, RoleWish.of(1)).chroma())
                .isGreaterThan(deep.skin().chroma() * 1.1);
        assertThat(RoleBounds.leastChromaOfLight(deep)).isGreaterThan(.85);
        assertThat(RoleBounds.leastChromaOfLight(RoleSkin.bare(Lab.of(78, 6, 9))))
                .isLessThan(.65);
    }

    @Test
    void anOliveIsNotCalledWarmForItsGreen() {
        RoleSkin olive = RoleSkin.bare(Lab.of(62, 6.6, 18.4));
        assertThat(olive.olive()).isCloseTo(.86, within(.03));
        assertThat(olive.lean()).isCloseTo(1.5, within(.3));
        RoleSkin golden = RoleSkin.bare(Lab.ofLch(62, 25, 68));
        assertThat(golden.warm()).isGreaterThan(olive.warm());
    }

    @Test
    void theEveningAllowsDeeperLipsAndLids() {
        RoleSkin s = RoleSkin.bare(Lab.of(70, 8, 13));
        RoleWish day = RoleWish.of(.8);
        assertThat(RoleTarget.lipFloor(s, day.inTheEvening())).isLessThan(RoleTarget.lipFloor(s, day));
        assertThat(RoleTarget.lidFloor(s, day.inTheEvening())).isLessThan(RoleTarget.lidFloor(s, day));
        Lab natural = RoleTarget.of(Role.LIP, s.on(s.guessedLip()), day);
        Lab rich = RoleTarget.of(Role.LIP, s.on(s.guessedLip()), day.lip(RoleWish.LipLook.RICH));
        assertThat(rich.chroma()).isGreaterThan(natural.chroma());
        assertThat(rich.lightness()).isLessThan(natural.lightness());
    }

    @Test
    void aContrastThatNobodyReadIsSaidToBeUsual() {
        RoleSkin unread = RoleSkin.bare(Lab.of(70, 8, 13));
        assertThat(unread.contrastKnown()).isFalse();
        RoleSkin read = new RoleSkin(unread.skin(), unread.skin(), new RoleSkin.FeatureDepths(20.0, 18.0, 30.0), false);
        assertThat(read.contrast()).isCloseTo(70 - (10 + 4.5 + 7.5), within(1e-9));
        assertThat(RoleTarget.lipFloor(read, RoleWish.of(1)))
                .as("a face of strong contrast bears a deeper lip")
                .isLessThan(RoleTarget.lipFloor(unread, RoleWish.of(1)));
    }

    @ParameterizedTest
    @EnumSource(Form.class)
    void everyFormThatIsLaidHasALeastLayer(Form form) {
        if (form == Form.OBJECT) {
            org.assertj.core.api.Assertions.assertThatThrownBy(() -> RoleJudge.leastLayable(form))
                    .hasMessageContaining("not laid");
        } else {
            assertThat(RoleJudge.leastLayable(form)).isBetween(.1, .3);
        }
    }
}
