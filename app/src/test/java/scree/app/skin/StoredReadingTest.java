package scree.app.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.groups.Tuple.tuple;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.colour.Pressed;
import scree.core.light.LightFigures;
import scree.core.skin.Answer;
import scree.core.skin.FreeSpot;
import scree.core.skin.SkinReading;
import scree.core.skin.Testimony;
import scree.core.skin.Witness;
import scree.core.skin.Zone;
import scree.core.skin.ZoneReading;
import tools.jackson.databind.json.JsonMapper;

class StoredReadingTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final LightFigures EVEN =
            new LightFigures(LightFigures.Card.COLOUR, 5600.0, 0.02, 0.0, .3, 0.0, 0.0, 2.0, 0, 0, null);
    private static final LightFigures FROM_ONE_SIDE =
            new LightFigures(LightFigures.Card.COLOUR, 5600.0, 1.2, 0.0, .3, 0.0, 0.0, 2.0, 0, 0, null);

    private final FaceState face = FaceState.usualIn(800, 1000).withSpot(FreeSpot.Kind.BLEMISH, 300, 500);

    @Test
    void zonesComeInTheirOrderWithTheirOwnColours() {
        StoredReading stored = stored(EVEN, List.of(zone(Zone.NECK, 61), zone(Zone.FOREHEAD, 64)), Map.of());
        assertThat(stored.taken(JSON).skin().zones())
                .extracting(ZoneReading::zone, z -> z.colour().lightness())
                .containsExactly(tuple(Zone.FOREHEAD, 64.0), tuple(Zone.NECK, 61.0));
    }

    @Test
    void threePressesThatAgreeStandInThePicturesPlace() {
        Pressed agree = new Pressed(List.of(Lab.of(58, 9, 17), Lab.of(58.2, 9, 17), Lab.of(58.4, 9, 17)));
        Pressed part = new Pressed(List.of(Lab.of(40, 9, 17), Lab.of(58, 9, 17), Lab.of(66, 9, 17)));
        TakenReading taken = stored(
                        EVEN,
                        List.of(zone(Zone.NECK, 61), zone(Zone.FOREHEAD, 64)),
                        Map.of(Zone.NECK, agree, Zone.FOREHEAD, part))
                .taken(JSON);
        assertThat(taken.skin().colourOf(Zone.NECK).orElseThrow().lightness()).isCloseTo(58.2, within(1e-9));
        assertThat(taken.skin().colourOf(Zone.FOREHEAD).orElseThrow().lightness())
                .isEqualTo(64);
        assertThat(taken.byMeter()).containsExactly(Zone.NECK);
    }

    @Test
    void whatWasReadInUnfitLightIsProvisionalWhateverWasStored() {
        List<ZoneRow> zones = List.of(zone(Zone.NECK, 61));
        assertThat(stored(EVEN, zones, Map.of()).taken(JSON).skin().trust()).isEqualTo(SkinReading.Trust.COLOUR_CARD);
        assertThat(stored(FROM_ONE_SIDE, zones, Map.of()).taken(JSON).skin().trust())
                .isEqualTo(SkinReading.Trust.PROVISIONAL);
    }

    @Test
    void aSpotThatTheFaceNoLongerBearsIsLeftOut() {
        StoredReading stored = new StoredReading(
                row(EVEN, JSON.writeValueAsString(face)),
                List.of(zone(Zone.NECK, 61)),
                List.of(new SpotRow(1, 1, 50, 14, 15, 61, 10, 16), new SpotRow(1, 2, 50, 14, 15, 61, 10, 16)),
                List.of(new TestimonyRow(12, Witness.VEINS, Answer.VEINS_BLUE, true)),
                Optional.empty(),
                Map.of());
        TakenReading taken = stored.taken(JSON);
        assertThat(taken.skin().spots()).extracting(s -> s.spot().id()).containsExactly(1);
        assertThat(taken.said()).containsEntry(Witness.VEINS, new Testimony(Answer.VEINS_BLUE, true));
    }

    @Test
    void aFaceThatCannotBeReadIsSaidAndNotGuessed() {
        StoredReading broken = new StoredReading(
                row(EVEN, "{\"rightPupil\":7}"), List.of(), List.of(), List.of(), Optional.empty(), Map.of());
        assertThatThrownBy(() -> broken.taken(JSON)).isInstanceOf(tools.jackson.core.JacksonException.class);
    }

    private StoredReading stored(LightFigures light, List<ZoneRow> zones, Map<Zone, Pressed> pressed) {
        return new StoredReading(
                row(light, JSON.writeValueAsString(face)), zones, List.of(), List.of(), Optional.empty(), pressed);
    }

    private static ReadingRow row(LightFigures light, String face) {
        return new ReadingRow(
                1, 12, 5, face, "COLOUR_CARD", 24, 0, .4, .02, JSON.writeValueAsString(light), null, null, 0);
    }

    private static ZoneRow zone(Zone zone, double lightness) {
        return new ZoneRow(1, zone.name(), lightness, 10, 16, .5, 400, 0, 0, 0, 0);
    }
}
