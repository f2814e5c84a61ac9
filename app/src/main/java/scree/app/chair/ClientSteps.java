package scree.app.chair;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import scree.app.order.Orders;
import scree.app.studio.StudioId;
import scree.core.colour.Srgb;
import scree.core.routine.Course;
import scree.core.routine.ShortWay;
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

    private static final int HALVES_A_MINUTE = 2;

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

    /** What a client does at home: all of it, and the short way. */
    public record Home(List<Told> steps, int quickMinutes, List<String> quick) {
        public Home {
            steps = List.copyOf(steps);
            quick = List.copyOf(quick);
        }
    }

    /**
     * Returns the steps that were followed at the chair; those of the order where nothing was begun.
     *
     * @param minutes there are for the short way
     */
    @Transactional(readOnly = true)
    public Home of(StudioId studio, long sitting, int minutes) {
        ChairPlan plan = chairs.of(studio, sitting)
                .map(TakenChair::plan)
                .orElseGet(() -> plans.of(studio, orders.of(studio, sitting)));
        ShortWay quick =
                ShortWay.of(plan.course().legs().stream().map(Course.Leg::step).toList(), HALVES_A_MINUTE * minutes);
        return new Home(
                told(plan),
                (quick.halves() + 1) / HALVES_A_MINUTE,
                quick.steps().stream().map(s -> words.step(s.code())).toList());
    }

    private List<Told> told(ChairPlan plan) {
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
}
