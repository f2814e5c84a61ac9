package scree.core.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** An inspection looks for what this work can have done wrong, and leads to the step that mends it. */
class FlawTest {
    private static final List<StepCode> WORK =
            List.of(StepCode.MOIST, StepCode.CO_EYE, StepCode.BASE, StepCode.NECK, StepCode.PO_T, StepCode.BLUSH);

    @Test
    void nothingIsLookedForThatWasNotDone() {
        assertThat(Flaw.of(WORK, false))
                .contains(Flaw.EDGE_AT_JAW, Flaw.GREY_UNDER_EYE, Flaw.BLUSH_UNEVEN)
                .doesNotContain(Flaw.LIP_EDGE, Flaw.NOSE_UNLIKE, Flaw.EYES_UNLIKE);
    }

    @Test
    void aFlawLeadsToTheNearestStepThatWasDone() {
        assertThat(Flaw.EDGE_AT_JAW.leadsTo(WORK)).contains(StepCode.NECK);
        assertThat(Flaw.EDGE_AT_JAW.leadsTo(List.of(StepCode.BASE))).contains(StepCode.BASE);
        assertThat(Flaw.LIP_EDGE.leadsTo(WORK)).isEmpty();
    }

    @Test
    void greyUnderTheEyeComesOffFirstForLightWasLaidOverTheDark() {
        assertThat(Flaw.GREY_UNDER_EYE.comesOff()).isTrue();
        assertThat(Flaw.GREY_UNDER_EYE.leadsTo(WORK)).contains(StepCode.CO_EYE);
    }

    @Test
    void whatOnlyFlashShowsIsAskedWhereThereIsFlash() {
        assertThat(Flaw.of(WORK, true)).contains(Flaw.WHITE_CAST, Flaw.SHINE);
        assertThat(Flaw.of(WORK, false)).doesNotContain(Flaw.WHITE_CAST).contains(Flaw.SHINE);
    }
}
