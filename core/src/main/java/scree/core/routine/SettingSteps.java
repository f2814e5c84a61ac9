package scree.core.routine;

import static scree.core.routine.Amount.Kind.*;
import static scree.core.routine.StepCode.*;
import static scree.core.routine.WorkZone.*;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import scree.core.placement.Family;
import scree.core.reason.Reason;
import scree.core.skin.SkinType;

/** Creases, powder, highlight and spray. */
final class SettingSteps {
    private static final int MANY_PLACES = 3;
    private static final double MANY_LONGER = .5;
    private static final double CREAM_WAIT = .5;
    /** Minutes that a spray dries, thinnest first: a long-wear one has most resin. Distance in cm. */
    private static final double[] SPRAY_WAIT = {0, 1, 1.5, 2};

    private static final int[] SPRAYED = {0, 4, 4, 6};
    private static final int[] FROM_CM = {0, 25, 30, 30};

    private final StepList list;
    private final Needs needs;
    private final Map<StepCode, AreaGroup.Asked> asked;

    SettingSteps(StepList list) {
        this.list = list;
        this.needs = list.needs;
        this.asked = AreaGroup.of(needs.areas());
    }

    void add() {
        int left = left();
        Map<StepCode, AreaGroup.Asked> wanted = wanted();
        if (wanted.containsKey(PO_EYE) && !(needs.skin().creped() && list.school(OrderSchool.ONE_LAYER))) {
            underEye(left);
        }
        powder(PO_T, wanted, PRESSES, 4);
        powder(PO_ALL, wanted, PRESSES, 8);
        if (!needs.finish().eyes().coloured()) {
            powder(PO_LID, wanted, TAPS_FOR_BOTH, 1);
        }
        powder(PO_LINE, wanted, TAPS_A_SIDE, 1);
        var spots = needs.correction().spots();
        boolean powdered = list.all().stream().anyMatch(s -> s.powder() && s.layer() == WorkLayer.POWDER);
        if (!spots.isEmpty() && powdered) {
            list.step(SPOTS_SET, EnumSet.copyOf(spots))
                    .of(DABS_EACH, 1)
                    .powder(true)
                    .add();
        }
        sheen();
        spray();
    }

    /** Powder by the plan, as far as the school wants it. */
    private Map<StepCode, AreaGroup.Asked> wanted() {
        Map<StepCode, AreaGroup.Asked> wanted = new EnumMap<>(StepCode.class);
        wanted.putAll(asked);
        SkinType skin = needs.skin().type();
        switch (list.school) {
            case ONE_LAYER -> {
                if (skin == SkinType.DRY || skin == SkinType.NORMAL) {
                    wanted.keySet().removeAll(EnumSet.of(PO_T, PO_ALL, PO_LINE, PO_EYE));
                }
            }
            case QUICK_GLOW -> {
                wanted.remove(PO_LINE);
                if (skin != SkinType.OILY) {
                    wanted.remove(PO_ALL);
                }
            }
            case POWDER_ONLY -> wanted.keySet().removeAll(EnumSet.of(PO_ALL, PO_T, PO_LINE));
            case BASE_FIRST, UNDERPAINTING -> {}
        }
        return wanted;
    }

    /** Minutes that powder is left: none on dry or creped skin, and only where the school has a place for it. */
    private int left() {
        int told = needs.finish().left();
        boolean school = list.school(OrderSchool.BASE_FIRST) || list.school(OrderSchool.UNDERPAINTING);
        boolean bears = school && !needs.skin().creped() && !needs.skin().dry();
        if (told > 0 && !bears) {
            list.remark(Reason.check(OrderCode.NO_BAKE));
        }
        return bears && !list.cut.eases(Cut.Ease.BAKE) ? told : 0;
    }

    private void underEye(int left) {
        if (list.has(LI_EYE) || list.has(CO_EYE)) {
            list.step(CREASE, EnumSet.of(UNDER_EYE)).of(WARM_FINGER, 0).tied().add();
        }
        list.step(PO_EYE, EnumSet.of(UNDER_EYE))
                .of(left == 0 ? TAPS_AN_EYE : TAPS_AN_EYE_LEFT_ON, left == 0 ? 1 : 2)
                .waiting(left)
                .powder(true)
                .add();
        if (left > 0) {
            list.step(SWEEP, EnumSet.of(UNDER_EYE, CHEEK))
                    .of(CLEAN_BRUSH, 0)
                    .powder(true)
                    .add();
        }
    }

    private void powder(StepCode code, Map<StepCode, AreaGroup.Asked> wanted, Amount.Kind unit, int count) {
        if (wanted.containsKey(code)) {
            list.step(code, wanted.get(code).zones())
                    .of(unit, count)
                    .powder(true)
                    .add();
        }
    }

    private void sheen() {
        AreaGroup.Asked sheen = asked.get(SHEEN);
        if (sheen == null) {
            return;
        }
        boolean powder = switch (list.school) {
            case UNDERPAINTING -> false;
            case POWDER_ONLY -> true;
            default -> needs.told(Family.SHEEN) == Needs.Laid.POWDER;
        };
        list.step(SHEEN, sheen.zones())
                .of(TAPS_A_PLACE, 1)
                .longer(sheen.places() > MANY_PLACES ? MANY_LONGER : 0)
                .powder(powder)
                .waiting(powder ? 0 : CREAM_WAIT)
                .add();
    }

    private void spray() {
        Needs.Spray spray = needs.finish().spray();
        if (spray == Needs.Spray.NONE && (list.school(OrderSchool.ONE_LAYER) || list.school(OrderSchool.POWDER_ONLY))) {
            SkinType skin = needs.skin().type();
            spray = skin == SkinType.DRY || skin == SkinType.NORMAL ? Needs.Spray.HYDRATING : Needs.Spray.MATTE;
        }
        if (spray != Needs.Spray.NONE) {
            Set<WorkZone> face = StepList.FACE;
            list.step(SPRAY, face)
                    .of(SPRAYS, SPRAYED[spray.ordinal()], FROM_CM[spray.ordinal()])
                    .waiting(SPRAY_WAIT[spray.ordinal()])
                    .add();
        }
    }
}
