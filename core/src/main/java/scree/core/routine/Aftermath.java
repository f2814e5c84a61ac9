package scree.core.routine;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import scree.core.reason.Severity;

/** What a deviation at the chair asks for. It never blocks: the artist is told and goes on. */
public final class Aftermath {
    private final OrderSchool school;
    private final List<Step> steps;
    private final Map<StepCode, Step> by;
    private final List<Arc> arcs;

    private Aftermath(Needs needs, OrderSchool school, List<Step> steps) {
        this.school = school;
        this.steps = steps;
        this.by = steps.stream().collect(Collectors.toMap(Step::code, s -> s));
        this.arcs = Rules.of(steps, needs, school);
    }

    /** Asks in a whole order. */
    public static Aftermath in(Needs needs, OrderSchool school) {
        return new Aftermath(
                needs, school, StepList.of(needs, school, Cut.none()).steps());
    }

    /** Asks in what is followed at a chair. */
    public static Aftermath in(Needs needs, OrderSchool school, Course course) {
        return new Aftermath(
                needs,
                school,
                course.legs().stream()
                        .map(Course.Leg::step)
                        .sorted(java.util.Comparator.comparing(Step::code))
                        .toList());
    }

    /** What was different. */
    public enum Event {
        MORE,
        REPEATED,
        LESS,
        OTHER_PRODUCT,
        SKIPPED,
        UNDONE
    }

    /** What is to be done or looked at; words live in messages. */
    public enum Ask {
        /** Cream where powder lies: do not rub, mist or a bare damp sponge first, press it on. */
        CREAM_ON_POWDER,
        PRESS_SPONGE,
        POWDER_AGAIN,
        CREASE_LOOK,
        LIFT_WITH_DAMP_SPONGE,
        JAW_LOOK,
        CAKE_LOOK,
        MIST_MELTS,
        SOFTEN_EDGE,
        BALANCE_OTHER_SIDE,
        WAIT_LONGER,
        DROPS_BLOT,
        NEXT_LIGHTER,
        DARK_LOOK,
        HEAVY_ON_SHEER,
        ALLERGEN_LOOK,
        CARRIER_LOOK,
        WAIT_OF_NEW_FORM,
        NEW_BASE_MATCH,
        DRY_DOWN_AGAIN,
        MISSED_BEFORE,
        NOT_SKIPPABLE,
        CLEAN_OFF,
        REDO_THERE,
        UNDER_EYE_AGAIN;

        /** Returns whether its step is to be done again, and not only to be looked at. */
        public boolean bringsUp() {
            return this == POWDER_AGAIN || this == CREASE_LOOK || this == REDO_THERE;
        }
    }

    /**
     * One thing that is asked.
     *
     * @param at the step that it is about
     * @param halves half minutes that it takes
     */
    public record Asked(Ask ask, StepCode at, int halves) {}

    /**
     * Returns what an event asks for.
     *
     * @param done steps so far in the order they were done, this one among them where it was done
     * @throws IllegalArgumentException for a step that is not in this order
     */
    public List<Asked> of(Event event, StepCode code, List<StepCode> done) {
        Step step = by.get(code);
        if (step == null) {
            throw new IllegalArgumentException(code + " is not in this order");
        }
        List<Step> before = done.stream().filter(by::containsKey).map(by::get).toList();
        return switch (event) {
            case MORE, REPEATED -> more(step, before);
            case LESS -> less(step);
            case OTHER_PRODUCT -> other(step);
            case SKIPPED -> skipped(step);
            case UNDONE -> undone(step, before);
        };
    }

