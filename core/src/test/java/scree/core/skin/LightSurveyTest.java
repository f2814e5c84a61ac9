package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.colour.Xyz;
import scree.core.face.Side;
import scree.core.image.Calibration;
import scree.core.image.CardLayout;
import scree.core.image.CardSighting;
import scree.core.image.Point;
import scree.core.image.PrintedCard;
import scree.core.image.Raster;
import scree.core.image.ZoneSample;
import scree.core.light.LightFigures;
import scree.core.light.LightRange;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** What is told of the light, on cheeks, forehead and a wall of which everything is known. */
class LightSurveyTest {
    private static final int WIDTH = 900;
    private static final int HEIGHT = 1100;
    private static final FaceFrame FACE = FaceFrame.usualIn(WIDTH, HEIGHT);
    private static final int PLENTY = 500;

    /** A camera that gives sRGB, so that every figure can be worked out by hand. */
    private static final class PlainCamera implements Calibration {
        @Override
        public Lab read(double[] code, Point face) {
            double[] l = linear(code);
            return Srgb.toXyz(l[0], l[1], l[2]).toLab(Xyz.D65);
        }

        @Override
        public double[] linear(double[] code) {
            double[] l = new double[3];
            for (int c = 0; c < 3; c++) {
                l[c] = code[c] <= .04045 ? code[c] / 12.92 : Math.pow((code[c] + .055) / 1.055, 2.4);
            }
            return l;
        }

        @Override
        public double[] code(double[] linear) {
            double[] q = new double[3];
            for (int c = 0; c < 3; c++) {
                q[c] = linear[c] <= .0031308 ? 12.92 * linear[c] : 1.055 * Math.pow(linear[c], 1 / 2.4) - .055;
            }
            return q;
        }

        @Override
        public Quality quality() {
            return new Quality(24, 0, 0, 1, .03);
        }
    }

    private static final PlainCamera CAMERA = new PlainCamera();
    private static final double[] SKIN = {.40, .28, .21};

    private static LightSurvey.Sampled sampled(Zone zone, Side side, double light, double... tint) {
        double[] lit = new double[3];
        for (int c = 0; c < 3; c++) {
            lit[c] = SKIN[c] * light * (tint.length == 0 ? 1 : tint[c]);
        }
        return new LightSurvey.Sampled(zone, side, new ZoneSample(CAMERA.code(lit), 1, PLENTY, 0, 0, 0, 0));
    }

    private static Raster wall(double linear, double... tint) {
        double[] lit = new double[3];
        for (int c = 0; c < 3; c++) {
            lit[c] = linear * (tint.length == 0 ? 1 : tint[c]);
        }
        double[] q = CAMERA.code(lit);
        int[] rgb = new int[WIDTH * HEIGHT];
        java.util.Arrays.fill(
                rgb,
                (int) Math.round(255 * q[0]) << 16 | (int) Math.round(255 * q[1]) << 8 | (int) Math.round(255 * q[2]));
        return new Raster(WIDTH, HEIGHT, rgb);
    }

    private static CardSighting.Found card(CardLayout.Kind kind, double x) {
        return new CardSighting.Found(
                kind, List.of(new Point(x, 600), new Point(x + 120, 600), new Point(x + 120, 780), new Point(x, 780)));
    }

    private static LightFigures figures(List<LightSurvey.Sampled> samples) {
        return new LightSurvey(wall(.2), new CardSighting.None(), CAMERA, SkinScene.of(FACE, List.of()))
                .figures(samples);
    }

    private static List<LightSurvey.Sampled> cheeks(double right, double left) {
        return new ArrayList<>(List.of(sampled(Zone.CHEEK, Side.RIGHT, right), sampled(Zone.CHEEK, Side.LEFT, left)));
    }

    @Seeds(100)
    void theBrighterSideIsToldByHowMuch(Draw draw) {
        double right = draw.between(.3, 1.5);
        double left = draw.between(.3, 1.5);
        LightFigures told = figures(cheeks(right, left));
        assertThat(told.leftRight()).isCloseTo(Math.log(right / left), within(1e-9));
        assertThat(told.slant()).isCloseTo(Math.abs(Math.log(right / left)), within(1e-9));
        assertThat(told.twoColours())
                .as("one light however uneven is one colour")
                .isLessThan(.01);
    }

