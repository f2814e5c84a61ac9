package scree.core.routine;

import static scree.core.routine.WorkZone.*;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import scree.core.placement.Area;

/** Areas of a plan that one step works on, both sides at once, with the zones that they reach. */
final class AreaGroup {
    private AreaGroup() {}

    /** What a group of areas asks for: the zones of all, the strongest, how many. */
    record Asked(Set<WorkZone> zones, double strength, int places) {
        Asked and(Set<WorkZone> more, double also) {
            Set<WorkZone> all = EnumSet.copyOf(zones);
            all.addAll(more);
            return new Asked(all, Math.max(strength, also), places + 1);
        }
    }

    /** Returns what a plan asks of each step. */
    static Map<StepCode, Asked> of(Map<Area, Double> areas) {
        Map<StepCode, Asked> all = new EnumMap<>(StepCode.class);
        areas.forEach((area, strength) -> all.merge(
                step(area), new Asked(zones(area), strength, 1), (old, one) -> old.and(one.zones(), one.strength())));
        return all;
    }

    /** Returns the step that lays an area. */
    static StepCode step(Area area) {
        return switch (area) {
            case SUN_FOREHEAD, SUN_CHEEK, SUN_NOSE, SUN_CHIN -> StepCode.SUN;
            case SUN_NECK -> StepCode.SUN_NECK;
            case HAIRLINE_SHADOW, TEMPLE_SHADOW -> StepCode.SH_FOREHEAD;
            case CHEEK_SHADOW -> StepCode.SH_CHEEK;
            case JAW_SHADOW, UNDER_CHIN_SHADOW, CHIN_SHADOW -> StepCode.SH_JAW;
            case NOSE_SHADOW, NOSE_TIP_SHADOW -> StepCode.SH_NOSE;
            case UNDER_LIP_SHADOW -> StepCode.SH_LIP;
            case BLUSH, BLUSH_OVER_NOSE -> StepCode.BLUSH;
            case UNDER_EYE_LIGHT, INNER_EYE_LIGHT, EYE_CORNER_LIGHT -> StepCode.LI_EYE;
            case BRIDGE_LIGHT, FOREHEAD_LIGHT, UNDER_BROW_LIGHT, LIP_BOW_LIGHT, CHIN_LIGHT -> StepCode.LI_CENTRE;
            case MOUTH_CORNER_LIGHT, FOLD_LIGHT, MARIONETTE_LIGHT -> StepCode.LI_MOUTH;
            case CLEAN_LINE, JAW_EDGE_LIGHT -> StepCode.LI_LINE;
            case T_POWDER, NOSE_SIDE_POWDER, UPPER_LIP_POWDER -> StepCode.PO_T;
            case UNDER_EYE_POWDER -> StepCode.PO_EYE;
            case LID_POWDER -> StepCode.PO_LID;
            case CLEAN_LINE_POWDER -> StepCode.PO_LINE;
            case ALL_OVER_POWDER -> StepCode.PO_ALL;
            case CHEEK_TOP_SHEEN,
                    BROW_BONE_SHEEN,
                    BRIDGE_SHEEN,
                    NOSE_TIP_SHEEN,
                    LIP_BOW_SHEEN,
                    INNER_CORNER_SHEEN,
                    CHIN_SHEEN -> StepCode.SHEEN;
        };
    }

    /** Returns where an area lies. */
    static Set<WorkZone> zones(Area area) {
        return switch (area) {
            case SUN_CHEEK -> EnumSet.of(TEMPLE, CHEEK);
            case SUN_FOREHEAD, HAIRLINE_SHADOW, FOREHEAD_LIGHT -> EnumSet.of(FOREHEAD);
            case SUN_NOSE,
                    NOSE_SHADOW,
                    NOSE_TIP_SHADOW,
                    BLUSH_OVER_NOSE,
                    BRIDGE_LIGHT,
                    NOSE_SIDE_POWDER,
                    BRIDGE_SHEEN,
                    NOSE_TIP_SHEEN -> EnumSet.of(NOSE);
            case SUN_CHIN,
                    UNDER_LIP_SHADOW,
                    LIP_BOW_LIGHT,
                    CHIN_LIGHT,
                    MOUTH_CORNER_LIGHT,
                    FOLD_LIGHT,
                    MARIONETTE_LIGHT,
                    UPPER_LIP_POWDER,
                    LIP_BOW_SHEEN,
                    CHIN_SHEEN -> EnumSet.of(MOUTH);
            case SUN_NECK -> EnumSet.of(NECK);
            case TEMPLE_SHADOW, UNDER_BROW_LIGHT, BROW_BONE_SHEEN -> EnumSet.of(TEMPLE);
            case CHEEK_SHADOW, CLEAN_LINE, CLEAN_LINE_POWDER -> EnumSet.of(OUTER);
            case JAW_SHADOW, UNDER_CHIN_SHADOW -> EnumSet.of(JAW, NECK);
            case CHIN_SHADOW, JAW_EDGE_LIGHT -> EnumSet.of(JAW);
            case BLUSH -> EnumSet.of(CHEEK, OUTER);
            case UNDER_EYE_LIGHT, UNDER_EYE_POWDER, INNER_CORNER_SHEEN -> EnumSet.of(UNDER_EYE);
            case INNER_EYE_LIGHT -> EnumSet.of(UNDER_EYE, NOSE);
            case EYE_CORNER_LIGHT -> EnumSet.of(UNDER_EYE, TEMPLE);
            case T_POWDER -> EnumSet.of(FOREHEAD, NOSE, MOUTH);
            case LID_POWDER -> EnumSet.of(LID);
            case CHEEK_TOP_SHEEN -> EnumSet.of(CHEEK);
            case ALL_OVER_POWDER -> EnumSet.of(FOREHEAD, TEMPLE, NOSE, CHEEK, OUTER, MOUTH, JAW);
        };
    }
}
