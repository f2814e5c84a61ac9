package scree.core.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import scree.core.colour.Lab;
import scree.core.shade.StripeSight.Coat;
import scree.core.shade.StripeSight.Look;
import scree.core.shade.StripeSight.Moment;
import scree.core.shade.StripeSight.Stripe;
import scree.core.skin.MatchTarget;
import scree.core.skin.ReferenceCurve;

class StripeSightTest {
    private static MatchTarget skin(double l) {
        Lab jaw = ReferenceCurve.at(l);
        return new MatchTarget(
                jaw,
                Lab.of(l - 1, jaw.a() + 1, jaw.b()),
                jaw,
                Lab.of(l + 1.5, jaw.a() - .5, jaw.b()),
                MatchTarget.School.JAW_TO_NECK);
    }

    private static Stripe stripe(Lab settled) {
        return new Stripe(
                Lab.of(settled.lightness() + 2, settled.a(), settled.b() - .5), settled, .75, UsualCoat.ESTIMATED, 12);
    }

    @ParameterizedTest
    @ValueSource(doubles = {76, 62, 46, 33})
    void aStripeOfTheSkinsOwnColourVanishesInDaylightWhenSettledNotWhenWet(double l) {
        StripeSight sight = new StripeSight(skin(l));
        Stripe own = stripe(ReferenceCurve.at(l));
        double settled =
                sight.see(own, new Moment(12, Coat.FULL, Look.DAYLIGHT)).difference();
        double wet = sight.see(own, new Moment(0, Coat.FULL, Look.DAYLIGHT)).difference();
        assertThat(settled).isLessThan(.2);
        assertThat(wet).isGreaterThan(1);
    }

    @Test
    void aThinCoatHidesAWrongShadeWhichIsWhyFullIsCompared() {
        StripeSight sight = new StripeSight(skin(62));
        Stripe wrong = stripe(ReferenceCurve.at(54));
        double thin = sight.see(wrong, new Moment(12, Coat.THIN, Look.DAYLIGHT)).difference();
        double full = sight.see(wrong, new Moment(12, Coat.FULL, Look.DAYLIGHT)).difference();
        assertThat(thin).isLessThan(full - .2).isPositive();
    }

    @Test
    void aFullStripeIsTheSameOnCheekAndNeckAThinOneIsNot() {
        StripeSight sight = new StripeSight(skin(62));
        var full = sight.see(stripe(ReferenceCurve.at(58)), new Moment(12, Coat.FULL, Look.DAYLIGHT))
                .over();
        var thin = sight.see(stripe(ReferenceCurve.at(58)), new Moment(12, Coat.THIN, Look.DAYLIGHT))
                .over();
        assertThat(full.get(0).differenceFrom(full.get(2))).isLessThan(1e-6);
        assertThat(thin.get(0).lightness()).isLessThan(thin.get(2).lightness());
    }

    /** Blood makes skin part from smooth pigment under three-band tubes, and the page has to say so. */
    @Test
    void lightsDisagreeAboutTheSamePair() {
        StripeSight sight = new StripeSight(skin(64));
        Map<Look, Double> all = sight.everywhere(stripe(ReferenceCurve.at(64)));
        assertThat(all).hasSize(Look.values().length);
        assertThat(all.get(Look.FLASH)).isCloseTo(all.get(Look.DAYLIGHT), within(.8));
        assertThat(all.get(Look.SHOP)).isGreaterThan(all.get(Look.DAYLIGHT) + .3);
    }

    @Test
    void onlyAPairThatWasGoodByDayIsATrap() {
        Map<Look, Double> all = new EnumMap<>(Look.class);
        for (Look look : Look.values()) {
            all.put(look, .8);
        }
        assertThat(StripeSight.trap(all)).isEmpty();
        all.put(Look.SHOP, 2.6);
        all.put(Look.STAGE, 2.3);
        assertThat(StripeSight.trap(all)).contains(Look.SHOP);
        all.put(Look.DAYLIGHT, 2.2);
        assertThat(StripeSight.trap(all)).as("bad by day is no trap").isEmpty();
        all.put(Look.DAYLIGHT, 1.9);
        assertThat(StripeSight.trap(all)).as("hardly worse").isEmpty();
    }

    @Test
    void theGradientRunsFromCheekToNeck() {
        StripeSight sight = new StripeSight(skin(62));
        var line = sight.gradient(Look.DAYLIGHT);
        assertThat(line).hasSize(13);
        assertThat(line.get(0).lightness()).isCloseTo(61, within(.1));
        assertThat(line.get(12).lightness()).isCloseTo(63.5, within(.1));
    }
}
