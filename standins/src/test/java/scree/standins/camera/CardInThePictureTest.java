package scree.standins.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.AffineTransform;
import java.awt.image.AffineTransformOp;
import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import scree.core.colour.Lab;
import scree.core.image.CardFinder;
import scree.core.image.CardLayout;
import scree.core.image.CardSighting;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.skin.FaceFrame;
import scree.core.skin.SkinReader;
import scree.core.skin.SkinReading;
import scree.core.skin.Zone;
import scree.core.skin.ZoneOutline;

/** The card finder and the reader against pictures whose truth is known. */
class CardInThePictureTest {
    private static final Camera CAMERA = new Camera(Camera.Family.TUNING, 3);
    private static final Lamp WINDOW = Lamp.daylight(5600);
    private static Portrait portrait;

    @BeforeAll
    static void seat() {
        portrait = Seats.of(Ensemble.all().get(4), Lighting.facingWindow(), 900);
    }

    @Test
    void theDotsAreFoundToAThirdOfAPixel() {
        var found = (CardSighting.Found) CardFinder.find(shoot(Shot.withCard(1)));
        assertThat(found.kind()).isEqualTo(CardLayout.Kind.COLOUR);
        for (int i = 0; i < 4; i++) {
            assertThat(found.marks().get(i).distanceTo(portrait.cardMarks().get(i)))
                    .isLessThan(0.34);
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {-35, 20, 90, 180})
    void aTurnedCardIsStillFoundTheRightWayRound(double degrees) {
        Raster turned = turned(shoot(Shot.withCard(2)), degrees);
        var found = (CardSighting.Found) CardFinder.find(turned);
        Point ul = found.marks().get(0);
        Point ur = found.marks().get(1);
        double angle = Math.toDegrees(Math.atan2(ur.y() - ul.y(), ur.x() - ul.x()));
        assertThat(Math.abs(Math.IEEEremainder(angle - degrees - 2.9, 360))).isLessThan(1.5);
    }

    /** Somebody holds up a chart of another kind: it is told from no card, held straight or askew, and never read. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 8, -12})
    void aCardOfAnotherLayoutIsToldFromNoCard(double degrees) {
        Raster bare = shoot(Shot.withCard(5).withCard(null));
        assertThat(CardFinder.find(bare)).isInstanceOf(CardSighting.None.class);
        Raster held = new Raster(bare.width(), bare.height(), bare.rgb().clone());
        chart(held, degrees);
        assertThat(CardFinder.find(held)).isInstanceOf(CardSighting.Other.class);
    }

    /** Twenty-four even squares of hues all round and some greys on black, made up for this test. */
    private static void chart(Raster on, double degrees) {
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        java.util.Random noise = new java.util.Random(8);
        for (int y = 0; y < on.height(); y++) {
            for (int x = 0; x < on.width(); x++) {
                double u = (x - 745) * cos + (y - 480) * sin + 120;
                double v = -(x - 745) * sin + (y - 480) * cos + 170;
                if (u >= 0 && v >= 0 && u < 240 && v < 340) {
                    boolean field = u % 58 > 10 && v % 56 > 10 && u < 232 && v < 336;
                    int k = (int) (u / 58) + 4 * (int) (v / 56);
                    java.awt.Color colour = !field
                            ? new java.awt.Color(24, 24, 24)
                            : k % 6 == 5
                                    ? new java.awt.Color(40 + 8 * k, 40 + 8 * k, 40 + 8 * k)
                                    : java.awt.Color.getHSBColor(k * 7 % 24 / 24f, .65f, .8f);
                    int grain = noise.nextInt(5) - 2;
                    on.rgb()[y * on.width() + x] = (colour.getRed() + grain & 255) << 16
                            | (colour.getGreen() + grain & 255) << 8
                            | (colour.getBlue() + grain & 255);
                }
            }
        }
    }

    @Test
    void theGreyCardIsToldFromTheColourCard() {
        var found = (CardSighting.Found) CardFinder.find(shoot(Shot.withCard(3).withCard(CardLayout.Kind.GREY)));
        assertThat(found.kind()).isEqualTo(CardLayout.Kind.GREY);
        assertThat(read(shoot(Shot.withCard(3).withCard(CardLayout.Kind.GREY))).trust())
                .isEqualTo(SkinReading.Trust.GREY_CARD);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.35, 0.6})
    void aHalfHiddenCardIsSeenAsPartOfACard(double covered) {
        CardSighting sighting = CardFinder.find(shoot(Shot.withCard(4).withCovered(covered)));
        assertThat(sighting).isInstanceOf(CardSighting.Partial.class);
        assertThat(read(shoot(Shot.withCard(4).withCovered(covered))).trust()).isEqualTo(SkinReading.Trust.PROVISIONAL);
    }

