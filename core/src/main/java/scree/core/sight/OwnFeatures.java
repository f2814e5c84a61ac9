package scree.core.sight;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.colour.Xyz;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.plane.Vec;

/**
 * Lips, brows and eyes as the picture shows them beside the skin, whose colour is known: each is that colour times the ratio of linear
 * light, so the picture's own exposure and cast drop out. Simulated only: never held against a measured lip.
 *
 * @param lip own colour of the lips
 * @param brow L* of the brows' hairs
 * @param iris L* of the irises
 */
public record OwnFeatures(Lab lip, double brow, double iris) {
    private static final int ACROSS = 9;
    /** Samples of the lips lie within this share of their half width and on the fuller part of either lip. */
    private static final double LIP_REACH = .5;

    private static final double BROW_HALF = .02;
    private static final double IRIS_INNER = .045;
    private static final double IRIS_OUTER = .075;
    /** Share of the darkest samples that are hairs, not the skin between them. */
    private static final double HAIRS = .35;

    /** Reads them. */
    public static OwnFeatures of(Raster picture, LevelledFace face, Lab skin) {
        Reader r = new Reader(picture, face, skin);
        return new OwnFeatures(r.lip(), r.brow(), r.iris());
    }

    private record Reader(Raster picture, LevelledFace face, double[] cheek, Xyz known) {
        Reader(Raster picture, LevelledFace face, Lab skin) {
            this(picture, face, cheek(picture, face), skin.toXyz());
        }

        private static double[] cheek(Raster picture, LevelledFace face) {
            List<double[]> seen = new ArrayList<>();
            for (Side side : new Side[] {Side.RIGHT, Side.LEFT}) {
                Vec jaw = face.at(Landmark.JAW, side);
                Vec mouth = face.at(Landmark.MOUTH, side);
                for (int i = 0; i < ACROSS; i++) {
                    add(picture, face, jaw.towards(mouth, .3 + .4 * i / ACROSS).plus(0, -.12), seen);
                }
            }
            return middle(seen);
        }

        Lab lip() {
            List<double[]> seen = new ArrayList<>();
            Vec stomion = face.at(Landmark.STOMION);
            Vec dip = face.at(Landmark.CUPID_DIP);
            Vec low = face.at(Landmark.LOWER_LIP);
            double half = LIP_REACH
                    * face.at(Landmark.MOUTH, Side.LEFT).minus(stomion).x();
            for (int i = 0; i < ACROSS; i++) {
                double x = half * (2.0 * i / (ACROSS - 1) - 1);
                add(picture, face, stomion.towards(dip, .55).plus(x, 0), seen);
                add(picture, face, stomion.towards(low, .5).plus(x, 0), seen);
            }
            return colour(middle(seen));
        }

        double brow() {
            List<double[]> seen = new ArrayList<>();
            for (Side side : new Side[] {Side.RIGHT, Side.LEFT}) {
                Vec start = face.at(Landmark.BROW_START, side);
                Vec arch = face.at(Landmark.BROW_ARCH, side).plus(0, .04);
                for (int i = 1; i < 2 * ACROSS; i++) {
                    Vec at = start.towards(arch, i / (2.0 * ACROSS));
                    for (int j = -1; j <= 1; j++) {
                        add(picture, face, at.plus(0, j * BROW_HALF), seen);
                    }
                }
            }
            return colour(middle(darkest(seen))).lightness();
        }

        double iris() {
            List<double[]> seen = new ArrayList<>();
            for (Side side : new Side[] {Side.RIGHT, Side.LEFT}) {
                Vec pupil = face.at(Landmark.PUPIL, side);
                for (int i = 0; i < 2 * ACROSS; i++) {
                    double angle =
                            Math.toRadians(20 + 140.0 * i / (2 * ACROSS - 1)); // below: lids and their shade lie above
                    for (double r = IRIS_INNER; r <= IRIS_OUTER; r += .01) {
                        add(picture, face, pupil.plus(r * Math.cos(angle), r * Math.sin(angle)), seen);
                    }
                }
            }
            return colour(middle(seen)).lightness();
        }

        private static void add(Raster picture, LevelledFace face, Vec at, List<double[]> to) {
            Point p = face.toPicture(at);
            int x = (int) p.x();
            int y = (int) p.y();
            if (x >= 0 && y >= 0 && x < picture.width() && y < picture.height()) {
                to.add(new double[] {
                    Srgb.toLinear(picture.code(x, y, 0)),
                    Srgb.toLinear(picture.code(x, y, 1)),
                    Srgb.toLinear(picture.code(x, y, 2))
                });
            }
        }

        private static List<double[]> darkest(List<double[]> seen) {
            return seen.stream()
                    .sorted(Comparator.comparingDouble(c -> c[0] + c[1] + c[2]))
                    .limit(Math.max(1, Math.round(HAIRS * seen.size())))
                    .toList();
        }

        private static double[] middle(List<double[]> seen) {
            double[] m = new double[3];
            for (int c = 0; c < 3; c++) {
                int channel = c;
                double[] all =
                        seen.stream().mapToDouble(v -> v[channel]).sorted().toArray();
                m[c] = all.length == 0 ? .2 : all[all.length / 2];
            }
            return m;
        }

        private Lab colour(double[] rgb) {
            Xyz own = Srgb.toXyz(rgb[0], rgb[1], rgb[2]);
            Xyz beside = Srgb.toXyz(cheek[0], cheek[1], cheek[2]);
            return new Xyz(
                            known.x() * own.x() / Math.max(1e-4, beside.x()),
                            known.y() * own.y() / Math.max(1e-4, beside.y()),
                            known.z() * own.z() / Math.max(1e-4, beside.z()))
                    .toLab(Xyz.D65);
        }
    }
}
