package scree.app.mix;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import scree.app.base.BaseWords;
import scree.app.kit.Formula;
import scree.app.kit.Product;
import scree.app.look.Figures;
import scree.app.look.Stones;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.mix.Batch;
import scree.core.mix.Carrier;
import scree.core.mix.Ingredient;
import scree.core.mix.Recipe;
import scree.core.mix.RecipeAdvice;
import scree.core.reason.Reason;
import scree.core.reason.Severity;
import scree.core.shade.Role;

/** What the mixing bench shows. */
record MixView(
        String verdict,
        String counted,
        MixField field,
        String skin,
        String mixed,
        String figure,
        String word,
        List<Part> parts,
        List<Remark> remarks,
        List<Choice> drops,
        List<Choice> bases,
        List<Proposal> proposals,
        Poured poured,
        MixSheet sheet,
        boolean undoable,
        boolean redoable,
        List<Test> tests) {

    /** A part with its drops as small stones. */
    record Part(
            long id,
            String name,
            String colour,
            String stone,
            int count,
            List<String> drops,
            String carrier,
            String strength,
            String more,
            String less) {}

    /** A remark; loud ones ask for a look, cautions stand in a cracked stone. */
    record Remark(String words, boolean loud, boolean caution) {}

    /** Something that can be tapped on. */
    record Choice(long id, String name, String colour, String stone, String closed) {}

    /** A recipe to lay down. */
    record Proposal(int products, String words, String figure, String colour, String stone, boolean laid) {}

    /** The batch. */
    record Poured(String words, List<Line> lines, String cost, String grams) {}

    /** One product of the batch. */
    record Line(String name, String count, String amount, String stone, String colour) {}

    /** A test mix. */
    record Test(long id, String words, String seen, String colour) {}

    private static final int NEAR = 6;
    private static final Stones STONES = new Stones();

    static MixView of(
            MixBench.Bench bench, List<TestMixes.Tried> tests, Set<Long> tested, ZoneId zone, BaseWords words) {
        Lab target = bench.target().colour();
        Recipe recipe = bench.recipe();
        Map<Long, Product> products = bench.pool().products();
        String counted = counted(recipe, products);
        return new MixView(
                words.say("mix.verdict." + scree.core.shade.Nearness.of(recipe.difference()), counted),
                counted,
                MixField.of(bench),
                Srgb.hex(target),
                Srgb.hex(recipe.colour()),
                Figures.one(recipe.difference()),
                words.nearness(recipe.difference()),
                parts(bench, tested, words),
                remarks(bench, tested, words),
                choices(bench, true, words),
                choices(bench, false, words),
                proposals(bench, words),
                poured(bench, words),
                bench.sheet(),
                bench.undoable(),
                bench.redoable(),
                tests.stream()
                        .filter(t -> t.parts().stream().allMatch(p -> products.containsKey(p.product())))
                        .limit(6)
                        .map(t -> test(t, products, zone, words))
                        .toList());
    }

    /** Says a recipe in counted parts. */
    static String counted(Recipe recipe, Map<Long, Product> products) {
        return recipe.parts().stream()
                .map(p -> p.count() + " " + products.get(p.ingredient().id()).fullName())
                .collect(Collectors.joining(" + "));
    }

    private static List<Part> parts(MixBench.Bench bench, Set<Long> tested, BaseWords words) {
        Recipe recipe = bench.recipe();
        Lab target = bench.target().colour();
        Map<Long, List<RecipeAdvice.Step>> steps = RecipeAdvice.sensitivity(recipe, target).stream()
                .collect(Collectors.groupingBy(s -> s.ingredient().id()));
        List<Part> parts = new ArrayList<>();
        // in the order they were put on, so that rows do not jump under a finger
        for (MixSheet.Part own : bench.sheet().parts()) {
            Product p = bench.pool().products().get(own.product());
            if (p == null) {
                continue;
            }
            List<String> drops = new ArrayList<>();
            for (int i = 0; i < Math.min(own.count(), 12); i++) {
                drops.add(STONES.pebble(p.stoneId() + i, 9 + 15 * i, 10, 5.6));
            }
            Formula f = bench.pool().formulas().get(p.id());
            List<RecipeAdvice.Step> does = steps.getOrDefault(p.id(), List.of());
            parts.add(new Part(
                    p.id(),
                    p.fullName(),
                    Srgb.hex(p.settled()),
                    STONES.pebble(p.stoneId(), 24, 20, 16),
                    own.count(),
                    drops,
                    words.say("carrier." + f.carrier()) + (f.guessed() ? words.say("carrier.guessed") : ""),
                    tested.contains(p.id()) ? words.say("mix.strength", Figures.one(f.strengthOf(p))) : null,
                    step(does, 1, words),
                    step(does, -1, words)));
        }
        return parts;
    }

    private static String step(List<RecipeAdvice.Step> steps, int by, BaseWords words) {
        return steps.stream()
                .filter(s -> s.by() == by)
                .findFirst()
                .map(s -> {
                    List<String> does = new ArrayList<>();
                    if (s.changesDepth()) {
                        does.add(said(s.lightness(), "mix.lighter", "mix.deeper", words));
                    }
                    if (s.changesLean()) {
                        does.add(said(s.lean(), "mix.golden", "mix.pinker", words));
                    }
                    String what = does.isEmpty() ? words.say("mix.hardly") : String.join(", ", does);
                    return words.say(
                            by > 0 ? "mix.more" : "mix.less",
                            what,
                            Figures.one(s.recipe().difference()));
                })
                .orElse(null);
    }

    private static String said(double by, String up, String down, BaseWords words) {
        return words.say(by > 0 ? up : down, Figures.one(Math.abs(by)));
    }

    private static List<Remark> remarks(MixBench.Bench bench, Set<Long> tested, BaseWords words) {
        boolean known = bench.sheet().parts().stream().allMatch(p -> tested.contains(p.product()));
        List<Remark> remarks = new ArrayList<>();
        for (Reason r : RecipeAdvice.of(bench.recipe(), bench.target().colour())) {
            if (known && r.code() == RecipeAdvice.Code.ESTIMATE) {
                continue;
            }
            remarks.add(new Remark(
                    remark(r, bench.pool().products(), words),
                    r.severity() != Severity.NOTE,
                    r.severity() == Severity.CAUTION));
        }
        return remarks;
    }

    private static String remark(Reason r, Map<Long, Product> products, BaseWords words) {
        Object[] args = r.args().stream()
                .map(a -> a instanceof Long id
                        ? products.get(id).fullName()
                        : a instanceof Carrier c
                                ? words.say("carrier." + c)
                                : a instanceof Double d ? (Object) Figures.one(Math.abs(d)) : a)
                .toArray();
        return words.say("mix." + r.code().name(), args);
    }

    /** Drops, or the bases nearest to the skin, with a word where a carrier would split from what lies on the bench. */
    private static List<Choice> choices(MixBench.Bench bench, boolean drops, BaseWords words) {
        Lab target = bench.target().colour();
        return bench.pool().products().values().stream()
                .filter(p -> (p.role() == Role.MIXER) == drops)
                .filter(p -> bench.sheet().parts().stream().noneMatch(s -> s.product() == p.id()))
                .sorted(Comparator.comparing((Product p) -> splits(bench, p.id()))
                        .thenComparingDouble(p -> drops ? 0 : p.settled().differenceFrom(target)))
                .limit(NEAR)
                .map(p -> new Choice(
                        p.id(),
                        p.fullName(),
                        Srgb.hex(p.settled()),
                        STONES.pebble(p.stoneId(), 15, 14, 10.5),
                        splits(bench, p.id()) ? words.say("mix.would.split") : null))
                .toList();
    }

    private static boolean splits(MixBench.Bench bench, long product) {
        Ingredient own = bench.pool().ingredient(product);
        return bench.recipe().parts().stream()
                .anyMatch(p -> p.ingredient().family().with(own.family()) == Carrier.Together.SPLITS);
    }

    private static List<Proposal> proposals(MixBench.Bench bench, BaseWords words) {
        List<Proposal> proposals = new ArrayList<>();
        Optional<Recipe> simpler = RecipeAdvice.simpler(bench.found());
        add(proposals, bench, bench.found().best(), 3, words);
        add(proposals, bench, bench.found().two(), 2, words);
        add(proposals, bench, bench.found().one(), 1, words);
        return proposals.stream()
                .map(p -> simpler.isPresent()
                                && p.products() == simpler.get().parts().size()
                        ? new Proposal(
                                p.products(),
                                p.words() + ". " + words.say("mix.simpler"),
                                p.figure(),
                                p.colour(),
                                p.stone(),
                                p.laid())
                        : p)
                .toList();
    }

    private static void add(
            List<Proposal> to, MixBench.Bench bench, Optional<Recipe> recipe, int products, BaseWords words) {
        recipe.filter(r -> to.stream()
                        .noneMatch(p -> p.words().equals(counted(r, bench.pool().products()))))
                .ifPresent(r -> to.add(new Proposal(
                        products,
                        counted(r, bench.pool().products()),
                        Figures.one(r.difference()),
                        Srgb.hex(r.colour()),
                        STONES.pebble("mix-" + products, 15, 14, 10.5),
                        counted(r, bench.pool().products())
                                .equals(counted(bench.recipe(), bench.pool().products())))));
    }

    private static Poured poured(MixBench.Bench bench, BaseWords words) {
        MixSheet s = bench.sheet();
        Batch batch = Batch.of(
                bench.recipe(),
                s.what(),
                s.people(),
                s.unit(),
                bench.measures(),
                id -> bench.pool().formulas().get(id).pack());
        List<Line> lines = batch.poured().stream()
                .map(p -> {
                    Product own = bench.pool().products().get(p.ingredient().id());
                    return new Line(
                            own.fullName(),
                            words.say("mix.unit." + s.unit() + (p.count() == 1 ? ".one" : ""), p.count()),
                            amount(p.millilitres(), p.grams()),
                            STONES.pebble(own.stoneId(), 15, 14, 10.5),
                            Srgb.hex(own.settled()));
                })
                .toList();
        return new Poured(
                words.say("mix.batch", two(batch.millilitres()), two(batch.needed())),
                lines,
                batch.cost().isPresent()
                        ? words.say("mix.cost", two(batch.cost().getAsDouble()))
                        : null,
                batch.grams().isPresent() ? two(batch.grams().getAsDouble()) + " g" : null);
    }

    private static String amount(double ml, OptionalDouble grams) {
        return two(ml) + " ml" + (grams.isPresent() ? ", " + two(grams.getAsDouble()) + " g" : "");
    }

    private static String two(double v) {
        return String.format(Locale.ROOT, v < 10 ? "%.2f" : "%.1f", v);
    }

    private static Test test(TestMixes.Tried t, Map<Long, Product> products, ZoneId zone, BaseWords words) {
        String parts = t.parts().stream()
                .map(p -> p.count() + " " + products.get(p.product()).fullName())
                .collect(Collectors.joining(" + "));
        TestMixRow r = t.row();
        Lab seen = Lab.of(r.seenL(), r.seenA(), r.seenB());
        return new Test(
                r.id(),
                parts,
                words.say(
                        r.byMeter() ? "mix.test.meter" : "mix.test.eye",
                        r.artistName().split(" ")[0],
                        r.triedAt().atZoneSameInstant(zone).toLocalDate(),
                        String.format(Locale.ROOT, "%.1f %.1f %.1f", r.seenL(), r.seenA(), r.seenB())),
                Srgb.hex(seen));
    }
}
