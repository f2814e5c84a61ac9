package scree.core.mix;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import scree.core.colour.Illuminant;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;

/**
 * The best recipes of one to three products in small whole counts. K/S adds up in a mix, so near the target the colour of a mix is
 * nearly linear in it: each product becomes a point v in three dimensions (its pull on the target's colour, in ΔE00), and a
 * recipe of counts a, b, c is good when a·v₁ + b·v₂ + c·v₃ is near 0. All pairs are tried; for every pair and counts the third is
 * looked up as the nearest point. The best by this measure are then mixed exactly. Gap to exhaustive search and time are measured by {@code ./scree bench}.
 */
public final class RecipeSearch {
    /** Candidates that are mixed exactly, per share of the work. Derived: a gap under 0.1 ΔE00 in the bench. */
    private static final int KEPT = 120;
    /** Fixed, so that the answer never depends on how many processors there are. */
    private static final int SHARES = 8;

    /** How far the linear measure may be off near the target, ΔE00: past the best so far by more, a candidate is hopeless. Derived: as above. */
    private static final double SLACK = 0.2;

    /** Share of the ingredients that are looked up apart, the strongest. Derived: measured. */
    private static final double STRONG = 0.04;

    private final List<Ingredient> ingredients;
    private final int mostParts;
    private final double[][] ks;
    /** Most ingredients, and the few strong ones, which would lengthen the reach of every look-up. */
    private final int[] usual;

    private final int[] strong;
    private final List<int[]> pairs = new ArrayList<>();
    private final List<int[]> triples = new ArrayList<>();
    /** Counts of the first and the second of a triple as shares of the third's. */
    private final double[] shareA;

    private final double[] shareB;

    /**
     * @param ingredients that may go together, any number; carriers are checked
     * @param mostParts counted parts of a recipe, 1 to 16
     */
    public RecipeSearch(List<Ingredient> ingredients, int mostParts) {
        if (mostParts < 1 || mostParts > 16) {
            throw new IllegalArgumentException(
                    "a recipe of %d parts cannot be counted by hand: use 1 to 16".formatted(mostParts));
        }
        this.ingredients = List.copyOf(ingredients);
        this.mostParts = mostParts;
        this.ks = ingredients.stream()
                .map(i -> IntStream.range(0, Spectrum.BANDS)
                        .mapToDouble(b -> KubelkaMunk.absorption(i.spectrum().at(b)))
                        .toArray())
                .toArray(double[][]::new);
        int[] byStrength = byStrength();
        int few = Math.min(byStrength.length, Math.max(1, (int) (STRONG * byStrength.length)));
        this.usual = Arrays.copyOf(byStrength, byStrength.length - few);
        this.strong = Arrays.copyOfRange(byStrength, usual.length, byStrength.length);
        counts();
        this.shareA = triples.stream().mapToDouble(n -> (double) n[0] / n[2]).toArray();
        this.shareB = triples.stream().mapToDouble(n -> (double) n[1] / n[2]).toArray();
    }

    /** Returns the ingredients from weak to strong. */
    private int[] byStrength() {
        return IntStream.range(0, ingredients.size())
                .boxed()
                .sorted(Comparator.comparingDouble(i -> ingredients.get(i).strength()))
                .mapToInt(i -> i)
                .toArray();
    }

    /** Counts without a common divisor: doubled recipes are the same mix. In triples the third is the largest. */
    private void counts() {
        for (int a = 1; a < mostParts; a++) {
            for (int b = 1; a + b <= mostParts; b++) {
                if (gcd(a, b) == 1) {
                    pairs.add(new int[] {a, b});
                }
                for (int c = Math.max(a, b); a + b + c <= mostParts; c++) {
                    if (gcd(gcd(a, b), c) == 1) {
                        triples.add(new int[] {a, b, c});
                    }
                }
            }
        }
    }

    /** What was found: the best with at most one, two and three products. Later ones are never worse than earlier ones. */
    public record Found(Optional<Recipe> one, Optional<Recipe> two, Optional<Recipe> three) {
        /** Returns the best of all. */
        public Optional<Recipe> best() {
            return three.or(() -> two).or(() -> one);
        }
    }

    /** Returns the best recipes for a target. */
    public Found best(Lab target) {
        Spectrum start = LeastSlope.spectrumOf(target)
                .orElseThrow(() -> new IllegalArgumentException(
                        "%s is no colour that a mix can have: check the target".formatted(target)));
        Best best = new Best(target);
        for (int i = 0; i < ingredients.size(); i++) {
            best.offer(new int[] {i}, new int[] {1});
        }
        search(target, start, best);
        return best.found();
    }

