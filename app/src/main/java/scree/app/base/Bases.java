package scree.app.base;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.skin.TakenReading;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.core.colour.Lab;
import scree.core.shade.Role;
import scree.core.shade.ShadeIndex;
import scree.core.shade.ShadeReason;
import scree.core.shade.StripeTrio;
import scree.core.skin.MatchTarget;

/** Ranks the kit's bases for a sitting's skin, keeps the stripes on trial and the base that was taken. */
@Service
public class Bases {
    static final int MOST_STRIPES = 3;
    private final BaseMapper mapper;
    private final Kit kit;
    private final Readings readings;
    private final Sittings sittings;
    private final Clock clock;

    Bases(BaseMapper mapper, Kit kit, Readings readings, Sittings sittings, Clock clock) {
        this.mapper = mapper;
        this.kit = kit;
        this.readings = readings;
        this.sittings = sittings;
        this.clock = clock;
    }

    /** Returns the shortlist, or empty while there is no skin to match. */
    public Optional<Shortlist> shortlist(
            StudioId studio, long sittingId, MatchTarget.School school, BaseFilter filter) {
        Sitting sitting = sittings.get(studio, sittingId);
        Optional<TakenReading> reading = readings.of(studio, sittingId);
        Optional<MatchTarget> target = reading.flatMap(r -> MatchTarget.from(r.skin(), school));
        return target.map(t -> rank(studio, sitting, reading.orElseThrow(), t, filter));
    }

    private Shortlist rank(
            StudioId studio, Sitting sitting, TakenReading reading, MatchTarget target, BaseFilter filter) {
        List<Product> bases = kit.withRole(studio, Role.BASE);
        List<Product> open = bases.stream().filter(filter::lets).toList();
        List<Lab> colours = open.stream().map(Product::settled).toList();
        List<ShadeIndex.Hit> hits = new ShadeIndex(colours).nearest(target.colour(), colours.size());
        List<Shortlist.Ranked> ranked = new ArrayList<>();
        for (ShadeIndex.Hit hit : hits) {
            Product product = open.get(hit.position());
            ranked.add(new Shortlist.Ranked(
                    product,
                    ranked.size() + 1,
                    hit.difference(),
                    ShadeReason.of(product.settled(), target),
                    product.struckFor(sitting.allergies(), sitting.reactions(), LocalDate.now(clock))));
        }
        List<Shortlist.Ranked> usable = ranked.stream().filter(r -> !r.struck()).toList();
        return new Shortlist(
                target,
                reading.skin().trust(),
                ranked,
                stripes(studio, sitting.id(), usable, target, bases),
                bases.size() - open.size(),
                reading.light());
    }

    private List<Shortlist.Ranked> stripes(
            StudioId studio, long sitting, List<Shortlist.Ranked> usable, MatchTarget target, List<Product> bases) {
        List<Long> chosen = mapper.stripes(studio, sitting);
        if (chosen.isEmpty()) {
            List<Lab> colours = usable.stream().map(r -> r.product().settled()).toList();
            List<ShadeIndex.Hit> hits = new ArrayList<>();
            for (int i = 0; i < usable.size(); i++) {
                hits.add(new ShadeIndex.Hit(i, usable.get(i).difference()));
            }
            return StripeTrio.of(hits, colours, target).stream()
                    .map(usable::get)
                    .toList();
        }
        Map<Long, Product> byId = bases.stream().collect(Collectors.toMap(Product::id, p -> p));
        return chosen.stream()
                .filter(byId::containsKey)
                .map(byId::get)
                .map(p -> usable.stream()
                        .filter(r -> r.product().id() == p.id())
                        .findFirst()
                        .orElseGet(() -> new Shortlist.Ranked(
                                p,
                                0,
                                p.settled().differenceFrom(target.colour()),
                                ShadeReason.of(p.settled(), target),
                                false)))
                .toList();
    }

    /** Puts a product on the skin as a stripe, or takes it off; past three the oldest goes. */
    @Transactional
    public void toggleStripe(StudioId studio, long sitting, long product, List<Long> now) {
        kit.get(studio, product);
        List<Long> next = new ArrayList<>(now);
        if (!next.remove(product)) {
            next.add(product);
        }
        while (next.size() > MOST_STRIPES) {
            next.remove(0);
        }
        mapper.clearStripes(studio, sitting);
        for (int i = 0; i < next.size(); i++) {
            mapper.addStripe(studio, sitting, i, next.get(i));
        }
    }

    /** Records the base that was taken, with the product as it is now, its rank among those not set aside, and the trust of the reading. */
    @Transactional
    public BaseChoice take(Member me, long sitting, long productId, MatchTarget.School school, String note) {
        StudioId studio = me.studio();
        Product p = kit.get(studio, productId);
        Shortlist list = shortlist(studio, sitting, school, new BaseFilter(null, null, null, false))
                .orElseThrow(() -> new NotHere("reading"));
        Shortlist.Ranked ranked = list.ranked().stream()
                .filter(r -> r.product().id() == productId)
                .findFirst()
                .orElseThrow(() -> new NotHere("base"));
        int nearerUsable = (int) list.ranked().stream()
                .filter(r -> !r.struck() && r.rank() < ranked.rank())
                .count();
        Lab t = list.target().colour();
        mapper.putChoice(
                studio,
                new BaseChoice(
                        sitting,
                        me.artistId(),
                        p.id(),
                        p.line(),
                        p.name(),
                        p.form(),
                        p.finish(),
                        p.contrastRatio(),
                        p.wetL(),
                        p.wetA(),
                        p.wetB(),
                        p.settledL(),
                        p.settledA(),
                        p.settledB(),
                        t.lightness(),
                        t.a(),
                        t.b(),
                        school.name(),
                        ranked.difference(),
                        nearerUsable + 1,
                        list.trust().name(),
                        list.light().grade().name(),
                        note,
                        null,
                        0));
        return mapper.choice(studio, sitting);
    }

    public Optional<BaseChoice> choice(StudioId studio, long sitting) {
        return Optional.ofNullable(mapper.choice(studio, sitting));
    }

    public Map<Long, BaseChoice> choices(StudioId studio, Collection<Long> sittingIds) {
        return sittingIds.isEmpty()
                ? Map.of()
                : mapper.choices(studio, sittingIds).stream().collect(Collectors.toMap(BaseChoice::sittingId, c -> c));
    }
}
