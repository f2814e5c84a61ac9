package scree.app.base;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
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
import scree.core.shade.NeckBridge;
import scree.core.shade.Role;
import scree.core.shade.ShadeIndex;
import scree.core.skin.MatchTarget;

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

    NeckBridges(Bases bases, BaseMapper mapper, BaseSettings settings, Kit kit, KitShelf shelf, Sittings sittings) {
        this.bases = bases;
        this.mapper = mapper;
        this.settings = settings;
        this.kit = kit;
        this.shelf = shelf;
        this.sittings = sittings;
    }

    /**
     * The ways and what they are made of.
     *
     * @param shades what the ways are made of, by id; 0 is a mixed base
     * @param taken whether the base is the one that was taken, else the best of the list
     * @param kept the way that was chosen, or null
     */
    record Answer(
            MatchTarget target,
            Worn.Shade base,
            boolean taken,
            Map<Long, Worn.Shade> shades,
            List<NeckBridge.Bridge> bridges,
            boolean lightCollar,
            NeckBridge.Way kept) {}

    /** Returns the ways, or empty while there is no skin or no base. */
    @Transactional(readOnly = true)
    public Optional<Answer> of(StudioId studio, long id) {
        Sitting sitting = sittings.get(studio, id);
        Optional<MatchTarget> target = bases.target(studio, id);
        Optional<BaseChoice> choice = bases.choice(studio, id);
        if (target.isEmpty()) {
            return Optional.empty();
        }
        Optional<Worn.Shade> base = choice.map(c -> c.worn().shade())
                .or(() -> bases.shortlist(studio, id, BaseFilter.ANY)
                        .flatMap(l -> l.ranked().stream().findFirst())
                        .map(r -> shade(r.product())));
        return base.map(b -> answer(studio, sitting, target.get(), b, choice));
    }

    private Answer answer(
            StudioId studio, Sitting sitting, MatchTarget target, Worn.Shade base, Optional<BaseChoice> choice) {
        boolean collar = settings.of(studio, sitting.id()).lightCollar();
        List<Product> bronzers = usable(studio, kit.withRole(studio, Role.BRONZER), sitting);
        List<Product> all = usable(studio, shelf.of(studio).bases(), sitting).stream()
                .filter(p -> !p.powder() && p.id() != id(base))
                .toList();
        List<Product> lighter = nearest(
                all.stream()
                        .filter(p -> p.settled().lightness() > base.onSkin().lightness() + 1)
                        .toList(),
                target,
                LIGHTER);
        List<Worn.Shade> body = body(all, base);
        NeckBridge.Kit with = new NeckBridge.Kit(
                product(base, Role.BASE),
                lighter.stream().map(p -> product(shade(p), Role.BASE)).toList(),
                bronzers.stream().map(p -> product(shade(p), Role.BRONZER)).toList(),
                body.stream().map(s -> product(s, Role.BASE)).toList(),
                collar);
        Map<Long, Worn.Shade> known = new HashMap<>();
        Stream.of(lighter, bronzers).flatMap(List::stream).forEach(p -> known.put(p.id(), shade(p)));
        body.forEach(s -> known.put(id(s), s));
        known.put(id(base), base);
        return new Answer(
                target,
                base,
                choice.isPresent(),
                known,
                NeckBridge.of(target.jaw(), target.neck(), with),
                collar,
                choice.map(c -> c.worn().neck()).map(Worn.Neck::way).orElse(null));
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
    private static List<Worn.Shade> body(List<Product> all, Worn.Shade base) {
        List<Worn.Shade> full = new ArrayList<>(all.stream()
                .filter(p -> p.coverage() == Coverage.FULL)
                .map(NeckBridges::shade)
                .toList());
        if (base.coverage() == Coverage.FULL && !base.powder()) {
            full.add(base);
        }
        return new ShadeIndex(full.stream().map(Worn.Shade::onSkin).toList())
                .nearest(base.onSkin(), BODY).stream()
                        .map(h -> full.get(h.position()))
                        .toList();
    }

    private static Worn.Shade shade(Product p) {
        return Worn.Shade.of(p, p.settled());
    }

    /** A mix has no product; it is number 0 here. */
    private static long id(Worn.Shade shade) {
        return shade.product() == null ? 0 : shade.product();
    }

    private static NeckBridge.Product product(Worn.Shade s, Role role) {
        return new NeckBridge.Product(id(s), s.coat().laid(role, 1));
    }

    /** Keeps a way beside the base that was taken; there has to be one. */
    @Transactional
    public void keep(StudioId studio, long id, NeckBridge.Way way) {
        Answer answer = of(studio, id).filter(Answer::taken).orElseThrow(() -> new NotHere("base"));
        NeckBridge.Bridge bridge = answer.bridges().stream()
                .filter(b -> b.way() == way)
                .findFirst()
                .orElseThrow(() -> new NotHere("bridge"));
        List<Worn.Used> used = new ArrayList<>();
        for (int i = 0; i < bridge.products().size(); i++) {
            String name = answer.shades().get(bridge.products().get(i)).fullName();
            used.add(new Worn.Used(name, bridge.coats().get(i)));
        }
        sittings.hold(studio, id);
        Worn worn =
                bases.choice(studio, id).orElseThrow(() -> new NotHere("base")).worn();
        mapper.putWorn(studio, id, worn.with(new Worn.Neck(way, used, bridge.left())));
    }
}
