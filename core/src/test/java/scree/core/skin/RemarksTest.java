package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.image.Calibration.Quality;
import scree.core.image.CardLayout;
import scree.core.image.CardSighting;
import scree.core.image.Point;
import scree.core.reason.Reason;
import scree.core.skin.Remarks.Code;
import scree.core.skin.SkinReading.Trust;

class RemarksTest {
    private static final CardSighting CARD = new CardSighting.Found(
            CardLayout.Kind.COLOUR, List.of(new Point(0, 0), new Point(9, 0), new Point(9, 15), new Point(0, 15)));
    private static final CardSighting GREY = new CardSighting.Found(
            CardLayout.Kind.GREY, List.of(new Point(0, 0), new Point(9, 0), new Point(9, 15), new Point(0, 15)));

    @Test
    void aWholeCardInEvenLightIsNotRemarkedOn() {
        assertThat(Remarks.on(CARD, clean(), .05)).isEmpty();
        assertThat(Remarks.trust(CARD, clean(), .05)).isEqualTo(Trust.COLOUR_CARD);
        assertThat(Remarks.trust(GREY, clean(), .05)).isEqualTo(Trust.GREY_CARD);
    }

    @Test
    void withoutAWholeCardNothingIsCalledAReading() {
        assertThat(codes(new CardSighting.None(), clean(), 0)).containsExactly(Code.NO_CARD);
        assertThat(codes(new CardSighting.Partial(2), clean(), 0)).containsExactly(Code.CARD_PARTLY_HIDDEN);
        assertThat(Remarks.trust(new CardSighting.Partial(3), clean(), 0)).isEqualTo(Trust.PROVISIONAL);
        assertThat(Remarks.trust(CARD, new Quality(24, Remarks.MOST_LOST_FIELDS + 1, .3, 1), 0))
                .isEqualTo(Trust.PROVISIONAL);
    }

    @Test
    void aFewLostFieldsAreTold() {
        Quality two = new Quality(24, 2, .3, 1);
        assertThat(Remarks.on(CARD, two, 0))
                .singleElement()
                .extracting(Reason::args)
                .isEqualTo(List.of(2, 24));
        assertThat(Remarks.trust(CARD, two, 0)).isEqualTo(Trust.COLOUR_CARD);
    }

    @Test
    void lightFromOneSideIsFirstAWarningThenProvisional() {
        assertThat(codes(CARD, clean(), .12)).containsExactly(Code.LIGHT_SLANTS);
        assertThat(Remarks.trust(CARD, clean(), .12)).isEqualTo(Trust.COLOUR_CARD);
        assertThat(codes(CARD, clean(), .2)).containsExactly(Code.LIGHT_FROM_ONE_SIDE);
        assertThat(Remarks.trust(CARD, clean(), .2)).isEqualTo(Trust.PROVISIONAL);
        assertThat(Remarks.on(CARD, clean(), Math.log(1.25)).get(0).args()).isEqualTo(List.of(25));
    }

    private static List<Enum<?>> codes(CardSighting card, Quality quality, double sideLight) {
        return Remarks.on(card, quality, sideLight).stream()
                .<Enum<?>>map(Reason::code)
                .toList();
    }

    private static Quality clean() {
        return new Quality(24, 0, .3, 1);
    }
}
