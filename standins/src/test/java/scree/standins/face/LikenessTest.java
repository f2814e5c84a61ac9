package scree.standins.face;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import scree.core.face.FacePoints;
import scree.core.face.Likeness;
import scree.core.face.PointState;

class LikenessTest {
    private static final Likeness.Depth FAIR = new Likeness.Depth(72, 5);

    /** A question that is asked of every tenth client is not looked at any more. */
    @Test
    void onePersonsTwoPicturesAreHardlyEverAskedAbout() {
        Random random = new Random(71);
        int asked = 0;
        int others = 0;
        for (int i = 0; i < 120; i++) {
            DrawnFace one = DrawnFace.any(random);
            DrawnFace other = DrawnFace.any(random);
            FacePoints first = one.guessed(random, Set.of());
            asked += Likeness.of(first, one.guessed(random, Set.of()), FAIR, FAIR)
                            .plainlyOther()
                    ? 1
                    : 0;
            others += Likeness.of(first, other.guessed(random, Set.of()), FAIR, FAIR)
                            .plainlyOther()
                    ? 1
                    : 0;
        }
        assertThat(asked).isLessThanOrEqualTo(1);
        assertThat(others).as("and of others a good part").isGreaterThan(30);
    }

    @Test
    void pointsThatAHandPlacedTellNearlyAllApart() {
        Random random = new Random(72);
        int others = 0;
        for (int i = 0; i < 60; i++) {
            FacePoints one = DrawnFace.any(random).points(random, .01, 2, PointState.PLACED);
            FacePoints other = DrawnFace.any(random).points(random, .01, -2, PointState.PLACED);
            others += Likeness.of(one, other, null, null).plainlyOther() ? 1 : 0;
            assertThat(Likeness.of(one, one, null, null).face()).isZero();
            assertThat(Likeness.of(one, other, null, null).face())
                    .as("whichever comes first")
                    .isEqualTo(Likeness.of(other, one, null, null).face(), org.assertj.core.data.Offset.offset(1e-9));
        }
        assertThat(others).isGreaterThan(54);
    }

    /** A summer is six steps of L*; a doubtful reading says less than a sound one. */
    @Test
    void skinFarBeyondATanAsksTheMoreTheBetterItWasRead() {
        FacePoints face = DrawnFace.any(new Random(73)).points();
        assertThat(skin(face, 72, 66, 1)).isFalse();
        assertThat(skin(face, 72, 58, 5)).as("fourteen steps, both provisional").isFalse();
        assertThat(skin(face, 72, 58, 1)).as("fourteen steps by the card").isTrue();
        assertThat(skin(face, 72, 38, 5)).isTrue();
        assertThat(Likeness.of(face, face, FAIR, null).plainlyOther()).isFalse();
    }

    private static boolean skin(FacePoints face, double one, double other, double within) {
        return Likeness.of(face, face, new Likeness.Depth(one, within), new Likeness.Depth(other, within))
                .plainlyOther();
    }
}
