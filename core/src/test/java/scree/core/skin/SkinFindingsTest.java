package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.colour.Lab;
import scree.core.skin.SkinFinding.Code;
import scree.core.skin.SkinReading.Trust;

class SkinFindingsTest {
    private static final Lab EVEN = Lab.of(62, 11, 18);

    @Test
    void evenSkinIsLeftInPeace() {
        assertThat(found(even())).isEmpty();
    }

    /** One zone is changed by so much; what is said of it. */
    @ParameterizedTest
    @CsvSource({
        "FOREHEAD, -4, 0, 0, FOREHEAD_DEEPER",
        "NOSE, -1, 4, 0, NOSE_RED",
        "AROUND_NOSE, -1, 4, 0, AROUND_NOSE_RED",
        "AROUND_MOUTH, -6, 0, 0, MOUTH_DARK",
        "UPPER_LIP, -6, 0, 0, UPPER_LIP_DARK",
        "UNDER_EYE, -4, 1, -4, UNDER_EYE_PURPLE",
        "UNDER_EYE, -5, 1, 1, UNDER_EYE_BROWN",
        "LID, -6, -2, -4, LIDS_DULL",
        "CHEST, -5, 1, 1, CHEST_MARKED_BY_SUN"
    })
    void whatPartsIsNamed(Zone zone, double l, double a, double b, Code code) {
        Map<Zone, Lab> skin = even();
        skin.put(zone, Lab.of(EVEN.lightness() + l, EVEN.a() + a, EVEN.b() + b));
        assertThat(SkinFindings.of(Skins.reading(skin, Trust.COLOUR_CARD)))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.code()).isEqualTo(code);
                    assertThat(f.zone()).isEqualTo(zone);
                    assertThat(f.deltaL()).isEqualTo(l);
                    assertThat(f.difference()).isGreaterThan(2);
                });
    }

    @ParameterizedTest
    @CsvSource({
        "5, 0, 0, FACE_LIGHTER_THAN_NECK",
        "-5, 0, 0, FACE_DEEPER_THAN_NECK",
        "0, 4, 1, FACE_REDDER_THAN_NECK",
        "0, 1, 4, FACE_YELLOWER_THAN_NECK",
        "0, -1, 4, SALLOW"
    })
    void theFaceIsToldAgainstTheNeck(double l, double a, double b, Code code) {
        Map<Zone, Lab> skin = even();
        Lab neck = Lab.of(EVEN.lightness() - l, EVEN.a() - a, EVEN.b() - b);
        skin.put(Zone.NECK, neck);
        skin.put(Zone.CHEST, neck);
        assertThat(found(skin)).containsExactly(code);
    }

    @Test
    void theLargestDifferenceComesFirstAndMissingZonesAreNoFinding() {
        Map<Zone, Lab> skin = new EnumMap<>(Zone.class);
        skin.put(Zone.CHEEK, EVEN);
        skin.put(Zone.NECK, Lab.of(66, 8, 17));
        skin.put(Zone.NOSE, Lab.of(57, 19, 19));
        List<SkinFinding> all = SkinFindings.of(Skins.reading(skin, Trust.COLOUR_CARD));
        assertThat(all.get(0).code()).isEqualTo(Code.NOSE_RED);
        assertThat(all)
                .extracting(SkinFinding::difference)
                .isSortedAccordingTo(java.util.Comparator.<Double>reverseOrder());
        assertThat(SkinFindings.of(Skins.reading(Map.of(Zone.NECK, EVEN), Trust.COLOUR_CARD)))
                .isEmpty();
    }

    private static List<Code> found(Map<Zone, Lab> skin) {
        return SkinFindings.of(Skins.reading(skin, Trust.COLOUR_CARD)).stream()
                .map(SkinFinding::code)
                .toList();
    }

    private static Map<Zone, Lab> even() {
        Map<Zone, Lab> skin = new EnumMap<>(Zone.class);
        for (Zone z : Zone.values()) {
            skin.put(z, EVEN);
        }
        return skin;
    }
}
