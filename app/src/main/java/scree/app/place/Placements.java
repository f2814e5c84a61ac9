package scree.app.place;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.face.FaceSheet;
import scree.app.face.Faces;
import scree.app.face.TakenFace;
import scree.app.judge.RoleShelf;
import scree.app.judge.SittingSkins;
import scree.app.kit.Kit;
import scree.app.memory.Memories;
import scree.app.method.Methods;
import scree.app.method.Setting;
import scree.app.sitting.LastTime;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.sitting.Steps;
import scree.app.skin.Touches;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.judge.RoleWish;
import scree.core.method.PlacementMethod;
import scree.core.placement.Area;
import scree.core.placement.Dose;
import scree.core.placement.Family;
import scree.core.placement.PlacedZone;
import scree.core.placement.Plan;
import scree.core.placement.Planner;
import scree.core.placement.Why;
import scree.core.skin.SkinType;

/** Plans the placement of a sitting, chooses products of the kit for it, keeps what the artist changed. */
@Service
public class Placements {
    private static final int PLANS_KEPT = 50;
    private static final Steps.Kind<PlaceSheet> KIND = new Steps.Kind<>("PLACE", PlaceSheet.class);

    private final Steps steps;
    private final Faces faces;
    private final Sittings sittings;
    private final SittingSkins skins;
    private final ObjectProvider<WorkOrder> order;
    private final RoleShelf shelf;
    private final CheekColour cheeks;
    private final LastTime lastTime;
    private final Methods methods;
    private final Touches touches;
    private final Kit kit;
    private final StudioTime time;
    private final Cache<PlanKey, Plan> plans;

    /** All that a plan depends on. */
    private record PlanKey(
            FaceSheet face, PlaceSheet place, Integer birthYear, int year, int matureFrom, SkinType skinType) {}

    Placements(
            Steps steps,
            Faces faces,
            Sittings sittings,
            SittingSkins skins,
            ObjectProvider<WorkOrder> order,
            RoleShelf shelf,
            CheekColour cheeks,
            LastTime lastTime,
            Methods methods,
            Touches touches,
            Kit kit,
            StudioTime time,
            Memories memories) {
        this.plans = memories.keep("plans", PLANS_KEPT);
        this.touches = touches;
        this.steps = steps;
        this.faces = faces;
        this.sittings = sittings;
        this.skins = skins;
        this.order = order;
        this.shelf = shelf;
        this.cheeks = cheeks;
        this.lastTime = lastTime;
        this.methods = methods;
        this.kit = kit;
        this.time = time;
    }

    /** Returns the plan, or empty while the face has no points. */
    public Optional<TakenPlan> of(StudioId studio, long sittingId) {
        Sitting sitting = sittings.get(studio, sittingId);
        return faces.of(studio, sittingId).map(face -> plan(studio, sitting, face));
    }

    /** Returns the plan numbered in the order of the work. */
    @Transactional(readOnly = true)
    public Optional<TakenPlan> inOrder(StudioId studio, long sittingId) {
        return of(studio, sittingId).map(p -> p.numbered(order.getObject().areas(studio, sittingId, p)));
    }

    private TakenPlan plan(StudioId studio, Sitting sitting, TakenFace face) {
        Optional<Steps.Present<PlaceSheet>> kept = steps.present(studio, sitting.id(), KIND);
        PlaceSheet sheet = kept.map(Steps.Present::state).orElseGet(() -> first(studio, sitting));
        Plan plan = planned(studio, sitting, face, sheet);
        SittingSkins.Known known = skins.of(studio, sitting);
        if (sheet.method().shadow() == PlacementMethod.Shadow.STEPS) {
            known = known.shadowBySteps();
        } else if (sheet.shade() != null) {
            known = sheet.shade().daylight()
                    ? known.ownShadow(sheet.shade().tint())
                    : known.noWarmerShadow(sheet.shade().hueTurn());
        }
        return new TakenPlan(
                sheet,
                face,
                LevelledFace.of(face.points()),
                plan,
                worked(studio, sitting, sheet, plan, known),
                known,
                kept.map(Steps.Present::seq).orElse(0),
                kept.map(Steps.Present::undoable).orElse(false),
                kept.map(Steps.Present::redoable).orElse(false),
                kept.isEmpty() && !sheet.equals(PlaceSheet.of(methods.of(studio, sitting))),
                touches.broken(studio, sitting.id()));
    }

    /** Returns what a plan starts from: the method of the day, with what was done for the client the last time. */
    private PlaceSheet first(StudioId studio, Sitting sitting) {
        Optional<LastTime.Then<PlaceSheet>> then = lastTime.of(studio, sitting, KIND);
        PlaceSheet sheet = PlaceSheet.of(methods.of(studio, sitting, then, PlaceSheet::chose));
        return then.map(t -> sheet.remembering(t.state())).orElse(sheet);
    }

