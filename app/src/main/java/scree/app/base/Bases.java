package scree.app.base;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.kit.Kit;
import scree.app.kit.KitShelf;
import scree.app.kit.Product;
import scree.app.sitting.Intake;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.skin.TakenReading;
import scree.app.skin.Touched;
import scree.app.skin.Touches;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;
import scree.core.care.Sensitivities;
import scree.core.reason.Reason;
import scree.core.shade.PowderOnSkin;
import scree.core.shade.RankBases;
import scree.core.shade.ShadeReason;
import scree.core.shade.Wear;
import scree.core.skin.MatchPlace;
import scree.core.skin.MatchTarget;
import scree.core.skin.SkinTypes;

/** Ranks the kit's bases for a sitting's skin, keeps the stripes on trial and the base that was taken. */
@Service
public class Bases {
    static final int MOST_STRIPES = 3;
    /** Bases that are ranked for a page. House choice: nobody looks further; the filter finds the rest. */
    static final int LISTED = 60;
    /** Struck ones that are shown apart. */
    private static final int APART = 12;

    private final BaseMapper mapper;
    private final Kit kit;
    private final KitShelf shelf;
    private final Readings readings;
    private final Touches touches;
    private final Sittings sittings;
    private final BaseSettings settings;

    Bases(
            BaseMapper mapper,
            Kit kit,
            KitShelf shelf,
            Readings readings,
            Touches touches,
            Sittings sittings,
            BaseSettings settings) {
        this.mapper = mapper;
        this.kit = kit;
        this.shelf = shelf;
        this.readings = readings;
        this.touches = touches;
        this.sittings = sittings;
        this.settings = settings;
    }

    /** Returns where the base of a sitting is matched, or empty while no skin was read. */
    public Optional<MatchTarget> target(StudioId studio, long sitting) {
        MatchTarget.School school = settings.of(studio, sitting).school();
        return readings.of(studio, sitting).flatMap(r -> MatchTarget.from(r.skin(), school));
    }

    /** Returns the shortlist, or empty while there is no skin to match. */
    @Transactional(readOnly = true)
    public Optional<Shortlist> shortlist(StudioId studio, long sittingId, BaseFilter filter) {
        Sitting sitting = sittings.get(studio, sittingId);
        BaseSetting setting = settings.of(studio, sittingId);
        Optional<TakenReading> reading = readings.of(studio, sittingId);
        return reading.flatMap(r -> MatchTarget.from(r.skin(), setting.school()))
                .map(t -> new Question(studio, sitting, setting, reading.orElseThrow(), t).answer(filter));
    }

    /** A shortlist as it is asked for: the core's question and what of the kit stands apart for this client. */
    private final class Question {
        private final StudioId studio;
        private final Sitting sitting;
        private final BaseSetting setting;
        private final TakenReading reading;
        private final KitShelf.Shelf kept;
        private final RankBases asked;
        private final LocalDate today;
        private final Sensitivities told;

        Question(StudioId studio, Sitting sitting, BaseSetting setting, TakenReading reading, MatchTarget target) {
            this.studio = studio;
            this.sitting = sitting;
            this.setting = setting;
            this.reading = reading;
            this.told = sitting.sensitivities();
            this.today = shelf.today(studio);
            this.kept = shelf.of(studio);
            SkinTypes types = new SkinTypes(sitting.client().skinType(), touches.types(studio, sitting.id()));
            double wetting = PowderOnSkin.wetting(types.cheeks(), setting.primerAt() != null, setting.powder());
            this.asked = new RankBases(
                    target,
                    RankBases.family(reading.undertone(), target),
                    wish(sitting.intake(), setting, types, touches.of(studio, sitting.id())),
                    kept.onSkin(wetting));
        }

