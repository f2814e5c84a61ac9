package scree.app.gaps;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.base.Bases;
import scree.app.kit.Formula;
import scree.app.kit.Formulas;
import scree.app.kit.Kit;
import scree.app.kit.KitShelf;
import scree.app.kit.Product;
import scree.app.memory.Memories;
import scree.app.skin.Readings;
import scree.app.studio.StudioId;
import scree.core.colour.Lab;
import scree.core.judge.LaidProduct;
import scree.core.judge.RoleGaps;
import scree.core.mix.CheapestSet;
import scree.core.mix.Ingredient;
import scree.core.mix.KitGaps;
import scree.core.shade.PowderOnSkin;
import scree.core.shade.Role;
import scree.core.skin.MatchTarget;
import scree.core.skin.SkinType;

/** Finds which skins a studio's kit meets, alone or mixed and in every role, and what purchases would close. */
@Service
public class Gaps {
    /** Powders are counted as they look on skin of no special kind. */
    private static final double USUAL_SKIN = PowderOnSkin.wetting(SkinType.NORMAL, false, 1);

    /** Answers that are kept: every role of a few studios. */
    private static final int KEPT = 60;

    private final Kit kit;
    private final KitShelf shelf;
    private final Formulas formulas;
    private final Bases bases;
    private final Readings readings;
    private final Cache<Asked, List<RoleGaps.Cell<Product>>> byRole;

    Gaps(Kit kit, KitShelf shelf, Formulas formulas, Bases bases, Readings readings, Memories memories) {
        this.kit = kit;
        this.shelf = shelf;
        this.formulas = formulas;
        this.bases = bases;
        this.readings = readings;
        this.byRole = memories.keep("gaps by role", KEPT);
    }

    /** A question; another kit is another question. */
    private record Asked(StudioId studio, long kitVersion, LocalDate day, Role role) {}

    /** Returns which skins the kit can serve in a role. */
    @Transactional(readOnly = true)
    public List<RoleGaps.Cell<Product>> inRole(StudioId studio, Role role) {
        Asked asked = new Asked(studio, shelf.of(studio).version(), shelf.today(studio), role);
        return byRole.get(
                asked,
                a -> new RoleGaps<>(
                                role,
                                sound(studio, kit.withRole(studio, role)),
                                sound(studio, kit.withRole(studio, Role.CONCEALER)),
                                Gaps::laid)
                        .cells());
    }

    private static LaidProduct laid(Product p) {
        return LaidProduct.of(p.form(), p.settled(), p.contrastRatio(), p.traits());
    }

    /** Returns clients whose skin is known, the last first. */
    public List<Readings.Known> known(StudioId studio) {
        return readings.known(studio);
    }

    /**
     * The cheapest purchases for chosen clients.
     *
     * @param already names of clients whom the kit meets as it is
     * @param buy names of what to buy
     * @param unmet names of clients whom nothing on the list meets
     * @param unpriced how many offers have no price, and were not counted
     */
    record Cheapest(List<String> already, List<String> buy, double price, List<String> unmet, long unpriced) {}

    /** @param clients numbers of clients, as {@link #known} gives them; more than can be asked at once are left out */
    @Transactional(readOnly = true)
    public Cheapest cheapest(StudioId studio, String list, List<Long> clients) {
        List<String> already = new ArrayList<>();
        List<Readings.Known> open = new ArrayList<>();
        List<Lab> skins = new ArrayList<>();
        Map<Long, Formula> recorded = formulas.recorded(studio);
        KitGaps gaps = new KitGaps(
                ingredients(sound(studio, shelf.of(studio).bases()), recorded),
                ingredients(sound(studio, kit.withRole(studio, Role.MIXER)), recorded));
        for (Readings.Known k : readings.known(studio)) {
            Optional<Lab> skin = clients.contains(k.client()) && open.size() + already.size() < CheapestSet.MOST_CLIENTS
                    ? bases.target(studio, k.sitting()).map(MatchTarget::colour)
                    : Optional.empty();
            if (skin.isPresent() && gaps.meets(skin.get())) {
                already.add(k.name());
            } else if (skin.isPresent()) {
                open.add(k);
                skins.add(skin.get());
            }
        }
        List<PurchaseList.Offer> offers = PurchaseList.read(list).offers();
        List<CheapestSet.Offer<PurchaseList.Offer>> priced = offers.stream()
                .filter(o -> o.price() != null)
                .map(o -> new CheapestSet.Offer<>(o, o.price(), meets(gaps, o.ingredient(), skins)))
                .toList();
        CheapestSet.Choice<PurchaseList.Offer> choice = CheapestSet.of(open.size(), priced);
        return new Cheapest(
                already,
                choice.buy().stream().map(PurchaseList.Offer::name).toList(),
                choice.price(),
                choice.unmet().stream().mapToObj(i -> open.get(i).name()).toList(),
                offers.size() - priced.size());
    }

    private static BitSet meets(KitGaps gaps, Ingredient offer, List<Lab> skins) {
        BitSet meets = new BitSet();
        for (int i = 0; i < skins.size(); i++) {
            meets.set(i, gaps.meetsWith(offer, skins.get(i)));
        }
        return meets;
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
        List<Product> all = sound(studio, shelf.of(studio).bases());
        List<Product> drops = sound(studio, kit.withRole(studio, Role.MIXER));
        KitGaps gaps = new KitGaps(ingredients(all, recorded), ingredients(drops, recorded));
        List<KitGaps.Cell> cells = gaps.cells();
        Map<Long, String> names = new HashMap<>();
        all.forEach(p -> names.put(p.id(), p.fullName()));
        drops.forEach(p -> names.put(p.id(), p.fullName()));
        PurchaseList.Read read = PurchaseList.read(list);
        List<KitGaps.Gain> gains = gaps.gains(
                cells,
                read.offers().stream().map(PurchaseList.Offer::ingredient).toList());
        return new Answer(cells, names, gains, read, formulas.purchases(studio).version(), all.isEmpty());
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
