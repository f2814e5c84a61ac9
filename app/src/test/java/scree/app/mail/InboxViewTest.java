package scree.app.mail;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class InboxViewTest {
    @Test
    void addressesInALetterCanBeFollowedAndNothingOfItIsLost() {
        String text = "Your sheet:\nhttp://127.0.0.1/from-home/a-b_c/sheet\nuntil May. https://x.example/y";
        var pieces = InboxView.pieces(text);
        assertThat(pieces)
                .filteredOn(InboxView.Piece::address)
                .extracting(InboxView.Piece::words)
                .containsExactly("http://127.0.0.1/from-home/a-b_c/sheet", "https://x.example/y");
        assertThat(String.join("", pieces.stream().map(InboxView.Piece::words).toList()))
                .isEqualTo(text);
        assertThat(InboxView.pieces("javascript:alert(1)")).noneMatch(InboxView.Piece::address);
    }

    @Test
    void triesLieFurtherAndFurtherApartForMostOfADay() {
        var waits = IntStream.rangeClosed(1, 6).mapToObj(Letter::waitAfter).toList();
        assertThat(waits).isSorted().doesNotHaveDuplicates();
        assertThat(waits.stream().reduce(Duration.ZERO, Duration::plus))
                .isBetween(Duration.ofHours(12), Duration.ofHours(24));
        assertThat(Letter.waitAfter(7)).isNull();
    }

    @Test
    void aDraftIsCutToWhatALetterHolds() {
        Draft draft = new Draft("A\tB", " a@b ", "s".repeat(300), "b".repeat(9000), null).safe();
        assertThat(draft.toName()).isEqualTo("A B");
        assertThat(draft.toAddress()).isEqualTo("a@b");
        assertThat(Stream.of(draft.subject().length(), draft.body().length())).containsExactly(200, 8000);
    }
}
