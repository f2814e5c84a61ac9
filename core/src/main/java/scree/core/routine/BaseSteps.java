package scree.core.routine;

import static scree.core.routine.Amount.Kind.*;
import static scree.core.routine.StepCode.*;
import static scree.core.routine.WorkZone.*;

import java.util.EnumSet;
import java.util.Set;
import scree.core.reason.Reason;
import scree.core.shade.Coverage;
import scree.core.shade.Form;

/** The base as the school lays it, skin-depth cover and spots. */
final class BaseSteps {
    /** Minutes until a base is set enough to go on; its colour is judged later. */
    private static final double WET_WAIT = 1.5;

    private static final double CREAM_WAIT = 1;
    private static final double PRESS_WAIT = .5;
    /** Minutes more or less than a medium base. */
    private static final double SHEER_SAVES = .5;

    private static final double FULL_LONGER = 2;
    private static final double EASED_SAVES = 1;
    /** Of a sheer, medium and full base: pumps, drops, pea sizes, stripes of a stick. 0.3, 0.6 and 0.9 ml. */
    private static final double[] PUMP_COUNT = {1, 2.5, 3.5};

    private static final double[] DROP_COUNT = {6, 12, 18};
    private static final double[] PEA_COUNT = {2, 4, 6};
    private static final double[] STRIPE_COUNT = {6, 10, 14};

    private final StepList list;
    private final Needs needs;
    private final Needs.Base base;

    BaseSteps(StepList list) {
        this.list = list;
        this.needs = list.needs;
        this.base = needs.base();
    }

    void add() {
        if (base != null) {
            switch (list.school) {
                case BASE_FIRST -> first();
                case UNDERPAINTING -> seams();
                case ONE_LAYER -> main();
                case POWDER_ONLY -> powder();
                case QUICK_GLOW -> list.remark(Reason.note(OrderCode.BASE_LEFT_OUT));
            }
        }
        Set<WorkZone> cover = needs.correction().cover();
        if (!cover.isEmpty()) {
            list.step(COVER, cover)
                    .of(TAPS, 2 * cover.size())
                    .longer(CorrectSteps.FURTHER_ZONE * (cover.size() - 1))
                    .add();
        }
        var spots = needs.correction().spots();
        if (!spots.isEmpty()) {
            list.step(SPOTS, EnumSet.copyOf(spots))
                    .of(DOTS, spots.size())
                    .longer(CorrectSteps.FURTHER_ZONE * (spots.size() - 1))
                    .add();
        }
    }

    private double longer() {
        if (list.cut.eases(Cut.Ease.BASE)) {
            return -EASED_SAVES;
        }
        return switch (base.coverage()) {
            case SHEER -> -SHEER_SAVES;
            case MEDIUM -> 0;
            case FULL -> FULL_LONGER;
        };
    }

    private void first() {
        if (base.form() == Form.POWDER) {
            list.step(BASE_POWDER, StepList.BUT_LIDS)
                    .of(TAPS_HALF_ON_FOREHEAD, 4)
                    .longer(longer())
                    .powder(true)
                    .add();
            neck(true);
            return;
        }
        double wait = base.form() == Form.CREAM || base.form() == Form.STICK ? CREAM_WAIT : WET_WAIT;
        list.step(BASE, StepList.BUT_LIDS)
                .of(unit(base.form()), count(base.form(), base.coverage()))
                .longer(longer())
                .waiting(wait)
                .add();
        if (base.twoShades()) {
            list.step(BASE_OUTER, EnumSet.of(FOREHEAD, TEMPLE, OUTER, JAW))
                    .of(HALF_AS_MUCH_DEEPER, 0)
                    .waiting(wait)
                    .add();
        }
        if (base.coverage() != Coverage.SHEER) {
            list.step(BASE_PRESS, StepList.BUT_LIDS)
                    .of(DAMP_SPONGE, 0)
                    .waiting(PRESS_WAIT)
                    .add();
        }
        neck(false);
    }

    private static Amount.Kind unit(Form form) {
        return switch (form) {
            case DROPS -> DROPS;
            case CREAM -> PEA_SIZES;
            case STICK -> STRIPES;
            default -> PUMPS;
        };
    }

    private static double count(Form form, Coverage coverage) {
        double[] counts = switch (form) {
            case DROPS -> DROP_COUNT;
            case CREAM -> PEA_COUNT;
            case STICK -> STRIPE_COUNT;
            default -> PUMP_COUNT;
        };
        return counts[coverage.ordinal()];
    }

    private void seams() {
        Amount.Kind unit = switch (base.form()) {
            case LIQUID -> PUMPS;
            case CREAM -> PEA_SIZES;
            case STICK -> STRIPES;
            default -> DROPS;
        };
        double count = switch (base.form()) {
            case LIQUID -> 1;
            case CREAM -> 1.5;
            case STICK -> 4;
            default -> 6;
        };
        list.step(BASE_SEAMS, StepList.BUT_LIDS).of(unit, count).add();
        neck(false);
    }

    private void main() {
        Set<WorkZone> zones = EnumSet.of(FOREHEAD, CHEEK, MOUTH, JAW);
        if (!needs.correction().zones().contains(LID)) {
            zones.add(LID);
        }
        list.step(MAIN, zones).of(TAPS_OF_LOADS, 4, 4).placed(true).add();
        neck(false);
    }

    private void powder() {
        boolean oily = needs.skin().oily();
        list.step(BASE_POWDER, StepList.BUT_LIDS)
                .of(TAPS_HALF_ON_FOREHEAD, oily ? 3 : 4)
                .longer(Math.max(0, longer()))
                .powder(true)
                .add();
        neck(true);
        if (needs.skin().dry() || needs.skin().creped()) {
            list.remark(Reason.check(OrderCode.SCHOOL_SKIN));
        }
    }

    private void neck(boolean powder) {
        if (base.neck()) {
            list.step(StepCode.NECK, EnumSet.of(WorkZone.NECK))
                    .of(WHAT_IS_LEFT, 0)
                    .powder(powder)
                    .add();
        }
    }
}
