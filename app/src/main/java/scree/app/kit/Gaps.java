package scree.app.kit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.StudioId;
import scree.core.mix.Ingredient;
import scree.core.mix.KitGaps;
import scree.core.shade.PowderOnSkin;
import scree.core.shade.Role;
import scree.core.skin.SkinType;

/** Finds which skins a studio's kit meets, alone or mixed, and what purchases would close. */
@Service
public class Gaps {
    /** Powders are counted as they look on skin of no special kind. */
    private static final double USUAL_SKIN = PowderOnSkin.wetting(SkinType.NORMAL, false, 1);

    private final Kit kit;
    private final KitShelf shelf;
    private final Formulas formulas;

    Gaps(Kit kit, KitShelf shelf, Formulas formulas) {
        this.kit = kit;
        this.shelf = shelf;
        this.formulas = formulas;
    }

    /**
     * What the kit reaches.
     *
     * @param names of its bases and drops by id
     * @param empty whether there is no base to count on
     * @param version of the purchase list as it is stored
     */
    record Answer(
            List<KitGaps.Cell> cells,
            Map<Long, String> names,
            List<KitGaps.Gain> gains,
            PurchaseList.Read list,
            int version,
            boolean empty) {
        long reached(KitGaps.Reach how) {
            return cells.stream().filter(c -> c.reach() == how).count();
        }
    }

    /** @param list what could be bought, as it was typed */
    @Transactional(readOnly = true)
    public Answer of(StudioId studio, String list) {
        Map<Long, Formula> recorded = formulas.recorded(studio);
        List<Product> bases = sound(studio, shelf.of(studio).bases());
        List<Product> drops = sound(studio, kit.withRole(studio, Role.MIXER));
        KitGaps gaps = new KitGaps(ingredients(bases, recorded), ingredients(drops, recorded));
        List<KitGaps.Cell> cells = gaps.cells();
        Map<Long, String> names = new HashMap<>();
        bases.forEach(p -> names.put(p.id(), p.fullName()));
        drops.forEach(p -> names.put(p.id(), p.fullName()));
        PurchaseList.Read read = PurchaseList.read(list);
        List<KitGaps.Gain> gains = gaps.gains(
                cells,
                read.offers().stream().map(PurchaseList.Offer::ingredient).toList());
        return new Answer(cells, names, gains, read, formulas.purchases(studio).version(), bases.isEmpty());
    }

    private List<Product> sound(StudioId studio, List<Product> products) {
        return products.stream()
                .filter(p -> p.inStock() && !p.pastItsTime(shelf.today(studio)))
                .toList();
    }

    private static List<Ingredient> ingredients(List<Product> products, Map<Long, Formula> recorded) {
        return products.stream()
                .map(p -> {
                    Formula f = Formulas.of(recorded.get(p.id()), p);
                    return Ingredient.of(p.id(), p.candidate().onSkin(USUAL_SKIN), f.strengthOf(p), f.carrier());
                })
                .toList();
    }
}
