package scree.app.kit;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.StudioId;
import scree.app.web.StaleSave;

/** Keeps what products are in a mix: carrier, packing, strength; and the list of what could be bought. */
@Service
public class Formulas {
    /** Rows of one statement. */
    private static final int AT_ONCE = 500;

    private final FormulaMapper mapper;
    private final ProductMapper products;

    Formulas(FormulaMapper mapper, ProductMapper products) {
        this.mapper = mapper;
        this.products = products;
    }

    /** Returns all that were recorded, by product. */
    public Map<Long, Formula> recorded(StudioId studio) {
        return mapper.all(studio).stream().collect(Collectors.toMap(Formula::productId, f -> f));
    }

    /** Returns what is known of a product or guessed from its form. */
    public Formula of(StudioId studio, Product product) {
        return of(mapper.find(studio, product.id()), product);
    }

    /** The same from what was looked up before. */
    public static Formula of(Formula recorded, Product product) {
        return recorded == null ? Formula.guessed(product) : recorded;
    }

    /** Puts what a product is in a mix, strength included. */
    @Transactional
    public void put(StudioId studio, Formula formula) {
        mapper.put(studio, formula);
        products.raiseKitVersion(studio);
    }

    /** Puts what a product was in a mix; null for nothing recorded. */
    @Transactional
    void putBack(StudioId studio, long product, Formula was) {
        if (was == null) {
            mapper.forget(studio, product);
        } else {
            mapper.put(studio, was);
        }
    }

    /** Puts many. */
    @Transactional
    public void putAll(StudioId studio, List<Formula> formulas) {
        for (int from = 0; from < formulas.size(); from += AT_ONCE) {
            mapper.putAll(studio, formulas.subList(from, Math.min(formulas.size(), from + AT_ONCE)));
        }
        products.raiseKitVersion(studio);
    }

    /**
     * Saves what was typed; the strength that was learned stays.
     *
     * @throws StaleSave when someone else saved in between; carries the stored formula
     */
    @Transactional
    public void save(StudioId studio, Formula typed) {
        if (mapper.save(studio, typed) == 0) {
            throw new StaleSave(mapper.find(studio, typed.productId()));
        }
        products.raiseKitVersion(studio);
    }

    /** Puts strengths that test mixes taught, null for one that none teaches any more; the rest of each formula stays. */
    @Transactional
    public void learn(StudioId studio, Map<Long, Double> strengths) {
        strengths.forEach((id, strength) -> {
            Product p = products.find(studio, id);
            if (p != null) {
                mapper.learn(studio, of(studio, p), strength);
            }
        });
        products.raiseKitVersion(studio);
    }

    /** What could be bought, as it was typed. */
    public record Purchases(String words, int version) {}

    /** Returns the list of what could be bought. */
    public Purchases purchases(StudioId studio) {
        Purchases kept = mapper.purchases(studio);
        return kept == null ? new Purchases("", 0) : kept;
    }

    /** @throws StaleSave when someone else saved in between; carries the stored list */
    @Transactional
    public void putPurchases(StudioId studio, Purchases list) {
        if (mapper.putPurchases(studio, list.words(), list.version()) == 0) {
            throw new StaleSave(purchases(studio));
        }
    }
}