    @Seeds(60)
    void twoLightsOfTwoColoursAreToldWhicheverSideIsBrighter(Draw draw) {
        double redder = draw.between(1.1, 1.6);
        double light = draw.between(.5, 1.5);
        List<LightSurvey.Sampled> samples = List.of(
                sampled(Zone.CHEEK, Side.RIGHT, light, redder, 1, 1 / redder), sampled(Zone.CHEEK, Side.LEFT, 1));
        double apart = figures(samples).twoColours();
        assertThat(apart).isGreaterThan(12 * (redder - 1));
        List<LightSurvey.Sampled> turned = List.of(
                sampled(Zone.CHEEK, Side.LEFT, light, redder, 1, 1 / redder), sampled(Zone.CHEEK, Side.RIGHT, 1));
        assertThat(figures(turned).twoColours()).isCloseTo(apart, within(1e-6));
    }

    @Test
    void withoutBothCheeksNothingIsSaidOfTheSides() {
        LightFigures one = figures(List.of(sampled(Zone.CHEEK, Side.RIGHT, 1)));
        assertThat(one.leftRight()).isNull();
        assertThat(one.twoColours()).isNull();
        assertThat(one.slant()).isZero();
        LightSurvey.Sampled few =
                new LightSurvey.Sampled(Zone.CHEEK, Side.LEFT, new ZoneSample(CAMERA.code(SKIN), 1, 20, 0, 0, 0, 0));
        assertThat(figures(List.of(sampled(Zone.CHEEK, Side.RIGHT, 1), few)).leftRight())
                .as("twenty pixels are no cheek")
                .isNull();
    }

    private static final List<ZoneOutline> ZONES = List.of(
            Zone.FOREHEAD.template(Side.CENTRE), Zone.CHIN.template(Side.CENTRE), Zone.UPPER_LIP.template(Side.CENTRE));
    private static final double[] DEEP = {.10, .06, .04};

    /** Paints skin of one colour from one height to another, with shine on top. */
    private static void paint(
            Raster on, double top, double bottom, double halfWidth, double[] skin, double light, double shine) {
        double[] lit = new double[3];
        for (int c = 0; c < 3; c++) {
            lit[c] = skin[c] * light + shine;
        }
        double[] q = CAMERA.code(lit);
        int rgb = (int) Math.round(255 * q[0]) << 16 | (int) Math.round(255 * q[1]) << 8 | (int) Math.round(255 * q[2]);
        Point from = FACE.toPicture(-halfWidth, top);
        Point to = FACE.toPicture(halfWidth, bottom);
        for (int y = (int) from.y(); y <= to.y(); y++) {
            for (int x = (int) from.x(); x <= to.x(); x++) {
                on.rgb()[y * WIDTH + x] = rgb;
            }
        }
    }

    private static LightFigures onFace(Raster picture, double[] skin) {
        double[] code = CAMERA.code(skin);
        List<LightSurvey.Sampled> cheeks = List.of(
                new LightSurvey.Sampled(Zone.CHEEK, Side.RIGHT, new ZoneSample(code, 1, PLENTY, 0, 0, 0, 0)),
                new LightSurvey.Sampled(Zone.CHEEK, Side.LEFT, new ZoneSample(code, 1, PLENTY, 0, 0, 0, 0)));
        return new LightSurvey(
                        picture,
                        new CardSighting.None(),
                        CAMERA,
                        new SkinScene(FACE, ZONES, List.of(), List.of(), PrintedCard.design(), Optional.empty()))
                .figures(cheeks);
    }

    /** White light on a deep forehead is shine, not a lamp: the same face has the same light in every depth of skin. */
    @Seeds(40)
    void aLampAboveIsToldByForeheadOverChinWhateverShinesOnIt(Draw draw) {
        double more = draw.between(.9, 2.2);
        double shine = draw.between(0, .06);
        double[] skin = draw.between(0, 1) < .5 ? SKIN : DEEP;
        Raster face = wall(.2);
        paint(face, -1.2, -.4, .9, skin, more, shine);
        paint(face, 1.4, 1.9, .6, skin, 1, 0);
        assertThat(onFace(face, skin).fromAbove())
                .isCloseTo(Math.log(more) - LightRange.ABOVE_BY_A_WINDOW, within(.04));
    }