        Shortlist answer(BaseFilter filter) {
            List<Product> all = kept.bases();
            List<RankBases.Placed> best = asked.best(LISTED, i -> filter.lets(all.get(i)) && !isStruck(i));
            List<Shortlist.Ranked> usable = IntStream.range(0, best.size())
                    .mapToObj(i -> ranked(best.get(i), i + 1))
                    .toList();
            List<Shortlist.Ranked> apart = kept.doubtful()
                    .filter(i -> filter.lets(all.get(i)) && isStruck(i))
                    .mapToObj(asked::at)
                    .sorted(Comparator.comparingDouble(RankBases.Placed::standing))
                    .limit(APART)
                    .map(p -> ranked(p, 0))
                    .toList();
            int listed = filter.equals(BaseFilter.ANY)
                    ? all.size()
                    : (int) all.stream().filter(filter::lets).count();
            return new Shortlist(
                    asked.target(),
                    MatchPlace.of(reading.skin(), setting.school()),
                    reading.skin().trust(),
                    asked.family(),
                    asked.wish(),
                    setting,
                    usable,
                    apart,
                    stripes(best, usable),
                    all.size(),
                    listed,
                    reading.light());
        }

        private Shortlist.Ranked ranked(RankBases.Placed placed, int rank) {
            Product product = kept.bases().get(placed.position());
            List<Reason> why = ShadeReason.of(placed.onSkin(), asked.target());
            return new Shortlist.Ranked(product, rank, placed, why, struck(product));
        }

        private boolean isStruck(int position) {
            return kept.doubtful(position)
                    && !struck(kept.bases().get(position)).isEmpty();
        }

        private List<Product.Struck> struck(Product p) {
            return p.struck(told, today);
        }

        /** Those that the artist laid, or three that are worth comparing. */
        private List<Shortlist.Ranked> stripes(List<RankBases.Placed> best, List<Shortlist.Ranked> usable) {
            List<Long> chosen = mapper.stripes(studio, sitting.id());
            if (chosen.isEmpty()) {
                return asked.trio(best).stream()
                        .map(p -> usable.get(best.indexOf(p)))
                        .toList();
            }
            Map<Long, Integer> ranks =
                    usable.stream().collect(Collectors.toMap(r -> r.product().id(), Shortlist.Ranked::rank));
            Map<Long, Shortlist.Ranked> found = new HashMap<>();
            for (RankBases.Placed p : asked.best(
                    chosen.size(), i -> chosen.contains(kept.bases().get(i).id()))) {
                long id = kept.bases().get(p.position()).id();
                found.put(id, ranked(p, ranks.getOrDefault(id, 0)));
            }
            return chosen.stream().filter(found::containsKey).map(found::get).toList();
        }

        /** Returns the place of one base among all that are not set aside, 1 and up, with its figures. */
        Optional<Shortlist.Ranked> only(long product) {
            List<Product> all = kept.bases();
            return IntStream.range(0, all.size())
                    .filter(i -> all.get(i).id() == product)
                    .mapToObj(asked::at)
                    .findFirst()
                    .map(p -> ranked(p, asked.rank(p, i -> !isStruck(i))));
        }
    }

    private static Wear.Wish wish(Intake asked, BaseSetting setting, SkinTypes types, List<Touched> touched) {
        return new Wear.Wish(
                asked.coverage(),
                asked.finish(),
                types.all(),
                touched.stream().map(Touched::texture).collect(Collectors.toSet()),
                setting.freckles(),
                setting.heavyContour(),
                asked.day());
    }

    /** Returns one base as it stands for this skin, or empty when it is none of the kit's bases. */
    public Optional<Shortlist.Ranked> standing(StudioId studio, long sitting, long product) {
        BaseSetting setting = settings.of(studio, sitting);
        TakenReading reading = readings.of(studio, sitting).orElseThrow(() -> new NotHere("reading"));
        MatchTarget target =
                MatchTarget.from(reading.skin(), setting.school()).orElseThrow(() -> new NotHere("reading"));
        return new Question(studio, sittings.get(studio, sitting), setting, reading, target).only(product);
    }

    /** Keeps the stripes that are proposed now, so that what was laid stays in sight when the ranking changes. */
    @Transactional
    public void pinStripes(StudioId studio, long sitting) {
        sittings.hold(studio, sitting);
        if (mapper.stripes(studio, sitting).isEmpty()) {
            List<Shortlist.Ranked> proposed = shortlist(studio, sitting, BaseFilter.ANY)
                    .map(Shortlist::stripes)
                    .orElse(List.of());
            for (int i = 0; i < proposed.size(); i++) {
                mapper.addStripe(studio, sitting, i, proposed.get(i).product().id());
            }
        }
    }

