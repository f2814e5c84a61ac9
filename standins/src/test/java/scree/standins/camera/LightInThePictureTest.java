package scree.standins.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import scree.core.colour.Lab;
import scree.core.face.FacePoints;
import scree.core.image.CardFinder;
import scree.core.image.CardLayout;
import scree.core.image.CardSighting;
import scree.core.image.PictureIntake;
import scree.core.image.PrintedCard;
import scree.core.image.Raster;
import scree.core.light.LightCode;
import scree.core.light.LightFigures;
import scree.core.light.LightJudge;
import scree.core.light.LightVerdict;
import scree.core.light.LightVerdict.Grade;
import scree.core.reason.Reason;
import scree.core.skin.Features;
import scree.core.skin.FreeSpot;
import scree.core.skin.SkinReader;
import scree.core.skin.SkinReading;
import scree.core.skin.SkinScene;
import scree.core.skin.Zone;
import scree.core.skin.ZonesOnPoints;

/** Lights that go wrong, each told by its own figure and nothing else. */
class LightInThePictureTest {
    private static final Sitter SITTER = Ensemble.all().get(5);
    private static final Camera CAMERA = new Camera(Camera.Family.EVALUATION, 71);
    private static final Lamp DAY = Lamp.daylight(5600);

    @Test
    void aFaceTurnedToAWindowIsGood() {
        assertThat(verdict(Lighting.facingWindow(), DAY, Trouble.NONE).grade()).isEqualTo(Grade.GOOD);
    }

    @Test
    void windowAtTheSideAndLampAboveAreUnfit() {
        assertThat(codes(verdict(Lighting.sideWindow(), DAY, Trouble.NONE))).contains(LightCode.FROM_ONE_SIDE);
        LightVerdict above = verdict(Lighting.lampAbove(), DAY, Trouble.NONE);
        assertThat(codes(above)).contains(LightCode.FROM_ABOVE).doesNotContain(LightCode.FROM_ONE_SIDE);
        assertThat(above.grade()).isEqualTo(Grade.UNFIT);
    }

    /** Shine is most of what a deep forehead sends back: it was taken for a lamp on four of twelve sitters. */
    @ParameterizedTest
    @ValueSource(ints = {0, 2, 6})
    void noDepthOfSkinMakesALampOfAWindowOrHidesOne(int sitter) {
        Portrait window = Seats.of(Ensemble.all().get(sitter), Lighting.facingWindow(), 640);
        assertThat(codes(LightJudge.judge(figures(window), null)))
                .doesNotContain(LightCode.FROM_ABOVE, LightCode.NOSE_SHADOW);
        Portrait lamp = Seats.of(Ensemble.all().get(sitter), Lighting.lampAbove(), 500);
        assertThat(LightJudge.judge(figures(lamp), null).grade()).isEqualTo(Grade.UNFIT);
    }

    private static LightFigures figures(Portrait portrait) {
        Raster picture = portrait.shoot(CAMERA, DAY, Shot.withCard(4).withCard(null), Trouble.NONE);
        return SkinReader.read(picture, new CardSighting.None(), scene(portrait))
                .light();
    }

    @Test
    void aWarmLampIsToldByTheColourCardAlone() {
        LightVerdict warm = verdict(Lighting.facingWindow(), Lamp.led(2900, 60), Trouble.NONE);
        assertThat(codes(warm)).containsExactly(LightCode.WARM_LAMP);
        assertThat(warm.grade()).isEqualTo(Grade.USABLE);
    }

    @Test
    void twoLampsALitWallAColouredWallAndAWorkedOverPictureAreEachNamed() {
        assertThat(codes(verdict(Lighting.facingWindow(), DAY, Trouble.secondLamp(Lamp.led(2900, 60), .5))))
                .contains(LightCode.TWO_COLOURS);
        assertThat(codes(verdict(Lighting.facingWindow(), DAY, Trouble.litFromBehind(2.5))))
                .containsExactly(LightCode.FROM_BEHIND);
        assertThat(codes(verdict(Lighting.facingWindow(), DAY, Trouble.colouredWall(Lab.of(55, -35, 25)))))
                .contains(LightCode.COLOURED_WALL);
        assertThat(codes(verdict(Lighting.facingWindow(), DAY, Trouble.workedOverBy(.5))))
                .contains(LightCode.WORKED_OVER);
    }

