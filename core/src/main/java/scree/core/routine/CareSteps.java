package scree.core.routine;

import static scree.core.routine.Amount.Kind.*;
import static scree.core.routine.StepCode.*;
import static scree.core.routine.WorkZone.*;

import java.util.EnumSet;
import java.util.Set;

/** Questions, light, care and primer. */
final class CareSteps {
    /** Minutes that moisture needs before something is laid on it: dry skin gets twice the cream, gel on oily skin sinks fast. */
    private static final double DRY_WAIT = 4;

    private static final double USUAL_WAIT = 3;
    private static final double OILY_WAIT = 2;
    /** Moist skin makes powder grab and turn dark. Minutes. */
    private static final double MORE_UNDER_POWDER = 2;
    /** What blotting saves of that wait, and what stays of it, minutes. */
    private static final double BLOTTED = 1.5;

    private static final double LEAST_WAIT = 1;

    private final StepList list;
    private final Needs.Care care;
    private final Needs.Skin skin;

    CareSteps(StepList list) {
        this.list = list;
        this.care = list.needs.care();
        this.skin = list.needs.skin();
    }

    void add() {
        list.step(ASK).add();
        list.step(LIGHT).add();
        clean();
        moisten();
        boolean shortened = list.cut.eases(Cut.Ease.MOIST_WAIT);
        if (shortened || list.school(OrderSchool.POWDER_ONLY) && list.needs.base() != null) {
            list.step(BLOT, StepList.BUT_LIDS).of(TISSUES, 1).add();
        }
        care.primers().forEach(this::prime);
    }

    private void clean() {
        if (care.cleanse()) {
            list.step(CLEANSE, StepList.FACE).of(PADS, 1).add();
        }
        if (care.tone()) {
            list.step(TONE, StepList.BUT_LIDS).of(PADS, 1).add();
        }
        if (care.soften() != null) {
            list.step(SOFTEN, Set.of(care.soften())).of(SOAKED_BUDS, 1).add();
        }
    }

    private void moisten() {
        if (care.serum()) {
            list.step(SERUM, StepList.BUT_LIDS)
                    .of(DROPS, skin.dry() ? 4 : skin.oily() ? 2 : 3)
                    .add();
        }
        double wait = skin.dry() ? DRY_WAIT : skin.oily() ? OILY_WAIT : USUAL_WAIT;
        wait += list.school(OrderSchool.POWDER_ONLY) ? MORE_UNDER_POWDER : 0;
        wait = list.cut.eases(Cut.Ease.MOIST_WAIT) ? Math.max(LEAST_WAIT, wait - BLOTTED) : wait;
        list.step(MOIST, StepList.BUT_LIDS)
                .of(skin.oily() ? GEL_PEA_SIZES : PEA_SIZES, skin.dry() ? 2 : skin.oily() ? 1 : 1.5)
                .waiting(wait)
                .add();
        if (care.eyeCream()) {
            list.step(EYECARE, EnumSet.of(UNDER_EYE)).of(RICE_GRAINS_AN_EYE, 1).add();
        }
        if (list.needs.finish().lips() != Needs.Lips.NONE) {
            list.step(LIPCARE, EnumSet.of(LIPS)).of(RICE_GRAINS, 1).add();
        }
        if (care.sunCare()) {
            list.step(SUNCARE, StepList.BUT_LIDS).of(PEA_SIZES_WITH_NECK, 6).add();
        }
    }

    private void prime(Needs.Primer primer) {
        switch (primer) {
            case HYDRATE ->
                list.step(PR_HYDRATE, EnumSet.of(TEMPLE, CHEEK, OUTER, UNDER_EYE))
                        .of(PEA_SIZES, 1)
                        .add();
            case PORES ->
                list.step(PR_PORES, EnumSet.of(NOSE, CHEEK)).of(PEA_SIZES, .5).add();
            case MATTE ->
                list.step(PR_MATTE, EnumSet.of(FOREHEAD, NOSE, MOUTH))
                        .of(PEA_SIZES, .5)
                        .add();
        }
    }
}
