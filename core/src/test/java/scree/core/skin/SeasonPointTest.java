package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.skin.SkinReading.Trust;

class SeasonPointTest {
    private static final LocalDate DAY = LocalDate.of(2026, 6, 20);
    private final Map<Zone, Lab> face = new EnumMap<>(Map.of(
            Zone.OUTER_CHEEK, Skins.leaning(62, 2),
            Zone.JAW, Skins.leaning(62, 2),
            Zone.NECK, Skins.leaning(62, 2)));

    private SeasonPoint point(Trust trust) {
        return SeasonPoint.of(DAY, Skins.reading(face, trust)).orElseThrow();
    }

    @Test
    void depthAndLeanAreThoseWhereABaseIsMatched() {
        SeasonPoint p = point(Trust.COLOUR_CARD);
        assertThat(p.skin().lightness()).isCloseTo(62, within(1e-6));
        assertThat(p.lean()).isCloseTo(2, within(1e-6));
        assertThat(p.provisional()).isFalse();
        assertThat(point(Trust.PROVISIONAL).provisional()).isTrue();
    }

    @Test
    void aFaceDeeperThanItsShelteredSkinIsTanned() {
        assertThat(point(Trust.COLOUR_CARD).tanned()).isFalse();
        face.put(Zone.FOREARM, Skins.leaning(70, 2));
        assertThat(point(Trust.COLOUR_CARD).tanned()).isTrue();
    }

    @Test
    void withoutShelteredSkinNoTanIsTold() {
        face.remove(Zone.NECK);
        SeasonPoint p = point(Trust.COLOUR_CARD);
        assertThat(p.tan()).isNull();
        assertThat(p.tanned()).isFalse();
    }

    @Test
    void nothingToMatchOnIsNoPoint() {
        assertThat(SeasonPoint.of(DAY, Skins.reading(Map.of(Zone.FOREHEAD, Skins.leaning(60, 0)), Trust.COLOUR_CARD)))
                .isEmpty();
    }
}
