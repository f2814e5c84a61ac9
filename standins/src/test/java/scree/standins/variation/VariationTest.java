package scree.standins.variation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.MeshGuess;
import scree.core.face.PointKey;
import scree.core.face.PointState;
import scree.core.face.Side;
import scree.core.image.CardSighting;
import scree.core.mesh.FaceSearch;
import scree.core.mesh.HeadMesh;
import scree.core.sight.EdgeFit;
import scree.core.sight.FaceSkin;
import scree.core.sight.PictureCheck;
import scree.core.sight.SeenFace;
import scree.core.sight.SightCode;
import scree.core.skin.SkinReader;
import scree.core.skin.SkinReading;
import scree.core.skin.SkinScene;
import scree.core.skin.Zone;
import scree.core.skin.ZonesOnPoints;
import scree.standins.camera.Ensemble;
import scree.standins.camera.StandInSearch;

/** Real pictures' troubles on fair and on very deep skin: each is asked about, none makes a good picture unreadable. */
class VariationTest {
    private static final int WIDTH = 560;
    private static final Map<String, Variation> ALL =
            Variation.all().stream().collect(Collectors.toMap(Variation::name, Function.identity()));
    private static Variation.Subject fair;
    private static Variation.Subject deep;

    @BeforeAll
    static void seat() {
        fair = new Variation.Subject(Ensemble.all().get(3), WIDTH, 1);
        deep = new Variation.Subject(Ensemble.all().get(2), WIDTH, 2);
    }

    /** What is said, and what the picture itself shows. */
    private record Seen(List<SightCode> said, EdgeFit.Fitted fitted) {}

    private static Seen seen(Variation.Subject who, String name) {
        Variation.Taken taken = ALL.get(name).of(who);
        FacePoints truth = taken.points() == null ? who.portrait().facePoints() : taken.points();
        HeadMesh mesh = StandInSearch.mesh(truth, 0);
        SeenFace face = SeenFace.of(taken.picture(), mesh);
        FaceSearch search = new FaceSearch(new FaceSearch.Seen(.9, .98, 300), null, .5, List.of(mesh));
        return new Seen(
                PictureCheck.of(search, face, false).stream()
                        .map(r -> (SightCode) r.code())
                        .toList(),
                EdgeFit.of(
                        face,
                        MeshGuess.from(
                                mesh, taken.picture().width(), taken.picture().height())));
    }

    @ParameterizedTest
    @EnumSource(Worn.class)
    void whatIsWornIsAskedAboutOnEverySkin(Worn worn) {
        for (Variation.Subject who : List.of(fair, deep)) {
            Seen seen = seen(who, worn.name());
            String name = who.sitter().name();
            assertThat(seen.said().contains(SightCode.GLASSES)).as(name).isEqualTo(worn == Worn.GLASSES);
            assertThat(seen.said().contains(SightCode.DARK_GLASSES)).as(name).isEqualTo(worn == Worn.DARK_GLASSES);
            assertThat(seen.fitted().foreheadCovered())
                    .as(name)
                    .isEqualTo(Set.of(Worn.FRINGE, Worn.HAT, Worn.HEADBAND).contains(worn));
            assertThat(seen.fitted().handPerhaps()).as(name).isEqualTo(worn == Worn.HAND_AT_JAW);
            assertThat(seen.said()).as(name).doesNotContain(SightCode.TOO_DARK, SightCode.TINTED);
        }
    }

    /** Very deep skin before leaves or shelves has nothing light in the picture but the whites of the eyes: it was called too dark. */
    @ParameterizedTest
    @ValueSource(strings = {"plain", "before SHELVES", "before LEAVES", "before SKIN_COLOURED", "CLOSED_LIDS"})
    void aReadablePictureIsReadOnEverySkin(String name) {
        for (Variation.Subject who : List.of(fair, deep)) {
            assertThat(seen(who, name).said())
                    .as(who.sitter().name())
                    .noneMatch(c -> c.stops() || c == SightCode.TINTED);
        }
    }

    @Test
    void aPictureThatIsTooDarkIsToldFromDeepSkin() {
        for (Variation.Subject who : List.of(fair, deep)) {
            assertThat(seen(who, "DARK").said()).as(who.sitter().name()).contains(SightCode.TOO_DARK);
        }
    }

    /** Between the hairs of a beard on deep skin enough passed for skin to be read, and the jaw was matched to it. */
    @Test
    void noZoneUnderABeardIsReadAsSkin() {
        for (Variation.Subject who : List.of(fair, deep)) {
            Variation.Taken taken = ALL.get("beard").of(who);
            FacePoints points = taken.points();
            SkinScene scene = SkinScene.of(ZonesOnPoints.frame(points), ZonesOnPoints.outlines(points))
                    .where(FaceSkin.of(SeenFace.of(taken.picture(), StandInSearch.mesh(points, 0)), points));
            SkinReading read = SkinReader.read(taken.picture(), new CardSighting.None(), scene);
            String name = who.sitter().name();
            assertThat(read.colourOf(Zone.CHEEK)).as(name).isPresent();
            assertThat(read.colourOf(Zone.NECK)).as(name).isPresent();
            for (Zone under : List.of(Zone.JAW, Zone.CHIN, Zone.UPPER_LIP)) {
                assertThat(read.colourOf(under)).as(name + " " + under).isEmpty();
            }
        }
    }

    @Test
    void underABeardChinAndJawStayGuesses() {
        Seen bearded = seen(fair, "beard");
        assertThat(bearded.fitted().points().at(PointKey.of(Landmark.CHIN)).state())
                .isEqualTo(PointState.GUESSED);
        for (Side side : new Side[] {Side.RIGHT, Side.LEFT}) {
            assertThat(bearded.fitted()
                            .points()
                            .at(new PointKey(Landmark.JAW_MID, side))
                            .state())
                    .isEqualTo(PointState.GUESSED);
        }
    }

    /** The far side of a turned head is the narrower one, and its points go with it. */
    @Test
    void aTurnedHeadIsNarrowerOnTheSideThatTurnsAway() {
        LevelledFace left = LevelledFace.of(ALL.get("turned by 10").of(fair).points());
        LevelledFace right = LevelledFace.of(ALL.get("turned by -10").of(fair).points());
        assertThat(halves(left)).isGreaterThan(.15);
        assertThat(halves(right)).isLessThan(-.15);
    }

    private static double halves(LevelledFace face) {
        double r = face.outward(Landmark.CHEEK, Side.RIGHT).x();
        double l = face.outward(Landmark.CHEEK, Side.LEFT).x();
        return 2 * (r - l) / (r + l);
    }
}
