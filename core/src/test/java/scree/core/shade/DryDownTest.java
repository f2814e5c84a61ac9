package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.colour.Lab;
import scree.core.shade.DryDown.Answer;
import scree.core.shade.DryDown.Seen;
import scree.core.shade.DryDown.Shift;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class DryDownTest {
    private static final Lab WET = Lab.of(64, 9, 17);
    private static final Shift RECORD = new Shift(-1, 0, .3);
    private static final Shift FORM = new Shift(-2, .2, .5);

    @Test
    void withoutObservationsTheRecordStands() {
        assertThat(DryDown.learned(RECORD, FORM, List.of())).isEqualTo(RECORD);
    }

    /** The same truth seen n times by the meter: the error shrinks with every one and ends near nothing. */
    @Seeds(50)
    void moreObservationsComeNearerToTheTruth(Draw draw) {
        double truth = draw.between(-6, 2);
        int n = draw.whole(1, 12);
        Seen seen = DryDown.byMeter(WET, new Shift(truth, .5, 1).from(WET));
        double few = Math.abs(
                DryDown.learned(RECORD, FORM, Collections.nCopies(n, seen)).lightness() - truth);
        double more = Math.abs(
                DryDown.learned(RECORD, FORM, Collections.nCopies(n + 1, seen)).lightness() - truth);
        assertThat(more).isLessThanOrEqualTo(few + 1e-12);
        double many = Math.abs(
                DryDown.learned(RECORD, FORM, Collections.nCopies(60, seen)).lightness() - truth);
        assertThat(many).isLessThan(.03);
    }

    @Test
    void oneLookIsHeldBackMoreThanOneReading() {
        Lab settled = new Shift(-5, 0, 0).from(WET);
        double eye = DryDown.learned(
                        RECORD, FORM, List.of(DryDown.byEye(Answer.VANISHED, WET, settled, RECORD.from(WET))))
                .lightness();
        double meter = DryDown.learned(RECORD, FORM, List.of(DryDown.byMeter(WET, settled)))
                .lightness();
        assertThat(eye).isBetween(-5.0, -1.0).isGreaterThan(meter);
        assertThat(meter).isCloseTo(-5, within(.8));
    }

    @Test
    void orderOfObservationsDoesNotMatter() {
        List<Seen> seen = new ArrayList<>(List.of(
                DryDown.byMeter(WET, Lab.of(61, 9, 18)),
                DryDown.byEye(Answer.TOO_DEEP, WET, Lab.of(63, 9, 17), Lab.of(63, 9, 17)),
                DryDown.byEye(Answer.VANISHED, WET, Lab.of(62, 9, 17), Lab.of(63, 9, 17))));
        Shift one = DryDown.learned(RECORD, FORM, seen);
        Collections.reverse(seen);
        Shift other = DryDown.learned(RECORD, FORM, seen);
        assertThat(one.lightness()).isCloseTo(other.lightness(), within(1e-12));
        assertThat(one.b()).isCloseTo(other.b(), within(1e-12));
    }

    /** What was named lies on the named side by at least what shows; what was already believed so is left where it was. */
    @ParameterizedTest
    @EnumSource(value = Answer.class, names = "VANISHED", mode = EnumSource.Mode.EXCLUDE)
    void anAnswerMovesTheColourToTheSideThatWasNamed(Answer answer) {
        Lab skin = Lab.of(62, 10, 17);
        Lab seen = DryDown.byEye(answer, WET, skin, skin).shift().from(WET);
        double l = seen.lightness() - skin.lightness();
        double c = seen.chroma() - skin.chroma();
        double h = seen.hueDegrees() - skin.hueDegrees();
        switch (answer) {
            case TOO_LIGHT -> assertThat(l).isCloseTo(2.5, within(1e-9));
            case TOO_DEEP -> assertThat(l).isCloseTo(-2.5, within(1e-9));
            case TOO_PINK -> assertThat(h).isLessThan(-5);
            case TOO_GOLDEN -> assertThat(h).isGreaterThan(5);
            case TOO_GREY -> assertThat(c).isCloseTo(-2.5, within(1e-9));
            default -> throw new AssertionError(answer);
        }
        Lab further = DryDown.byEye(answer, WET, skin, seen).shift().from(WET);
        assertThat(further.differenceFrom(seen)).isLessThan(1e-6);
    }

    @Test
    void aFormWithoutProductsHasItsStartValue() {
        assertThat(DryDown.usual(Form.LIQUID, List.of())).isEqualTo(Form.LIQUID.usualShift());
        Shift mean = DryDown.usual(Form.LIQUID, List.of(new Shift(-1, 0, 0), new Shift(-3, 1, 2)));
        assertThat(mean.lightness()).isCloseTo(-2, within(1e-12));
        assertThat(mean.b()).isCloseTo(1, within(1e-12));
        assertThat(Form.POWDER.usualShift()).isEqualTo(Shift.NONE);
    }

    @Test
    void itSettlesFastAtFirstAndIsThereInTime() {
        Lab settled = Lab.of(60, 10, 19);
        assertThat(DryDown.after(0, 12, WET, settled)).isEqualTo(WET);
        assertThat(DryDown.after(12, 12, WET, settled).differenceFrom(settled)).isLessThan(1e-9);
        assertThat(DryDown.after(30, 12, WET, settled).differenceFrom(settled)).isLessThan(1e-9);
        double half = WET.lightness() - DryDown.after(6, 12, WET, settled).lightness();
        assertThat(half).as("of 4 L*").isBetween(2.8, 3.6);
    }
}
