package scree.app.mix;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.base.Bases;
import scree.app.kit.Formulas;
import scree.app.kit.KitShelf;
import scree.app.kit.Product;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.skin.TakenReading;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;
import scree.core.care.Sensitivities;
import scree.core.colour.Lab;
import scree.core.mix.Carrier;
import scree.core.mix.Ingredient;
import scree.core.mix.SeasonParts;
import scree.core.shade.ShadeIndex;
import scree.core.skin.MatchTarget;
import scree.core.skin.SeasonPoint;

/** A client's winter and summer base and the parts between them over the year. */
@Service
public class Seasons {
    private final MixMapper mapper;
    private final Bases bases;
    private final KitShelf shelf;
    private final Formulas formulas;
    private final Readings readings;
    private final Sittings sittings;
    private final StudioTime time;

    Seasons(
            MixMapper mapper,
            Bases bases,
            KitShelf shelf,
            Formulas formulas,
            Readings readings,
            Sittings sittings,
            StudioTime time) {
        this.mapper = mapper;
        this.bases = bases;
        this.shelf = shelf;
        this.formulas = formulas;
        this.readings = readings;
        this.sittings = sittings;
        this.time = time;
    }

    /**
     * The year of a client on two shades.
     *
     * @param proposed whether the two shades were proposed and not yet kept
     * @param byReading parts that meet today's reading
     * @param now those parts with the client's words counted in
     * @param year wave of the skin, empty with fewer than two readings
     */
    record Answer(
            MatchTarget target,
            List<SeasonParts.Day> days,
            Product winter,
            Product summer,
            boolean proposed,
            boolean splits,
            int nudge,
            SeasonParts.Blend byReading,
            SeasonParts.Blend now,
            Optional<SeasonParts.Year> year,
            List<SeasonParts.Change> calendar,
            List<SaidWord> words,
            List<Product> choices,
            LocalDate today,
            Ingredient winterPart,
            Ingredient summerPart) {
        /** Returns the parts for a skin, the client's words left out. */
        SeasonParts.Blend parts(Lab skin) {
            return SeasonParts.between(winterPart, summerPart, skin);
        }
    }

    /** Returns the year, or empty while there is no skin or the kit has no two bases for it. */
    Optional<Answer> of(StudioId studio, long id) {
        Sitting sitting = sittings.get(studio, id);
        return bases.target(studio, id).flatMap(t -> answer(studio, sitting, t));
    }

    private Optional<Answer> answer(StudioId studio, Sitting sitting, MatchTarget target) {
        List<SeasonParts.Day> days = days(studio, sitting.clientId());
        SeasonParts.Ends ends = SeasonParts.ends(days, target.colour());
        List<Product> usable = usable(studio, sitting);
        SeasonPair kept = stillThere(studio, mapper.pair(studio, sitting.clientId()));
        Optional<Product> winter = kept == null
                ? nearest(usable, ends.winter(), 0)
                : find(shelf.of(studio).bases(), kept.winterId());
        Optional<Product> summer = kept == null
                ? nearest(usable, ends.summer(), winter.map(Product::id).orElse(0L))
                : find(shelf.of(studio).bases(), kept.summerId());
        if (winter.isEmpty() || summer.isEmpty()) {
            return Optional.empty();
        }
        Ingredient w = formulas.of(studio, winter.get()).ingredient(winter.get());
        Ingredient s = formulas.of(studio, summer.get()).ingredient(summer.get());
        int nudge = kept == null ? 0 : kept.nudge();
        SeasonParts.Blend byReading = SeasonParts.between(w, s, target.colour());
        Optional<SeasonParts.Year> year = SeasonParts.year(days);
        LocalDate today = time.today(studio);
        return Optional.of(new Answer(
                target,
                days,
                winter.get(),
                summer.get(),
                kept == null,
                w.family().with(s.family()) == Carrier.Together.SPLITS,
                nudge,
                byReading,
                SeasonParts.blend(w, s, byReading.summer() + nudge, target.colour()),
                year,
                year.map(y -> SeasonParts.calendar(y, w, s, today)).orElse(List.of()),
                mapper.words(studio, sitting.clientId()),
                choices(usable, target),
                today,
                w,
                s));
    }

