package scree.app.mix;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.base.BaseChoice;
import scree.app.base.Bases;
import scree.app.base.Worn;
import scree.app.kit.Formula;
import scree.app.kit.Formulas;
import scree.app.kit.Kit;
import scree.app.kit.KitShelf;
import scree.app.kit.Product;
import scree.app.memory.Memories;
import scree.app.meter.MeterTrouble;
import scree.app.meter.Meters;
import scree.app.method.Methods;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.sitting.Steps;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.core.care.Sensitivities;
import scree.core.colour.Lab;
import scree.core.colour.Pressed;
import scree.core.mix.Batch;
import scree.core.mix.Carrier;
import scree.core.mix.Ingredient;
import scree.core.mix.MixPool;
import scree.core.mix.Recipe;
import scree.core.mix.RecipeAdvice;
import scree.core.mix.RecipeSearch;
import scree.core.shade.Role;
import scree.core.skin.MatchTarget;

/** Mixes on the bench: the best recipe of the kit, taps on it with undo, test mixes that teach strengths. */
@Service
public class MixBench {
    private static final int PROPOSALS_KEPT = 40;
    private static final Steps.Kind<MixSheet> KIND = new Steps.Kind<>("MIX", MixSheet.class);

    private final Bases bases;
    private final Kit kit;
    private final KitShelf shelf;
    private final Formulas formulas;
    private final Sittings sittings;
    private final Steps steps;
    private final Meters meters;
    private final Methods methods;
    /** A tap changes the sheet, not what the kit offers: that is searched once for a skin and a kit. */
    private final Cache<Question, Proposed> proposals;

    MixBench(
            Bases bases,
            Kit kit,
            KitShelf shelf,
            Formulas formulas,
            Sittings sittings,
            Steps steps,
            Meters meters,
            Methods methods,
            Memories memories) {
        this.proposals = memories.keep("mixes", PROPOSALS_KEPT);
        this.bases = bases;
        this.kit = kit;
        this.shelf = shelf;
        this.formulas = formulas;
        this.sittings = sittings;
        this.steps = steps;
        this.meters = meters;
        this.methods = methods;
    }

    /** What can go into a mix for a sitting: usable bases near the skin and all drops. */
    record Pool(Map<Long, Product> products, Map<Long, Formula> formulas, List<Ingredient> ingredients) {
        Set<Long> drops() {
            return products.values().stream()
                    .filter(p -> p.role() == Role.MIXER)
                    .map(Product::id)
                    .collect(Collectors.toSet());
        }

        /** Returns the range of every base: its line and what it is made as. */
        Map<Long, String> ranges() {
            return products.values().stream()
                    .filter(p -> p.role() == Role.BASE)
                    .collect(Collectors.toMap(Product::id, p -> p.line() + " " + p.form()));
        }

        Ingredient ingredient(long product) {
            return ingredients.stream()
                    .filter(i -> i.id() == product)
                    .findFirst()
                    .orElseThrow(() -> new NotHere("product"));
        }

        Optional<Recipe> recipe(MixSheet sheet, Lab target) {
            List<Recipe.Part> parts = new ArrayList<>();
            for (MixSheet.Part p : sheet.parts()) {
                if (products.containsKey(p.product())) {
                    parts.add(new Recipe.Part(ingredient(p.product()), p.count()));
                }
            }
            return parts.isEmpty() ? Optional.empty() : Optional.of(Recipe.of(parts, target));
        }
    }

    /** The bench as it stands. */
    record Bench(
            MatchTarget target,
            Pool pool,
            RecipeSearch.Found found,
            MixSheet sheet,
            Recipe recipe,
            Batch.Measures measures,
            boolean touched,
            boolean undoable,
            boolean redoable) {
        Product product(Recipe.Part part) {
            return pool.products().get(part.ingredient().id());
        }
    }

    Pool pool(StudioId studio, Sitting sitting, Lab target) {
        Map<Long, Formula> recorded = formulas.recorded(studio);
        Map<Long, Product> products = new LinkedHashMap<>();
        for (Product p : kit.withRole(studio, Role.MIXER)) {
            products.put(p.id(), p);
        }
        List<Product> all = shelf.of(studio).bases();
        MixPool.near(shelf.of(studio).settled(), target, i -> mixes(recorded, all.get(i)))
                .forEach(i -> products.put(all.get(i).id(), all.get(i)));
        Sensitivities told = sitting.sensitivities();
        products.values().removeIf(p -> !p.struck(told, shelf.today(studio)).isEmpty());
        Map<Long, Formula> known = new HashMap<>();
        products.forEach((id, p) -> known.put(id, Formulas.of(recorded.get(id), p)));
        List<Ingredient> ingredients = products.values().stream()
                .map(p -> known.get(p.id()).ingredient(p))
                .toList();
        return new Pool(products, known, ingredients);
    }

    private static boolean mixes(Map<Long, Formula> recorded, Product p) {
        return !p.powder() && Formulas.of(recorded.get(p.id()), p).carrier() != Carrier.POWDER;
    }

    /** Returns the bench, or empty while there is no skin or nothing to mix. */
    Optional<Bench> of(StudioId studio, long id) {
        Sitting sitting = sittings.get(studio, id);
        return bases.target(studio, id).flatMap(target -> bench(studio, sitting, target));
    }

    /** All that a proposal depends on; the kit's version stands for its products and formulas, in every process. */
    private record Question(
            StudioId studio,
            long kitVersion,
            LocalDate today,
            Lab target,
            String allergies,
            String reactions,
            String before) {}

    /** What the kit offers for a skin, and the best of it. */
    private record Proposed(Pool pool, RecipeSearch.Found found) {}

