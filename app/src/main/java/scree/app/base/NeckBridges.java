package scree.app.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.kit.Kit;
import scree.app.kit.KitShelf;
import scree.app.kit.Product;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.core.care.Sensitivities;
import scree.core.shade.Coverage;
import scree.core.shade.Form;
import scree.core.shade.NeckBridge;
import scree.core.shade.Role;
import scree.core.shade.ShadeIndex;
import scree.core.skin.MatchTarget;
import tools.jackson.databind.json.JsonMapper;

/** Finds what of the kit may bridge face and neck, and keeps the way that was chosen. */
@Service
public class NeckBridges {
    private static final int LIGHTER = 6;
    private static final int BODY = 3;

    private final Bases bases;
    private final BaseMapper mapper;
    private final BaseSettings settings;
    private final Kit kit;
    private final KitShelf shelf;
    private final Sittings sittings;
    private final JsonMapper json;

    NeckBridges(
            Bases bases,
            BaseMapper mapper,
            BaseSettings settings,
            Kit kit,
            KitShelf shelf,
            Sittings sittings,
            JsonMapper json) {
        this.bases = bases;
        this.mapper = mapper;
        this.settings = settings;
        this.kit = kit;
        this.shelf = shelf;
        this.sittings = sittings;
        this.json = json;
    }

    /**
     * The ways and what they are made of.
     *
     * @param taken whether the base is the one that was taken, else the best of the list
     * @param kept the way that was chosen, or null
     */
    record Answer(
            MatchTarget target,
            Product base,
            boolean taken,
            List<Product> products,
            List<NeckBridge.Bridge> bridges,
            boolean lightCollar,
            NeckBridge.Way kept) {}

    /** What goes into a choice's JSON. */
    record Neck(NeckBridge.Way way, List<String> products, List<Double> coats, double left) {}

    /** Returns the ways, or empty while there is no skin or no base. */
    @Transactional(readOnly = true)
    public Optional<Answer> of(StudioId studio, long id) {
        Sitting sitting = sittings.get(studio, id);
        Optional<MatchTarget> target = bases.target(studio, id);
        Optional<BaseChoice> choice = bases.choice(studio, id);
        if (target.isEmpty()) {
            return Optional.empty();
        }
        Optional<Product> base = choice.map(NeckBridges::asProduct)
                .or(() -> bases.shortlist(studio, id, BaseFilter.ANY)
                        .flatMap(l -> l.ranked().stream().findFirst())
                        .map(Shortlist.Ranked::product));
        return base.map(b -> answer(studio, sitting, target.get(), b, choice));
    }

    /** A base that was taken is simulated as it was then. */
    private static Product asProduct(BaseChoice c) {
        return new Product(
                c.productId() == null ? 0 : c.productId(),
                c.line(),
                c.name(),
                Role.BASE.name(),
                c.form(),
                c.finish(),
                c.contrastRatio(),
                c.wetL(),
                c.wetA(),
                c.wetB(),
                c.settledL(),
                c.settledA(),
                c.settledB(),
                null,
                null,
                null,
                true,
                null,
                null,
                null,
                false,
                0);
    }

    private Answer answer(
            StudioId studio, Sitting sitting, MatchTarget target, Product base, Optional<BaseChoice> choice) {
        boolean collar = settings.of(studio, sitting.id()).lightCollar();
        List<Product> bronzers = usable(studio, kit.withRole(studio, Role.BRONZER), sitting);
        List<Product> all = usable(studio, shelf.of(studio).bases(), sitting).stream()
                .filter(p -> !p.form().equals(Form.POWDER.name()) && p.id() != base.id())
                .toList();
        List<Product> lighter = nearest(
                all.stream()
                        .filter(p -> p.settled().lightness() > base.settled().lightness() + 1)
                        .toList(),
                target,
                LIGHTER);
        List<Product> body = body(all, base);
        NeckBridge.Kit with = new NeckBridge.Kit(
                product(base),
                lighter.stream().map(NeckBridges::product).toList(),
                bronzers.stream().map(NeckBridges::product).toList(),
                body.stream().map(NeckBridges::product).toList(),
                collar);
        List<Product> known = new ArrayList<>(lighter);
        known.addAll(bronzers);
        known.addAll(body);
        known.add(base);
        return new Answer(
                target,
                base,
                choice.isPresent(),
                known,
                NeckBridge.of(target.jaw(), target.neck(), with),
                collar,
                choice.map(BaseChoice::more).map(this::keptWay).orElse(null));
    }

    private List<Product> usable(StudioId studio, List<Product> products, Sitting s) {
        Sensitivities told = s.sensitivities();
        return products.stream()
                .filter(p -> p.struck(told, shelf.today(studio)).isEmpty())
                .toList();
    }

    private static List<Product> nearest(List<Product> products, MatchTarget target, int most) {
        return new ShadeIndex(products.stream().map(Product::settled).toList())
                .nearest(target.neck(), most).stream()
                        .map(h -> products.get(h.position()))
                        .toList();
    }

    /** Full bases nearest to the one on the face serve where the kit has nothing made for the body. */
    private static List<Product> body(List<Product> all, Product base) {
        List<Product> full = new ArrayList<>(
                all.stream().filter(p -> p.coverage() == Coverage.FULL).toList());
        if (base.coverage() == Coverage.FULL && !base.form().equals(Form.POWDER.name())) {
            full.add(base);
        }
        return new ShadeIndex(full.stream().map(Product::settled).toList())
                .nearest(base.settled(), BODY).stream()
                        .map(h -> full.get(h.position()))
                        .toList();
    }

    private static NeckBridge.Product product(Product p) {
        return new NeckBridge.Product(p.id(), p.settled(), p.contrastRatio());
    }

    private NeckBridge.Way keptWay(String more) {
        var way = json.readTree(more).path("neck").path("way");
        return way.isString() ? NeckBridge.Way.valueOf(way.asString()) : null;
    }

    /** Keeps a way beside the base that was taken; there has to be one. */
    @Transactional
    public void keep(StudioId studio, long id, NeckBridge.Way way) {
        Answer answer = of(studio, id).filter(Answer::taken).orElseThrow(() -> new NotHere("base"));
        NeckBridge.Bridge bridge = answer.bridges().stream()
                .filter(b -> b.way() == way)
                .findFirst()
                .orElseThrow(() -> new NotHere("bridge"));
        List<String> names = bridge.products().stream()
                .map(p -> answer.products().stream()
                        .filter(k -> k.id() == p)
                        .findFirst()
                        .map(Product::fullName)
                        .orElse(""))
                .toList();
        sittings.hold(studio, id);
        mapper.addMore(
                studio,
                id,
                json.writeValueAsString(java.util.Map.of("neck", new Neck(way, names, bridge.coats(), bridge.left()))));
    }
}
