package scree.app.reply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ReplySheetTest {
    private final ReplySheet usual = ReplySheet.usual();

    /** The first hand on a part begins from what it shows. */
    @Test
    void aProductIsNamedAndTakenBack() {
        ReplySheet named = usual.toggled(ReplyPart.LIP, 3, List.of(1L, 2L));
        assertThat(named.picked()).isEqualTo(Map.of(ReplyPart.LIP, List.of(1L, 2L, 3L)));
        assertThat(named.toggled(ReplyPart.LIP, 1, List.of(1L, 2L, 3L)).picked().get(ReplyPart.LIP))
                .containsExactly(2L, 3L);
    }

    @Test
    void whereAPartIsFullTheOneNamedFirstGivesWay() {
        assertThat(usual.toggled(ReplyPart.LIP, 4, List.of(1L, 2L, 3L)).picked().get(ReplyPart.LIP))
                .containsExactly(2L, 3L, 4L);
        assertThat(usual.toggled(ReplyPart.BASE, 4, List.of(1L)).picked().get(ReplyPart.BASE))
                .containsExactly(4L);
    }

    @Test
    void namingAPartBringsItBackAndAnewForgetsTheHand() {
        ReplySheet left = usual.leaving(ReplyPart.CHEEK);
        assertThat(left.left()).isEqualTo(Set.of(ReplyPart.CHEEK));
        assertThat(left.leaving(ReplyPart.CHEEK)).isEqualTo(usual);
        assertThat(left.toggled(ReplyPart.CHEEK, 5, List.of()).left()).isEmpty();
        assertThat(left.near(ReplyPart.CHEEK, true).left()).isEmpty();
        assertThat(left.near(ReplyPart.CHEEK, false).near())
                .as("said by a hand, whatever the kit has")
                .containsEntry(ReplyPart.CHEEK, false);
        assertThat(usual.toggled(ReplyPart.CHEEK, 5, List.of())
                        .near(ReplyPart.CHEEK, true)
                        .anew(ReplyPart.CHEEK))
                .isEqualTo(usual);
    }

    @Test
    void blankWordsAreNoneAndTooManyAreRefused() {
        assertThat(usual.saying(" ", "\n")).isEqualTo(usual);
        assertThat(usual.saying(" a ", "b").unsure()).isEqualTo("a");
        String tooLong = "x".repeat(ReplySheet.LONGEST + 1);
        assertThatThrownBy(() -> usual.saying(tooLong, "")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> usual.saying("", tooLong)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(
                        () -> new ReplySheet(Map.of(ReplyPart.BASE, List.of(1L, 2L)), Map.of(), Set.of(), null, null))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** A form of another version is not read as if it were this one. */
    @Test
    void anAnswerOfAnotherVersionIsRefused() {
        assertThatThrownBy(() -> new SentReply(2, "fair", List.of(), "unsure", null))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
