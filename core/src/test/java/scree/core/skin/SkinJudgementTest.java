package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.colour.Lab;
import scree.core.image.Calibration;
import scree.core.image.ZoneSample;
import scree.core.light.LightFigures;
import scree.core.skin.SkinModel.Content;
import scree.core.skin.SkinReading.Trust;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class SkinJudgementTest {
    /** Class borders of Chardon (1991) and Del Bino and Bernerd (2013): 55, 41, 28, 10 and −30 degrees. */
    @ParameterizedTest
    @CsvSource({"78,9,VERY_FAIR", "66,16,FAIR", "62,18,MEDIUM", "56,20,TAN", "42,18,DEEP", "28,8,VERY_DEEP"})
    void depthFollowsThePublishedAngles(double l, double b, Depth expected) {
        assertThat(Depth.of(Lab.of(l, 9, b))).isEqualTo(expected);
    }

    @Test
    void angleIsRefusedWhereItIsNotDefined() {
        assertThatThrownBy(() -> Depth.itaDegrees(Lab.of(60, 5, 0))).hasMessageContaining("b* is 0.0");
    }

    @Seeds(120)
    void undertoneDoesNotFollowDepth(Draw draw) {
        double l = draw.between(30, 76);
        assertThat(leading(l, 8)).isEqualTo(Undertone.Family.WARM);
        assertThat(leading(l, 0)).isEqualTo(Undertone.Family.NEUTRAL);
        assertThat(leading(l, -8)).isEqualTo(Undertone.Family.COOL);
    }

    @Seeds(120)
    void sharesAreSharesAndALessSureReadingIsLessDecided(Draw draw) {
        double l = draw.between(30, 76);
        double lean = draw.between(-20, 20);
        Undertone sure = Undertone.of(List.of(leaning(l, lean)), 1, true);
        Undertone unsure = Undertone.of(List.of(leaning(l, lean)), 8, true);
        assertThat(sure.cool() + sure.neutral() + sure.warm()).isCloseTo(1, within(1e-9));
        assertThat(Math.min(sure.cool(), Math.min(sure.neutral(), sure.warm()))).isGreaterThan(-1e-6);
        double surest = Math.max(sure.cool(), Math.max(sure.neutral(), sure.warm()));
        if (Math.abs(lean) > 6) {
            assertThat(Math.max(unsure.cool(), unsure.warm())).isLessThanOrEqualTo(surest);
        }
    }

    @Test
    void oliveIsAQualityBesideTheFamilies() {
        Lab usual = ReferenceCurve.at(58);
        Undertone olive = Undertone.of(List.of(Lab.of(58, usual.a() - 4, usual.b() + 1)), 1, true);
        Undertone golden = Undertone.of(List.of(Lab.of(58, usual.a(), usual.b() + 3)), 1, true);
        assertThat(olive.olive()).isGreaterThan(0.8);
        assertThat(golden.olive()).isLessThan(0.2);
    }

    @Test
    void aRedFaceOnAYellowNeckIsAnOvertoneNotACoolUndertone() {
        var yellow = new Content(0.03, SkinModel.averageBlood(0.03), 0.7, 3);
        Lab neck = SkinModel.reflectance(yellow).toLab();
        Lab cheek = SkinModel.reflectance(yellow.withBloodTimes(2.6)).toLab();
        SkinReading reading = reading(Map.of(Zone.CHEEK, cheek, Zone.NECK, neck), Trust.COLOUR_CARD);
        assertThat(Undertone.from(reading).orElseThrow().leading()).isEqualTo(Undertone.Family.WARM);
        assertThat(Overtone.between(cheek, neck).kind()).isEqualTo(Overtone.Kind.REDDER);
    }

    @Test
    void tanIsToldFromRedness() {
        Lab pale = SkinModel.reflectance(new Content(0.03, 0.014, 0.7, 0.5)).toLab();
        Lab tanned = SkinModel.reflectance(new Content(0.055, 0.014, 0.7, 0.5)).toLab();
        assertThat(Overtone.between(tanned, pale).kind()).isEqualTo(Overtone.Kind.TANNED);
        assertThat(Overtone.between(pale, tanned).kind()).isEqualTo(Overtone.Kind.LIGHTER);
        assertThat(Overtone.between(pale, pale).kind()).isEqualTo(Overtone.Kind.NONE);
    }

    @Test
    void matchTargetLiesBetweenCheekAndNeckAndNeedsOneOfThem() {
        Lab cheek = Lab.of(60, 13, 18);
        Lab jaw = Lab.of(61, 11, 18);
        Lab neck = Lab.of(65, 8, 18);
        var all = reading(Map.of(Zone.OUTER_CHEEK, cheek, Zone.JAW, jaw, Zone.NECK, neck), Trust.COLOUR_CARD);
        MatchTarget target =
                MatchTarget.from(all, MatchTarget.School.JAW_TO_NECK).orElseThrow();
        assertThat(target.colour().lightness()).isBetween(61.0, 63.0);
        assertThat(target.gradient())
                .hasSize(13)
                .startsWith(cheek)
                .endsWith(neck)
                .contains(jaw);
        assertThat(MatchTarget.from(all, MatchTarget.School.OUTER_FACE)
                        .orElseThrow()
                        .colour())
                .isEqualTo(cheek);
        assertThat(MatchTarget.from(
                        reading(Map.of(Zone.NOSE, cheek), Trust.COLOUR_CARD), MatchTarget.School.JAW_TO_NECK))
                .isEmpty();
    }

    @Test
    void aProvisionalReadingIsLessSureOfItsUndertone() {
        Map<Zone, Lab> zones = Map.of(Zone.NECK, leaning(60, 6));
        double sure =
                Undertone.from(reading(zones, Trust.COLOUR_CARD)).orElseThrow().warm();
        double unsure =
                Undertone.from(reading(zones, Trust.PROVISIONAL)).orElseThrow().warm();
        assertThat(unsure).isLessThan(sure - 0.1);
    }

    private static Undertone.Family leading(double l, double lean) {
        return Undertone.of(List.of(leaning(l, lean)), 1.2, true).leading();
    }

    private static Lab leaning(double l, double lean) {
        Lab usual = ReferenceCurve.at(l);
        return Lab.ofLch(l, usual.chroma(), usual.hueDegrees() + lean);
    }

    private static SkinReading reading(Map<Zone, Lab> colours, Trust trust) {
        List<ZoneReading> zones = new ArrayList<>();
        colours.forEach((zone, lab) ->
                zones.add(new ZoneReading(zone, lab, 1, new ZoneSample(new double[3], 0, 100, 0, 0, 0, 0))));
        var light = new LightFigures(LightFigures.Card.COLOUR, 5600.0, 0.0, 0.0, 0.3, 0.5, 0.5, 3.0, 0, 0.01, null);
        return new SkinReading(
                trust, new Calibration.Quality(24, 0, 0.3, 1, 0), zones, List.of(), List.of(), light, List.of());
    }
}
