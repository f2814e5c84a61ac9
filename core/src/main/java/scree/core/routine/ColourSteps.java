package scree.core.routine;

import static scree.core.routine.Amount.Kind.*;
import static scree.core.routine.StepCode.*;
import static scree.core.routine.WorkZone.*;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import scree.core.placement.Family;
import scree.core.reason.Reason;

/** Light, shadow, sun and colour of a plan, and their blending where the school places first and blends later. */
final class ColourSteps {
    /** Minutes more where a step has many places, and minutes less where it only places. */
    private static final double MANY_LONGER = .5;

    private static final double PLACED_SAVES = .5;
    private static final int MANY_LIGHTS = 4;
    /** Minutes until a cream may be met. */
    private static final double CREAM_WAIT = .5;
    /** Creams on oily skin slide, light on creped skin lies in its lines: less of it. */
    private static final double OILY_SHARE = .8;

    private static final double CREPED_SHARE = .5;

    private final StepList list;
    private final Needs needs;
    private final boolean places;

    ColourSteps(StepList list) {
        this.list = list;
        this.needs = list.needs;
        this.places = list.school(OrderSchool.ONE_LAYER);
    }

    void add() {
        AreaGroup.of(needs.areas()).forEach((code, asked) -> {
            Family family = family(code);
            if (family != null && !leftOut(code, family)) {
                lay(code, family, asked);
            }
        });
        if (list.school(OrderSchool.UNDERPAINTING)
                && needs.base() != null
                && !needs.skin().creped()) {
            reinforced(R_SHADOW, EnumSet.of(SH_FOREHEAD, SH_CHEEK, SH_JAW));
            reinforced(R_BLUSH, EnumSet.of(BLUSH));
        }
        if (places) {
            blend();
        }
    }

    /** Returns the family that a step lays, or null for powder and sheen, which come later. */
    private static Family family(StepCode code) {
        return switch (code.layer()) {
            case LIGHT -> Family.LIGHT;
            case SHADOW -> Family.SHADOW;
            case SUN -> Family.SUN;
            case COLOUR -> Family.COLOUR;
            default -> null;
        };
    }

    private boolean leftOut(StepCode code, Family family) {
        if (!list.school(OrderSchool.QUICK_GLOW)) {
            return false;
        }
        if (family == Family.SHADOW) {
            list.remark(Reason.note(OrderCode.SHADOW_LEFT_OUT));
            return true;
        }
        if (code == LI_CENTRE || code == LI_LINE) {
            list.remark(Reason.note(OrderCode.LIGHT_LEFT_OUT));
            return true;
        }
        return false;
    }

    private void lay(StepCode code, Family family, AreaGroup.Asked asked) {
        Needs.Laid form = needs.form(family, list.school);
        boolean powder = form == Needs.Laid.POWDER;
        boolean creamOnOil = needs.skin().oily() && form == Needs.Laid.CREAM;
        double share = code == LI_EYE
                ? needs.skin().creped() ? CREPED_SHARE : needs.skin().oily() ? OILY_SHARE : 1
                : creamOnOil ? OILY_SHARE : 1;
        list.step(code, asked.zones())
                .of(unit(code), StepList.share(taps(code), asked.strength() * share))
                .longer((many(code, asked.places()) ? MANY_LONGER : 0) - (places ? PLACED_SAVES : 0))
                .powder(powder && family != Family.LIGHT)
                .waiting(places || powder ? 0 : CREAM_WAIT)
                .placed(places)
                .add()
                .filter(s -> form == Needs.Laid.BOTH && !list.school(OrderSchool.QUICK_GLOW))
                .ifPresent(s -> alsoInPowder(s, family));
    }

