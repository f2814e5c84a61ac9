package scree.app.place;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.face.FaceSheet;
import scree.app.face.Faces;
import scree.app.face.TakenFace;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.memory.Memories;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.sitting.Steps;
import scree.app.skin.Readings;
import scree.app.skin.TakenReading;
import scree.app.skin.Touches;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.core.care.Sensitivities;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.method.PlacementMethod;
import scree.core.placement.Area;
import scree.core.placement.Dose;
import scree.core.placement.Family;
import scree.core.placement.PlacedZone;
import scree.core.placement.Plan;
import scree.core.placement.Planner;
import scree.core.skin.MatchTarget;
import scree.core.skin.SkinReading;
import scree.core.skin.SkinType;
import scree.core.skin.Zone;

/** Plans the placement of a sitting, chooses products of the kit for it, keeps what the artist changed. */
@Service
public class Placements {
    private static final int FILMS_KEPT = 4000;
    private static final int PLANS_KEPT = 50;
    private static final Lab SUPPOSED = Lab.of(60, 11, 18);
    private static final Zone[] SKIN_FROM = {Zone.CHEEK, Zone.OUTER_CHEEK, Zone.JAW, Zone.FOREHEAD, Zone.NECK};

    private static final Steps.Kind<PlaceSheet> KIND = new Steps.Kind<>("PLACE", PlaceSheet.class);

    private final Steps steps;
    private final Faces faces;
    private final Sittings sittings;
    private final Readings readings;
    private final Touches touches;
    private final Kit kit;
    private final StudioTime time;
    private final Cache<FilmKey, Optional<Dose.Film>> films;
    private final Cache<PlanKey, Plan> plans;

    /** All that a plan depends on. */
    private record PlanKey(FaceSheet face, PlaceSheet place, Integer birthYear, int year, SkinType skinType) {}

    private record FilmKey(Lab colour, double contrast) {}

    /** A product that could do a family's work on this skin, best first. */
    public record Candidate(Product product, Dose.Film film, Dose dose, double badness) {}

    Placements(
            Steps steps,
            Faces faces,
            Sittings sittings,
            Readings readings,
            Touches touches,
            Kit kit,
            StudioTime time,
            Memories memories) {
        this.films = memories.keep("films", FILMS_KEPT);
        this.plans = memories.keep("plans", PLANS_KEPT);
        this.touches = touches;
        this.steps = steps;
        this.faces = faces;
        this.sittings = sittings;
        this.readings = readings;
        this.kit = kit;
        this.time = time;
    }

    /** Returns the plan, or empty while the face has no points. */
    public Optional<TakenPlan> of(StudioId studio, long sittingId) {
        Sitting sitting = sittings.get(studio, sittingId);
        return faces.of(studio, sittingId).map(face -> plan(studio, sitting, face));
    }

    private TakenPlan plan(StudioId studio, Sitting sitting, TakenFace face) {
        Optional<Steps.Present<PlaceSheet>> kept = steps.present(studio, sitting.id(), KIND);
        PlaceSheet sheet = kept.map(Steps.Present::state).orElseGet(PlaceSheet::usual);
        Plan plan = planned(sitting, face, sheet);
        Optional<TakenReading> reading = readings.of(studio, sitting.id());
        Optional<Lab> read = reading.flatMap(r -> skin(r.skin()));
        Lab skin = read.orElse(SUPPOSED);
        Spectrum spectrum = LeastSlope.spectrumOf(skin)
                .orElseGet(() -> LeastSlope.spectrumOf(SUPPOSED).orElseThrow());
        return new TakenPlan(
                sheet,
                face,
                LevelledFace.of(face.points()),
                plan,
                worked(studio, sitting, sheet, plan, spectrum),
                skin,
                spectrum,
                read.isEmpty()
                        ? TakenPlan.SkinRead.SUPPOSED
                        : reading.get().skin().trust() == SkinReading.Trust.PROVISIONAL
                                ? TakenPlan.SkinRead.PROVISIONAL
                                : TakenPlan.SkinRead.READ,
                kept.map(Steps.Present::seq).orElse(0),
                kept.map(Steps.Present::undoable).orElse(false),
                kept.map(Steps.Present::redoable).orElse(false),
                touches.broken(studio, sitting.id()));
    }

