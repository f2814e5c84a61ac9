package scree.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.mix.KitGaps;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Traits;
import scree.core.shade.UsualCoat;
import scree.core.skin.ReferenceCurve;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** Whom a kit serves in a role, and what a marked zone asks of it. */
class RoleGapsTest {
    private static final Map<String, Lab> KIT = Map.of(
            "peach", Lab.of(74, 16, 22),
            "green", Lab.of(74, -8, 16),
            "concealer", Lab.of(68, 7.5, 14.5),
            "dark", Lab.of(36, 9, 12));
    private static final Function<String, LaidProduct> LAID = name -> LaidProduct.of(
            Form.CREAM, KIT.get(name), name.equals("peach") || name.equals("green") ? .6 : .9, Traits.UNTOLD);

    private static RoleGaps.Cell<String> neutral(List<RoleGaps.Cell<String>> cells, int lightness) {
        return cells.stream()
                .filter(c -> c.lean() == KitGaps.Lean.NEUTRAL && c.lightness() == lightness)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aKitWithoutTheRoleServesNobody() {
        List<RoleGaps.Cell<String>> cells = new RoleGaps<>(Role.BLUSH, List.<String>of(), List.of(), LAID).cells();
        assertThat(cells).hasSize(44).allSatisfy(c -> {
            assertThat(c.served()).isFalse();
            assertThat(c.best()).isEmpty();
        });
        assertThat(new RoleGaps<>(Role.CORRECTOR, List.of("peach"), List.<String>of(), LAID).cells())
                .as("without a concealer nothing is corrected")
                .noneMatch(RoleGaps.Cell::served);
    }

    @Test
    void correctionNamesTheZoneThatIsNotSolved() {
        List<RoleGaps.Cell<String>> cells =
                new RoleGaps<>(Role.CORRECTOR, List.of("peach", "green"), List.of("concealer", "dark"), LAID).cells();
        assertThat(neutral(cells, 68).served()).isTrue();
        assertThat(cells.stream().filter(c -> !c.served()))
                .isNotEmpty()
                .allSatisfy(c -> assertThat(c.mark()).isNotNull());
    }

    /** Craft: green on blue makes it dirty; a corrector never lightens. */
    @Test
    void greenIsForRednessOnly() {
        Lab skin = Lab.of(68, 7.5, 14.5);
        UsualCoat green = LAID.apply("green").coat();
        UsualCoat concealer = LAID.apply("concealer").coat();
        assertThat(Correction.of(RoleGaps.Mark.BLUE_PURPLE.on(skin), skin, green, concealer)
                        .looks())
                .isEqualTo(Looks.DIRTY);
        assertThat(Correction.of(RoleGaps.Mark.REDNESS.on(skin), skin, green, concealer)
                        .looks())
                .isEqualTo(Looks.FITS);
        UsualCoat pale = UsualCoat.of(Form.CREAM, Lab.of(93, 4, 8), .9);
        assertThat(Correction.of(RoleGaps.Mark.BROWN.on(skin), skin, pale, concealer)
                        .between()
                        .lightness())
                .isGreaterThan(skin.lightness());
        assertThat(Correction.of(RoleGaps.Mark.BROWN.on(skin), skin, pale, concealer)
                        .looks())
                .isNotEqualTo(Looks.FITS);
    }

    /** The doses that are proposed are the cheapest of all: none that was tried beats them. */
    @Seeds(30)
    void noOtherDoseIsBetter(Draw draw) {
        Lab skin = RoleGaps.skin(draw.one(KitGaps.Lean.values()), draw.between(30, 78));
        Lab zone = draw.one(RoleGaps.Mark.values()).on(skin);
        UsualCoat concealer = UsualCoat.of(Form.CREAM, skin, .9);
        Correction alone = Correction.of(zone, skin, null, concealer);
        assertThat(alone.corrector()).isZero();
        assertThat(alone.concealer()).isBetween(.2, 2.0);
        assertThat(alone.difference())
                .as("never worse than the bare zone")
                .isLessThanOrEqualTo(zone.differenceFrom(skin));
        Correction again = Correction.of(skin, skin, null, concealer);
        assertThat(again.concealer())
                .as("what is even needs no more than the thinnest layer")
                .isEqualTo(.2);
    }

    @Test
    void aMarkIsFainterOnDeepSkin() {
        Lab deep = ReferenceCurve.at(35);
        Lab fair = ReferenceCurve.at(70);
        for (RoleGaps.Mark mark : RoleGaps.Mark.values()) {
            assertThat(Math.abs(mark.on(deep).lightness() - 35))
                    .isLessThan(Math.abs(mark.on(fair).lightness() - 70));
        }
    }
}
