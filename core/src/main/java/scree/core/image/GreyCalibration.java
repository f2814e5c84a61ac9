package scree.core.image;

import java.util.List;
import java.util.stream.IntStream;
import scree.core.colour.Lab;
import scree.core.colour.Table;

/**
 * Reads colour with the three-step grey card only: a tone curve per channel, then a quadratic map from cube roots of linear
 * light to L*a*b*, pooled over made-up cameras in daylight with skins as targets. Rougher than the colour card, and only
 * promised in daylight. A phone that was once seen with the colour card in daylight reads better: the map that it taught
 * then stands in for the pooled one.
 */
public final class GreyCalibration implements Calibration {
    private static final Table MAPS = Table.beside(GreyCalibration.class, "grey_maps.csv");
    private static final double BRIGHTEST = 0.985;
    /** House choice: halfway; the learned map alone is better on average and worse in the tail, docs/method.md. */
    private static final double LEARNED_SHARE = 0.5;

    private final ToneCurves curves;
    private final LightField field;
    private final Quality quality;
    private final double[][] map;

    /** Which pooled map to use. */
    public enum Light {
        DAYLIGHT("day"),
        WARM_LED("led"),
        UNKNOWN("all");

        private final String key;

        Light(String key) {
            this.key = key;
        }
    }

    private GreyCalibration(ToneCurves curves, LightField field, Quality quality, double[][] map) {
        this.curves = curves;
        this.field = field;
        this.quality = quality;
        this.map = map;
    }

    /** One picture teaches with its own errors, so what it taught counts half beside what many cameras did. */
    private static double[][] shrunk(double[][] learned, double[][] pooled) {
        double[][] map = new double[learned.length][CameraProfile.FEATURES];
        for (int i = 0; i < map.length; i++) {
            for (int j = 0; j < map[i].length; j++) {
                map[i][j] = LEARNED_SHARE * learned[i][j] + (1 - LEARNED_SHARE) * pooled[i][j];
            }
        }
        return map;
    }

    private static double[][] pooled(Light light) {
        return MAPS.rows().stream()
                .filter(row -> row[0].equals(light.key))
                .map(row -> IntStream.range(2, 12)
                        .mapToDouble(i -> Double.parseDouble(row[i]))
                        .toArray())
                .toArray(double[][]::new);
    }

    /** Calibrates from a found grey card. */
    public static GreyCalibration of(CardSamples samples, CardSighting.Found card, Light light) {
        return of(samples, card, PrintedCard.design(), light, null);
    }

    /** Calibrates from a grey card of which this is known. */
    public static GreyCalibration of(CardSamples samples, CardSighting.Found card, PrintedCard print, Light light) {
        return of(samples, card, print, light, null);
    }

    /** Calibrates from a grey card in daylight, with what a colour card once taught of the same phone in daylight. */
    public static GreyCalibration of(
            CardSamples samples, CardSighting.Found card, PrintedCard print, CameraProfile profile) {
        return of(samples, card, print, Light.DAYLIGHT, profile);
    }

    private static GreyCalibration of(
            CardSamples samples, CardSighting.Found card, PrintedCard print, Light light, CameraProfile profile) {
        List<CardLayout.Place> places = CardLayout.places(CardLayout.Kind.GREY);
        List<CardField> fields = places.stream()
                .map(p -> print.fields().get(p.field().number() - 1))
                .toList();
        ToneCurves first = new ToneCurves(samples.fields(), fields, 1);
        LightField field = LightField.of(samples.border(), first);
        Homography toPicture = card.toPicture();
        List<double[]> even = IntStream.range(0, places.size())
                .mapToObj(i -> {
                    CardLayout.Place p = places.get(i);
                    Point at = toPicture.map((p.left() + p.right()) / 2, (p.top() + p.bottom()) / 2);
                    return first.relit(samples.fields().get(i), field.evening(at));
                })
                .toList();
        long clipped = even.stream()
                .filter(code -> Math.max(code[0], Math.max(code[1], code[2])) > BRIGHTEST)
                .count();
        int unusable = Math.max((int) clipped, samples.coveredFields());
        ToneCurves plain = new ToneCurves(even, fields, 1);
        return new GreyCalibration(
                plain,
                field,
                new Quality(places.size(), unusable, 0, 1, field.misfit()),
                profile == null ? pooled(light) : shrunk(profile.map(), pooled(light)));
    }

    /** Returns [1, r, g, b, rr, gg, bb, rg, rb, gb] of the cube roots of linear light: what the map is linear in. */
    public static double[] features(double[] linear) {
        double[] p = CardCalibration.roots(linear);
        return new double[] {
            1, p[0], p[1], p[2], p[0] * p[0], p[1] * p[1], p[2] * p[2], p[0] * p[1], p[0] * p[2], p[1] * p[2]
        };
    }

    @Override
    public Lab read(double[] code, Point face) {
        double[] linear = curves.linear(code);
        double factor = field.carriedTo(face);
        double[] even = {linear[0] * factor, linear[1] * factor, linear[2] * factor};
        double[] x = features(even);
        double[] lab = new double[3];
        for (int row = 0; row < 3; row++) {
            for (int i = 0; i < x.length; i++) {
                lab[row] += map[row][i] * x[i];
            }
        }
        return Lab.ofClamped(lab[0], lab[1], lab[2]);
    }

    @Override
    public double[] linear(double[] code) {
        return curves.linear(code);
    }

    @Override
    public double[] code(double[] linear) {
        return curves.codeOf(linear);
    }

    @Override
    public Quality quality() {
        return quality;
    }
}
