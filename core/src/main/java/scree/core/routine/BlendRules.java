package scree.core.routine;

import static scree.core.routine.LayerReason.caution;
import static scree.core.routine.LayerReason.taste;
import static scree.core.routine.StepCode.*;

import java.util.List;
import scree.core.shade.Form;

/** Order within a family, and between placing and blending. */
final class BlendRules {
    /** How long a placed cream, or a stick, can still be blended. Half minutes. */
    private static final int CREAM_OPEN = 30;

    private static final int STICK_OPEN = 20;

    private final Arcs arcs;
    private final Needs needs;
    private final OrderSchool school;

    BlendRules(Arcs arcs, Needs needs, OrderSchool school) {
        this.arcs = arcs;
        this.needs = needs;
        this.school = school;
    }

    void add() {
        if (school == OrderSchool.ONE_LAYER) {
            placedThenBlended();
        } else if (school != OrderSchool.QUICK_GLOW) {
            shaped();
        }
        List<Step> steps = arcs.steps();
        for (int i = 0; i < steps.size(); i++) {
            for (int j = 0; j < steps.size(); j++) {
                wholeFaceFirst(i, j, steps.get(i), steps.get(j));
            }
        }
    }

    private void placedThenBlended() {
        LayerReason taste = taste(OrderCode.BLEND_ORDER);
        if (needs.blends(Needs.Blend.BOTTOM_UP)) {
            arcs.row(taste, BL_JAW, BL_LOWER, BL_CHEEK, BL_EYE, BL_FOREHEAD);
        } else {
            arcs.row(taste, BL_LIGHT, BL_MAIN, BL_COLOUR, BL_SHADOW);
        }
        boolean stick = needs.base() != null && needs.base().form() == Form.STICK;
        int open = stick ? STICK_OPEN : CREAM_OPEN;
        for (Step s : arcs.steps()) {
            switch (s.layer()) {
                case SHADOW, LIGHT, CORRECT, COVER -> arcs.put(s.code(), MAIN, 0, caution(OrderCode.NO_OVERLAP));
                default -> {}
            }
            if (s.placed()) {
                for (Step blend : arcs.steps()) {
                    if (blend.layer() == WorkLayer.BLEND) {
                        arcs.put(
                                s.code(),
                                blend.code(),
                                0,
                                s.meets(blend) ? open : null,
                                caution(OrderCode.PLACE_THEN_BLEND));
                    }
                }
            }
        }
    }

    private void shaped() {
        boolean lightFirst = needs.blends(Needs.Blend.LIGHT_FIRST) || needs.blends(Needs.Blend.USUAL);
        if (lightFirst && school == OrderSchool.BASE_FIRST) {
            for (Step light : arcs.steps()) {
                for (Step shadow : arcs.steps()) {
                    if (light.layer() == WorkLayer.LIGHT && shadow.layer() == WorkLayer.SHADOW && !shadow.powder()) {
                        arcs.put(light.code(), shadow.code(), 0, taste(OrderCode.BLEND_ORDER));
                    }
                }
            }
        }
        if (needs.blends(Needs.Blend.BOTTOM_UP)) {
            arcs.row(taste(OrderCode.BLEND_ORDER), SH_JAW, SH_LIP, SH_CHEEK, SH_NOSE, SH_FOREHEAD);
        }
    }

    /** Primer, then corrector, for the whole face: no clean hand goes back. */
    private void wholeFaceFirst(int i, int j, Step a, Step b) {
        if (a.layer() == WorkLayer.PRIME && b.layer().colours()) {
            arcs.put(i, j, 0, null, taste(OrderCode.PRIME_UNDER));
        }
        boolean shaping = b.layer() == WorkLayer.SHADOW || b.layer() == WorkLayer.COVER || b.layer() == WorkLayer.LIGHT;
        if (a.layer() == WorkLayer.CORRECT && school == OrderSchool.UNDERPAINTING && shaping) {
            arcs.put(i, j, 0, null, taste(OrderCode.CORRECT_FIRST));
        }
    }
}