    private Proposed proposed(StudioId studio, Sitting s, Lab target) {
        Question question = new Question(
                studio,
                shelf.of(studio).version(),
                shelf.today(studio),
                target,
                s.client().allergies(),
                s.intake().reactions(),
                s.before().reactions());
        return proposals.get(question, q -> {
            Pool pool = pool(studio, s, target);
            return new Proposed(pool, MixPool.best(pool.ingredients(), pool.drops(), target, pool.ranges()));
        });
    }

    private Optional<Bench> bench(StudioId studio, Sitting sitting, MatchTarget target) {
        Proposed proposed = proposed(studio, sitting, target.colour());
        Pool pool = proposed.pool();
        RecipeSearch.Found found = proposed.found();
        if (pool.ingredients().isEmpty() || found.best().isEmpty()) {
            return Optional.empty();
        }
        Optional<Steps.Present<MixSheet>> present = steps.present(studio, sitting.id(), KIND);
        Recipe first = RecipeAdvice.simpler(found).or(found::best).orElseThrow();
        MixSheet usual = MixSheet.of(parts(first));
        MixSheet sheet = present.map(Steps.Present::state).orElse(usual);
        Optional<Recipe> recipe = pool.recipe(sheet, target.colour());
        if (recipe.isEmpty()) {
            // what lay on the bench is gone from the kit
            sheet = usual;
            recipe = Optional.of(first);
        }
        return Optional.of(new Bench(
                target,
                pool,
                found,
                sheet,
                recipe.orElseThrow(),
                methods.of(studio, sitting).measures(),
                present.isPresent(),
                present.map(Steps.Present::undoable).orElse(false),
                present.map(Steps.Present::redoable).orElse(false)));
    }

    private static List<MixSheet.Part> parts(Recipe recipe) {
        return recipe.parts().stream()
                .map(p -> new MixSheet.Part(p.ingredient().id(), p.count()))
                .toList();
    }

    /** Taps a part on or off. */
    @Transactional
    public void tap(Member me, long id, long product, int by) {
        Bench bench = of(me.studio(), id).orElseThrow(() -> new NotHere("reading"));
        bench.pool().ingredient(product);
        change(me, id, bench, sheet -> sheet.tapped(product, by < 0 ? -1 : 1));
    }

    /** Sets what the batch is for. */
    @Transactional
    public void batch(Member me, long id, Batch.For what, int people, Batch.Unit unit) {
        Bench bench = of(me.studio(), id).orElseThrow(() -> new NotHere("reading"));
        change(me, id, bench, sheet -> sheet.batched(what, people, unit));
    }

    /** Lays a proposed recipe of so many products on the bench. */
    @Transactional
    public void lay(Member me, long id, int products) {
        Bench bench = of(me.studio(), id).orElseThrow(() -> new NotHere("reading"));
        RecipeSearch.Found f = bench.found();
        Recipe recipe =
                (products == 1 ? f.one() : products == 2 ? f.two() : f.best()).orElseThrow(() -> new NotHere("recipe"));
        change(me, id, bench, sheet -> sheet.with(parts(recipe)));
    }

    /** What lies on the bench and is gone from the kit gives way to what is proposed. */
    private void change(Member me, long id, Bench shown, UnaryOperator<MixSheet> by) {
        steps.change(me, id, KIND, () -> Optional.of(shown.sheet()), sheet -> {
            boolean there = shown.pool().recipe(sheet, shown.target().colour()).isPresent();
            return by.apply(there ? sheet : shown.sheet());
        });
    }

    Optional<BaseChoice> taken(StudioId studio, long sitting) {
        return bases.choice(studio, sitting);
    }

    Optional<BaseChoice> former(StudioId studio, long sitting) {
        return bases.former(studio, sitting);
    }

    /** Returns whether a mix is stored that cannot be read; undoing the last step leads out of it. */
    public boolean unreadable(StudioId studio, long sitting) {
        return steps.unreadable(studio, sitting, KIND);
    }

    /** Goes one step back, or forth again. */
    @Transactional
    public void undo(StudioId studio, long id, boolean back) {
        if (back) {
            steps.undo(studio, id, KIND);
        } else {
            steps.redo(studio, id, KIND);
        }
    }

    /** Takes the mix as the base of the sitting, with its parts as they are now. */
    @Transactional
    public BaseChoice take(Member me, long id, String name, String against, long instead) {
        Bench bench = of(me.studio(), id).orElseThrow(() -> new NotHere("reading"));
        Recipe recipe = bench.recipe();
        List<Worn.Part> parts =
                recipe.parts().stream().map(p -> part(bench.product(p), p)).toList();
        Product main = bench.product(recipe.parts().get(0));
        return bases.keep(
                me,
                id,
                Worn.Mix.of(main, name, recipe.colour(), parts),
                new BaseChoice.Standing(recipe.difference(), 1, against),
                null,
                instead);
    }

    private static Worn.Part part(Product own, Recipe.Part p) {
        return new Worn.Part(
                own.line(), own.name(), p.count(), own.settled(), p.ingredient().strength());
    }

    /**
     * Measures the mix on the bench with the meter. Nothing is held in the database while the meter is asked.
     *
     * @throws MeterTrouble when it does not answer, or its presses do not agree
     */
    public Lab measure(Member me, long id) {
        Bench bench = of(me.studio(), id).orElseThrow(() -> new NotHere("reading"));
        Pressed pressed = meters.pressThrice(bench.recipe());
        if (!pressed.agree()) {
            throw new MeterTrouble(MeterTrouble.Why.BABBLE);
        }
        return pressed.mean().orElseThrow();
    }
}
