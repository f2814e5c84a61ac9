package scree.standins.makeup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.colour.Lab;
import scree.core.cover.Bears;
import scree.core.cover.Ideal;
import scree.core.cover.Leaning;
import scree.core.cover.Place;
import scree.core.cover.Ware;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;

/** What a film computes as corrector for known marks, against the craft's table. */
class CorrectorsByDepthTest {
    private static final double SEVERITY = .6;
    private static final int TEAL = 2;

    private static Ideal ideal(MarkedSkin.Kind kind, double melanin) {
        MarkedSkin skin = new MarkedSkin(melanin, 1, 0);
        var surround = skin.clear();
        Ware<String> base =
                new Ware<>("own", "own", Role.BASE, Form.LIQUID, UsualCoat.of(Form.LIQUID, surround.toLab(), .78));
        return Ideal.of(new Place<>(skin.mark(kind, SEVERITY, TEAL), surround, base, 1, null, 0, Bears.FACE, false));
    }

    private static Lab skin(double melanin) {
        return new MarkedSkin(melanin, 1, 0).clear().toLab();
    }

    /** Offsets from the skin worked out apart, skin L* 75, 55 and 42. */
    @ParameterizedTest
    @CsvSource({
        "REDNESS, .0085, 5, -3, 4",
        "UNDER_EYE_PURPLE, .0085, 6, 11, 8",
        "UNDER_EYE_BROWN, .0085, 5, 5, 2",
        "SUN_SPOT, .068, 5, 10, 7",
        "SALLOW, .0085, 0, 0, -9",
        "OLD_BRUISE, .068, 2, 10, 3",
        "TATTOO_BLACK, .068, 6, 21, 10",
        "LID_DULL, .068, 5, 9, 3",
        "MELASMA, .15, 2, 5, 3"
    })
    void theIdealCorrectorIsTheOneWorkedOut(MarkedSkin.Kind kind, double melanin, double l, double a, double b) {
        Lab needed = ideal(kind, melanin).colour();
        Lab beside = skin(melanin);
        assertThat(needed.lightness() - beside.lightness()).isCloseTo(l, within(2.0));
        assertThat(needed.a() - beside.a()).isCloseTo(a, within(2.5));
        assertThat(needed.b() - beside.b()).isCloseTo(b, within(2.5));
    }

    @Test
    void itsHueIsTheCraftsWhereTheCraftIsRight() {
        assertThat(ideal(MarkedSkin.Kind.BLEMISH_RAW, .0085).leaning()).isEqualTo(Leaning.OLIVE);
        assertThat(ideal(MarkedSkin.Kind.UNDER_EYE_PURPLE, .0085).leaning()).isEqualTo(Leaning.PEACH);
        assertThat(ideal(MarkedSkin.Kind.UNDER_EYE_PURPLE, .068).leaning()).isEqualTo(Leaning.ORANGE);
        assertThat(ideal(MarkedSkin.Kind.SUN_SPOT, .15).leaning()).isEqualTo(Leaning.RED_ORANGE);
        assertThat(ideal(MarkedSkin.Kind.SALLOW, .0085).leaning()).isEqualTo(Leaning.LAVENDER);
    }

    @Test
    void onVeryDeepSkinAndUnderPaleScarsNoHueIsAskedFor() {
        Set<Leaning> tones = Set.of(Leaning.SKIN, Leaning.SKIN_LIGHTER);
        assertThat(ideal(MarkedSkin.Kind.REDNESS, .29).leaning()).isIn(tones);
        assertThat(ideal(MarkedSkin.Kind.UNDER_EYE_BROWN, .29).leaning()).isIn(tones);
        assertThat(ideal(MarkedSkin.Kind.SCAR_PALE, .15).leaning()).isEqualTo(Leaning.SKIN_DEEPER);
    }
}
