package scree.standins.variation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import scree.core.colour.Lab;
import scree.core.face.LevelledFace;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.judge.LaidProduct;
import scree.core.judge.Looks;
import scree.core.judge.OwnShadow;
import scree.core.judge.RoleJudge;
import scree.core.judge.RoleSkin;
import scree.core.judge.RoleWish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Traits;
import scree.standins.camera.Camera;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Portrait;
import scree.standins.camera.Seats;
import scree.standins.camera.Shot;

/** The own shadow on stand-ins whose shade is known: found by itself, read as it is, and refused where there is none. */
class OwnShadowTest {
    private static final int WIDTH = 640;
    private static final double[] BLUISH = {.60, .64, .68};

    private static Raster cheek(int sitter, double[] shade) {
        Portrait p = Seats.of(Ensemble.all().get(sitter), Lighting.facingWindow(), WIDTH);
        Raster picture = p.shoot(Camera.quiet(3), Lamp.daylight(5600), Shot.withCard(1));
        return ShadeOnCheek.of(picture, LevelledFace.of(p.facePoints()), shade);
    }

    /** Very fair, very deep, stubbled, brown. */
    @ParameterizedTest
    @ValueSource(ints = {0, 2, 4, 10})
    void itIsFoundAndReadOnEverySkin(int sitter) {
        Raster picture = cheek(sitter, BLUISH);
        OwnShadow s = OwnShadow.find(picture);
        assertThat(s.k()).isCloseTo(.634, within(.05));
        assertThat(s.tint().z()).as("skylight is bluer").isGreaterThan(1.0);
        assertThat(s.shade().x()).isGreaterThan(s.lit().x());
        OwnShadow marked = OwnShadow.at(
                picture,
                new Point(.42 * picture.width(), .5 * picture.height()),
                new Point(.58 * picture.width(), .5 * picture.height()));
        assertThat(marked.k()).isCloseTo(.634, within(.08));
    }

    @Test
    void withoutAShadowNothingIsReadAndMarksThatCannotBeAreNamed() {
        Raster bare = cheek(4, new double[] {1, 1, 1});
        Point left = new Point(.45 * bare.width(), .5 * bare.height());
        Point right = new Point(.55 * bare.width(), .5 * bare.height());
        assertThatThrownBy(() -> OwnShadow.at(bare, left, right))
                .isInstanceOfSatisfying(
                        OwnShadow.NoShadow.class, n -> assertThat(n.why()).isEqualTo(OwnShadow.Refused.NO_SHADE));
        Raster night = cheek(4, new double[] {.1, .1, .1});
        assertThatThrownBy(() -> OwnShadow.at(night, left, right))
                .isInstanceOfSatisfying(
                        OwnShadow.NoShadow.class, n -> assertThat(n.why()).isEqualTo(OwnShadow.Refused.TOO_DARK));
        int[] wall = new int[600 * 600];
        Arrays.fill(wall, 0x9AA0A8);
        assertThatThrownBy(() -> OwnShadow.find(new Raster(600, 600, wall)))
                .isInstanceOfSatisfying(
                        OwnShadow.NoShadow.class, n -> assertThat(n.why()).isEqualTo(OwnShadow.Refused.NOTHING_FOUND));
    }

    /** By day a cooler shade ranks a cooler contour higher; by a lamp nothing warmer than the sample is taken. */
    @Test
    void itRanksContoursAndLimitsThem() {
        RoleSkin skin = RoleSkin.bare(Lab.of(66, 10, 17));
        LaidProduct cool = LaidProduct.of(Form.CREAM, Lab.of(50, 9, 9), .4, Traits.UNTOLD);
        LaidProduct warm = LaidProduct.of(Form.CREAM, Lab.of(52, 7, 13), .4, Traits.UNTOLD);
        RoleWish usual = RoleWish.usual(Role.CONTOUR);
        RoleWish bluish = usual.tinted(new RoleWish.Tint(1, 1, 1.07));
        double ahead = score(warm, skin, usual) - score(cool, skin, usual);
        double aheadInShade = score(warm, skin, bluish) - score(cool, skin, bluish);
        assertThat(aheadInShade).isGreaterThan(ahead);
        assertThat(new RoleJudge(Role.CONTOUR, skin, usual).judge(warm).looks()).isEqualTo(Looks.FITS);
        assertThat(new RoleJudge(Role.CONTOUR, skin, usual.noWarmer(-2))
                        .judge(warm)
                        .looks())
                .isNotEqualTo(Looks.FITS);
    }

    private static double score(LaidProduct product, RoleSkin skin, RoleWish wish) {
        return new RoleJudge(Role.CONTOUR, skin, wish).judge(product).score();
    }
}