    @Test
    void noFaceOfTheTwelveIsTakenForACard() {
        for (Sitter sitter : Ensemble.all().subList(0, 4)) {
            Portrait p = Seats.of(sitter, Lighting.facingWindow(), 640);
            assertThat(CardFinder.find(p.shoot(CAMERA, WINDOW, Shot.withoutCard(sitter, 1))))
                    .isInstanceOf(CardSighting.None.class);
        }
    }

    @Test
    void withTheCardTheCheekIsReadWithinOneAndAHalfUnderDaylightAndWarmLamp() {
        for (Lamp lamp : List.of(WINDOW, Lamp.daylight(4200), Lamp.led(3000, 62))) {
            Raster picture = portrait.shoot(CAMERA, lamp, Shot.withCard(6));
            Lab truth = truth(Zone.CHEEK);
            assertThat(read(picture).colourOf(Zone.CHEEK).orElseThrow().differenceFrom(truth))
                    .as(lamp.name())
                    .isLessThan(1.5);
        }
    }

    @Test
    void withoutTheCardItIsProvisionalAndFartherOff() {
        SkinReading bare =
                read(portrait.shoot(CAMERA, Lamp.led(3000, 62), Shot.withCard(6).withCard(null)));
        SkinReading withCard = read(portrait.shoot(CAMERA, Lamp.led(3000, 62), Shot.withCard(6)));
        assertThat(bare.trust()).isEqualTo(SkinReading.Trust.PROVISIONAL);
        assertThat(off(bare)).isGreaterThan(2 * off(withCard));
    }

    private static double off(SkinReading reading) {
        return reading.colourOf(Zone.CHEEK).orElseThrow().differenceFrom(truth(Zone.CHEEK));
    }

    @Test
    void lightFromOneSideIsNotCalledAReading() {
        Portrait sideways = Seats.of(Ensemble.all().get(4), Lighting.sideWindow(), 700);
        SkinReading reading = read(sideways, sideways.shoot(CAMERA, WINDOW, Shot.withCard(7)));
        assertThat(reading.sideLight()).isGreaterThan(0.15);
        assertThat(reading.trust()).isEqualTo(SkinReading.Trust.PROVISIONAL);
    }

    @Test
    void aFringeIsNotReadAsForehead() {
        Portrait fringe = Seats.of(Ensemble.all().get(8), Lighting.facingWindow(), 700);
        SkinReading reading = read(fringe, fringe.shoot(CAMERA, WINDOW, Shot.withCard(8)));
        assertThat(reading.colourOf(Zone.FOREHEAD)).isEmpty();
        assertThat(reading.colourOf(Zone.CHEEK)).isPresent();
    }

    @Test
    void equalSeedsGiveEqualPictures() {
        Sitter sitter = Ensemble.all().get(11);
        Raster one = Studio.seat(sitter, Lighting.facingWindow(), 600).shoot(CAMERA, WINDOW, Shot.withCard(9));
        Raster two = Studio.seat(sitter, Lighting.facingWindow(), 600).shoot(CAMERA, WINDOW, Shot.withCard(9));
        assertThat(one.rgb()).isEqualTo(two.rgb());
    }

    private static Raster shoot(Shot shot) {
        return portrait.shoot(CAMERA, WINDOW, shot);
    }

    private static SkinReading read(Raster picture) {
        return read(portrait, picture);
    }

    private static SkinReading read(Portrait p, Raster picture) {
        return SkinReader.read(picture, CardFinder.find(picture), frame(p), ZoneOutline.templates());
    }

    private static FaceFrame frame(Portrait p) {
        return new FaceFrame(
                p.landmarks().get("right pupil"),
                p.landmarks().get("left pupil"),
                p.landmarks().get("chin"));
    }

    private static Lab truth(Zone zone) {
        List<Lab> sides = ZoneOutline.templates().stream()
                .filter(o -> o.zone() == zone)
                .map(o -> portrait.trueColour(o.polygon(frame(portrait))))
                .toList();
        return sides.get(0).towards(sides.get(1), .5);
    }

    private static Raster turned(Raster r, double degrees) {
        int side = 1500;
        AffineTransform t = new AffineTransform();
        t.translate(side / 2.0, side / 2.0);
        t.rotate(Math.toRadians(degrees));
        t.translate(-r.width() / 2.0, -r.height() / 2.0);
        BufferedImage out = new BufferedImage(side, side, BufferedImage.TYPE_INT_RGB);
        return Raster.of(new AffineTransformOp(t, AffineTransformOp.TYPE_BILINEAR).filter(r.toImage(), out));
    }
}
