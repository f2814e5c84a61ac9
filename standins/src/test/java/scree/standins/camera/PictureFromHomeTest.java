package scree.standins.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import scree.core.face.FacePoints;
import scree.core.face.PointKey;
import scree.core.image.CardFinder;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.plane.Vec;
import scree.core.reason.Reason;
import scree.core.skin.SentPicture;
import scree.core.skin.SentPicture.Code;
import scree.core.skin.SkinReader;
import scree.core.skin.SkinReading;
import scree.core.skin.SkinReading.Trust;
import scree.core.skin.Zone;
import scree.core.skin.ZoneReading;
import scree.core.skin.ZonesOnPoints;

/** Pictures as clients send them: without a card, now and then blurred, leaning, cut at the chin. */
class PictureFromHomeTest {
    private static final Camera PHONE = new Camera(Camera.Family.EVALUATION, 90);

    @Test
    void aGoodPictureOfABareFaceIsLeftInPeaceButNeverCalledAReading() {
        for (int i : new int[] {0, 5, 10}) {
            Sitter sitter = Ensemble.all().get(i);
            Portrait portrait = Seats.of(sitter, Lighting.facingWindow(), 640);
            Raster picture = portrait.shoot(PHONE, Lamp.daylight(5900), Shot.withoutCard(sitter, 4));
            SkinReading reading = read(picture, portrait.facePoints());
            assertThat(reading.trust()).isEqualTo(Trust.PROVISIONAL);
            assertThat(codes(SentPicture.check(picture, portrait.facePoints(), reading)))
                    .as(sitter.name())
                    .isEmpty();
        }
    }

    @Test
    void aLeaningHeadAndACutNeckAreSaid() {
        Sitter sitter = Ensemble.all().get(4);
        Portrait portrait = Seats.of(sitter, Lighting.facingWindow(), 640);
        FacePoints points = portrait.facePoints();
        Raster picture = portrait.shoot(PHONE, Lamp.daylight(5900), Shot.withoutCard(sitter, 4));
        FacePoints leaning = turned(points, Math.toRadians(14));
        assertThat(codes(SentPicture.check(picture, leaning, read(picture, points))))
                .contains(Code.TILTED);
        int chin =
                (int) points.at(PointKey.of(scree.core.face.Landmark.CHIN)).at().y();
        Raster cut = top(picture, chin + (int) (.3 * points.unit()));
        assertThat(codes(SentPicture.check(cut, points, read(cut, points)))).contains(Code.NECK_MISSING);
    }

    @Test
    void skinThatIsEverywhereTheSameIsOnlyAskedAbout() {
        Sitter sitter = Ensemble.all().get(0);
        Portrait portrait = Seats.of(sitter, Lighting.facingWindow(), 640);
        Raster picture = portrait.shoot(PHONE, Lamp.daylight(5900), Shot.withoutCard(sitter, 4));
        SkinReading bare = read(picture, portrait.facePoints());
        var cheek = bare.colourOf(Zone.CHEEK).orElseThrow();
        SkinReading covered = bare;
        for (ZoneReading z : bare.zones()) {
            covered = covered.with(new ZoneReading(z.zone(), cheek.towards(z.colour(), .15), z.spread(), z.sample()));
        }
        assertThat(SentPicture.check(picture, portrait.facePoints(), covered))
                .singleElement()
                .satisfies(r -> {
                    assertThat(r.code()).isEqualTo(Code.SKIN_VERY_EVEN);
                    assertThat(r.severity()).isEqualTo(scree.core.reason.Severity.NOTE);
                });
    }

    private static SkinReading read(Raster picture, FacePoints points) {
        return SkinReader.read(
                picture, CardFinder.find(picture), ZonesOnPoints.frame(points), ZonesOnPoints.outlines(points));
    }

    private static List<Enum<?>> codes(List<Reason> reasons) {
        return reasons.stream().<Enum<?>>map(Reason::code).toList();
    }

    private static FacePoints turned(FacePoints points, double angle) {
        Point chin = points.at(PointKey.of(scree.core.face.Landmark.CHIN)).at();
        return points.moved(PointKey.all(), v -> {
            Vec d = v.minus(new Vec(chin.x(), chin.y()));
            return new Vec(
                    chin.x() + d.x() * Math.cos(angle) - d.y() * Math.sin(angle),
                    chin.y() + d.x() * Math.sin(angle) + d.y() * Math.cos(angle));
        });
    }

    private static Raster top(Raster picture, int height) {
        int[] rgb = java.util.Arrays.copyOf(picture.rgb(), picture.width() * height);
        return new Raster(picture.width(), height, rgb);
    }
}
