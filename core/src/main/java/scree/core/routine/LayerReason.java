package scree.core.routine;

import java.util.EnumSet;
import java.util.Set;
import scree.core.reason.Severity;

/** Why a layer goes before another where they meet, and how bad the opposite is: the first that holds. */
record LayerReason(OrderCode code, Severity severity) {
    private static final Set<WorkLayer> NOT_UNDER_POWDER =
            EnumSet.of(WorkLayer.EYE_DRY, WorkLayer.SPRAY, WorkLayer.BROW);
    private static final Set<WorkLayer> NO_POWDER_OF_ITS_OWN =
            EnumSet.of(WorkLayer.EYE_DRY, WorkLayer.LOOK, WorkLayer.RETOUCH);

    static LayerReason of(Step a, Step b, OrderSchool school) {
        LayerReason by = byEarlier(a, b);
        by = by == null ? byPowder(a, b) : by;
        by = by == null ? byWet(a, b) : by;
        return by == null ? byLater(a, b, school) : by;
    }

    private static LayerReason byEarlier(Step a, Step b) {
        return switch (a.layer()) {
            case SAFE -> a.code() == StepCode.ASK ? error(OrderCode.SAFE_FIRST) : caution(OrderCode.LIGHT_FIRST);
            case CARE -> care(a, b);
            case PRIME -> moist(b) ? error(OrderCode.DRY_FOR_POWDER) : caution(OrderCode.PRIME_UNDER);
            default -> byCover(a, b);
        };
    }

    private static LayerReason care(Step a, Step b) {
        if (a.code() == StepCode.SOFTEN) {
            return caution(OrderCode.SOFTEN_FIRST);
        }
        if (b.layer() == WorkLayer.CARE) {
            return caution(OrderCode.LIGHT_TO_RICH);
        }
        return moist(b) ? error(OrderCode.DRY_FOR_POWDER) : caution(OrderCode.LET_SETTLE);
    }

    /** Whether powder base comes onto skin that may still be moist. */
    private static boolean moist(Step b) {
        return b.powder() && b.code().name().startsWith("BASE");
    }

    private static LayerReason byCover(Step a, Step b) {
        if (a.code().heavy() || b.code().heavy()) {
            return caution(OrderCode.HEAVY_CHAIN);
        }
        if (a.layer() == WorkLayer.EYE_DRY && a.at(WorkZone.UNDER_EYE)) {
            return caution(OrderCode.FALLOUT_FIRST);
        }
        if (a.layer() == WorkLayer.CORRECT) {
            return b.layer() == WorkLayer.LIGHT
                    ? error(OrderCode.CORRECT_BEFORE_LIGHT)
                    : caution(OrderCode.CORRECT_FIRST);
        }
        if (a.layer() == WorkLayer.CREASE) {
            return b.code() == StepCode.PO_EYE ? error(OrderCode.CREASE_PRESSED) : taste(OrderCode.SCHOOL_ORDER);
        }
        return null;
    }

    private static LayerReason byPowder(Step a, Step b) {
        boolean cream = !a.powder() && b.powder();
        return cream && !NOT_UNDER_POWDER.contains(a.layer()) && !NO_POWDER_OF_ITS_OWN.contains(b.layer())
                ? error(OrderCode.CREAM_BEFORE_POWDER)
                : null;
    }

    private static LayerReason byWet(Step a, Step b) {
        if (a.layer() == WorkLayer.SPRAY && (b.layer() == WorkLayer.EYE_WET || b.layer() == WorkLayer.BROW_WET)) {
            return error(OrderCode.SPRAY_BEFORE_WET);
        }
        return a.layer() == WorkLayer.EYE_WET && b.layer() == WorkLayer.MIST ? error(OrderCode.MASCARA_DRY) : null;
    }

    private static LayerReason byLater(Step a, Step b, OrderSchool school) {
        WorkLayer last = b.layer();
        if (last == WorkLayer.SHEEN) {
            return caution(OrderCode.BLEND_BEFORE_SHEEN);
        }
        if (last == WorkLayer.SPOT) {
            return caution(OrderCode.SPOT_LAST);
        }
        if (a.layer() == WorkLayer.BASE && school == OrderSchool.BASE_FIRST) {
            return caution(OrderCode.BASE_UNDER_SHAPE);
        }
        if (last == WorkLayer.LIPS && a.layer() == WorkLayer.POWDER) {
            return caution(OrderCode.LIPS_AFTER_POWDER);
        }
        if (last == WorkLayer.SWEEP || a.layer() == WorkLayer.SWEEP && !named(last)) {
            return caution(OrderCode.BAKE_SWEPT);
        }
        return switch (last) {
            case SEAM -> caution(OrderCode.SHAPE_UNDER_BASE);
            case BLEND -> caution(OrderCode.PLACE_THEN_BLEND);
            case MAIN -> caution(OrderCode.NO_OVERLAP);
            case REINFORCE -> taste(OrderCode.REINFORCE_ON_SET);
            case RETOUCH -> taste(OrderCode.LAST_COLOUR);
            case MIST -> taste(OrderCode.MIST_LAST);
            case LOOK -> caution(OrderCode.LOOK_LAST);
            default -> taste(OrderCode.SCHOOL_ORDER);
        };
    }

    private static boolean named(WorkLayer last) {
        return last == WorkLayer.SEAM || last == WorkLayer.BLEND || last == WorkLayer.MAIN;
    }

    static LayerReason error(OrderCode code) {
        return new LayerReason(code, Severity.CAUTION);
    }

    static LayerReason caution(OrderCode code) {
        return new LayerReason(code, Severity.CHECK);
    }

    static LayerReason taste(OrderCode code) {
        return new LayerReason(code, Severity.NOTE);
    }
}