    private void alsoInPowder(Step step, Family family) {
        StepCode over = switch (family) {
            case SHADOW -> R_SHADOW;
            case SUN -> R_SUN;
            case COLOUR -> R_BLUSH;
            default -> null;
        };
        if (over == null) {
            return;
        }
        if (list.has(over)) {
            Set<WorkZone> all = EnumSet.copyOf(list.find(over).orElseThrow().zones());
            all.addAll(step.zones());
            list.replace(list.find(over).orElseThrow().over(all));
        } else if (step.code() != SUN_NECK && step.code() != SH_NOSE && step.code() != SH_LIP) {
            reinforce(over, step.zones());
        }
    }

    private void reinforced(StepCode over, Set<StepCode> creams) {
        Set<WorkZone> zones = list.zonesOf(s -> creams.contains(s.code()));
        if (!zones.isEmpty() && !list.has(over)) {
            reinforce(over, zones);
        }
    }

    private void reinforce(StepCode over, Set<WorkZone> zones) {
        list.step(over, zones).of(TAPS_TAPPED_OFF, 1.5).powder(true).add();
    }

    private static boolean many(StepCode code, int places) {
        return switch (code) {
            case LI_CENTRE -> places >= MANY_LIGHTS;
            case SH_FOREHEAD, SH_JAW -> places > 1;
            case SUN -> places > 2;
            default -> false;
        };
    }

    private static int taps(StepCode code) {
        return switch (code) {
            case SH_FOREHEAD -> 4;
            case SH_CHEEK, SUN, BLUSH -> 3;
            case LI_EYE, SH_JAW, SUN_NECK -> 2;
            default -> 1;
        };
    }

    private static Amount.Kind unit(StepCode code) {
        return switch (code) {
            case LI_EYE -> TAPS_AN_EYE;
            case LI_CENTRE -> TAPS_A_PLACE;
            case SH_FOREHEAD, SUN_NECK -> TAPS_IN_ALL;
            case SH_NOSE -> TAPS_FOR_BOTH_LINES;
            case SH_LIP -> TAPS_LEFT_ON_BRUSH;
            default -> TAPS_A_SIDE;
        };
    }

    private static final List<Map.Entry<StepCode, Set<WorkZone>>> BOTTOM_UP = List.of(
            Map.entry(BL_JAW, EnumSet.of(JAW, WorkZone.NECK)),
            Map.entry(BL_LOWER, EnumSet.of(MOUTH)),
            Map.entry(BL_CHEEK, EnumSet.of(CHEEK, OUTER)),
            Map.entry(BL_EYE, EnumSet.of(UNDER_EYE, NOSE, LID)),
            Map.entry(BL_FOREHEAD, EnumSet.of(FOREHEAD, TEMPLE)));

    private void blend() {
        Set<WorkZone> light = list.zonesOf(s -> s.layer() == WorkLayer.LIGHT);
        Set<WorkZone> shadow = list.zonesOf(s -> s.layer() == WorkLayer.SHADOW);
        Set<WorkZone> main = list.zonesOf(s -> s.layer() == WorkLayer.MAIN);
        Set<WorkZone> colour = list.zonesOf(s -> s.layer() == WorkLayer.COLOUR || s.layer() == WorkLayer.SUN);
        if (needs.blends(Needs.Blend.BOTTOM_UP)) {
            Set<WorkZone> all = EnumSet.noneOf(WorkZone.class);
            List.of(light, shadow, main, colour).forEach(all::addAll);
            BOTTOM_UP.forEach(e -> {
                Set<WorkZone> there = EnumSet.copyOf(e.getValue());
                there.retainAll(all);
                blend(e.getKey(), EMPTY_BRUSH, there);
            });
        } else {
            blend(BL_LIGHT, EMPTY_BRUSH, light);
            blend(BL_MAIN, EMPTY_BRUSH, main);
            blend(BL_COLOUR, EMPTY_BRUSH, colour);
            blend(BL_SHADOW, WIPED_BRUSH, shadow);
        }
    }

    private void blend(StepCode code, Amount.Kind how, Set<WorkZone> zones) {
        if (!zones.isEmpty()) {
            list.step(code, zones).of(how, 0).add();
        }
    }
}