    private static List<Asked> more(Step step, List<Step> done) {
        StepCode code = step.code();
        List<Step> powders = done.stream().filter(s -> setsThere(s, step)).toList();
        boolean underEye = step.at(WorkZone.UNDER_EYE);
        boolean covered = !powders.isEmpty() && done.indexOf(powders.get(0)) < done.size() - 1;
        if (!step.powder() && covered && step.layer().colours()) {
            return List.of(
                    new Asked(Ask.CREAM_ON_POWDER, code, 1),
                    new Asked(Ask.PRESS_SPONGE, code, 1),
                    new Asked(Ask.POWDER_AGAIN, powders.get(powders.size() - 1).code(), 1));
        }
        return switch (step.layer()) {
            case LIGHT, CORRECT, COVER ->
                underEye
                        ? List.of(new Asked(Ask.PRESS_SPONGE, code, 1), new Asked(Ask.CREASE_LOOK, StepCode.CREASE, 1))
                        : List.of();
            case BASE, POWDER -> base(step);
            case SHADOW, SUN, COLOUR, REINFORCE ->
                List.of(new Asked(Ask.SOFTEN_EDGE, code, 1), new Asked(Ask.BALANCE_OTHER_SIDE, code, 1));
            case SPRAY -> List.of(new Asked(Ask.WAIT_LONGER, code, 2), new Asked(Ask.DROPS_BLOT, code, 1));
            default -> List.of();
        };
    }

    private static List<Asked> base(Step step) {
        return step.powder()
                ? List.of(new Asked(Ask.CAKE_LOOK, step.code(), 1), new Asked(Ask.MIST_MELTS, StepCode.SPRAY, 3))
                : List.of(
                        new Asked(Ask.LIFT_WITH_DAMP_SPONGE, step.code(), 2),
                        new Asked(Ask.JAW_LOOK, StepCode.NECK, 1));
    }

    private static boolean setsThere(Step powder, Step step) {
        WorkLayer layer = powder.layer();
        boolean sets = layer == WorkLayer.POWDER || layer == WorkLayer.BASE || layer == WorkLayer.REINFORCE;
        return powder.powder() && sets && powder.meets(step);
    }

    private static List<Asked> less(Step step) {
        List<Asked> all = new ArrayList<>(List.of(new Asked(Ask.NEXT_LIGHTER, step.code(), 0)));
        if (step.layer() == WorkLayer.CORRECT) {
            all.add(new Asked(Ask.DARK_LOOK, StepCode.LI_EYE, 1));
        }
        if (step.layer() == WorkLayer.BASE) {
            all.add(new Asked(Ask.HEAVY_ON_SHEER, StepCode.SH_CHEEK, 1));
        }
        return all;
    }

    private static List<Asked> other(Step step) {
        List<Asked> all = new ArrayList<>(List.of(
                new Asked(Ask.ALLERGEN_LOOK, step.code(), 1),
                new Asked(Ask.CARRIER_LOOK, step.code(), 0),
                new Asked(Ask.WAIT_OF_NEW_FORM, step.code(), 0)));
        if (step.layer() == WorkLayer.BASE) {
            all.add(new Asked(Ask.NEW_BASE_MATCH, StepCode.NECK, 1));
            all.add(new Asked(Ask.DRY_DOWN_AGAIN, StepCode.LOOK, 0));
        }
        return all;
    }

    private List<Asked> skipped(Step step) {
        if (step.layer() == WorkLayer.SAFE) {
            return List.of(new Asked(Ask.NOT_SKIPPABLE, step.code(), 0));
        }
        return arcs.stream()
                .filter(a ->
                        a.severity() == Severity.CAUTION && steps.get(a.from()).code() == step.code())
                .sorted(java.util.Comparator.comparingInt(Arc::to))
                .map(a -> new Asked(Ask.MISSED_BEFORE, steps.get(a.to()).code(), 0))
                .toList();
    }

    private List<Asked> undone(Step step, List<Step> done) {
        List<Asked> all = new ArrayList<>(List.of(new Asked(Ask.CLEAN_OFF, step.code(), 2)));
        Set<StepCode> codes = done.stream().map(Step::code).collect(Collectors.toSet());
        steps.stream()
                .filter(s -> codes.contains(s.code()) && s.code() != step.code() && s.meets(step))
                .filter(s -> s.layer().colours() || s.layer() == WorkLayer.PRIME)
                .filter(s -> school.rank(s.layer(), 0) >= school.rank(WorkLayer.CORRECT))
                .forEach(s -> all.add(new Asked(Ask.REDO_THERE, s.code(), 1)));
        if (step.layer() == WorkLayer.EYE_DRY || step.layer() == WorkLayer.EYE_WET) {
            all.add(new Asked(Ask.UNDER_EYE_AGAIN, StepCode.LI_EYE, 1));
        }
        return all;
    }
}