    @Test
    void aForeheadUnderHairSaysNothing() {
        Raster fringe = wall(.2);
        paint(fringe, -1.2, -.4, .9, SKIN, .2, 0);
        paint(fringe, 1.4, 1.9, .6, SKIN, 1, 0);
        assertThat(onFace(fringe, SKIN).fromAbove()).isNull();
    }

    @Test
    void aNoseThrowsANarrowShadowAndAMoustacheIsWide() {
        Raster face = wall(.2);
        paint(face, .5, 1.1, .9, SKIN, 1, 0);
        assertThat(onFace(face, SKIN).underNose()).isCloseTo(0, within(.02));
        paint(face, .7, .9, .2, SKIN, .35, 0);
        assertThat(onFace(face, SKIN).underNose()).isCloseTo(-Math.log(.35), within(.03));
        paint(face, .7, .9, .5, SKIN, .35, 0);
        assertThat(onFace(face, SKIN).underNose()).as("a moustache").isCloseTo(0, within(.02));
    }

    @ParameterizedTest
    @CsvSource({"COLOUR, COLOUR", "GREY, GREY"})
    void theWallIsMeasuredAgainstTheCardsWhite(CardLayout.Kind kind, LightFigures.Card said) {
        LightFigures told = new LightSurvey(wall(.45), card(kind, 720), CAMERA, SkinScene.of(FACE, List.of()))
                .figures(cheeks(1, 1));
        assertThat(told.card()).isEqualTo(said);
        assertThat(told.behind()).isCloseTo(.45 / CardLayout.BORDER_REFLECTANCE, within(.01));
        assertThat(told.wallChroma()).isLessThan(1);
        assertThat(told.halo()).isEqualTo(.03);
    }

    @Test
    void withoutACardTheWallsColourIsToldButNotItsBrightness() {
        LightFigures told = new LightSurvey(
                        wall(.3, 1.3, 1, .7), new CardSighting.None(), CAMERA, SkinScene.of(FACE, List.of()))
                .figures(cheeks(1, 1));
        assertThat(told.card()).isEqualTo(LightFigures.Card.NONE);
        assertThat(told.behind()).isNull();
        assertThat(told.kelvin()).isNull();
        assertThat(told.wallChroma()).isGreaterThan(12);
    }

    /** The wall is looked at on the side where no card is held. */
    @Test
    void theCardItselfIsNotTakenForTheWall() {
        Raster room = wall(.2);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = WIDTH / 2; x < WIDTH; x++) {
                room.rgb()[y * WIDTH + x] = 0xf4f4f4;
            }
        }
        double left = new LightSurvey(room, card(CardLayout.Kind.COLOUR, 720), CAMERA, SkinScene.of(FACE, List.of()))
                .figures(cheeks(1, 1))
                .behind();
        double right = new LightSurvey(room, card(CardLayout.Kind.COLOUR, 20), CAMERA, SkinScene.of(FACE, List.of()))
                .figures(cheeks(1, 1))
                .behind();
        assertThat(left).isLessThan(.3);
        assertThat(right).isGreaterThan(.8);
    }

    @Test
    void aPictureCutCloseShowsNoWall() {
        FaceFrame close = new FaceFrame(new Point(250, 400), new Point(650, 400), new Point(450, 1140));
        LightFigures told = new LightSurvey(
                        wall(.2), card(CardLayout.Kind.COLOUR, 720), CAMERA, SkinScene.of(close, List.of()))
                .figures(cheeks(1, 1));
        assertThat(told.behind()).isNull();
        assertThat(told.wallChroma()).isNull();
    }

    @Seeds(50)
    void theShareOfClippedSkinCountsNoLipsOrBrows(Draw draw) {
        double clipped = draw.between(0, 300);
        double lips = draw.between(0, 900);
        ZoneSample sample = new ZoneSample(CAMERA.code(SKIN), 1, PLENTY, 0, 0, (int) clipped, (int) lips);
        LightFigures told = figures(List.of(new LightSurvey.Sampled(Zone.CHEEK, Side.RIGHT, sample)));
        assertThat(told.clipped()).isCloseTo((int) clipped / (double) (PLENTY + (int) clipped), within(1e-12));
    }

    @Test
    void nothingMeasuredIsNotClipped() {
        assertThat(figures(List.of()).clipped()).isZero();
    }
}
