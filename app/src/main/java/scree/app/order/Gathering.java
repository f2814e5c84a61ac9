package scree.app.order;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import scree.app.base.BaseChoice;
import scree.app.base.Bases;
import scree.app.base.Worn;
import scree.app.client.Client;
import scree.app.colour.Colours;
import scree.app.colour.TakenColour;
import scree.app.correct.Corrections;
import scree.app.correct.Pot;
import scree.app.correct.TakenCorrections;
import scree.app.judge.RoleShelf;
import scree.app.kit.Product;
import scree.app.method.Method;
import scree.app.method.Setting;
import scree.app.place.Placements;
import scree.app.place.TakenPlan;
import scree.app.place.WorkedZone;
import scree.app.sitting.Sitting;
import scree.app.skin.Touched;
import scree.app.skin.Touches;
import scree.app.studio.StudioId;
import scree.core.cover.CoverPlan;
import scree.core.cover.Mark;
import scree.core.cover.Seen;
import scree.core.face.Tick;
import scree.core.harmony.Part;
import scree.core.method.Occasion;
import scree.core.placement.Area;
import scree.core.placement.Family;
import scree.core.routine.Needs;
import scree.core.routine.Pace;
import scree.core.routine.StepCode;
import scree.core.routine.Usual;
import scree.core.routine.WorkZone;
import scree.core.shade.Coverage;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.skin.SkinType;
import scree.core.skin.Texture;

/** Turns what the stages planned, and the intake, into the needs of a sitting. */
@Service
class Gathering {
    private static final int LEAST_COATS = 2;
    private static final int MOST_COATS = 3;

    private final Corrections corrections;
    private final Bases bases;
    private final Placements placements;
    private final Colours colours;
    private final Touches touches;
    private final RoleShelf shelf;

    Gathering(
            Corrections corrections,
            Bases bases,
            Placements placements,
            Colours colours,
            Touches touches,
            RoleShelf shelf) {
        this.corrections = corrections;
        this.bases = bases;
        this.placements = placements;
        this.colours = colours;
        this.touches = touches;
        this.shelf = shelf;
    }

    /** Returns what is to be placed, empty while the face has no points. */
    Optional<TakenPlan> plan(StudioId studio, long sitting) {
        return placements.of(studio, sitting);
    }

    /** @param plan what is to be placed, empty while the face has no points */
    Gathered of(StudioId studio, Sitting sitting, OrderSheet sheet, Method method, Optional<TakenPlan> plan) {
        return new One(studio, sitting, sheet, method, plan).gathered();
    }

    /** Gathers one sitting. */
    private final class One {
        private final StudioId studio;
        private final Sitting sitting;
        private final OrderSheet sheet;
        private final Method method;
        private final SkinType skin;
        private final List<Touched> felt;
        private final Optional<TakenCorrections> corrected;
        private final Optional<BaseChoice> base;
        private final Optional<TakenPlan> plan;
        private final Optional<TakenColour> colour;
        private final Map<StepCode, List<Pot>> wares = new EnumMap<>(StepCode.class);
        private final Set<OrderSheet.Extra> offered = EnumSet.noneOf(OrderSheet.Extra.class);
        private final Set<OrderSheet.Extra> done = EnumSet.noneOf(OrderSheet.Extra.class);

        One(StudioId studio, Sitting sitting, OrderSheet sheet, Method method, Optional<TakenPlan> plan) {
            this.method = method;
            this.studio = studio;
            this.sitting = sitting;
            this.sheet = sheet;
            Client client = sitting.client();
            this.skin = client.skinType() == null ? SkinType.NORMAL : client.skinType();
            this.felt = touches.of(studio, sitting.id());
            this.corrected = corrections.of(studio, sitting.id());
            this.base = bases.choice(studio, sitting.id());
            this.plan = plan;
            this.colour = plan.map(p -> colours.on(studio, sitting, p));
        }

        Gathered gathered() {
            Needs.Event event = event();
            Needs.Skin face = new Needs.Skin(skin, feels(Texture.CREPE) || feels(Texture.FINE_LINES), broken());
            Needs needs = new Needs(
                    face,
                    care(event.isLong()),
                    correction(),
                    base(),
                    areas(),
                    forms(event.isLong()),
                    finish(event.isLong()),
                    event,
                    new Needs.Way(sheet.blend(), sheet.oneBrush(), Pace.usual()));
            return new Gathered(needs, wares, open(), mature(), offered, done);
        }

        private List<String> open() {
            List<String> open = new ArrayList<>();
            if (base.isEmpty()) {
                open.add("base");
            }
            if (plan.isEmpty()) {
                open.add("place");
            }
            if (corrected.isEmpty()) {
                open.add("skin");
            }
            return open;
        }

        private boolean feels(Texture texture) {
            return felt.stream().anyMatch(t -> t.texture() == texture);
        }

        private boolean mature() {
            Integer born = sitting.client().birthYear();
            boolean old = born != null && sitting.startsAt().getYear() - born >= method.amount(Setting.MATURE_FROM);
            return old
                    || plan.map(p -> p.face().sheet().ticks().contains(Tick.UNDER_EYE_LINES))
                            .orElse(false);
        }

