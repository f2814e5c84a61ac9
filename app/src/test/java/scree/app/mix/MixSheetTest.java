package scree.app.mix;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.mix.Batch;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class MixSheetTest {
    private static final MixSheet START = MixSheet.of(List.of(new MixSheet.Part(1, 3), new MixSheet.Part(2, 1)));

    @Test
    void aTapAddsOneAndTakesOneAndOrderStays() {
        MixSheet more = START.tapped(2, 1).tapped(7, 1);
        assertThat(more.parts())
                .containsExactly(new MixSheet.Part(1, 3), new MixSheet.Part(2, 2), new MixSheet.Part(7, 1));
        assertThat(more.tapped(7, -1).tapped(2, -1)).isEqualTo(START);
        assertThat(START.tapped(9, -1)).isEqualTo(START);
    }

    @Test
    void theLastPartStaysOn() {
        MixSheet one = MixSheet.of(List.of(new MixSheet.Part(1, 1)));
        assertThat(one.tapped(1, -1)).isEqualTo(one);
    }

    /** However one taps: whole counts, at most 24 parts of at most 5 products, never nothing. */
    @Seeds(200)
    void anyTapsLeaveAMixThatCanBeCounted(Draw draw) {
        List<Integer> taps = draw.list(1, 80, () -> draw.whole(-8, 8));
        MixSheet sheet = START;
        for (int tap : taps) {
            sheet = sheet.tapped(Math.abs(tap), tap < 0 ? -1 : 1);
            assertThat(sheet.parts()).isNotEmpty().hasSizeLessThanOrEqualTo(MixSheet.MOST_PRODUCTS);
            assertThat(sheet.parts()).allMatch(p -> p.count() > 0);
            assertThat(sheet.parts().stream().mapToInt(MixSheet.Part::count).sum())
                    .isLessThanOrEqualTo(MixSheet.MOST_PARTS);
            List<Long> ids = new ArrayList<>();
            sheet.parts().forEach(p -> ids.add(p.product()));
            assertThat(ids).doesNotHaveDuplicates();
        }
    }

    @Test
    void whatTheBatchIsForSurvivesTapsAndIsHeldInRange() {
        MixSheet body = START.batched(Batch.For.BODY, 400, Batch.Unit.PUMP).tapped(1, 1);
        assertThat(body.people()).isEqualTo(40);
        assertThat(body.what()).isEqualTo(Batch.For.BODY);
        assertThat(body.unit()).isEqualTo(Batch.Unit.PUMP);
        assertThat(body.with(START.parts()).people()).isEqualTo(40);
    }
}
