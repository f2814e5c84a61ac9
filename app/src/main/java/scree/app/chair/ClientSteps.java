package scree.app.chair;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import scree.app.order.Orders;
import scree.app.order.TakenOrder;
import scree.app.studio.StudioId;
import scree.core.colour.Srgb;
import scree.core.routine.Course;
import scree.core.routine.StepCode;
import scree.core.shade.Role;

/** The steps of a sitting as somebody does them again at home: in the chair's order, without what only an artist does. */
@Component
public class ClientSteps {
    /** What belongs to the studio, not to the face. */
    private static final Set<StepCode> ARTIST = EnumSet.of(
            StepCode.ASK,
            StepCode.LIGHT,
            StepCode.KIT,
            StepCode.TOOLS,
            StepCode.CARD,
            StepCode.LOOK,
            StepCode.FLASH,
            StepCode.PHOTO);

    private final Chairs chairs;
    private final ChairPlans plans;
    private final Orders orders;
    private final ChairWords words;

    ClientSteps(Chairs chairs, ChairPlans plans, Orders orders, ChairWords words) {
        this.chairs = chairs;
        this.plans = plans;
        this.orders = orders;
        this.words = words;
    }

    /**
     * One step.
     *
     * @param number in this list, from 1
     * @param how what the hand does
     * @param amount in words, may be empty
     */
    public record Told(int number, StepCode code, String step, String how, String amount, List<With> with) {
        public Told {
            with = List.copyOf(with);
        }
    }

    /**
     * A product or mix.
     *
     * @param id of the kit, null for a mix
     * @param role null for a mix
     * @param colour as settled
     */
    public record With(Long id, Role role, String name, String colour) {}

    /** Returns the steps that were followed at the chair; those of the order where nothing was begun. */
    @Transactional(readOnly = true)
    public List<Told> of(StudioId studio, long sitting) {
        ChairPlan plan = chairs.of(studio, sitting)
                .map(TakenChair::plan)
                .orElseGet(() -> plans.of(studio, orders.of(studio, sitting)));
        List<Told> steps = new ArrayList<>();
        for (Course.Leg leg : plan.course().legs()) {
            if (!ARTIST.contains(leg.code())) {
                steps.add(new Told(
                        steps.size() + 1,
                        leg.code(),
                        words.step(leg.code()),
                        words.doing(leg.code()),
                        words.amount(leg.step()),
                        plan.wares(leg.code()).stream()
                                .map(w -> new With(w.id(), w.role(), w.name(), Srgb.hex(w.colour())))
                                .toList()));
            }
        }
        return steps;
    }

    /**
     * The short version.
     *
     * @param minutes it takes; more than asked where nothing more can be left
     */
    public record Quick(int minutes, List<String> steps) {}

    /** Returns what is left when there are only so many minutes. */
    @Transactional(readOnly = true)
    public Quick quick(StudioId studio, long sitting, int minutes) {
        TakenOrder order = orders.of(studio, sitting);
        Orders.Quick quick = orders.quick(order, minutes);
        return new Quick(
                quick.minutes(),
                quick.codes().stream()
                        .filter(c -> !ARTIST.contains(c))
                        .map(words::step)
                        .toList());
    }
}