        private boolean extra(OrderSheet.Extra extra, boolean usual) {
            offered.add(extra);
            boolean now = sheet.extras().getOrDefault(extra, usual);
            if (now) {
                done.add(extra);
            }
            return now;
        }

        private Needs.Event event() {
            Occasion occasion = sitting.intake().occasion();
            Integer hours = sitting.intake().lastsHours();
            return new Needs.Event(
                    occasion == null ? Occasion.EVERYDAY : occasion,
                    hours == null ? 0 : hours,
                    method.amount(Setting.LONG_DAY),
                    sitting.flashed(),
                    null);
        }

        private Set<WorkZone> broken() {
            Set<WorkZone> zones = EnumSet.noneOf(WorkZone.class);
            felt.stream()
                    .filter(t -> t.texture() == Texture.BROKEN_SKIN)
                    .forEach(t -> zones.add(WorkZone.of(t.zone())));
            return zones;
        }

        private Needs.Care care(boolean longDay) {
            WorkZone crust = felt.stream()
                    .filter(t -> t.texture() == Texture.DRY_PATCH)
                    .map(t -> WorkZone.of(t.zone()))
                    .findFirst()
                    .orElse(null);
            List<Product> primers = shelf.allowed(studio, sitting, Role.PRIMER);
            boolean primed = !primers.isEmpty() && extra(OrderSheet.Extra.PRIMER, true);
            List<Needs.Primer> wanted = primed ? Usual.primers(skin, feels(Texture.OPEN_PORES)) : List.of();
            wanted.forEach(p -> with(StepCode.valueOf("PR_" + p), primers.get(0)));
            return new Needs.Care(
                    true,
                    extra(OrderSheet.Extra.TONE, false),
                    crust,
                    extra(OrderSheet.Extra.SERUM, Usual.serum(skin, longDay)),
                    extra(OrderSheet.Extra.EYE_CREAM, true),
                    extra(OrderSheet.Extra.SUN_CARE, false),
                    wanted);
        }

        private Needs.Correction correction() {
            Set<WorkZone> zones = EnumSet.noneOf(WorkZone.class);
            Set<WorkZone> red = EnumSet.noneOf(WorkZone.class);
            Set<WorkZone> cover = EnumSet.noneOf(WorkZone.class);
            List<WorkZone> spots = new ArrayList<>();
            WorkZone heavy = null;
            int coats = 0;
            for (TakenCorrections.Treated t :
                    corrected.map(TakenCorrections::marks).orElse(List.of())) {
                Optional<CoverPlan<Pot>> laid = t.laid().filter(p -> !p.baseAlone());
                if (laid.isEmpty()) {
                    continue;
                }
                Mark mark = t.mark();
                WorkZone at = mark.spot() == null ? WorkZone.of(mark.zone()) : WorkZone.at(mark.spot());
                if (mark.seen().heavy()) {
                    heavy = at;
                    coats = Math.max(
                            LEAST_COATS, Math.min(MOST_COATS, laid.get().coats()));
                    used(StepCode.HE_COAT1, laid.get());
                } else if (mark.spot() != null) {
                    spots.add(at);
                    used(StepCode.SPOTS, laid.get());
                } else if (laid.get().under().isEmpty()) {
                    cover.add(at);
                    used(StepCode.COVER, laid.get());
                } else {
                    zones.add(at);
                    boolean reddish = mark.seen() == Seen.REDNESS || mark.seen() == Seen.CAPILLARY;
                    if (reddish && at != WorkZone.UNDER_EYE) {
                        red.add(at);
                    }
                    used(step(at, reddish), laid.get());
                }
            }
            return new Needs.Correction(zones, red, heavy, coats, cover, spots);
        }

        private static StepCode step(WorkZone at, boolean red) {
            return switch (at) {
                case UNDER_EYE -> StepCode.CO_EYE;
                case LID -> StepCode.LIDBASE;
                default -> red ? StepCode.CO_RED : StepCode.CO_BROWN;
            };
        }

        private void used(StepCode step, CoverPlan<Pot> laid) {
            laid.under().forEach(l -> with(step, l.ware().what()));
            laid.over().forEach(l -> with(step, l.ware().what()));
        }

        private void with(StepCode step, Product product) {
            with(step, Pot.of(product));
        }

        private void with(StepCode step, Pot pot) {
            List<Pot> all = wares.computeIfAbsent(step, k -> new ArrayList<>());
            if (!all.contains(pot)) {
                all.add(pot);
            }
        }

        private Needs.Base base() {
            if (base.isEmpty()) {
                return null;
            }
            Worn worn = base.get().worn();
            Form form = worn.shade().form();
            Pot shade = Pot.of(worn);
            for (StepCode step :
                    List.of(StepCode.BASE, StepCode.BASE_SEAMS, StepCode.MAIN, StepCode.BASE_POWDER, StepCode.NECK)) {
                with(step, shade);
            }
            if (worn instanceof Worn.TwoTones two) {
                wares.put(StepCode.BASE, List.of(Pot.of(two.inner())));
                with(StepCode.BASE_OUTER, shade);
            }
            return new Needs.Base(form, Coverage.of(worn.shade().contrastRatio()), worn instanceof Worn.TwoTones, true);
        }

