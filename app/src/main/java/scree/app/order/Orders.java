package scree.app.order;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntUnaryOperator;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.memory.Memories;
import scree.app.method.Level;
import scree.app.method.Method;
import scree.app.method.Methods;
import scree.app.method.Setting;
import scree.app.place.TakenPlan;
import scree.app.sitting.LastTime;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.sitting.Steps;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.core.routine.ByHand;
import scree.core.routine.Cut;
import scree.core.routine.Needs;
import scree.core.routine.OrderCheck;
import scree.core.routine.OrderSchool;
import scree.core.routine.RunningOrder;
import scree.core.routine.SchoolChoice;
import scree.core.routine.StepCode;
import scree.core.routine.TimeCut;

/** The running order of a sitting, and what the artist changed of it. */
@Service
public class Orders {
    private static final Steps.Kind<OrderSheet> KIND = new Steps.Kind<>("ORDER", OrderSheet.class);
    private static final int KEPT = 200;

    private final Sittings sittings;
    private final Steps steps;
    private final LastTime lastTime;
    private final Methods methods;
    private final Gathering gathering;
    private final Cache<Asked, Solved> solved;

    private record Asked(Needs needs, OrderSchool school, OrderSheet sheet) {}

    private record Solved(RunningOrder order, RunningOrder shortest, Optional<TimeCut> cut) {}

    Orders(Sittings sittings, Steps steps, LastTime lastTime, Methods methods, Gathering gathering, Memories memories) {
        this.sittings = sittings;
        this.steps = steps;
        this.lastTime = lastTime;
        this.methods = methods;
        this.gathering = gathering;
        this.solved = memories.keep("running orders", KEPT);
    }

    /** Returns the order as it stands. */
    @Transactional(readOnly = true)
    public TakenOrder of(StudioId studio, long id) {
        return of(studio, id, gathering.plan(studio, id));
    }

    /** Returns the order as it stands of a plan that was worked out already. */
    @Transactional(readOnly = true)
    public TakenOrder of(StudioId studio, long id, Optional<TakenPlan> plan) {
        Sitting sitting = sittings.get(studio, id);
        Optional<Steps.Present<OrderSheet>> kept = steps.present(studio, id, KIND);
        Method first = first(studio, sitting);
        OrderSheet sheet = kept.map(Steps.Present::state).orElseGet(() -> OrderSheet.of(first));
        Gathered gathered = gathering.of(studio, sitting, sheet, first, plan);
        boolean last = kept.isEmpty() && !sheet.equals(OrderSheet.of(methods.of(studio, sitting)));
        SchoolChoice choice = choice(sheet, gathered, kept.isEmpty() ? first.by(Setting.ORDER_SCHOOL) : null);
        Solved answer = solved.get(new Asked(gathered.needs(), choice.school(), sheet), Orders::solve);
        return new TakenOrder(
                sitting,
                sheet,
                kept.map(Steps.Present::seq).orElse(0),
                kept.map(Steps.Present::undoable).orElse(false),
                kept.map(Steps.Present::redoable).orElse(false),
                last,
                gathered,
                choice,
                answer.order(),
                answer.shortest(),
                answer.cut(),
                OrderCheck.of(answer.order()));
    }

    /** @param by who settled the school, null for a hand */
    private static SchoolChoice choice(OrderSheet sheet, Gathered gathered, Level by) {
        if (sheet.school() == null) {
            return SchoolChoice.of(gathered.needs(), gathered.mature());
        }
        if (by == null) {
            return new SchoolChoice(sheet.school(), SchoolChoice.Why.BY_HAND);
        }
        return new SchoolChoice(
                sheet.school(), by == Level.LAST_TIME ? SchoolChoice.Why.LAST_TIME : SchoolChoice.Why.METHOD);
    }

    private static Solved solve(Asked a) {
        Optional<TimeCut> cut = Optional.ofNullable(a.sheet().minutes())
                .map(m -> TimeCut.of(a.needs(), a.school(), 2 * m, a.sheet().kept()));
        Cut left = cut.map(TimeCut::cut).orElse(Cut.none());
        RunningOrder shortest = RunningOrder.of(a.needs(), a.school(), left, Set.of(), List.of());
        RunningOrder order = a.sheet().sequence().isEmpty()
                ? shortest
                : ByHand.kept(
                        a.needs(), a.school(), left, a.sheet().pins(), a.sheet().sequence());
        return new Solved(order, shortest, cut);
    }

    /** What an order starts from: the method of the day, with the way of the client's last time. */
    private Method first(StudioId studio, Sitting sitting) {
        return methods.of(studio, sitting, lastTime.of(studio, sitting, KIND), OrderSheet::chose);
    }

    /** Returns whether the artist changed anything. */
    public boolean worked(StudioId studio, long sitting) {
        return steps.present(studio, sitting, KIND).isPresent();
    }

    boolean unreadable(StudioId studio, long sitting) {
        return steps.unreadable(studio, sitting, KIND);
    }

    /** Changes what was chosen; a step that can be undone. */
    @Transactional
    public void change(Member me, long sitting, UnaryOperator<OrderSheet> by) {
        Sitting of = sittings.get(me.studio(), sitting);
        steps.change(me, sitting, KIND, () -> Optional.of(OrderSheet.of(first(me.studio(), of))), by);
    }

    /**
     * Puts a step elsewhere.
     *
     * @param to its place among the others, from 0
     */
    @Transactional
    public void move(Member me, long sitting, StepCode step, int to) {
        move(me, sitting, step, at -> to);
    }

    /**
     * Moves a step by one place; the first and the last stay where there is none.
     *
     * @param later or earlier
     */
    @Transactional
    public void shift(Member me, long sitting, StepCode step, boolean later) {
        move(me, sitting, step, at -> later ? at + 1 : at - 1);
    }

    private void move(Member me, long sitting, StepCode step, IntUnaryOperator to) {
        TakenOrder taken = of(me.studio(), sitting);
        List<StepCode> now = taken.order().codes();
        if (!now.contains(step)) {
            throw new NotHere("step");
        }
        List<StepCode> moved = ByHand.moved(now, step, to.applyAsInt(now.indexOf(step)));
        if (!moved.equals(now)) {
            put(me, sitting, taken, moved, step);
        }
    }

    /** Brings a step that belongs before another one there. */
    @Transactional
    public void mend(Member me, long sitting, StepCode first, StepCode then) {
        TakenOrder taken = of(me.studio(), sitting);
        OrderCheck.Broken broken = taken.broken().stream()
                .filter(b -> b.first() == first && b.then() == then)
                .findFirst()
                .orElseThrow(() -> new NotHere("step"));
        put(me, sitting, taken, ByHand.mended(taken.order(), broken), null);
    }

    private void put(Member me, long sitting, TakenOrder taken, List<StepCode> sequence, StepCode moved) {
        Set<RunningOrder.Pin> pins = ByHand.pins(taken.order(), sequence, moved);
        boolean asComputed = sequence.equals(taken.shortest().codes());
        change(me, sitting, s -> asComputed ? s.byHand(List.of(), Set.of()) : s.byHand(sequence, pins));
    }

    @Transactional
    public void undo(StudioId studio, long sitting) {
        steps.undo(studio, sitting, KIND);
    }

    @Transactional
    public void redo(StudioId studio, long sitting) {
        steps.redo(studio, sitting, KIND);
    }
}
