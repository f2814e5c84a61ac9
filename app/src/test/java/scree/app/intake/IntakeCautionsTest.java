package scree.app.intake;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import scree.app.Members;

/** Cautions are always shown, never in the way. */
class IntakeCautionsTest {
    @Test
    void hygieneIsAlwaysThereAndAMissingPatchTestIsAsked() {
        assertThat(IntakeController.cautions(Members.sitting(null, null, null, null)))
                .containsExactly("caution.patch", "caution.hygiene");
        assertThat(IntakeController.cautions(Members.sitting(null, null, "CLEAR", " ")))
                .containsExactly("caution.hygiene");
    }

    @Test
    void allergiesReactionsAndBrokenSkinAreNamed() {
        assertThat(IntakeController.cautions(Members.sitting("lanolin", null, "CLEAR", null)))
                .contains("caution.allergy");
        assertThat(IntakeController.cautions(Members.sitting(null, "once to nickel", "REACTED", null)))
                .contains("caution.allergy", "caution.patch.reacted")
                .doesNotContain("caution.patch");
        assertThat(IntakeController.cautions(Members.sitting(null, null, "CLEAR", "cold sore")))
                .contains("caution.broken");
    }
}