        private List<WorkedZone> zones() {
            return plan.map(TakenPlan::zones).orElse(List.of()).stream()
                    .filter(z -> z.dose() != null)
                    .toList();
        }

        private Map<Area, Double> areas() {
            Map<Area, Double> areas = new EnumMap<>(Area.class);
            for (WorkedZone z : zones()) {
                areas.merge(z.zone().area(), z.zone().strength(), Math::max);
                with(StepCode.laying(z.zone().area()), z.product());
            }
            return areas;
        }

        /** Powder where all of a family is powder; both where creams are to hold and the kit has the powder. */
        private Map<Family, Needs.Laid> forms(boolean longDay) {
            Map<Family, Needs.Laid> forms = new EnumMap<>(Family.class);
            Map<Family, Product> over = new EnumMap<>(Family.class);
            for (Family family : Family.values()) {
                List<WorkedZone> all = zones().stream()
                        .filter(z -> z.zone().area().family() == family)
                        .toList();
                if (!all.isEmpty()) {
                    boolean powder = all.stream().allMatch(z -> z.product().powder());
                    forms.put(family, powder ? Needs.Laid.POWDER : Needs.Laid.CREAM);
                    boolean reinforced = family == Family.SHADOW || family == Family.SUN || family == Family.COLOUR;
                    if (!powder && reinforced) {
                        all.get(0).answer().bestPowder().ifPresent(c -> over.put(family, c.product()));
                    }
                }
            }
            if (!over.isEmpty() && extra(OrderSheet.Extra.REINFORCE, longDay)) {
                over.forEach((family, product) -> {
                    forms.put(family, Needs.Laid.BOTH);
                    with(reinforcing(family), product);
                });
            }
            return forms;
        }

        private static StepCode reinforcing(Family family) {
            return switch (family) {
                case SHADOW -> StepCode.R_SHADOW;
                case SUN -> StepCode.R_SUN;
                default -> StepCode.R_BLUSH;
            };
        }

        private Needs.Finish finish(boolean longDay) {
            List<Product> sprays = shelf.allowed(studio, sitting, Role.SPRAY);
            boolean sprayed = !sprays.isEmpty() && extra(OrderSheet.Extra.SPRAY, true);
            if (sprayed) {
                with(StepCode.SPRAY, sprays.get(0));
                with(StepCode.MIST, sprays.get(0));
            }
            boolean bears = !feels(Texture.CREPE) && skin != SkinType.DRY;
            boolean left = bears
                    && zones().stream().anyMatch(z -> z.zone().area() == Area.UNDER_EYE_POWDER)
                    && extra(OrderSheet.Extra.LEFT_POWDER, false);
            return new Needs.Finish(
                    left ? method.whole(Setting.LEFT_MINUTES) : 0,
                    sprayed ? Usual.spray(skin, longDay) : Needs.Spray.NONE,
                    brows(),
                    lips(),
                    eyes(),
                    extra(OrderSheet.Extra.BODY, false));
        }

        private Optional<Product> worn(Part part, StepCode... steps) {
            Optional<Product> product = colour.flatMap(c -> c.worn(part));
            product.ifPresent(p -> {
                for (StepCode step : steps) {
                    with(step, p);
                }
            });
            return product;
        }

        private Needs.Brows brows() {
            return worn(Part.BROW, StepCode.BR_DRY, StepCode.BR_GEL)
                    .map(p -> p.form() == Form.GEL ? Needs.Brows.GEL : Needs.Brows.PENCIL)
                    .orElse(Needs.Brows.NONE);
        }

        private Needs.Lips lips() {
            if (worn(Part.LIP, StepCode.LIPCOLOUR).isEmpty()) {
                return Needs.Lips.NONE;
            }
            colour.flatMap(TakenColour::lined).ifPresent(p -> with(StepCode.LIPLINE, p));
            Optional<Product> stain = colour.flatMap(TakenColour::layered).filter(p -> p.role() == Role.LIP_STAIN);
            stain.ifPresent(p -> with(StepCode.LIPSTAIN, p));
            return stain.isPresent() ? Needs.Lips.STAIN : Needs.Lips.COLOUR;
        }

        private Needs.Eyes eyes() {
            Optional<Product> lid = worn(Part.LID, StepCode.LIDCOLOUR);
            boolean liner = worn(Part.LINER, StepCode.LINER).isPresent();
            boolean mascara = worn(Part.MASCARA, StepCode.MASCARA).isPresent();
            return new Needs.Eyes(
                    lid.isPresent() ? Needs.Lid.WASH : Needs.Lid.NONE,
                    lid.map(p -> Usual.falls(p.form(), p.settled())).orElse(false),
                    liner,
                    mascara && extra(OrderSheet.Extra.CURL, true),
                    mascara,
                    extra(OrderSheet.Extra.LASHES, false),
                    sheet.eyesFirst());
        }
    }
}
