package scree.standins.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.MeshGuess;
import scree.core.face.PointKey;
import scree.core.face.PointState;
import scree.core.image.Raster;
import scree.core.mesh.FaceSearch;
import scree.core.mesh.HeadMesh;
import scree.core.plane.Vec;
import scree.core.reason.Reason;
import scree.core.sight.EdgeFit;
import scree.core.sight.FaceSkin;
import scree.core.sight.PictureCheck;
import scree.core.sight.SightCode;

/** Pictures that cannot be read are refused with the reason that an artist would give; fair, tan and deep skin in good light are not. */
class PictureCheckTest {
    private static final int WIDTH = 640;
    private static final FaceSearch.Seen SURE = new FaceSearch.Seen(.9, .98, 300);

    private static HeadMesh mesh(FacePoints points, double yaw) {
        return StandInSearch.mesh(points, yaw);
    }

    private static Portrait seated(int sitter) {
        return Seats.of(Ensemble.all().get(sitter), Lighting.facingWindow(), WIDTH);
    }

    private static Raster shot(Portrait portrait) {
        return portrait.shoot(Camera.quiet(5), Lamp.daylight(5600), Shot.withCard(3));
    }

    private static List<SightCode> said(Raster picture, HeadMesh mesh) {
        FaceSearch search = new FaceSearch(SURE, null, .5, List.of(mesh));
        return PictureCheck.of(search, picture, false).stream()
                .map(Reason::code)
                .map(SightCode.class::cast)
                .toList();
    }

    private static Raster each(Raster r, UnaryOperator<double[]> by) {
        int[] rgb = new int[r.rgb().length];
        for (int i = 0; i < rgb.length; i++) {
            int p = r.rgb()[i];
            double[] v = by.apply(new double[] {p >> 16 & 0xff, p >> 8 & 0xff, p & 0xff});
            for (double c : v) {
                rgb[i] = rgb[i] << 8 | (int) Math.max(0, Math.min(255, Math.round(c)));
            }
        }
        return new Raster(r.width(), r.height(), rgb);
    }

    /** Linear light times a factor for each channel. */
    private static Raster lit(Raster r, double red, double green, double blue) {
        double[] by = {red, green, blue};
        return each(r, v -> {
            double[] out = new double[3];
            for (int c = 0; c < 3; c++) {
                out[c] = 255 * Math.pow(Math.pow(v[c] / 255, 2.2) * by[c], 1 / 2.2);
            }
            return out;
        });
    }

    private static Raster blurred(Raster r, int radius) {
        return r.shrunkTo(Math.max(r.width(), r.height()) / radius);
    }

    @Test
    void goodPicturesOfFairTanAndDeepSkinAreLeftInPeaceAndVariedOnesAreRefused() {
        for (int sitter : new int[] {0, 6, 11}) {
            Portrait portrait = seated(sitter);
            Raster good = shot(portrait);
            HeadMesh mesh = mesh(portrait.facePoints(), 0);
            String who = Ensemble.all().get(sitter).name();
            assertThat(said(good, mesh)).as(who).noneMatch(SightCode::stops).doesNotContain(SightCode.GLASSES);
            assertThat(said(lit(good, .05, .05, .05), mesh)).as(who).containsExactly(SightCode.TOO_DARK);
            assertThat(said(each(good, v -> grey(v)), mesh)).as(who).contains(SightCode.NO_COLOUR);
            assertThat(said(lit(good, .35, .6, 2.2), mesh)).as(who).containsAnyOf(SightCode.TINTED, SightCode.BURNT);
            assertThat(said(lit(good, .4, 1.3, .4), mesh)).as(who).containsAnyOf(SightCode.TINTED, SightCode.BURNT);
            assertThat(said(good, mesh(portrait.facePoints(), 12))).as(who).contains(SightCode.TURN_TO_CAMERA);
            assertThat(said(good, mesh(portrait.facePoints(), -25))).as(who).containsExactly(SightCode.TURNED_AWAY);
        }
    }

    private static double[] grey(double[] v) {
        double y = .2126 * v[0] + .7152 * v[1] + .0722 * v[2];
        return new double[] {y, y, y};
    }

    @Test
    void burntSkinAndBlurAreRefused() {
        Portrait portrait = seated(0);
        Raster good = shot(portrait);
        assertThat(said(lit(good, 4, 4, 4), mesh(portrait.facePoints(), 0))).containsExactly(SightCode.BURNT);
        int radius = (int) Math.round(.1 * portrait.facePoints().unit());
        Raster soft = blurred(good, radius);
        HeadMesh small = mesh(portrait.facePoints(), 0).scaled(1.0 / radius);
        double more = 3.0 * radius / 2;
        Raster enlarged = enlarged(soft, (int) Math.round(soft.width() * more), (int) Math.round(soft.height() * more));
        assertThat(said(enlarged, small.scaled(more))).containsExactly(SightCode.BLURRED);
        assertThat(said(soft, small)).containsExactly(SightCode.TOO_SMALL);
    }

