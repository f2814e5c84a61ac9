package scree.standins.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
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
            Portrait portrait = Studio.seat(sitter, Lighting.facingWindow(), 720);
            Raster picture = portrait.shoot(PHONE, Lamp.daylight(5900), Shot.withoutCard(sitter, 4));
            SkinReading reading = read(picture, portrait.facePoints());
            assertThat(reading.trust()).isEqualTo(Trust.PROVISIONAL);
            assertThat(codes(SentPicture.check(picture, portrait.facePoints(), reading)))
                    .as(sitter.name())
                    .isEmpty();
        }
    }

    @Test
    void blurIsSeen() {
        Sitter sitter = Ensemble.all().get(1);
        Portrait portrait = Studio.seat(sitter, Lighting.facingWindow(), 720);
        FacePoints points = portrait.facePoints();
        Raster sharp = portrait.shoot(PHONE, Lamp.daylight(5900), Shot.withoutCard(sitter, 4));
        Raster blurred = blurred(sharp, (int) Math.round(.03 * points.unit()));
        assertThat(codes(SentPicture.check(blurred, points, read(blurred, points))))
                .contains(Code.BLURRED);
        assertThat(codes(SentPicture.check(sharp, points, read(sharp, points)))).doesNotContain(Code.BLURRED);
    }

    @Test
    void aLeaningHeadACutNeckAndNoFaceAreSaid() {
        Sitter sitter = Ensemble.all().get(4);
        Portrait portrait = Studio.seat(sitter, Lighting.facingWindow(), 720);
        FacePoints points = portrait.facePoints();
        Raster picture = portrait.shoot(PHONE, Lamp.daylight(5900), Shot.withoutCard(sitter, 4));
        FacePoints leaning = turned(points, Math.toRadians(14));
        assertThat(codes(SentPicture.check(picture, leaning, read(picture, points))))
                .contains(Code.TILTED);
        int chin =
                (int) points.at(PointKey.of(scree.core.face.Landmark.CHIN)).at().y();
        Raster cut = top(picture, chin + (int) (.3 * points.unit()));
        assertThat(codes(SentPicture.check(cut, points, read(cut, points)))).contains(Code.NECK_MISSING);
        assertThat(codes(SentPicture.check(picture, null, read(picture, points))))
                .containsExactly(Code.NO_FACE);
    }

    @Test
    void skinThatIsEverywhereTheSameIsOnlyAskedAbout() {
        Sitter sitter = Ensemble.all().get(0);
        Portrait portrait = Studio.seat(sitter, Lighting.facingWindow(), 720);
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

    private static Raster blurred(Raster picture, int reach) {
        int w = picture.width();
        int h = picture.height();
        int[] out = new int[w * h];
        List<int[]> offsets = new ArrayList<>();
        for (int dy = -reach; dy <= reach; dy++) {
            for (int dx = -reach; dx <= reach; dx++) {
                offsets.add(new int[] {dx, dy});
            }
        }
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                int[] sum = new int[3];
                for (int[] o : offsets) {
                    for (int c = 0; c < 3; c++) {
                        sum[c] += picture.code(x + o[0], y + o[1], c);
                    }
                }
                out[y * w + x] = sum[0] / offsets.size() << 16 | sum[1] / offsets.size() << 8 | sum[2] / offsets.size();
            }
        }
        return new Raster(w, h, out);
    }
}
