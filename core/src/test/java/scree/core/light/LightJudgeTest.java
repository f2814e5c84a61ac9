package scree.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.face.Side;
import scree.core.light.LightFigures.Card;
import scree.core.light.LightVerdict.Grade;
import scree.core.reason.Reason;

class LightJudgeTest {
    private static final MeteredLight WINDOW = new MeteredLight(5600, .001, 800);

    @Test
    void evenDaylightIsGoodAndSaysSo() {
        LightVerdict verdict = LightJudge.judge(even(Card.COLOUR, 5600.0), WINDOW);
        assertThat(verdict.grade()).isEqualTo(Grade.GOOD);
        assertThat(verdict.reasons()).extracting(Reason::code).isEqualTo(java.util.List.of(LightCode.EVEN_DAYLIGHT));
    }

    /** The craft's limits: 5000 to 6500 K, |Duv| under 0.006, 300 to 2000 lx; past them the card helps for a while. */
    @ParameterizedTest
    @CsvSource({
        "4990, 0, 800, USABLE, WARM_LAMP", "5010, 0, 800, GOOD, EVEN_DAYLIGHT", "6510, 0, 800, USABLE, COOL_LIGHT",
        "2900, 0, 800, USABLE, WARM_LAMP", "2000, 0, 800, UNFIT, WARM_LAMP", "11000, 0, 800, UNFIT, COOL_LIGHT",
        "5600, 0.0055, 800, GOOD, EVEN_DAYLIGHT", "5600, 0.007, 800, USABLE, GREEN_TINT",
                "5600, -0.02, 800, UNFIT, PINK_TINT",
        "5600, 0, 299, USABLE, TOO_DIM", "5600, 0, 60, UNFIT, TOO_DIM", "5600, 0, 2100, USABLE, TOO_BRIGHT",
        "5600, 0, 30000, UNFIT, TOO_BRIGHT"
    })
    void aMeterIsJudgedByTheCraftsLimits(double kelvin, double duv, double lux, Grade grade, LightCode code) {
        LightVerdict verdict = LightJudge.judge(new MeteredLight(kelvin, duv, lux));
        assertThat(verdict.grade()).isEqualTo(grade);
        assertThat(verdict.reasons().get(0).code()).isEqualTo(code);
    }

    @Test
    void underAWarmLampTheColourCardHelpsAndTheGreyCardDoesNot() {
        MeteredLight lamp = new MeteredLight(2900, 0, 500);
        assertThat(LightJudge.judge(even(Card.COLOUR, null), lamp).grade()).isEqualTo(Grade.USABLE);
        assertThat(LightJudge.judge(even(Card.GREY, null), lamp).grade()).isEqualTo(Grade.UNFIT);
    }

    @Test
    void aSlantWarnsThenRefusesAndNamesTheBrighterSide() {
        assertThat(grade(slanting(.09))).isEqualTo(Grade.GOOD);
        assertThat(grade(slanting(.12))).isEqualTo(Grade.USABLE);
        LightVerdict much = LightJudge.judge(slanting(-Math.log(1.25)), WINDOW);
        assertThat(much.grade()).isEqualTo(Grade.UNFIT);
        assertThat(much.reasons().get(0).args()).containsExactly(25, Side.LEFT);
    }

    @Test
    void theCardsOwnGuessMustMissByMoreThanItsDoubtBeforeItIsHeldAgainstTheLight() {
        assertThat(LightJudge.judge(even(Card.COLOUR, 4700.0), null).grade()).isEqualTo(Grade.GOOD);
        assertThat(LightJudge.judge(even(Card.COLOUR, 3900.0), null).grade()).isEqualTo(Grade.USABLE);
        assertThat(LightJudge.judge(even(Card.COLOUR, 2800.0), WINDOW).grade())
                .as("a meter is believed before the guess")
                .isEqualTo(Grade.GOOD);
    }

    @Test
    void theWorstReasonComesFirst() {
        LightFigures bad = new LightFigures(Card.COLOUR, 3000.0, .12, .9, 1.2, .6, .3, 3.0, 0, .01, null);
        LightVerdict verdict = LightJudge.judge(bad, null);
        assertThat(verdict.grade()).isEqualTo(Grade.UNFIT);
        assertThat(verdict.reasons().get(0).code()).isEqualTo(LightCode.FROM_ABOVE);
        assertThat(verdict.reasons()).hasSize(3);
    }

    /** A forehead may shine and a lip may lie deep: a light is unfit by both, or by the shadow alone where hair lies over the forehead. */
    @ParameterizedTest
    @CsvSource({
        ", , GOOD",
        ".10, .40, GOOD",
        ".30, .40, USABLE",
        ".60, .40, USABLE",
        ".10, .70, USABLE",
        ".10, 1.2, USABLE",
        ".60, , USABLE",
        ".60, 1.2, UNFIT",
        ", .70, USABLE",
        ", 1.2, UNFIT"
    })
    void aLampAboveNeedsTwoWitnesses(Double above, Double underNose, Grade grade) {
        LightFigures f = new LightFigures(Card.COLOUR, 5600.0, .02, above, underNose, .6, .4, 3.0, 0, .005, null);
        assertThat(LightJudge.judge(f, null).grade()).isEqualTo(grade);
    }

    @Test
    void withoutCardAndMeterTheColourIsUnknownAndNeverGood() {
        LightFigures bare = new LightFigures(Card.NONE, null, .02, .0, .3, null, .3, 3.0, 0, 0, null);
        assertThat(LightJudge.judge(bare, null).grade()).isEqualTo(Grade.USABLE);
    }

    @Test
    void aMeterThatReadsNonsenseIsRefusedWithTheWayOut() {
        assertThatThrownBy(() -> new MeteredLight(Double.NaN, 0, 800)).hasMessageContaining("measure the light again");
        assertThatThrownBy(() -> new MeteredLight(5600, 0, -3)).hasMessageContaining("illuminance");
    }

    private static Grade grade(LightFigures f) {
        return LightJudge.judge(f, WINDOW).grade();
    }

    private static LightFigures slanting(double by) {
        return new LightFigures(Card.COLOUR, 5600.0, by, .05, .3, .6, .4, 3.0, 0, .005, null);
    }

    private static LightFigures even(Card card, Double kelvin) {
        return new LightFigures(card, kelvin, .02, .05, .3, .6, .4, 3.0, 0, .005, null);
    }
}
