package scree.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static scree.core.care.Care.Code.BROKEN_SKIN;
import static scree.core.care.Care.Code.HYGIENE;
import static scree.core.care.Care.Code.NO_PATCH_TEST;
import static scree.core.care.Care.Code.PATCH_REACTED;
import static scree.core.care.Care.Code.PATCH_REACTED_BEFORE;
import static scree.core.care.Care.Code.REACTS;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.care.Care.Known;
import scree.core.care.Care.PatchTest;
import scree.core.reason.Reason;

/** What is known is said, all of it, the gravest first. */
class CareTest {
    private static List<Enum<?>> codes(Known known) {
        return Care.before(known).stream().<Enum<?>>map(Reason::code).toList();
    }

    @Test
    void hygieneAlwaysClosesAndAMissingPatchTestIsAsked() {
        assertThat(codes(new Known(null, null, null, null, false, null))).isEqualTo(List.of(NO_PATCH_TEST, HYGIENE));
        assertThat(codes(new Known("", " ", null, PatchTest.CLEAR, false, " "))).isEqualTo(List.of(HYGIENE));
    }

    /** Said once as "no patch test noted": a reaction is the opposite of no test. */
    @Test
    void aTestThatReactedIsNeverSaidToBeMissing() {
        assertThat(codes(new Known(null, null, null, PatchTest.REACTED, true, null)))
                .isEqualTo(List.of(PATCH_REACTED, HYGIENE));
        assertThat(codes(new Known(null, null, null, PatchTest.CLEAR, true, null)))
                .isEqualTo(List.of(PATCH_REACTED_BEFORE, HYGIENE));
        assertThat(codes(new Known(null, null, null, null, true, null)))
                .isEqualTo(List.of(PATCH_REACTED_BEFORE, NO_PATCH_TEST, HYGIENE));
    }

    @Test
    void oneCautionNeverHidesAnother() {
        Known all = new Known("lanolin", "nickel", "latex", PatchTest.REACTED, false, "left cheek");
        assertThat(codes(all)).isEqualTo(List.of(PATCH_REACTED, REACTS, BROKEN_SKIN, HYGIENE));
        assertThat(Care.before(all).get(1).args()).isEqualTo(List.of("lanolin; nickel; latex"));
    }

    @Test
    void whatWasToldTwiceIsSaidOnce() {
        assertThat(new Known("Lanolin", "lanolin ", "lanolin", null, false, null).reactsTo())
                .isEqualTo("Lanolin");
    }
}
