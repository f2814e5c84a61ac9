package scree.core.routine;

import static scree.core.routine.Amount.Kind.*;
import static scree.core.routine.StepCode.*;
import static scree.core.routine.WorkZone.*;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import scree.core.reason.Reason;

/** Lids, corrections and heavy cover. */
final class CorrectSteps {
    /** Minutes more for every further zone. */
    static final double FURTHER_ZONE = .5;
    /** A wash of one colour takes so much less than three colours, minutes. */
    private static final double WASH_SAVES = 3;

    private static final int COLOURS = 3;
    /** Creped skin is tapped with care: minutes more. */
    private static final double CREPED_LONGER = .5;

    private static final List<StepCode> COATS = List.of(HE_COAT1, HE_COAT2, HE_COAT3);

    private final StepList list;
    private final Needs.Correction told;
    private final Needs.Eyes eyes;

    CorrectSteps(StepList list) {
        this.list = list;
        this.told = list.needs.correction();
        this.eyes = list.needs.finish().eyes();
    }

    void add() {
        lids();
        correct();
        if (told.heavy() != null) {
            heavy();
        }
    }

    private void lids() {
        if (eyes.coloured() || told.zones().contains(LID)) {
            list.step(LIDBASE, EnumSet.of(LID)).of(RICE_GRAINS_FOR_BOTH, 1).add();
        }
        if (eyes.coloured()) {
            boolean wash = eyes.lid() == Needs.Lid.WASH;
            list.step(LIDCOLOUR, eyes.falls() ? EnumSet.of(LID, UNDER_EYE) : EnumSet.of(LID))
                    .of(wash ? TAPS_TAPPED_OFF : TAPS_OF_COLOURS, 2, wash ? 0 : COLOURS)
                    .longer(wash ? -WASH_SAVES : 0)
                    .powder(true)
                    .add();
        }
        if (eyes.liner()) {
            list.step(LINER, EnumSet.of(LID)).of(LOADS_AN_EYE, 1).add();
        }
        if (eyes.falls()) {
            list.step(FALLOUT, EnumSet.of(UNDER_EYE))
                    .of(DRY_BRUSH, 0)
                    .powder(true)
                    .add();
        }
    }

    private void correct() {
        Set<WorkZone> red = EnumSet.noneOf(WorkZone.class);
        red.addAll(told.zones());
        red.retainAll(told.red());
        Set<WorkZone> brown = EnumSet.noneOf(WorkZone.class);
        brown.addAll(told.zones());
        brown.removeAll(told.red());
        brown.removeAll(EnumSet.of(LID, UNDER_EYE));
        zones(CO_RED, red);
        zones(CO_BROWN, brown);
        if (told.zones().contains(UNDER_EYE)) {
            boolean creped = list.needs.skin().creped();
            list.step(CO_EYE, EnumSet.of(UNDER_EYE))
                    .of(creped ? TAPS_AN_EYE_WITH_BALM : TAPS_AN_EYE, creped ? 1 : 2)
                    .longer(creped ? CREPED_LONGER : 0)
                    .add();
        }
    }

    private void zones(StepCode code, Set<WorkZone> zones) {
        if (!zones.isEmpty()) {
            list.step(code, zones)
                    .of(TAPS, 2 * zones.size())
                    .longer(FURTHER_ZONE * (zones.size() - 1))
                    .add();
        }
    }

    private void heavy() {
        if (list.needs.skin().broken().contains(told.heavy())) {
            list.remark(Reason.caution(OrderCode.BROKEN_SKIN, HE_COAT1));
            return;
        }
        Set<WorkZone> zone = EnumSet.of(told.heavy());
        list.step(HE_PRIME, zone).of(RICE_GRAINS, 1).add();
        COATS.subList(0, told.coats())
                .forEach(coat -> list.step(coat, zone).of(TAPS_A_COAT, 2.5).add());
        list.step(HE_SET, zone).of(PRESSES, 1).powder(true).add();
        list.step(HE_BASE, zone).of(TAPS, 2).add();
        list.step(HE_PRESS, zone).of(PRESSES, 2).powder(true).add();
    }
}
