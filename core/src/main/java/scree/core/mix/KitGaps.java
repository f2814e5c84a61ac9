package scree.core.mix;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import scree.core.colour.Lab;
import scree.core.shade.Nearness;
import scree.core.shade.ShadeIndex;
import scree.core.skin.ReferenceCurve;

/** Which skins a kit can meet: a grid of depth and undertone, each cell reached alone, by mixing, or not at all. */
public final class KitGaps {
    /** Near enough to count as reached. */
    static final double REACHED = Nearness.VERY_CLOSE.upTo();
    /** Bases that a mix for a cell may choose from, nearest first, beside all mixers. Derived: further ones never won. */
    private static final int NEAREST = 24;

    private static final int MOST_PARTS = 5;
    private static final int DEEPEST = 28;
    private static final int FAIREST = 78;
    private static final int STEP = 5;

    private final List<Ingredient> bases;
    private final List<Lab> colours;
    private final ShadeIndex index;
    private final List<Ingredient> mixers;
    private final Set<Long> drops;

    /**
     * @param bases shades that can be worn alone
     * @param mixers drops that only go into a mix
     */
    public KitGaps(List<Ingredient> bases, List<Ingredient> mixers) {
        this.bases = List.copyOf(bases);
        this.colours = bases.stream().map(b -> b.spectrum().toLab()).toList();
        this.index = new ShadeIndex(colours);
        this.mixers = List.copyOf(mixers);
        this.drops = mixers.stream().map(Ingredient::id).collect(Collectors.toSet());
    }

    /** Columns of the grid. */
    public enum Lean {
        COOL(-6, 0),
        NEUTRAL(0, 0),
        WARM(6, 0),
        /** Usual hue with less red. */
        OLIVE(0, -3);

        private final double degrees;
        private final double red;

        Lean(double degrees, double red) {
            this.degrees = degrees;
            this.red = red;
        }

        /** Returns by how much its hue leans from usual. */
        public double degrees() {
            return degrees;
        }

        /** Returns skin of this lean at a depth. */
        public Lab at(double lightness) {
            Lab usual = ReferenceCurve.at(lightness);
            Lab turned = Lab.ofLch(lightness, usual.chroma(), usual.hueDegrees() + degrees);
            return Lab.of(lightness, turned.a() + red, turned.b() - red / 3);
        }
    }

    /** How a cell is reached. */
    public enum Reach {
        ALONE,
        MIXED,
        NOT
    }

    /**
     * One cell.
     *
     * @param recipe the nearest way, a single shade or a mix; empty only in an empty kit
     */
    public record Cell(Lean lean, int lightness, Lab skin, Reach reach, Optional<Recipe> recipe) {}

    /** Returns all cells, fairest first, and by lean within a depth. */
    public List<Cell> cells() {
        return grid().parallel()
                .map(c -> cell(c.lean, c.lightness))
                .sorted(Comparator.comparingInt((Cell c) -> -c.lightness()).thenComparing(Cell::lean))
                .toList();
    }

    /** A place of the grid. */
    public record At(Lean lean, int lightness) {}

    /** Returns all places of the grid. */
    public static Stream<At> grid() {
        return IntStream.rangeClosed(0, (FAIREST - DEEPEST) / STEP)
                .boxed()
                .flatMap(i -> Stream.of(Lean.values()).map(lean -> new At(lean, FAIREST - STEP * i)));
    }

    private Cell cell(Lean lean, int lightness) {
        Lab skin = lean.at(lightness);
        List<ShadeIndex.Hit> near = index.nearest(skin, NEAREST);
        Optional<Recipe> alone = near.stream()
                .findFirst()
                .map(h -> Recipe.of(List.of(new Recipe.Part(bases.get(h.position()), 1)), skin));
        if (alone.isPresent() && alone.get().difference() <= REACHED) {
            return new Cell(lean, lightness, skin, Reach.ALONE, alone);
        }
        List<Ingredient> pool = new ArrayList<>(mixers);
        near.forEach(h -> pool.add(bases.get(h.position())));
        Optional<Recipe> mixed = MixPool.best(pool, drops, skin, MOST_PARTS).best();
        boolean reached = mixed.isPresent() && mixed.get().difference() <= REACHED;
        return new Cell(
                lean, lightness, skin, reached ? Reach.MIXED : Reach.NOT, reached ? mixed : alone.or(() -> mixed));
    }

    /** Returns whether the kit meets a skin as it is, alone or by mixing. */
    public boolean meets(Lab skin) {
        return meets(skin, List.of());
    }

    /** Returns whether a purchase meets a skin, alone or in a mix with the kit. */
    public boolean meetsWith(Ingredient purchase, Lab skin) {
        return purchase.spectrum().toLab().differenceFrom(skin) <= REACHED || meets(skin, List.of(purchase));
    }

    private boolean meets(Lab skin, List<Ingredient> more) {
        List<ShadeIndex.Hit> near = index.nearest(skin, NEAREST);
        if (!near.isEmpty() && colours.get(near.get(0).position()).differenceFrom(skin) <= REACHED) {
            return true;
        }
        List<Ingredient> pool = new ArrayList<>(mixers);
        near.forEach(h -> pool.add(bases.get(h.position())));
        pool.addAll(more);
        return MixPool.best(pool, drops, skin, MOST_PARTS)
                .best()
                .map(r -> r.difference() <= REACHED)
                .orElse(false);
    }

    /** What one purchase would do. */
    public record Gain(Ingredient purchase, int alone, int mixed) {
        public int closed() {
            return alone + mixed;
        }
    }

    /**
     * Returns for each thing that could be bought how many cells it newly reaches alone and by mixing, the most useful first.
     *
     * @param now this kit's cells
     * @param forSale ids differ from those of the kit
     */
    public List<Gain> gains(List<Cell> now, List<Ingredient> forSale) {
        List<Cell> open = now.stream().filter(c -> c.reach() == Reach.NOT).toList();
        return forSale.parallelStream()
                .map(p -> gain(p, open))
                .sorted(Comparator.comparingInt(Gain::closed).reversed())
                .toList();
    }

    private Gain gain(Ingredient purchase, List<Cell> open) {
        int alone = 0;
        int mixed = 0;
        Lab own = purchase.spectrum().toLab();
        for (Cell cell : open) {
            if (own.differenceFrom(cell.skin()) <= REACHED) {
                alone++;
            } else {
                mixed += meets(cell.skin(), List.of(purchase)) ? 1 : 0;
            }
        }
        return new Gain(purchase, alone, mixed);
    }
}
