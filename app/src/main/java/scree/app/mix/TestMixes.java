package scree.app.mix;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.kit.Formula;
import scree.app.kit.Formulas;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.core.colour.Lab;
import scree.core.mix.Ingredient;
import scree.core.mix.Recipe;
import scree.core.mix.TintFit;
import tools.jackson.databind.json.JsonMapper;

/** Test mixes: what came out of a recipe, and the strengths of the parts that all of them together teach. */
@Service
public class TestMixes {
    private final MixMapper mapper;
    private final MixBench bench;
    private final Kit kit;
    private final Formulas formulas;
    private final JsonMapper json;

    TestMixes(MixMapper mapper, MixBench bench, Kit kit, Formulas formulas, JsonMapper json) {
        this.mapper = mapper;
        this.bench = bench;
        this.kit = kit;
        this.formulas = formulas;
        this.json = json;
    }

    /** A test mix with its parts read. */
    record Tried(TestMixRow row, List<MixSheet.Part> parts) {}

    List<Tried> tests(StudioId studio) {
        return mapper.tests(studio).stream()
                .map(r -> new Tried(r, List.of(json.readValue(r.parts(), MixSheet.Part[].class))))
                .toList();
    }

    /** Logs the mix on the bench with the colour that came out, and learns strengths from all test mixes. */
    @Transactional
    public void tried(Member me, long id, Lab seen, boolean byMeter) {
        mapper.holdTests(me.studio());
        MixBench.Bench on = bench.of(me.studio(), id).orElseThrow(() -> new NotHere("reading"));
        mapper.addTest(
                me.studio(),
                id,
                me.artistId(),
                json.writeValueAsString(on.sheet().parts()),
                seen,
                byMeter);
        learn(me.studio(), Set.of());
    }

    /** Forgets a test mix and learns the strengths anew. */
    @Transactional
    public void forget(StudioId studio, long test) {
        mapper.holdTests(studio);
        Set<Long> untaught = tests(studio).stream()
                .filter(t -> t.row().id() == test)
                .flatMap(t -> t.parts().stream().map(MixSheet.Part::product))
                .collect(Collectors.toSet());
        mapper.forgetTest(studio, test);
        learn(studio, untaught);
    }

    /**
     * Works all strengths out anew from what is usual, so that the order of logging does not matter.
     *
     * @param untaught products of a test that is forgotten: what no other test teaches is not known any more
     */
    private void learn(StudioId studio, Set<Long> untaught) {
        Map<Long, Formula> recorded = formulas.recorded(studio);
        Map<Long, Product> products = kit.all(studio).stream().collect(Collectors.toMap(Product::id, p -> p));
        List<TintFit.TestMix> tests = new ArrayList<>();
        for (Tried t : tests(studio)) {
            if (t.parts().stream().allMatch(p -> products.containsKey(p.product()))) {
                List<Recipe.Part> parts = t.parts().stream()
                        .map(p -> {
                            Product own = products.get(p.product());
                            Ingredient i =
                                    Formulas.of(recorded.get(own.id()), own).ingredient(own);
                            return new Recipe.Part(i.withStrength(Formula.usualStrength(own)), p.count());
                        })
                        .toList();
                TestMixRow r = t.row();
                tests.add(new TintFit.TestMix(parts, Lab.of(r.seenL(), r.seenA(), r.seenB())));
            }
        }
        Map<Long, Double> strengths = new HashMap<>(TintFit.of(tests));
        untaught.stream().filter(products::containsKey).forEach(id -> strengths.putIfAbsent(id, null));
        formulas.learn(studio, strengths);
    }
}