    private void search(Lab target, Spectrum at, Best best) {
        double[][] v = new Pulls(target, at).of(ingredients, ks);
        Alike most = new Alike(usual, v);
        Alike few = new Alike(strong, v);
        offer(best, share -> twos(share, v));
        double limit = best.top().map(r -> r.difference() + SLACK).orElse(Double.MAX_VALUE);
        offer(best, share -> threes(share, v, most, few, limit * limit));
    }

    private void offer(Best best, IntFunction<Kept> work) {
        IntStream.range(0, SHARES)
                .parallel()
                .mapToObj(work)
                .flatMap(kept -> kept.queue.stream())
                .sorted(Comparator.comparingDouble(Candidate::miss2))
                .toList()
                .forEach(c -> best.offer(c.products(), c.counts()));
    }

    /** Ingredients of like strength, to be looked up as a third. */
    private final class Alike {
        private final int[] members;
        private final NearPoints nearest;
        private final double strongest;

        Alike(int[] members, double[][] v) {
            this.members = members;
            this.nearest =
                    new NearPoints(Arrays.stream(members).mapToObj(i -> v[i]).toArray(double[][]::new));
            this.strongest = members.length == 0
                    ? 0
                    : ingredients.get(members[members.length - 1]).strength();
        }

        boolean has(int i) {
            return Arrays.stream(members).anyMatch(m -> m == i);
        }

        int within(double x, double y, double z, double reach) {
            int found = nearest.within(x, y, z, reach);
            return found < 0 ? -1 : members[found];
        }
    }

    private record Candidate(int[] products, int[] counts, double miss2) {}

    private Kept twos(int share, double[][] v) {
        Kept kept = new Kept(Double.POSITIVE_INFINITY);
        for (int i = share; i < v.length; i += SHARES) {
            for (int j = i + 1; j < v.length; j++) {
                if (together(i, j)) {
                    pairs(i, j, v, kept);
                }
            }
        }
        return kept;
    }

    /** Triples of which a usual one has the largest count, then those of which a strong one has it. */
    private Kept threes(int share, double[][] v, Alike most, Alike few, double limit) {
        Kept kept = new Kept(limit);
        for (int i = share; i < v.length; i += SHARES) {
            for (int j = i + 1; j < v.length; j++) {
                if (together(i, j)) {
                    usualThird(i, j, v, most, kept);
                }
            }
            for (int k : strong) {
                if (k != i && together(i, k)) {
                    strongThird(i, k, v, most, kept);
                    if (few.has(i)) {
                        strongThird(i, k, v, few, kept);
                    }
                }
            }
        }
        return kept;
    }

    private void pairs(int i, int j, double[][] v, Kept kept) {
        double si = ingredients.get(i).strength();
        double sj = ingredients.get(j).strength();
        for (int[] n : pairs) {
            double x = n[0] * v[i][0] + n[1] * v[j][0];
            double y = n[0] * v[i][1] + n[1] * v[j][1];
            double z = n[0] * v[i][2] + n[1] * v[j][2];
            double weight = n[0] * si + n[1] * sj;
            double miss2 = (x * x + y * y + z * z) / (weight * weight);
            if (miss2 < kept.limit) {
                kept.add(new Candidate(new int[] {i, j}, n, miss2));
            }
        }
    }

    /** With counts a, b, c the third has to lie near −(a/c·vᵢ + b/c·vⱼ), within the limit times the weight per count of the third. */
    private void usualThird(int i, int j, double[][] v, Alike most, Kept kept) {
        double si = ingredients.get(i).strength();
        double sj = ingredients.get(j).strength();
        double[] vi = v[i];
        double[] vj = v[j];
        for (int t = 0; t < shareA.length; t++) {
            double p = shareA[t];
            double q = shareB[t];
            double reach = kept.reach * (p * si + q * sj + most.strongest);
            int third =
                    most.within(-(p * vi[0] + q * vj[0]), -(p * vi[1] + q * vj[1]), -(p * vi[2] + q * vj[2]), reach);
            if (third >= 0) {
                triple(i, j, third, triples.get(t), v, kept);
            }
        }
    }

