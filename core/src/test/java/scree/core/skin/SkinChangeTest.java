package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;

/** What the work changed, and what a flash throws back. */
class SkinChangeTest {
    private static final Lab CHEEK = Lab.of(60, 14, 18);

    private static List<SkinChange.What> seen(double l, double a, double b) {
        return new SkinChange(Zone.CHEEK, CHEEK, Lab.of(60 + l, 14 + a, 18 + b)).seen();
    }

    @Test
    void onlyWhatIsMoreThanTwoReadingsDifferByIsSaid() {
        assertThat(seen(1.9, -1.9, 1.9)).isEmpty();
        assertThat(seen(2, 0, 0)).containsExactly(SkinChange.What.LIGHTER);
        assertThat(seen(-3, -4, 0)).containsExactly(SkinChange.What.DEEPER, SkinChange.What.LESS_RED);
        assertThat(seen(0, 0, -5)).containsExactly(SkinChange.What.COOLER);
    }

    @Test
    void onlyZonesOfBothAreHeldAgainstEachOther() {
        Map<Zone, Lab> before = Map.of(Zone.CHEEK, CHEEK, Zone.NECK, CHEEK);
        assertThat(SkinChange.between(before, Map.of(Zone.NECK, CHEEK)))
                .extracting(SkinChange::zone)
                .containsExactly(Zone.NECK);
        assertThat(SkinChange.between(Map.of(), before)).isEmpty();
    }

    /** A flash lights face and neck alike; what the face gains over the neck is thrown back by what lies on it. */
    @Test
    void aCastIsWhatTheFaceGainsOverTheNeck() {
        Map<Zone, Lab> plain = Map.of(Zone.NECK, CHEEK, Zone.CHEEK, CHEEK, Zone.UNDER_EYE, CHEEK);
        Lab brighter = Lab.of(64, 14, 18);
        Map<Zone, Lab> clean = Map.of(Zone.NECK, brighter, Zone.CHEEK, brighter, Zone.UNDER_EYE, brighter);
        Map<Zone, Lab> cast =
                Map.of(Zone.NECK, brighter, Zone.CHEEK, Lab.of(70, 12, 14), Zone.UNDER_EYE, Lab.of(72, 10, 12));
        assertThat(SkinChange.cast(plain, clean).getAsDouble()).isCloseTo(0, within(1e-9));
        assertThat(SkinChange.shows(SkinChange.cast(plain, cast).getAsDouble())).isTrue();
        assertThat(SkinChange.cast(plain, cast).getAsDouble()).isCloseTo(7, within(1e-9));
        assertThat(SkinChange.cast(Map.of(Zone.CHEEK, CHEEK), cast))
                .as("without a neck")
                .isEmpty();
    }
}
