package scree.core.routine;

import static scree.core.routine.Amount.Kind.*;
import static scree.core.routine.StepCode.*;
import static scree.core.routine.WorkZone.*;

import java.util.EnumSet;

/** Brows, lashes, lips, the last touch, and what is done off the face. */
final class EndSteps {
    private final StepList list;
    private final Needs needs;

    EndSteps(StepList list) {
        this.list = list;
        this.needs = list.needs;
    }

    void add() {
        brows();
        lashes();
        lips();
        boolean isLong = needs.event().isLong();
        boolean coloured = list.has(BLUSH) || list.has(SUN);
        if (isLong && coloured && !list.school(OrderSchool.QUICK_GLOW)) {
            list.step(RETOUCH, EnumSet.of(CHEEK, OUTER))
                    .of(TAPS_A_SIDE_LIGHT_HAND, 1)
                    .powder(true)
                    .add();
            list.step(MIST, StepList.FACE)
                    .of(SPRAYS_EYES_CLOSED, 2, 30)
                    .waiting(1)
                    .add();
        }
        if (needs.finish().body()) {
            list.step(BODY, EnumSet.of(WorkZone.NECK)).of(PUMPS, 8).add();
        }
        if (isLong) {
            list.step(KIT).of(KIT_OF_THREE, 0).add();
        }
        list.step(TOOLS).add();
        list.step(CARD).add();
        list.step(LOOK).add();
        if (needs.event().flash()) {
            list.step(FLASH).add();
        }
        if (needs.event().pictured()) {
            list.step(PHOTO).add();
        }
    }

    private void brows() {
        Needs.Brows brows = needs.finish().brows();
        if (brows == Needs.Brows.PENCIL || brows == Needs.Brows.BOTH) {
            list.step(BR_DRY, EnumSet.of(BROW)).of(SHORT_STROKES, 0).add();
        }
        if (brows == Needs.Brows.GEL || brows == Needs.Brows.BOTH) {
            list.step(BR_GEL, EnumSet.of(BROW)).of(WAND_LOADS, 1).add();
        }
    }

    private void lashes() {
        Needs.Eyes eyes = needs.finish().eyes();
        if (eyes.curl()) {
            list.step(CURL, EnumSet.of(LASH)).of(PRESSES_AN_EYE, 3).add();
        }
        if (eyes.mascara()) {
            list.step(MASCARA, EnumSet.of(LASH)).of(WANDS, 1).add();
        }
        if (eyes.lashes()) {
            list.step(LASHES, EnumSet.of(LASH)).of(GLUE_LINES, 1).add();
        }
    }

    private void lips() {
        Needs.Lips lips = needs.finish().lips();
        if (lips == Needs.Lips.STAIN) {
            list.step(LIPSTAIN, EnumSet.of(LIPS)).of(LOADS, 1).add();
        }
        if (lips == Needs.Lips.COLOUR || lips == Needs.Lips.STAIN) {
            list.step(LIPLINE, EnumSet.of(LIPS)).of(LINES, 1).add();
            list.step(LIPCOLOUR, EnumSet.of(LIPS)).of(TAPS_OF_LIP_BRUSH, 2).add();
        }
    }
}
