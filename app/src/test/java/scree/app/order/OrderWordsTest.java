package scree.app.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import scree.app.Sentences;
import scree.core.routine.Amount;
import scree.core.routine.Step;
import scree.core.routine.StepCode;
import scree.core.routine.WorkZone;

/** Minutes, amounts and strokes as an artist says them. */
class OrderWordsTest {
    private static final OrderWords WORDS = new OrderWords(Sentences.all());

    @ParameterizedTest
    @CsvSource({"0, 0 min", "1, ½ min", "2, 1 min", "3, 1½ min", "95, 47½ min"})
    void halfMinutesAreWrittenAsSuch(int halves, String words) {
        assertThat(WORDS.minutes(halves)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({
        "TAPS, 1, 0, 1 tap",
        "TAPS, 4, 0, 4 taps",
        "PEA_SIZES, .5, 0, half pea size",
        "PEA_SIZES, 1.5, 0, 1 to 2 pea sizes",
        "PUMPS, 2.5, 0, 2 to 3 pumps",
        "SPRAYS, 6, 30, 6 sprays from 30 cm",
        "TAPS_OF_COLOURS, 2, 3, '2 taps a colour, 3 colours'"
    })
    void amountsAreCounted(Amount.Kind kind, double count, int other, String words) {
        assertThat(WORDS.amount(new Amount(kind, count, other))).isEqualTo(words);
    }

    @ParameterizedTest
    @EnumSource
    void everyAmountIsWordedForOneAndForMore(Amount.Kind kind) {
        for (double count : new double[] {0, .5, 1, 1.5, 3}) {
            String words = WORDS.amount(new Amount(kind, count, 30));
            assertThat(words.isEmpty()).isEqualTo(kind == Amount.Kind.NONE);
            assertThat(words).doesNotContain("{");
        }
    }

    private static Step step(StepCode code, Set<WorkZone> zones) {
        return new Step(code, zones, new Amount(Amount.Kind.TAPS, 1, 0), 2, 1, 0, false, false, 0, false);
    }

    /** One way is said once; ways that differ are said by zone, none is left out. */
    @Test
    void directionsAreToldByZone() {
        assertThat(WORDS.stroke(step(StepCode.BLUSH, EnumSet.of(WorkZone.CHEEK))))
                .isEqualTo("tap, up and back");
        assertThat(WORDS.stroke(step(StepCode.BL_SHADOW, EnumSet.of(WorkZone.FOREHEAD, WorkZone.JAW, WorkZone.NECK))))
                .isEqualTo("tap, forehead into the hair; jaw, neck down");
        assertThat(WORDS.stroke(step(StepCode.ASK, Set.of()))).isEmpty();
    }

    /** Two metres and half a page leave no room: short names are shorter. */
    @ParameterizedTest
    @EnumSource
    void shortNamesAreShort(StepCode code) {
        assertThat(WORDS.shortly(code).length()).isBetween(3, 12);
    }
}