    /**
     * Puts a product on the skin as a stripe, or takes it off; past three the oldest goes.
     *
     * @param proposed those that are shown while the artist chose none
     */
    @Transactional
    public void toggleStripe(StudioId studio, long sitting, long product, List<Long> proposed) {
        kit.get(studio, product);
        sittings.hold(studio, sitting);
        List<Long> chosen = mapper.stripes(studio, sitting);
        List<Long> next = new ArrayList<>(chosen.isEmpty() ? proposed : chosen);
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

    /**
     * Records the base that was taken, with the product as it is now, its rank among those not set aside, and the trust of the
     * reading.
     *
     * @param overruled what spoke against it, in the words that stood on the page; null when nothing did
     */
    @Transactional
    public BaseChoice take(Member me, long sitting, long productId, String note, String overruled, long instead) {
        Shortlist.Ranked standing = standing(me.studio(), sitting, productId).orElseThrow(() -> new NotHere("base"));
        return take(me, sitting, standing, note, overruled, instead);
    }

    /** The same with its standing as it was just looked up. */
    @Transactional
    public BaseChoice take(Member me, long sitting, Shortlist.Ranked r, String note, String overruled, long instead) {
        Worn worn = new Worn.Single(Worn.Shade.of(r.product(), r.onSkin()), null);
        return keep(me, sitting, worn, r.standing(overruled), note, instead);
    }

    /**
     * Records anything that is worn as a base: one shade, a mix, two tones. What was taken before stays and can be put back.
     *
     * @param instead id of the choice that was present when the artist looked, 0 for none
     * @throws StaleSave when another base was taken meanwhile; carries it
     */
    @Transactional
    public BaseChoice keep(
            Member me, long sitting, Worn worn, BaseChoice.Standing standing, String note, long instead) {
        StudioId studio = me.studio();
        sittings.hold(studio, sitting);
        TakenReading reading = readings.of(studio, sitting).orElseThrow(() -> new NotHere("reading"));
        MatchTarget target = target(studio, sitting).orElseThrow(() -> new NotHere("reading"));
        BaseChoice wanted = BaseChoice.of(
                sitting,
                me.artistId(),
                worn,
                standing,
                new BaseChoice.Reading(
                        target, reading.skin().trust(), reading.light().grade()),
                note);
        BaseChoice present = mapper.choice(studio, sitting);
        if (present != null && present.sameAs(wanted)) {
            return present;
        }
        if (instead != id(present)) {
            throw new StaleSave(present);
        }
        mapper.putDown(studio, sitting);
        mapper.addChoice(studio, wanted);
        return mapper.choice(studio, sitting);
    }

    private static long id(BaseChoice choice) {
        return choice == null ? 0 : choice.id();
    }

    /** Returns the base that was taken before the present one, to be put back; empty when there was none. */
    public Optional<BaseChoice> former(StudioId studio, long sitting) {
        return Optional.ofNullable(mapper.former(studio, sitting));
    }

    /**
     * Puts a base that was taken before back in place of the present one.
     *
     * @param choice its id; 0 takes the present one off
     */
    @Transactional
    public void putBack(StudioId studio, long sitting, long choice) {
        sittings.hold(studio, sitting);
        if (choice != 0 && id(mapper.choice(studio, sitting)) == choice) {
            return;
        }
        mapper.putDown(studio, sitting);
        if (choice != 0 && mapper.putBack(studio, sitting, choice) == 0) {
            throw new NotHere("base");
        }
    }

    /** Returns the base that is present, or empty while none was taken. */
    public Optional<BaseChoice> choice(StudioId studio, long sitting) {
        return Optional.ofNullable(mapper.choice(studio, sitting));
    }

    /** Returns the present bases of several sittings, by sitting. */
    public Map<Long, BaseChoice> choices(StudioId studio, Collection<Long> sittingIds) {
        return sittingIds.isEmpty()
                ? Map.of()
                : mapper.choices(studio, sittingIds).stream().collect(Collectors.toMap(BaseChoice::sittingId, c -> c));
    }
}