    @Test
    void aPhoneOnceSeenWithTheColourCardReadsBetterWithTheGreyCard() {
        Portrait portrait = Seats.of(SITTER, Lighting.facingWindow(), 640);
        SkinScene scene = scene(portrait);
        Lab truth = portrait.trueColour(scene.outlines().stream()
                .filter(o -> o.zone() == Zone.NECK)
                .findFirst()
                .orElseThrow()
                .polygon(scene.face()));
        double learnt = 0;
        double pooled = 0;
        for (int i = 0; i < 6; i++) {
            Camera camera = new Camera(Camera.Family.EVALUATION, 80 + i);
            Raster withCard = portrait.shoot(camera, DAY, Shot.withCard(i));
            Raster grey = portrait.shoot(
                    camera, Lamp.daylight(6300), Shot.withCard(9 + i).withCard(CardLayout.Kind.GREY));
            var phone = SkinReader.learn(withCard, CardFinder.find(withCard), PrintedCard.design());
            CardSighting card = CardFinder.find(grey);
            pooled += neck(SkinReader.read(grey, card, scene)).differenceFrom(truth);
            learnt += neck(SkinReader.read(
                            grey,
                            card,
                            new SkinScene(
                                    scene.face(),
                                    scene.outlines(),
                                    List.of(),
                                    scene.features(),
                                    PrintedCard.design(),
                                    phone)))
                    .differenceFrom(truth);
        }
        assertThat(learnt / 6).isLessThan(pooled / 6).isLessThan(1.5);
    }

    @Test
    void aTappedSpotIsReadAgainstTheSkinRoundItAndLeftOutOfItsZone() {
        Portrait portrait = Seats.of(SITTER, Lighting.facingWindow(), 640);
        SkinScene bare = scene(portrait);
        Raster picture = portrait.shoot(CAMERA, DAY, Shot.withCard(3));
        FreeSpot spot = new FreeSpot(1, FreeSpot.Kind.SUN_SPOT, -.62, .55, .06);
        paint(picture, spot.polygon(bare.face(), 1), 0x6b3f2a);
        CardSighting card = CardFinder.find(picture);
        SkinReading read = SkinReader.read(
                picture,
                card,
                new SkinScene(
                        bare.face(),
                        bare.outlines(),
                        List.of(spot),
                        bare.features(),
                        PrintedCard.design(),
                        Optional.empty()));
        assertThat(read.spots()).singleElement().satisfies(s -> {
            assertThat(s.difference()).isGreaterThan(10);
            assertThat(s.surround().differenceFrom(read.colourOf(Zone.CHEEK).orElseThrow()))
                    .isLessThan(4);
        });
        Lab without = read.colourOf(Zone.CHEEK).orElseThrow();
        Raster clean = portrait.shoot(CAMERA, DAY, Shot.withCard(3));
        Lab before = SkinReader.read(clean, CardFinder.find(clean), bare)
                .colourOf(Zone.CHEEK)
                .orElseThrow();
        assertThat(without.differenceFrom(before)).isLessThan(.3);
    }

    private static void paint(Raster picture, List<scree.core.image.Point> outline, int colour) {
        int left = (int) outline.stream().mapToDouble(p -> p.x()).min().orElseThrow();
        int right = (int) outline.stream().mapToDouble(p -> p.x()).max().orElseThrow();
        int top = (int) outline.stream().mapToDouble(p -> p.y()).min().orElseThrow();
        int bottom = (int) outline.stream().mapToDouble(p -> p.y()).max().orElseThrow();
        for (int y = top; y <= bottom; y++) {
            for (int x = left; x <= right; x++) {
                double u = (x - (left + right) / 2.0) / ((right - left) / 2.0);
                double v = (y - (top + bottom) / 2.0) / ((bottom - top) / 2.0);
                if (u * u + v * v <= 1) {
                    picture.rgb()[y * picture.width() + x] = colour;
                }
            }
        }
    }

    private static Lab neck(SkinReading reading) {
        return reading.colourOf(Zone.NECK).orElseThrow();
    }

    private static List<Enum<?>> codes(LightVerdict verdict) {
        return verdict.reasons().stream().<Enum<?>>map(Reason::code).toList();
    }

    private static LightVerdict verdict(Lighting light, Lamp lamp, Trouble trouble) {
        Portrait portrait = Seats.of(SITTER, light, 640);
        Raster picture = PictureIntake.read(
                PictureIntake.encodeJpeg(portrait.shoot(CAMERA, lamp, Shot.withCard(2), trouble), .92f));
        return LightJudge.judge(
                SkinReader.read(picture, CardFinder.find(picture), scene(portrait))
                        .light(),
                null);
    }

    private static SkinScene scene(Portrait portrait) {
        FacePoints points = portrait.facePoints();
        return new SkinScene(
                ZonesOnPoints.frame(points),
                ZonesOnPoints.outlines(points),
                List.of(),
                Features.of(points),
                PrintedCard.design(),
                Optional.empty());
    }
}
