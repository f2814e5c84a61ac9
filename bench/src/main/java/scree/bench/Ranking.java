package scree.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import scree.core.colour.Lab;
import scree.core.shade.ShadeIndex;
import scree.core.skin.ReferenceCurve;

/** Top ten of 50,000 shades, one thread, warm. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class Ranking {
    private ShadeIndex index;
    private List<Lab> skins;
    private int at;

    @Setup
    public void fill() {
        Random random = new Random(11);
        index = new ShadeIndex(shades(random, 50_000));
        skins = shades(random, 256);
    }

    private static List<Lab> shades(Random r, int count) {
        List<Lab> shades = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double l = 25 + 55 * r.nextDouble();
            Lab usual = ReferenceCurve.at(l);
            shades.add(Lab.ofLch(
                    l,
                    Math.max(1, usual.chroma() + 8 * r.nextGaussian() / 2),
                    usual.hueDegrees() + 8 * r.nextGaussian()));
        }
        return shades;
    }

    @Benchmark
    public List<ShadeIndex.Hit> topTen() {
        return index.nearest(skins.get(at++ & 255), 10);
    }
}
