package scree.standins.face;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.colour.Lab;
import scree.core.cover.Bears;
import scree.core.cover.CoverPlan;
import scree.core.cover.Place;
import scree.core.face.FacePoints;
import scree.core.face.FaceReading;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Shape;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.judge.LaidProduct;
import scree.core.judge.RoleSkin;
import scree.core.judge.RoleWish;
import scree.core.method.PlacementMethod;
import scree.core.placement.Area;
import scree.core.placement.Covered;
import scree.core.placement.Dose;
import scree.core.placement.FaceBrief;
import scree.core.placement.MadeUp;
import scree.core.placement.PlacedZone;
import scree.core.placement.Plan;
import scree.core.placement.Planner;
import scree.core.plane.Vec;
import scree.core.shade.Form;
import scree.core.shade.Traits;
import scree.core.skin.SkinType;

/** The computed picture: changed where product lies, untouched elsewhere, and relief kept. */
class MadeUpTest {
    private static final FacePoints POINTS =
            DrawnFace.of(Shape.OVAL, new Random(3)).points();
    private static final LevelledFace FACE = LevelledFace.of(POINTS);
    private static final MadeUp.Skin SKIN = MadeUp.Skin.bare(Lab.of(66, 10, 17));
    private static final Plan PLAN = Planner.plan(
            FaceBrief.of(POINTS, FaceReading.of(POINTS), Set.of(), 30, SkinType.NORMAL), PlacementMethod.usual());
    private static final int W = 1200;
    private static final int H = 1100;

