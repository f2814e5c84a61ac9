package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
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

    @Test
    void ofADayTheBestReadingStandsAndOfEqualOnesTheLast() {
        SeasonPoint grey = point(Trust.GREY_CARD);
        SeasonPoint card = point(Trust.COLOUR_CARD);
        face.put(Zone.NECK, Skins.leaning(64, 2));
        SeasonPoint later = point(Trust.COLOUR_CARD);
        SeasonPoint guess = point(Trust.PROVISIONAL);
        assertThat(SeasonPoint.trusted(List.of(card, grey, guess), p -> p)).containsExactly(card);
        assertThat(SeasonPoint.trusted(List.of(card, later), p -> p)).containsExactly(later);
        assertThat(SeasonPoint.trusted(List.of(guess), p -> p)).isEmpty();
    }

    @Test
    void aChangeIsToldOnlyBeyondTheDoubtOfBothReadings() {
        SeasonPoint before = point(Trust.COLOUR_CARD);
        for (Zone zone : List.of(Zone.OUTER_CHEEK, Zone.JAW, Zone.NECK)) {
            face.put(zone, Skins.leaning(64, 2));
        }
        assertThat(point(Trust.COLOUR_CARD).since(before).doubt()).isCloseTo(Math.sqrt(2), within(1e-9));
        assertThat(point(Trust.COLOUR_CARD).since(before).told()).isTrue();
        assertThat(point(Trust.GREY_CARD).since(before).told())
                .as("2.0 within 2.2")
                .isFalse();
    }
}
