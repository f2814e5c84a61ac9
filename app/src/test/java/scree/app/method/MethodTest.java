package scree.app.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import scree.core.method.PlacementMethod;
import scree.core.mix.Batch;
import scree.core.placement.Area;

/** What is usual is what the craft does; what is settled holds until somebody nearer settles otherwise. */
class MethodTest {
    @Test
    void theUsualMethodIsTheCraftsOwn() {
        assertThat(Method.usual().placement()).isEqualTo(PlacementMethod.usual());
        assertThat(Method.usual().measures()).isEqualTo(Batch.Measures.usual());
    }

    @ParameterizedTest
    @EnumSource(Setting.class)
    void whatIsUsualCanBeSettled(Setting setting) {
        assertThat(setting.value(setting.usual())).isEqualTo(setting.usual());
    }

    @ParameterizedTest
    @CsvSource({"0.6,0.6", "'0,62',0.6", ".63,0.65", "3,3", "0.1,0.1"})
    void anAmountIsTakenAsPeopleTypeItAndRoundedToItsStep(String typed, String kept) {
        assertThat(Setting.FACE_ML.value(typed)).isEqualTo(kept);
    }

    @ParameterizedTest
    @ValueSource(strings = {"0.09", "3.01", "-1", "", "a lot", "1e9", "NaN"})
    void anAmountOutOfBoundsIsRefused(String typed) {
        assertThatThrownBy(() -> Setting.FACE_ML.value(typed)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aChoiceIsOneOfItsOwn() {
        assertThatThrownBy(() -> Setting.AIM.value("HOLLOW")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Setting.AIM.value("balance")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whatAHandDidTheLastTimeIsDoneAgain() {
        Method then = Method.usual();
        Method now = Method.usual().with(Setting.AIM, "SCULPT", Level.ARTIST).with(Setting.BLUSH, "LIFT", Level.ARTIST);
        Method carried = now.carrying(then, Map.of(Setting.AIM, "BALANCE", Setting.BLUSH, "APPLES")::get);
        assertThat(carried.value(Setting.BLUSH)).as("by hand").isEqualTo("APPLES");
        assertThat(carried.by(Setting.BLUSH)).isEqualTo(Level.LAST_TIME);
        assertThat(carried.value(Setting.AIM)).as("only the usual of that time").isEqualTo("SCULPT");
        assertThat(carried.by(Setting.AIM)).isEqualTo(Level.ARTIST);
    }

    @Test
    void whatWasSettledForAClientSinceGoesBeforeTheLastTime() {
        Map<Setting, String> last = Map.of(Setting.BLUSH, "APPLES");
        Method settled = Method.usual().with(Setting.BLUSH, "DRAPE", Level.CLIENT);
        assertThat(settled.carrying(Method.usual(), last::get).value(Setting.BLUSH))
                .isEqualTo("DRAPE");
        assertThat(settled.carrying(settled, last::get).value(Setting.BLUSH))
                .as("settled before, and yet a hand did otherwise")
                .isEqualTo("APPLES");
    }

    @Test
    void aTrialFaceShowsWhatTheMethodChangesAndNothingElse() {
        TrialDrawing face = TrialDrawing.usual();
        TrialDrawing.Drawn same = face.drawn(Method.usual(), Method.usual(), TrialDrawing.Age.THIRTY);
        assertThat(same.zones()).isNotEmpty().noneMatch(TrialDrawing.Zone::changed);
        assertThat(same.ghosts()).isEmpty();

        Method bronzed = Method.usual().with(Setting.WORK_SUN, Setting.YES, Level.ARTIST);
        TrialDrawing.Drawn more = face.drawn(bronzed, Method.usual(), TrialDrawing.Age.THIRTY);
        assertThat(more.more()).contains(Area.SUN_CHEEK).allMatch(a -> a.name().startsWith("SUN"));
        assertThat(more.moved()).isEmpty();
        assertThat(more.zones())
                .filteredOn(TrialDrawing.Zone::changed)
                .allMatch(z -> z.family().equals("SUN"));

        Method hollow = Method.usual().with(Setting.CHEEK_LINE, "HOLLOW", Level.ARTIST);
        TrialDrawing.Drawn moved = face.drawn(hollow, Method.usual(), TrialDrawing.Age.THIRTY);
        assertThat(moved.moved()).contains(Area.CHEEK_SHADOW);
        assertThat(moved.ghosts()).isNotEmpty();
    }

    @Test
    void theAgeOfCareIsTheArtists() {
        TrialDrawing face = TrialDrawing.usual();
        Method young = Method.usual().with(Setting.MATURE_FROM, "30", Level.ARTIST);
        assertThat(face.drawn(young, Method.usual(), TrialDrawing.Age.THIRTY).moved())
                .as("corners for a triangle")
                .contains(Area.UNDER_EYE_LIGHT);
    }
}
