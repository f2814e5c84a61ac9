package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.image.Calibration.Quality;
import scree.core.image.CardLayout;
import scree.core.image.CardSighting;
import scree.core.image.Point;
import scree.core.light.LightVerdict;
import scree.core.light.LightVerdict.Grade;
import scree.core.reason.Reason;
import scree.core.skin.Remarks.Code;
import scree.core.skin.SkinReading.Trust;

class RemarksTest {
    private static final CardSighting CARD = new CardSighting.Found(
            CardLayout.Kind.COLOUR, List.of(new Point(0, 0), new Point(9, 0), new Point(9, 15), new Point(0, 15)));
    private static final CardSighting GREY = new CardSighting.Found(
            CardLayout.Kind.GREY, List.of(new Point(0, 0), new Point(9, 0), new Point(9, 15), new Point(0, 15)));

    @Test
    void aWholeCardInGoodLightIsNotRemarkedOn() {
        assertThat(Remarks.on(CARD, clean())).isEmpty();
        assertThat(Remarks.trust(CARD, clean(), light(Grade.GOOD))).isEqualTo(Trust.COLOUR_CARD);
        assertThat(Remarks.trust(GREY, clean(), light(Grade.USABLE))).isEqualTo(Trust.GREY_CARD);
    }

    @Test
    void withoutAWholeCardOrInUnfitLightNothingIsCalledAReading() {
        assertThat(codes(new CardSighting.None(), clean())).containsExactly(Code.NO_CARD);
        assertThat(codes(new CardSighting.Partial(2), clean())).containsExactly(Code.CARD_PARTLY_HIDDEN);
        assertThat(Remarks.trust(new CardSighting.Partial(3), clean(), light(Grade.GOOD)))
                .isEqualTo(Trust.PROVISIONAL);
        Quality lost = new Quality(24, Remarks.MOST_LOST_FIELDS + 1, .3, 1, 0);
        assertThat(Remarks.trust(CARD, lost, light(Grade.GOOD))).isEqualTo(Trust.PROVISIONAL);
        assertThat(Remarks.trust(CARD, clean(), light(Grade.UNFIT))).isEqualTo(Trust.PROVISIONAL);
    }

    @Test
    void aFewLostFieldsAreTold() {
        Quality two = new Quality(24, 2, .3, 1, 0);
        assertThat(Remarks.on(CARD, two))
                .singleElement()
                .extracting(Reason::args)
                .isEqualTo(List.of(2, 24));
        assertThat(Remarks.trust(CARD, two, light(Grade.GOOD))).isEqualTo(Trust.COLOUR_CARD);
    }

    @Test
    void oneGreyAloneIsRefused() {
        Quality oneLeft = new Quality(3, 2, 0, 1, 0);
        assertThat(codes(GREY, oneLeft)).contains(Code.ONE_GREY_LEFT);
        assertThat(Remarks.trust(GREY, oneLeft, light(Grade.GOOD))).isEqualTo(Trust.PROVISIONAL);
        assertThat(Remarks.trust(GREY, new Quality(3, 1, 0, 1, 0), light(Grade.GOOD)))
                .isEqualTo(Trust.GREY_CARD);
    }

    private static LightVerdict light(Grade grade) {
        return new LightVerdict(grade, List.of());
    }

    private static List<Enum<?>> codes(CardSighting card, Quality quality) {
        return Remarks.on(card, quality).stream().<Enum<?>>map(Reason::code).toList();
    }

    private static Quality clean() {
        return new Quality(24, 0, .3, 1, 0);
    }
}
