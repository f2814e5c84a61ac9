package scree.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Collectors;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import scree.core.colour.Illuminant;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.image.CardCalibration;
import scree.core.image.CardLayout;
import scree.core.image.GreyCalibration;
import scree.core.skin.SkinModel;
import scree.standins.camera.Camera;
import scree.standins.camera.FlatCapture;
import scree.standins.camera.Lamp;

/**
 * Fits what the core keeps as tables on tuning cameras only: the grey card's maps and the lamp guess. Prints both tables; they
 * are pasted into core by hand, so that a build never depends on it.
 */
final class Derive {
    private static final int CAMERAS = 150;
    private static final int SHOTS = 3;
    private static final int SKINS = 30;
    /** Keeps the ten coefficients from cancelling each other: costs 0.02 ΔE00 on the tuning family. */
    private static final double RIDGE = 1e-6;

    private record Pairs(List<double[]> in, List<double[]> out) {
        Pairs() {
            this(new ArrayList<>(), new ArrayList<>());
        }

        void add(double[] x, double... y) {
            in.add(x);
            out.add(y);
        }
    }

    void run() {
        System.out.println("# grey_maps.csv");
        System.out.println("light,out,1,r,g,b,rr,gg,bb,rg,rb,gb");
        Pairs all = new Pairs();
        for (String light : List.of("day", "led", "flu")) {
            Pairs pairs = greys(light, 5);
            all.in().addAll(pairs.in());
            all.out().addAll(pairs.out());
            print(light, fit(pairs, RIDGE));
        }
        print("all", fit(all, RIDGE));
        System.out.println("# lamp_guess.csv");
        System.out.println("out,weights");
        System.out.println("mired," + row(fit(lamps(3), 20.0 / 900)[0]));
    }

    private static void print(String light, double[][] map) {
        String[] names = {"L", "a", "b"};
        for (int i = 0; i < 3; i++) {
            System.out.println(light + "," + names[i] + "," + row(map[i]));
        }
    }

    private static String row(double[] values) {
        return Arrays.stream(values)
                .mapToObj(v -> String.format(Locale.ROOT, "%.5f", v))
                .collect(Collectors.joining(","));
    }

    private static Pairs greys(String light, long seed) {
        Random random = new Random(seed);
        Pairs pairs = new Pairs();
        for (int c = 0; c < CAMERAS; c++) {
            Camera camera = new Camera(Camera.Family.TUNING, 1000 + c);
            for (int k = 0; k < SHOTS; k++) {
                FlatCapture capture = new FlatCapture(
                        camera,
                        lamp(light, random),
                        HeldOut.shot(CardLayout.Kind.GREY, random, 1 + random.nextInt(1 << 20)));
                var calibration =
                        GreyCalibration.of(capture.card(), capture.sighting(), GreyCalibration.Light.DAYLIGHT);
                for (Spectrum skin : skins(random)) {
                    Lab truth = skin.toLab();
                    pairs.add(
                            GreyCalibration.features(calibration.linear(capture.code(skin))),
                            truth.lightness(),
                            truth.a(),
                            truth.b());
                }
            }
        }
        return pairs;
    }

    /** Estimated responses with the lamp's temperature in mired: two thirds daylight, the rest room lamps. */
    private static Pairs lamps(long seed) {
        Random random = new Random(seed);
        Pairs pairs = new Pairs();
        for (int i = 0; i < 900; i++) {
            Lamp lamp = lamp(i % 3 == 2 ? "led" : "day", random);
            FlatCapture capture = new FlatCapture(
                    new Camera(Camera.Family.TUNING, 2000 + i / 3),
                    lamp,
                    HeldOut.shot(CardLayout.Kind.COLOUR, random, 1 + random.nextInt(1 << 20)));
            double[] z = CardCalibration.of(capture.card(), capture.sighting()).components();
            double[] x = new double[z.length + 1];
            x[0] = 1;
            System.arraycopy(z, 0, x, 1, z.length);
            pairs.add(x, 1e6 / lamp.chromaticity().mcCamyKelvin());
        }
        return pairs;
    }

    private static Lamp lamp(String kind, Random r) {
        List<Illuminant> tubes = List.of(Illuminant.F2, Illuminant.F7, Illuminant.F8, Illuminant.F11, Illuminant.F12);
        return switch (kind) {
            case "day" -> Lamp.daylight(4000 + 4000 * r.nextDouble());
            case "led" -> Lamp.led(2650 + 1400 * r.nextDouble(), 52 + 20 * r.nextDouble());
            default -> Lamp.of(tubes.get(r.nextInt(tubes.size())));
        };
    }

    private static List<Spectrum> skins(Random random) {
        List<Spectrum> skins = new ArrayList<>();
        while (skins.size() < SKINS) {
            double melanin = .006 * Math.pow(60, random.nextDouble());
            double blood = SkinModel.averageBlood(melanin) * Math.pow(2.6, 2 * random.nextDouble() - 1);
            Spectrum skin = SkinModel.reflectance(new SkinModel.Content(
                    melanin, Math.min(.28, blood), .55 + .3 * random.nextDouble(), 4 * random.nextDouble()));
            Lab colour = skin.toLab();
            if (colour.b() >= 4 && colour.lightness() >= 28) {
                skins.add(skin);
            }
        }
        return skins;
    }

    /** Ridge regression; the constant is not shrunk. */
    private static double[][] fit(Pairs pairs, double ridge) {
        int m = pairs.in().get(0).length;
        int outputs = pairs.out().get(0).length;
        double[][] normal = new double[m][m];
        double[][] right = new double[outputs][m];
        for (int i = 0; i < pairs.in().size(); i++) {
            double[] x = pairs.in().get(i);
            for (int a = 0; a < m; a++) {
                for (int b = 0; b < m; b++) {
                    normal[a][b] += x[a] * x[b];
                }
                for (int o = 0; o < outputs; o++) {
                    right[o][a] += x[a] * pairs.out().get(i)[o];
                }
            }
        }
        for (int a = 1; a < m; a++) {
            normal[a][a] += ridge * pairs.in().size();
        }
        var solver = new LUDecomposition(new Array2DRowRealMatrix(normal, false)).getSolver();
        double[][] map = new double[outputs][];
        for (int o = 0; o < outputs; o++) {
            map[o] = solver.solve(new ArrayRealVector(right[o])).toArray();
        }
        return map;
    }
}