    private Plan planned(StudioId studio, Sitting sitting, TakenFace face, PlaceSheet sheet) {
        int matureFrom = methods.of(studio, sitting).whole(Setting.MATURE_FROM);
        PlanKey key = new PlanKey(
                face.sheet(),
                sheet,
                sitting.client().birthYear(),
                sitting.startsAt().getYear(),
                matureFrom,
                sitting.client().skinType());
        return plans.get(
                key,
                k -> Planner.plan(
                        faces.brief(face, sitting).matureFrom(matureFrom), sheet.method(), sheet.zoneEdits()));
    }

    /** Returns how many areas the plan works on, without looking at the kit. */
    public long areas(StudioId studio, Sitting sitting) {
        return faces.of(studio, sitting.id())
                .map(face -> {
                    PlaceSheet sheet = steps.present(studio, sitting.id(), KIND)
                            .map(Steps.Present::state)
                            .orElseGet(() -> first(studio, sitting));
                    return planned(studio, sitting, face, sheet).zones().stream()
                            .map(PlacedZone::area)
                            .filter(area -> !sheet.off().contains(area.family()))
                            .distinct()
                            .count();
                })
                .orElse(0L);
    }

    private List<WorkedZone> worked(
            StudioId studio, Sitting sitting, PlaceSheet sheet, Plan plan, SittingSkins.Known known) {
        Map<Area, Integer> numbers = new HashMap<>();
        Map<Family, RoleShelf.Answer> answers = new EnumMap<>(Family.class);
        Map<Long, RoleShelf.Candidate> byHand = new HashMap<>();
        Long cheek = cheeks.chosen(studio, sitting).orElse(null);
        List<WorkedZone> worked = new ArrayList<>();
        for (PlacedZone zone : plan.zones()) {
            Family family = zone.area().family();
            if (sheet.off().contains(family)) {
                continue;
            }
            int number = numbers.computeIfAbsent(zone.area(), a -> numbers.size() + 1);
            Long wanted = sheet.products().getOrDefault(zone.area(), family == Family.COLOUR ? cheek : null);
            Optional<RoleShelf.Candidate> chosen = wanted == null
                    ? Optional.empty()
                    : Optional.ofNullable(
                            byHand.computeIfAbsent(wanted, id -> chosen(studio, sitting, family, known, id)));
            RoleShelf.Answer answer = answers.computeIfAbsent(family, f -> answer(studio, sitting, f, known));
            boolean asPowder = zone.reasons().stream().anyMatch(r -> r.code() == Why.FOREHEAD_BY_POWDER);
            worked.add(chosen.or(() -> asPowder ? answer.bestPowder() : answer.best())
                    .map(c -> new WorkedZone(
                            number,
                            zone,
                            c.product(),
                            c.laid(),
                            Dose.of(c.laid(), known.skin(), wish(family, known), zone),
                            c.verdict(),
                            answer))
                    .orElseGet(() -> new WorkedZone(number, zone, null, null, null, null, answer)));
        }
        return worked;
    }

    private RoleShelf.Candidate chosen(
            StudioId studio, Sitting sitting, Family family, SittingSkins.Known known, long id) {
        LocalDate today = time.today(studio);
        return kit.find(studio, id)
                .filter(p -> p.struck(sitting.sensitivities(), today).isEmpty())
                .map(p -> shelf.judge(p, family.wants(), known.skin(), wish(family, known)))
                .orElse(null);
    }

    /** Returns what the kit has for a family on this skin, best first; what the client must not have is left out. */
    RoleShelf.Answer answer(StudioId studio, Sitting sitting, Family family, SittingSkins.Known known) {
        return shelf.ask(studio, sitting, family.wants(), known.skin(), wish(family, known));
    }

    private static RoleWish wish(Family family, SittingSkins.Known known) {
        return known.wish().at(RoleWish.usualStrength(family.wants()));
    }

    // ---- changes: each is a step ----

    /** Changes aim and schools. */
    @Transactional
    public void method(Member me, long sitting, UnaryOperator<PlacementMethod> by) {
        change(me, sitting, sheet -> sheet.with(by.apply(sheet.method())));
    }

    /** Takes the own shadow of a picture; null forgets it. */
    @Transactional
    public void shade(Member me, long sitting, PlaceSheet.Shade shade) {
        change(me, sitting, sheet -> sheet.shaded(shade));
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
        steps.change(me, sittingId, KIND, () -> Optional.of(first(me.studio(), sitting)), sheet -> {
            PlaceSheet changed = by.apply(sheet);
            face.ifPresent(f -> planned(me.studio(), sitting, f, changed));
            return changed;
        });
    }
}