    private Plan planned(Sitting sitting, TakenFace face, PlaceSheet sheet) {
        PlanKey key = new PlanKey(
                face.sheet(),
                sheet,
                sitting.client().birthYear(),
                sitting.startsAt().getYear(),
                sitting.client().skinType());
        return plans.get(key, k -> Planner.plan(faces.brief(face, sitting), sheet.method(), sheet.zoneEdits()));
    }

    /** Returns how many areas the plan works on, without looking at the kit. */
    public long areas(StudioId studio, Sitting sitting) {
        return faces.of(studio, sitting.id())
                .map(face -> {
                    PlaceSheet sheet = steps.present(studio, sitting.id(), KIND)
                            .map(Steps.Present::state)
                            .orElseGet(PlaceSheet::usual);
                    return planned(sitting, face, sheet).zones().stream()
                            .map(PlacedZone::area)
                            .filter(area -> !sheet.off().contains(area.family()))
                            .distinct()
                            .count();
                })
                .orElse(0L);
    }

    /** What the product lies on: the evened skin of jaw and neck, since a red cheek is under its base by then. */
    private static Optional<Lab> skin(SkinReading reading) {
        Optional<Lab> evened =
                MatchTarget.from(reading, MatchTarget.School.JAW_TO_NECK).map(MatchTarget::colour);
        if (evened.isPresent()) {
            return evened;
        }
        for (Zone zone : SKIN_FROM) {
            Optional<Lab> colour = reading.tellingColourOf(zone);
            if (colour.isPresent()) {
                return colour;
            }
        }
        return Optional.empty();
    }

    private List<WorkedZone> worked(StudioId studio, Sitting sitting, PlaceSheet sheet, Plan plan, Spectrum skin) {
        Map<Family, List<Candidate>> candidates = new EnumMap<>(Family.class);
        Map<Area, Integer> numbers = new HashMap<>();
        List<WorkedZone> worked = new ArrayList<>();
        for (PlacedZone zone : plan.zones()) {
            Family family = zone.area().family();
            if (sheet.off().contains(family)) {
                continue;
            }
            int number = numbers.computeIfAbsent(zone.area(), a -> numbers.size() + 1);
            List<Candidate> of =
                    candidates.computeIfAbsent(family, f -> candidates(studio, sitting, f, skin, Dose.COMPARED_AT));
            Long wanted = sheet.products().get(zone.area());
            Optional<Candidate> chosen = of.stream()
                    .filter(c -> wanted != null && c.product().id() == wanted)
                    .findFirst()
                    .or(() -> of.stream().findFirst());
            worked.add(chosen.map(c -> new WorkedZone(
                            number, zone, c.product(), c.film(), Dose.of(c.film(), skin, family, zone.strength())))
                    .orElse(new WorkedZone(number, zone, null, null, null)));
        }
        return worked;
    }

    /** Returns the kit's products for a family on this skin, best first; what the client must not have is left out. */
    public List<Candidate> candidates(StudioId studio, Sitting sitting, Family family, Spectrum skin, double strength) {
        List<Candidate> list = new ArrayList<>();
        LocalDate today = time.today(studio);
        Sensitivities told = sitting.sensitivities();
        for (Product p : kit.withRole(studio, family.wants())) {
            if (!p.struck(told, today).isEmpty()) {
                continue;
            }
            film(p).ifPresent(film -> {
                Dose dose = Dose.of(film, skin, family, strength);
                list.add(new Candidate(p, film, dose, dose.badness(skin, family, strength)));
            });
        }
        list.sort(Comparator.comparingDouble(Candidate::badness)
                .thenComparing(c -> c.product().id()));
        return list;
    }

    private Optional<Dose.Film> film(Product p) {
        FilmKey key = new FilmKey(p.settled(), p.contrastRatio());
        return films.get(key, k -> Dose.Film.of(key.colour(), key.contrast()));
    }

    // ---- changes: each is a step ----

