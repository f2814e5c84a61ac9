package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import scree.core.colour.Lab;
import scree.core.reason.Severity;
import scree.core.skin.MatchPlace.Code;
import scree.core.skin.MatchPlace.Use;
import scree.core.skin.MatchTarget.School;
import scree.core.skin.SkinReading.Trust;

class MatchPlaceTest {
    private final Map<Zone, Lab> face = new EnumMap<>(Map.of(
            Zone.OUTER_CHEEK, Skins.leaning(60, 1),
            Zone.CHEEK, Skins.leaning(61, 0),
            Zone.JAW, Skins.leaning(61, 1),
            Zone.NECK, Skins.leaning(63, 2)));

    private SkinReading reading() {
        return Skins.reading(face, Trust.COLOUR_CARD);
    }

    private MatchPlace place(School school, Zone zone) {
        return MatchPlace.of(reading(), school).stream()
                .filter(p -> p.zone() == zone)
                .findFirst()
                .orElseThrow();
    }

    private Lab target(School school) {
        return MatchTarget.from(reading(), school).orElseThrow().colour();
    }

    @ParameterizedTest
    @EnumSource(School.class)
    void theHandIsNeverAReference(School school) {
        var hand = place(school, null);
        assertThat(hand.use()).isEqualTo(Use.REFUSED);
        assertThat(hand.reason().code()).isEqualTo(Code.HAND_NEVER);
        assertThat(hand.colour()).isNull();
    }

    @Test
    void aChestMarkedBySunIsRefusedAndTheNeckIsTakenAlone() {
        Lab neck = face.get(Zone.NECK);
        face.put(Zone.CHEST, Lab.of(neck.lightness() - 5, neck.a() + 5, neck.b()));
        var chest = place(School.FACE_TO_BODY, Zone.CHEST);
        assertThat(chest.use()).isEqualTo(Use.REFUSED);
        assertThat(chest.reason().code()).isEqualTo(Code.CHEST_SUN_MARKED);
        assertThat((double) chest.reason().args().get(0)).isCloseTo(5, within(1e-9));
        assertThat(target(School.FACE_TO_BODY).differenceFrom(neck)).isLessThan(1e-6);
    }

    @Test
    void aSoundChestIsMatchedHalfAndHalfWithTheNeckWhenShouldersShow() {
        Lab neck = face.get(Zone.NECK);
        face.put(Zone.CHEST, Lab.of(neck.lightness() + 1.5, neck.a(), neck.b()));
        assertThat(place(School.FACE_TO_BODY, Zone.CHEST).use()).isEqualTo(Use.MATCHED);
        assertThat(place(School.JAW_TO_NECK, Zone.CHEST).use()).isEqualTo(Use.REFERENCE);
        assertThat(target(School.FACE_TO_BODY).lightness()).isCloseTo(neck.lightness() + .75, within(.05));
    }

    @Test
    void aChestThatIsAskedForButWasNotReadSaysSo() {
        var chest = place(School.FACE_TO_BODY, Zone.CHEST);
        assertThat(chest.reason().code()).isEqualTo(Code.CHEST_NOT_READ);
        assertThat(chest.reason().severity()).isEqualTo(Severity.CHECK);
    }

    @Test
    void theForearmTellsUndertoneAndNeverDepth() {
        face.put(Zone.FOREARM, Skins.leaning(74, 8));
        Lab run = target(School.JAW_TO_NECK);
        Lab arm = target(School.FOREARM);
        assertThat(arm.lightness()).isCloseTo(run.lightness(), within(1e-9));
        assertThat(arm.chroma()).isCloseTo(run.chroma(), within(1e-9));
        assertThat(ReferenceCurve.hueLean(arm)).isCloseTo(8, within(1e-6));
        assertThat(place(School.FOREARM, Zone.FOREARM).use()).isEqualTo(Use.UNDERTONE);
        assertThat(place(School.JAW_TO_NECK, Zone.FOREARM).use()).isEqualTo(Use.REFERENCE);
    }

    @Test
    void withoutAForearmTheSchoolFallsBackAndSaysSo() {
        assertThat(target(School.FOREARM)).isEqualTo(target(School.JAW_TO_NECK));
        assertThat(place(School.FOREARM, Zone.FOREARM).reason().code()).isEqualTo(Code.FOREARM_NOT_READ);
    }

    @Test
    void aDeeperForeheadIsAReferenceWithItsFigure() {
        face.put(Zone.FOREHEAD, Skins.leaning(55, 1));
        var forehead = place(School.JAW_TO_NECK, Zone.FOREHEAD);
        assertThat(forehead.use()).isEqualTo(Use.REFERENCE);
        assertThat(forehead.reason().code()).isEqualTo(Code.FOREHEAD_DEEPER);
        assertThat((double) forehead.reason().args().get(0)).isPositive();
        face.put(Zone.FOREHEAD, Skins.leaning(61, 0));
        assertThat(place(School.JAW_TO_NECK, Zone.FOREHEAD).reason().code()).isEqualTo(Code.FOREHEAD_ALIKE);
    }

    @Test
    void theOuterFaceLeadsAndTheNeckFollows() {
        assertThat(place(School.OUTER_FACE, Zone.NECK).use()).isEqualTo(Use.REFERENCE);
        assertThat(target(School.OUTER_FACE)).isEqualTo(face.get(Zone.OUTER_CHEEK));
        Optional<MatchTarget> nothing =
                MatchTarget.from(Skins.reading(Map.of(), Trust.COLOUR_CARD), School.FACE_TO_BODY);
        assertThat(nothing).isEmpty();
    }
}
