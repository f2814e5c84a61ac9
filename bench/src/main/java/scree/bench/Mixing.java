package scree.bench;

import static scree.bench.Bench.figure;
import static scree.bench.Bench.say;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import scree.core.colour.CieDe2000;
import scree.core.colour.Illuminant;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.mix.Carrier;
import scree.core.mix.Ingredient;
import scree.core.mix.RecipeSearch;
import scree.core.skin.ReferenceCurve;

/** How fast and how near to the true best the recipe search comes. */
final class Mixing {
    private static final int PARTS = 10;

    void speed() {
        List<Ingredient> kit = kit(300, 1);
        RecipeSearch search = new RecipeSearch(kit, PARTS);
        Random random = new Random(5);
        double[] ms = new double[40];
        for (int i = -10; i < ms.length; i++) {
            Lab target = skin(random);
            long start = System.nanoTime();
            search.best(target);
            if (i >= 0) {
                ms[i] = (System.nanoTime() - start) / 1e6;
            }
        }
        Arrays.sort(ms);
        say(
                "best recipe of up to 3 of 300 products in up to %d parts, 40 skins, warm; 95th percentile %.0f ms",
                PARTS, ms[37]);
        figure("recipe_300_ms", ms[20], "ms");
    }

    void gap() {
        double worst = 0;
        Random random = new Random(6);
        for (int i = 0; i < 12; i++) {
            worst = Math.max(worst, gap(kit(60, 10 + i), 8, skin(random)));
        }
        double whole = gap(kit(300, 2), 6, skin(random));
        say(
                "recipe search against trying everything: 12 kits of 60 in 8 parts (largest gap %.3f), one of 300 in 6 parts (%.3f)",
                worst, whole);
        figure("recipe_gap_de00_max", Math.max(worst, whole), "dE00");
    }

    private static double gap(List<Ingredient> kit, int parts, Lab target) {
        double found =
                new RecipeSearch(kit, parts).best(target).best().orElseThrow().difference();
        return Math.max(0, found - exhaustive(kit, parts, target));
    }

    /** Bases over all depths and leans, and drops of white, deep, yellow, red and blue. */
    static List<Ingredient> kit(int count, long seed) {
        Random random = new Random(seed);
        List<Ingredient> kit = new ArrayList<>();
        kit.add(Ingredient.of(0, Lab.of(95, 0, 2), 1.7, Carrier.ANY));
        kit.add(Ingredient.of(1, Lab.of(24, 10, 10), 2.0, Carrier.ANY));
        kit.add(Ingredient.of(2, Lab.of(78, 6, 52), 2.2, Carrier.ANY));
        kit.add(Ingredient.of(3, Lab.of(46, 46, 26), 2.4, Carrier.ANY));
        kit.add(Ingredient.of(4, Lab.of(40, 0, -34), 2.4, Carrier.ANY));
        while (kit.size() < count) {
            kit.add(Ingredient.of(kit.size(), skin(random), .7 + .8 * random.nextDouble(), Carrier.SILICONE));
        }
        return kit;
    }

    private static Lab skin(Random random) {
        double l = 30 + 47 * random.nextDouble();
        Lab usual = ReferenceCurve.at(l);
        return Lab.ofLch(
                l, usual.chroma() * (.8 + .4 * random.nextDouble()), usual.hueDegrees() + 18 * random.nextDouble() - 9);
    }

    private static double exhaustive(List<Ingredient> kit, int parts, Lab target) {
        double[][] ks = kit.stream()
                .map(i -> IntStream.range(0, Spectrum.BANDS)
                        .mapToDouble(b -> i.strength()
                                * KubelkaMunk.absorption(i.spectrum().at(b)))
                        .toArray())
                .toArray(double[][]::new);
        double[] strength = kit.stream().mapToDouble(Ingredient::strength).toArray();
        return IntStream.range(0, ks.length)
                .parallel()
                .mapToDouble(i -> withFirst(i, ks, strength, parts, target))
                .min()
                .orElseThrow();
    }

    private static double withFirst(int i, double[][] ks, double[] s, int parts, Lab target) {
        double best = Double.MAX_VALUE;
        for (int a = 1; a <= parts; a++) {
            best = Math.min(best, difference(target, ks, s, i, a, i, 0, i, 0));
            for (int j = i + 1; j < ks.length; j++) {
                for (int b = 1; a + b <= parts; b++) {
                    best = Math.min(best, difference(target, ks, s, i, a, j, b, j, 0));
                    for (int k = j + 1; k < ks.length; k++) {
                        for (int c = 1; a + b + c <= parts; c++) {
                            best = Math.min(best, difference(target, ks, s, i, a, j, b, k, c));
                        }
                    }
                }
            }
        }
        return best;
    }

    private static double difference(Lab t, double[][] ks, double[] s, int i, int a, int j, int b, int k, int c) {
        double total = a * s[i] + b * s[j] + c * s[k];
        double x = 0;
        double y = 0;
        double z = 0;
        for (int n = 0; n < Spectrum.BANDS; n++) {
            double r = KubelkaMunk.reflectance((a * ks[i][n] + b * ks[j][n] + c * ks[k][n]) / total);
            x += Illuminant.D65.weight(0, n) * r;
            y += Illuminant.D65.weight(1, n) * r;
            z += Illuminant.D65.weight(2, n) * r;
        }
        Lab mixed = new scree.core.colour.Xyz(x, y, z).toLab(Illuminant.D65.white());
        return CieDe2000.between(mixed, t);
    }
}