    /** The same for a strong third k that is given: the second is looked up. */
    private void strongThird(int i, int k, double[][] v, Alike seconds, Kept kept) {
        double si = ingredients.get(i).strength();
        double sk = ingredients.get(k).strength();
        for (int[] n : triples) {
            double p = (double) n[0] / n[1];
            double r = (double) n[2] / n[1];
            double reach = kept.reach * (p * si + r * sk + seconds.strongest);
            int second = seconds.within(
                    -(p * v[i][0] + r * v[k][0]), -(p * v[i][1] + r * v[k][1]), -(p * v[i][2] + r * v[k][2]), reach);
            if (second >= 0) {
                triple(i, second, k, n, v, kept);
            }
        }
    }

    private void triple(int i, int j, int k, int[] counts, double[][] v, Kept kept) {
        boolean apart = i != j && j != k && i != k;
        if (apart && together(i, j) && together(j, k) && together(i, k)) {
            triple(new int[] {i, j, k}, counts, v, kept);
        }
    }

    private void triple(int[] products, int[] n, double[][] v, Kept kept) {
        double[] sum = new double[3];
        double weight = 0;
        for (int k = 0; k < products.length; k++) {
            int product = products[k];
            for (int axis = 0; axis < 3; axis++) {
                sum[axis] += n[k] * v[product][axis];
            }
            weight += n[k] * ingredients.get(product).strength();
        }
        double miss2 = (sum[0] * sum[0] + sum[1] * sum[1] + sum[2] * sum[2]) / (weight * weight);
        if (miss2 < kept.limit) {
            kept.add(new Candidate(products, n, miss2));
        }
    }

    private boolean together(int i, int j) {
        return ingredients.get(i).family().with(ingredients.get(j).family()) != Carrier.Together.SPLITS;
    }

    /** The best of a share by the linear measure. */
    private static final class Kept {
        private final PriorityQueue<Candidate> queue =
                new PriorityQueue<>(Comparator.comparingDouble(Candidate::miss2).reversed());
        private double limit;
        /** Its root. */
        private double reach;

        Kept(double limit) {
            lower(limit);
        }

        private void lower(double to) {
            limit = to;
            reach = Math.sqrt(to);
        }

        void add(Candidate c) {
            queue.add(c);
            if (queue.size() > KEPT) {
                queue.poll();
                lower(queue.peek().miss2());
            }
        }
    }

    private static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    // ---- exact mixing ----

    /** The best mixes by exact difference, by number of products. */
    private final class Best {
        private final Lab target;
        private final Recipe[] byProducts = new Recipe[3];

        Best(Lab target) {
            this.target = target;
        }

        void offer(int[] products, int[] counts) {
            Lab colour = mixed(products, counts);
            double difference = colour.differenceFrom(target);
            int at = products.length - 1;
            Recipe now = byProducts[at];
            if (now == null || difference < now.difference()) {
                List<Recipe.Part> parts = new ArrayList<>();
                for (int i = 0; i < products.length; i++) {
                    parts.add(new Recipe.Part(ingredients.get(products[i]), counts[i]));
                }
                byProducts[at] = new Recipe(parts, colour, difference);
            }
        }

        Optional<Recipe> top() {
            return Arrays.stream(byProducts).filter(r -> r != null).min(Comparator.comparingDouble(Recipe::difference));
        }

        Found found() {
            Recipe one = byProducts[0];
            Recipe two = better(one, byProducts[1]);
            Recipe three = better(two, byProducts[2]);
            return new Found(Optional.ofNullable(one), Optional.ofNullable(two), Optional.ofNullable(three));
        }

        private static Recipe better(Recipe simpler, Recipe richer) {
            return richer == null || simpler != null && simpler.difference() <= richer.difference() ? simpler : richer;
        }
    }

    private Lab mixed(int[] products, int[] counts) {
        double total = 0;
        double[] k = new double[Spectrum.BANDS];
        for (int i = 0; i < products.length; i++) {
            double weight = counts[i] * ingredients.get(products[i]).strength();
            total += weight;
            double[] own = ks[products[i]];
            for (int b = 0; b < k.length; b++) {
                k[b] += weight * own[b];
            }
        }
        double[] r = new double[Spectrum.BANDS];
        for (int b = 0; b < k.length; b++) {
            r[b] = KubelkaMunk.reflectance(k[b] / total);
        }
        return Spectrum.of(r).toXyz(Illuminant.D65).toLab(Illuminant.D65.white());
    }
}
