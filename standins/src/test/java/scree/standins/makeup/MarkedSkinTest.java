package scree.standins.makeup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.colour.Lab;
import scree.core.image.ZoneSample;
import scree.core.light.LightFigures;
import scree.core.skin.SkinFinding;
import scree.core.skin.SkinFindings;
import scree.core.skin.SkinReading;
import scree.core.skin.Zone;
import scree.core.skin.ZoneReading;

/** The made-up marks are those of the reference, and a reading calls them by their names at every depth. */
class MarkedSkinTest {
    private static final double FAIR = .0085;
    private static final double TAN = .068;
    private static final double SEVERITY = .85;
    private static final int TEAL = 2;
    private static final LightFigures DAY =
            new LightFigures(LightFigures.Card.COLOUR, 5600.0, 0.0, 0.0, .3, .5, .5, 3.0, 0, .01, null);

    /** Offsets from the skin as the reference tells them, at L* 75 and at L* 55. */
    @ParameterizedTest
    @CsvSource({
        "REDNESS, -5.7, 4.95, -0.88, -4.48, 2.96, -3.07",
        "BLEMISH_RAW, -8.46, 7.51, -1.04, -6.35, 4.18, -4.32",
        "BLEMISH_SETTLED, -7.05, 3.09, 1.91, -7.64, 1.42, -2.22",
        "CAPILLARY, -6.42, 3.89, -1.31, -4.54, 1.39, -3.55",
        "UNDER_EYE_PURPLE, -8.37, 0.5, -5.83, -4.26, -2.02, -3.53",
        "UNDER_EYE_BROWN, -6.39, 0.98, 4.81, -7.23, 0.38, -0.47",
        "MELASMA, -7.43, 1.01, 6.09, -8.44, 0.37, -0.47",
        "SUN_SPOT, -11.3, 1.47, 8.56, -12.23, 0.08, -1.85",
        "MOUTH_DARK, -6.82, 0.97, 4.44, -7.56, 0.17, -0.92",
        "SALLOW, 0.42, -2.1, 15.03, 0.99, -0.9, 5.36",
        "OLD_BRUISE, -4.07, -9.65, 11.8, -2.64, -5.87, 1.35",
        "TATTOO_BLACK, -22.71, -5.96, -11.67, -11.76, -9.65, -12.09",
        "TATTOO_COLOUR, -16.78, -10.84, -12.83, -8.69, -12.16, -10.75",
        "LID_DULL, -8.18, -3.45, -2.77, -6.81, -3.49, -3.63",
        "SCAR_PALE, 4.11, -2.18, -1.41, 10.85, -2.77, -2.14",
        "SCAR_RED, -5.64, 3.76, -1.49, -4.59, 1.77, -3.49"
    })
    void aMarkPartsAsTheReferenceSays(
            MarkedSkin.Kind kind, double l, double a, double b, double tanL, double tanA, double tanB) {
        parts(kind, FAIR, l, a, b);
        parts(kind, TAN, tanL, tanA, tanB);
    }

    private static void parts(MarkedSkin.Kind kind, double melanin, double l, double a, double b) {
        MarkedSkin skin = new MarkedSkin(melanin, 1, 0);
        Lab clear = skin.clear().toLab();
        Lab mark = skin.mark(kind, SEVERITY, TEAL).toLab();
        assertThat(mark.lightness() - clear.lightness()).as("L* of " + kind).isCloseTo(l, within(.05));
        assertThat(mark.a() - clear.a()).as("a*").isCloseTo(a, within(.05));
        assertThat(mark.b() - clear.b()).as("b*").isCloseTo(b, within(.05));
    }

    /** Melanin takes b* with it on deep skin: what is brown there is no bluer than skin as deep would be. */
    @ParameterizedTest
    @CsvSource({".0085", ".025", ".068", ".11", ".15"})
    void underTheEyesPurpleAndBrownAreToldApartFromVeryFairToDeep(double melanin) {
        assertThat(underEye(MarkedSkin.Kind.UNDER_EYE_PURPLE, melanin))
                .containsExactly(SkinFinding.Code.UNDER_EYE_PURPLE);
        assertThat(underEye(MarkedSkin.Kind.UNDER_EYE_BROWN, melanin))
                .containsExactly(SkinFinding.Code.UNDER_EYE_BROWN);
    }

    /** Melanin hides veins on very deep skin: what is seen there is called what it looks like. */
    @ParameterizedTest
    @CsvSource({".2", ".3"})
    void underVeryDeepEyesEitherIsCalledBrown(double melanin) {
        assertThat(underEye(MarkedSkin.Kind.UNDER_EYE_BROWN, melanin))
                .containsExactly(SkinFinding.Code.UNDER_EYE_BROWN);
        assertThat(underEye(MarkedSkin.Kind.UNDER_EYE_PURPLE, melanin))
                .containsExactly(SkinFinding.Code.UNDER_EYE_BROWN);
    }

    private static List<SkinFinding.Code> underEye(MarkedSkin.Kind kind, double melanin) {
        MarkedSkin skin = new MarkedSkin(melanin, 1, 0);
        List<ZoneReading> zones = List.of(
                zone(Zone.OUTER_CHEEK, skin.clear().toLab()),
                zone(Zone.UNDER_EYE, skin.mark(kind, SEVERITY, TEAL).toLab()));
        SkinReading reading =
                new SkinReading(SkinReading.Trust.COLOUR_CARD, null, zones, List.of(), List.of(), DAY, List.of());
        return SkinFindings.of(reading).stream().map(SkinFinding::code).toList();
    }

    private static ZoneReading zone(Zone zone, Lab colour) {
        return new ZoneReading(zone, colour, 1, new ZoneSample(new double[3], 0, 100, 0, 0, 0, 0));
    }
}
