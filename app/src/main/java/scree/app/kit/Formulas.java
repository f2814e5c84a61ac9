package scree.app.kit;

import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.StudioId;

/** Keeps what products are in a mix: carrier, packing, strength; and the list of what could be bought. */
@Service
public class Formulas {
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

    @Transactional
    public void put(StudioId studio, Formula formula) {
        mapper.put(studio, formula);
        products.raiseKitVersion(studio);
    }

    /** Puts strengths that test mixes taught; the rest of each formula stays. */
    @Transactional
    public void learn(StudioId studio, Map<Long, Double> strengths) {
        strengths.forEach((id, strength) -> {
            Product p = products.find(studio, id);
            if (p != null) {
                mapper.put(studio, of(studio, p).withStrength(strength));
            }
        });
        products.raiseKitVersion(studio);
    }

    public String purchases(StudioId studio) {
        String words = mapper.purchases(studio);
        return words == null ? "" : words;
    }

    @Transactional
    public void putPurchases(StudioId studio, String words) {
        mapper.putPurchases(studio, words);
    }
}
