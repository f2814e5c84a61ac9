package scree.app.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Line2D;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import scree.app.Sentences;
import scree.app.look.PictureFrame;
import scree.app.picture.Picture;
import scree.core.face.FacePoints;
import scree.core.skin.SkinType;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Studio;

/** The page's geometry on the made-up sitters: numbers that can be read, leaders that can be followed. */
class PlaceViewTest {
    private static final int WIDTH = 1100;

    private static PlaceView view(int sitter) {
        FacePoints points = Studio.points(Ensemble.all().get(sitter), WIDTH);
        TakenPlan taken = TakenPlans.of(
                points,
                30,
                SkinType.NORMAL,
                z -> !PlaceSheet.usual().off().contains(z.area().family()));
        PictureFrame frame = PictureFrame.face(
                new Picture(1, 1, WIDTH, WIDTH * 5 / 4, ""), taken.level(), PlaceView.WIDTH, PlaceView.HEIGHT);
        return PlaceView.of(taken, frame, "", null, null, null, new PlaceWords(Sentences.all()));
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11})
    void leadersOfOneMarginDoNotCrossAndNumbersDoNotTouch(int sitter) {
        List<PlaceView.Tag> tags = view(sitter).tags();
        for (PlaceView.Tag a : tags) {
            assertThat(a.y()).isBetween(16.0, PlaceView.HEIGHT - 16.0);
            for (PlaceView.Tag b : tags) {
                if (a != b && a.left() == b.left()) {
                    assertThat(Math.abs(a.y() - b.y()))
                            .as(a.name() + ", " + b.name())
                            .isGreaterThan(26);
                    assertThat(Line2D.linesIntersect(a.x(), a.y(), a.toX(), a.toY(), b.x(), b.y(), b.toX(), b.toY()))
                            .as("%s crosses %s", a.name(), b.name())
                            .isFalse();
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 4, 7})
    void theFaceFillsTheFrameAndEveryZoneLiesInIt(int sitter) {
        PlaceView view = view(sitter);
        assertThat(view.picture().left()).isNotPositive();
        assertThat(view.picture().left() + view.picture().imageWidth()).isGreaterThanOrEqualTo(PlaceView.WIDTH - .01);
        assertThat(view.zones()).allSatisfy(z -> assertThat(z.edges()).isNotEmpty());
        assertThat(view.tags()).allSatisfy(t -> {
            assertThat(t.toX()).isBetween(60.0, PlaceView.WIDTH - 60.0);
            assertThat(t.toY()).isBetween(20.0, PlaceView.HEIGHT - 20.0);
        });
        assertThat(view.chosen().title()).isEqualTo("Cheek shadow");
        assertThat(view.chosen().reasons()).isNotEmpty().doesNotHaveDuplicates();
    }
}