    private static Raster enlarged(Raster r, int width, int height) {
        var image = new java.awt.image.BufferedImage(width, height, java.awt.image.BufferedImage.TYPE_INT_RGB);
        var paper = image.createGraphics();
        paper.setRenderingHint(
                java.awt.RenderingHints.KEY_INTERPOLATION, java.awt.RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        paper.drawImage(r.toImage(), 0, 0, width, height, null);
        paper.dispose();
        return Raster.of(image);
    }

    /** What the picture shows clearly is taken, near the truth; nothing else is moved. */
    @Test
    void clearEdgesAreTakenFromThePictureNearTheTruth() {
        double sum = 0;
        int seen = 0;
        List<String> far = new java.util.ArrayList<>();
        for (int sitter : new int[] {0, 2, 7, 11}) {
            Portrait portrait = seated(sitter);
            FacePoints truth = portrait.facePoints();
            HeadMesh mesh = mesh(truth, 0);
            FacePoints guess = MeshGuess.from(mesh, WIDTH, WIDTH * 5 / 4);
            EdgeFit.Fitted fit = EdgeFit.of(shot(portrait), mesh, guess);
            for (var key : PointKey.all()) {
                if (fit.points().at(key).state() == PointState.SEEN) {
                    seen++;
                    Vec got = LevelledFace.of(truth)
                            .fromPicture(fit.points().at(key).at());
                    var line = new scree.core.face.EdgeCurve(LevelledFace.of(truth)).line();
                    double off = key.landmark() == Landmark.HAIRLINE
                            ? Math.abs(got.y()
                                    - LevelledFace.of(truth)
                                            .at(Landmark.HAIRLINE)
                                            .y())
                            : line.stream().mapToDouble(got::distanceTo).min().orElseThrow();
                    sum += off;
                    if (off > .075) {
                        far.add(sitter + " " + key + " " + off);
                    }
                } else {
                    assertThat(fit.points().at(key)).isEqualTo(guess.at(key));
                }
            }
        }
        assertThat(seen).isGreaterThan(8);
        assertThat(far).isEmpty();
        assertThat(sum / seen).isLessThan(.03);
    }

    /** Hair over the forehead is said, and the hairline under it stays a guess with its wide doubt. */
    @Test
    void aFringeIsSaidAndTheHairlineUnderItIsNotRead() {
        Portrait fringe = seated(8);
        HeadMesh mesh = mesh(fringe.facePoints(), 0);
        FacePoints guess = MeshGuess.from(mesh, WIDTH, WIDTH * 5 / 4);
        EdgeFit.Fitted fit = EdgeFit.of(shot(fringe), mesh, guess);
        PointKey hairline = PointKey.of(Landmark.HAIRLINE);
        assertThat(fit.foreheadCovered()).isTrue();
        assertThat(fit.points().at(hairline)).isEqualTo(guess.at(hairline));
        for (int bare : new int[] {0, 6, 11}) {
            Portrait portrait = seated(bare);
            HeadMesh on = mesh(portrait.facePoints(), 0);
            assertThat(EdgeFit.of(shot(portrait), on, MeshGuess.from(on, WIDTH, WIDTH * 5 / 4))
                            .foreheadCovered())
                    .as(Ensemble.all().get(bare).name())
                    .isFalse();
        }
    }

    /** Two lights make two skins: nothing is traced then, and every point stays where the mesh had it. */
    @Test
    void inTheLightOfTwoLampsNoEdgeIsRead() {
        Portrait portrait = seated(6);
        Raster good = shot(portrait);
        int middle = (int)
                LevelledFace.of(portrait.facePoints()).toPicture(new Vec(0, 0)).x();
        int[] rgb = lit(good, 1.2, .7, .4).rgb();
        int[] blue = lit(good, .6, .9, 1.4).rgb();
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = i % good.width() < middle ? rgb[i] : blue[i];
        }
        HeadMesh mesh = mesh(portrait.facePoints(), 0);
        FacePoints guess = MeshGuess.from(mesh, WIDTH, WIDTH * 5 / 4);
        assertThat(EdgeFit.of(new Raster(good.width(), good.height(), rgb), mesh, guess)
                        .points())
                .isEqualTo(guess);
    }

    /** Hair, lips and the wall are no skin, however a zone lies over them; cheeks, nose and chin are. */
    @Test
    void onlyBareSkinInsideTheEdgeCounts() {
        for (int sitter : new int[] {0, 6, 11}) {
            Portrait portrait = seated(sitter);
            LevelledFace face = LevelledFace.of(portrait.facePoints());
            FaceSkin skin = FaceSkin.of(shot(portrait), mesh(portrait.facePoints(), 0), portrait.facePoints());
            String who = Ensemble.all().get(sitter).name();
            for (Vec on : List.of(new Vec(-.6, .5), new Vec(.6, .5), new Vec(0, .3), new Vec(0, 1.6))) {
                assertThat(share(skin, face, on)).as(who + on).isGreaterThan(.9);
            }
            for (Vec off : List.of(new Vec(-1.7, -1.2), new Vec(1.5, .2), new Vec(0, -1.7))) {
                assertThat(share(skin, face, off)).as(who + off).isZero();
            }
        }
    }

    /** Share of skin within a twentieth of a pupil distance. */
    private static double share(FaceSkin skin, LevelledFace face, Vec at) {
        var p = face.toPicture(at);
        int reach = (int) Math.max(1, face.unit() / 20);
        int bare = 0;
        int all = 0;
        for (int y = (int) p.y() - reach; y <= p.y() + reach; y++) {
            for (int x = (int) p.x() - reach; x <= p.x() + reach; x++) {
                all++;
                bare += skin.at(x, y) ? 1 : 0;
            }
        }
        return (double) bare / all;
    }
}