    /** A pair of which one left the kit is proposed anew. */
    private SeasonPair stillThere(StudioId studio, SeasonPair kept) {
        List<Product> all = shelf.of(studio).bases();
        return kept != null
                        && find(all, kept.winterId()).isPresent()
                        && find(all, kept.summerId()).isPresent()
                ? kept
                : null;
    }

    private List<SeasonParts.Day> days(StudioId studio, long client) {
        List<Sitting> all = sittings.ofClient(studio, client);
        Map<Long, TakenReading> read =
                readings.of(studio, all.stream().map(Sitting::id).toList());
        List<SeasonPoint> points = all.stream()
                .filter(s -> read.containsKey(s.id()))
                .flatMap(s -> SeasonPoint.of(
                        s.startsAt().toLocalDate(), read.get(s.id()).skin())
                        .stream())
                .toList();
        return SeasonPoint.trusted(points, p -> p).stream()
                .map(p -> new SeasonParts.Day(p.day(), p.skin()))
                .toList();
    }

    private List<Product> usable(StudioId studio, Sitting s) {
        Sensitivities told = s.sensitivities();
        return shelf.of(studio).bases().stream()
                .filter(p -> !p.powder())
                .filter(p -> p.struck(told, shelf.today(studio)).isEmpty())
                .toList();
    }

    private static Optional<Product> nearest(List<Product> products, Lab skin, long but) {
        return new ShadeIndex(products.stream().map(Product::settled).toList())
                .nearest(skin, 2).stream()
                        .map(h -> products.get(h.position()))
                        .filter(p -> p.id() != but)
                        .findFirst();
    }

    private static Optional<Product> find(List<Product> products, long id) {
        return products.stream().filter(p -> p.id() == id).findFirst();
    }

    private static List<Product> choices(List<Product> usable, MatchTarget target) {
        return new ShadeIndex(usable.stream().map(Product::settled).toList())
                .nearest(target.colour(), 24).stream()
                        .map(h -> usable.get(h.position()))
                        .sorted(Comparator.comparingDouble(
                                        (Product p) -> p.settled().lightness())
                                .reversed())
                        .toList();
    }

    /** Keeps the two shades; the client's words begin anew. */
    @Transactional
    public void pair(StudioId studio, long id, long winter, long summer) {
        Sitting sitting = sittings.get(studio, id);
        mapper.holdClient(studio, sitting.clientId());
        List<Product> all = shelf.of(studio).bases();
        Product w = find(all, winter).orElseThrow(() -> new NotHere("base"));
        Product s = find(all, summer).orElseThrow(() -> new NotHere("base"));
        if (w.id() == s.id()) {
            throw new IllegalArgumentException("winter and summer base are the same: choose two");
        }
        mapper.putPair(studio, sitting.clientId(), new SeasonPair(w.id(), s.id(), 0));
    }

    /** Counts in what the client says: one part on. */
    @Transactional
    public void said(Member me, long id, SeasonParts.Word word) {
        mapper.holdClient(me.studio(), sittings.get(me.studio(), id).clientId());
        Answer now = of(me.studio(), id).orElseThrow(() -> new NotHere("reading"));
        Sitting sitting = sittings.get(me.studio(), id);
        int wanted = now.nudge() + (word == SeasonParts.Word.CHALKY ? 1 : -1);
        int summer = Math.max(0, Math.min(SeasonParts.PARTS, now.byReading().summer() + wanted));
        mapper.putPair(
                me.studio(),
                sitting.clientId(),
                new SeasonPair(
                        now.winter().id(),
                        now.summer().id(),
                        summer - now.byReading().summer()));
        mapper.addWord(me.studio(), sitting.clientId(), me.artistId(), word);
    }
}