    /** Changes aim and schools. */
    @Transactional
    public void method(Member me, long sitting, UnaryOperator<PlacementMethod> by) {
        change(me, sitting, sheet -> sheet.with(by.apply(sheet.method())));
    }

    /** Shows or hides a family of zones. */
    @Transactional
    public void family(Member me, long sitting, Family family) {
        change(me, sitting, sheet -> sheet.toggled(family));
    }

    /** Chooses the product of an area; null leaves it to Scree. */
    @Transactional
    public void product(Member me, long sitting, Area area, Long product) {
        if (product != null) {
            kit.get(me.studio(), product);
        }
        change(me, sitting, sheet -> sheet.using(area, product));
    }

    /** Sets an area's strength, on both sides. */
    @Transactional
    public void strength(Member me, long sitting, Area area, Side side, double strength) {
        change(
                me,
                sitting,
                sheet -> onBoth(
                        area,
                        side,
                        sheet,
                        me,
                        e -> new PlaceSheet.Edited(e.area(), e.side(), e.leftOut(), strength, e.moves(), me.name())));
    }

    /** Leaves an area out, on both sides, or brings it back. */
    @Transactional
    public void leaveOut(Member me, long sitting, Area area, Side side, boolean out) {
        change(
                me,
                sitting,
                sheet -> onBoth(
                        area,
                        side,
                        sheet,
                        me,
                        e -> new PlaceSheet.Edited(e.area(), e.side(), out, e.strength(), e.moves(), me.name())));
    }

    /** Draws one handle of one zone by pupil distances. */
    @Transactional
    public void move(Member me, long sitting, Area area, Side side, int handle, double dx, double dy) {
        change(
                me,
                sitting,
                sheet -> sheet.edited(area, side, me.name(), e -> {
                    List<PlaceSheet.Moved> moves = new ArrayList<>();
                    double x = dx;
                    double y = dy;
                    for (PlaceSheet.Moved m : e.moves()) {
                        if (m.handle() == handle) {
                            x += m.dx();
                            y += m.dy();
                        } else {
                            moves.add(m);
                        }
                    }
                    moves.add(new PlaceSheet.Moved(handle, x, y));
                    return new PlaceSheet.Edited(e.area(), e.side(), e.leftOut(), e.strength(), moves, me.name());
                }));
    }

    /** Puts a zone back as planned. */
    @Transactional
    public void back(Member me, long sitting, Area area, Side side) {
        change(me, sitting, sheet -> onBoth(area, side, sheet, me, e -> null));
    }

    private static PlaceSheet onBoth(
            Area area, Side side, PlaceSheet sheet, Member me, UnaryOperator<PlaceSheet.Edited> by) {
        PlaceSheet now = sheet.edited(area, side, me.name(), by);
        return side == Side.CENTRE ? now : now.edited(area, side == Side.RIGHT ? Side.LEFT : Side.RIGHT, me.name(), by);
    }

    /** Goes one step back. */
    @Transactional
    public void undo(StudioId studio, long sitting) {
        steps.undo(studio, sitting, KIND);
    }

    /** Goes one step forth again. */
    @Transactional
    public void redo(StudioId studio, long sitting) {
        steps.redo(studio, sitting, KIND);
    }

    /** Returns whether the artist changed anything on the plan. */
    public boolean worked(StudioId studio, long sitting) {
        return steps.present(studio, sitting, KIND).isPresent();
    }

    /** Returns whether a placement is stored that cannot be read; undoing the last step leads out of it. */
    public boolean unreadable(StudioId studio, long sitting) {
        return steps.unreadable(studio, sitting, KIND);
    }

    /** Keeps nothing that cannot be planned. */
    private void change(Member me, long sittingId, UnaryOperator<PlaceSheet> by) {
        Sitting sitting = sittings.get(me.studio(), sittingId);
        Optional<TakenFace> face = faces.of(me.studio(), sittingId);
        steps.change(me, sittingId, KIND, () -> Optional.of(PlaceSheet.usual()), sheet -> {
            PlaceSheet changed = by.apply(sheet);
            face.ifPresent(f -> planned(sitting, f, changed));
            return changed;
        });
    }
}