    private static Raster flat(int left, int right) {
        int[] rgb = new int[W * H];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = i % W < W / 2 ? left : right;
        }
        return new Raster(W, H, rgb);
    }

    private static MadeUp.Layer layer(Area area, Side side, Lab product) {
        PlacedZone zone = PLAN.zone(area, side).orElseThrow();
        LaidProduct laid = LaidProduct.of(Form.CREAM, product, .75, Traits.UNTOLD);
        Dose dose = Dose.of(laid, RoleSkin.bare(SKIN.bare()), RoleWish.of(1), zone);
        return MadeUp.Layer.of(zone, laid, dose.coats());
    }

    private static int at(Raster r, Vec v) {
        Point p = FACE.toPicture(v);
        return r.rgb()[(int) p.y() * r.width() + (int) p.x()];
    }

    @Test
    void withoutProductDaylightChangesNothing() {
        Raster bare = flat(0xC89878, 0x9A6A50);
        Raster made = MadeUp.over(bare, FACE, SKIN, List.of(), MadeUp.Light.DAYLIGHT);
        for (int i = 0; i < bare.rgb().length; i += 997) {
            for (int shift = 0; shift <= 16; shift += 8) {
                int before = bare.rgb()[i] >> shift & 255;
                assertThat(made.rgb()[i] >> shift & 255).isBetween(before - 1, before + 1);
            }
        }
    }

    @Test
    void aShadowDarkensItsZoneAndLeavesEyesLipsAndTheOtherSide() {
        Raster bare = flat(0xC89878, 0xC89878);
        Raster made = MadeUp.over(
                bare,
                FACE,
                SKIN,
                List.of(layer(Area.CHEEK_SHADOW, Side.LEFT, Lab.of(42, 9.5, 14))),
                MadeUp.Light.DAYLIGHT);
        Vec heart = PLAN.zone(Area.CHEEK_SHADOW, Side.LEFT).orElseThrow().heart();
        assertThat(made.luma((int) FACE.toPicture(heart).x(), (int)
                        FACE.toPicture(heart).y()))
                .isLessThan(bare.luma(0, 0) - 12);
        for (Vec free : List.of(
                FACE.at(Landmark.PUPIL, Side.LEFT),
                FACE.at(Landmark.STOMION),
                heart.mirrored(),
                FACE.at(Landmark.CHIN).plus(0, .4))) {
            assertThat(Math.abs((at(made, free) & 255) - 0x78)).isLessThanOrEqualTo(1);
        }
    }

    /** Red and sheen over a covered scar would show it; shadow and light stay as they are planned. */
    @ParameterizedTest
    @CsvSource({"BLUSH, true", "CHEEK_TOP_SHEEN, true", "CHEEK_SHADOW, false"})
    void redAndSheenAreLiftedOverACoveredScar(Area area, boolean lifted) {
        PlacedZone zone = PLAN.zone(area, Side.LEFT).orElseThrow();
        Point heart = FACE.toPicture(zone.heart());
        List<Point> scar = IntStream.range(0, 12)
                .mapToObj(i -> heart.plus(12 * Math.cos(Math.PI * i / 6), 12 * Math.sin(Math.PI * i / 6)))
                .toList();
        CoverPlan<String> nothing =
                CoverPlan.of(Place.of(SKIN.bare(), SKIN.bare(), null, 0, Bears.HEAVY), List.of(), List.of());
        Raster bare = flat(0xC89878, 0xC89878);
        Lab product = Lab.of(42, 9.5, 14);
        List<MadeUp.Layer> layers = List.of(layer(area, Side.LEFT, product));
        int[] seen = new int[2];
        for (int kept = 0; kept < 2; kept++) {
            List<Covered> covered = List.of(new Covered(scar, Covered.SPOT, kept == 1, nothing));
            seen[kept] = at(MadeUp.over(bare, FACE, SKIN, covered, layers, MadeUp.Light.DAYLIGHT), zone.heart());
        }
        assertThat(Math.abs((seen[0] >> 8 & 255) - 0x98))
                .as("colour lies there")
                .isGreaterThan(4);
        if (lifted) {
            assertThat(Math.abs((seen[1] >> 8 & 255) - 0x98)).as("it is lifted").isLessThanOrEqualTo(2);
        } else {
            assertThat(seen[1]).isEqualTo(seen[0]);
        }
    }

    @Test
    void reliefUnderTheProductStays() {
        PlacedZone nose = PLAN.zone(Area.BRIDGE_LIGHT, Side.CENTRE).orElseThrow();
        int middle = (int) FACE.toPicture(nose.heart()).x();
        int[] rgb = new int[W * H];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = i % W < middle ? 0xB08060 : 0x8C6248;
        }
        Raster made = MadeUp.over(
                new Raster(W, H, rgb),
                FACE,
                SKIN,
                List.of(layer(Area.BRIDGE_LIGHT, Side.CENTRE, Lab.of(86, 5, 16))),
                MadeUp.Light.DAYLIGHT);
        int y = (int) FACE.toPicture(nose.heart()).y();
        double before = (double) 0x80 / 0x62;
        double after = (double) made.code(middle - 2, y, 1) / made.code(middle + 2, y, 1);
        assertThat(made.code(middle + 2, y, 1)).isGreaterThan(0x62 + 3);
        assertThat(after).isBetween(before - .12, before + .12);
    }

    /** Skin read from a dark picture has next to no blue: pale film over it was painted as a blue-white blotch. */
    @Test
    void onADarkPictureTheFilmStaysSkin() {
        PlacedZone nose = PLAN.zone(Area.BRIDGE_LIGHT, Side.CENTRE).orElseThrow();
        LaidProduct pale = LaidProduct.of(Form.CREAM, Lab.of(86, 5, 16), .9, Traits.UNTOLD);
        MadeUp.Skin misread = MadeUp.Skin.bare(Lab.of(4, 5, 5));
        Raster made = MadeUp.over(
                flat(0x160c08, 0x160c08),
                FACE,
                misread,
                List.of(MadeUp.Layer.of(nose, pale, .2)),
                MadeUp.Light.DAYLIGHT);
        int p = at(made, nose.heart());
        assertThat(p >> 16 & 255)
                .as("lighter")
                .isGreaterThan(0x28)
                .as("and no patch of white")
                .isLessThan(0x70);
        assertThat(p & 255).as("no blue").isLessThan(p >> 16 & 255);
    }

    @Test
    void lampsTurnTheWholePictureTheirOwnWay() {
        Raster bare = flat(0xB08868, 0xB08868);
        Raster warm = MadeUp.over(bare, FACE, SKIN, List.of(), MadeUp.Light.WARM_LAMP);
        Raster flash = MadeUp.over(bare, FACE, SKIN, List.of(), MadeUp.Light.FLASH);
        int w = warm.rgb()[5];
        assertThat((w >> 16 & 255) / (double) (w & 255)).isGreaterThan((double) 0xB0 / 0x68);
        Vec nose = FACE.at(Landmark.NOSE_TIP);
        assertThat(at(flash, nose) >> 8 & 255).isGreaterThan(flash.rgb()[0] >> 8 & 255);
    }

    @Test
    void aBaseEvensMarksAndKeepsThemWhereTheyAreLoved() {
        int[] rgb = new int[W * H];
        Point spot = FACE.toPicture(FACE.at(Landmark.CHEEK, Side.LEFT).plus(-.35, .1));
        for (int i = 0; i < rgb.length; i++) {
            boolean freckle = Math.hypot(i % W - spot.x(), i / W - spot.y()) < 3;
            rgb[i] = freckle ? 0xAC7E62 : 0xC89878;
        }
        Raster bare = new Raster(W, H, rgb);
        LaidProduct base = LaidProduct.of(Form.LIQUID, Lab.of(66, 10, 17), .75, Traits.UNTOLD);
        int x = (int) spot.x();
        int y = (int) spot.y();
        int[] contrast = new int[2];
        for (int kept = 0; kept < 2; kept++) {
            Raster made = MadeUp.over(
                    bare, FACE, new MadeUp.Skin(SKIN.bare(), base, kept == 1), List.of(), MadeUp.Light.DAYLIGHT);
            contrast[kept] = made.code(x + 20, y, 1) - made.code(x, y, 1);
        }
        assertThat(contrast[0]).isLessThan(contrast[1] - 6);
        assertThat(contrast[1]).isBetween(16, 0x98 - 0x7E);
    }
}
