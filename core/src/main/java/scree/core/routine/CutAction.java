package scree.core.routine;

import java.util.EnumSet;
import java.util.Set;
import scree.core.method.Occasion;

/**
 * What can be left out or done simpler when time is short, and what is lost by it for each occasion, 0 nothing to 10 the look is gone. What
 * is not here is never cut: questions, light, cleansing, moisture, the dark under a brightened eye, blending, creases and their powder,
 * heavy cover, the neck, the look at the end. House choices of one mind, ordinal; docs/method.md.
 */
public enum CutAction {
    KIT(drop(StepCode.KIT), 0.3, 3, 1, 1, 1, 0.3),
    TOOLS(drop(StepCode.TOOLS), 0.2, 0.2, 0.2, 0.2, 0.2, 1),
    CARD(drop(StepCode.CARD), 0.8, 1.5, 0.8, 0.8, 1, 4),
    PHOTO(drop(StepCode.PHOTO), 0.3, 2, 2, 1, 0.5, 0.5),
    TONE(drop(StepCode.TONE), 0.4, 0.6, 0.6, 0.5, 0.5, 0.5),
    SERUM(drop(StepCode.SERUM), 0.8, 1.2, 1.5, 0.8, 1, 0.8),
    MOIST_WAIT(ease(Cut.Ease.MOIST_WAIT), 0.9, 1.8, 1.8, 1.2, 1.4, 0.9),
    DRY_DOWN(ease(Cut.Ease.DRY_DOWN), 0.4, 2.5, 2.5, 1, 1, 0.4),
    BAKE(ease(Cut.Ease.BAKE), 0.2, 2, 1.5, 2.5, 1, 0.2),
    SH_LIP(drop(StepCode.SH_LIP), 0.2, 0.4, 0.5, 1.5, 0.4, 0.5),
    SH_NOSE(drop(StepCode.SH_NOSE), 0.6, 1, 1.8, 3, 1.2, 1),
    LI_LINE(drop(StepCode.LI_LINE, StepCode.PO_LINE), 0.3, 0.6, 0.8, 1.5, 0.6, 0.4),
    LI_CENTRE(drop(StepCode.LI_CENTRE), 0.8, 1.5, 2, 2.5, 1.5, 1),
    R_SUN(drop(StepCode.R_SUN), 0.4, 2, 1, 2, 1.2, 0.4),
    R_SHADOW(drop(StepCode.R_SHADOW), 0.4, 2, 1.5, 3, 1.2, 0.4),
    R_BLUSH(drop(StepCode.R_BLUSH), 0.4, 2.5, 1.5, 2.5, 1.5, 0.4),
    RETOUCH(drop(StepCode.RETOUCH, StepCode.MIST), 0.3, 2.2, 1, 1.5, 1.2, 0.3),
    SUN_NECK(drop(StepCode.SUN_NECK), 0.6, 2, 2, 1, 1, 0.5),
    SUN(drop(StepCode.SUN, StepCode.R_SUN), 1.5, 3, 2, 2.5, 2, 1.5),
    SH_JAW(drop(StepCode.SH_JAW), 1, 2, 2.5, 3.5, 2, 1.2),
    SH_FOREHEAD(drop(StepCode.SH_FOREHEAD), 1, 2, 2.5, 3.5, 2, 1.2),
    SHEEN(drop(StepCode.SHEEN), 1, 2, 1.5, 1, 2.5, 1),
    LASHES(drop(StepCode.LASHES), 1, 6, 4, 8, 4, 1),
    LINER(drop(StepCode.LINER), 1.2, 4, 3.5, 8, 3.5, 1.5),
    LIDCOLOUR(ease(Cut.Ease.LIDCOLOUR), 1, 4, 3, 6, 3.5, 1.5),
    LIPLINE(drop(StepCode.LIPLINE), 0.6, 1.5, 1.5, 2, 1.2, 0.6),
    LIPSTAIN(drop(StepCode.LIPSTAIN), 0.5, 2, 1, 1, 1, 0.5),
    BROWS(ease(Cut.Ease.BROWS), 0.8, 1.5, 1.5, 1.5, 1.2, 0.8),
    BR_GEL(drop(StepCode.BR_GEL), 0.4, 1, 0.8, 0.6, 0.6, 0.4),
    BASE_OUTER(drop(StepCode.BASE_OUTER), 1.5, 3, 3.5, 1, 2, 1.5),
    BASE(ease(Cut.Ease.BASE), 1.5, 3, 3.5, 2.5, 2.5, 1.5),
    COVER(drop(StepCode.COVER), 1.5, 2.5, 3.5, 0.8, 2, 1.5),
    CO_BROWN(drop(StepCode.CO_BROWN), 2.5, 3.5, 4.5, 1.5, 3, 2.5),
    SPOTS(ease(Cut.Ease.SPOTS), 1, 2, 2.5, 0.5, 1.5, 1),
    CURL(drop(StepCode.CURL), 0.8, 1.2, 1.2, 1, 1, 0.8),
    SPRAY(drop(StepCode.SPRAY), 1, 5, 3, 5, 3, 0.6);

    private final Cut cut;
    private final double[] loss;

    CutAction(Cut cut, double... loss) {
        this.cut = cut;
        this.loss = loss;
    }

    private static Cut drop(StepCode first, StepCode... more) {
        return new Cut(EnumSet.of(first, more), Set.of());
    }

    private static Cut ease(Cut.Ease what) {
        return new Cut(Set.of(), EnumSet.of(what));
    }

    /** Returns what it does. */
    public Cut cut() {
        return cut;
    }

    /** Returns whether something is gone by it, else it is only simpler. */
    public boolean drops() {
        return !cut.dropped().isEmpty();
    }

    /** Returns what is lost, 0 to 10. */
    public double loss(Occasion occasion) {
        return loss[occasion.ordinal()];
    }

    /** Returns whether there is anything to cut of these steps, and whether it may be. */
    boolean applies(StepList list) {
        boolean there = switch (this) {
            case MOIST_WAIT, DRY_DOWN -> true;
            case BAKE -> list.has(StepCode.SWEEP);
            case BROWS -> list.has(StepCode.BR_DRY);
            case LIDCOLOUR -> list.has(StepCode.LIDCOLOUR);
            case BASE -> list.has(StepCode.BASE);
            case SPOTS -> list.has(StepCode.SPOTS);
            default -> cut.dropped().stream().anyMatch(list::has);
        };
        return there && may(list);
    }

    /** No light or cover over what is not corrected; unpowdered creams have nothing but the spray to hold them. */
    private boolean may(StepList list) {
        if (this == CO_BROWN) {
            return list.find(StepCode.CO_BROWN)
                    .map(brown -> list.all().stream()
                            .filter(s -> s.layer() == WorkLayer.LIGHT || s.layer() == WorkLayer.COVER)
                            .noneMatch(brown::meets))
                    .orElse(true);
        }
        return this != SPRAY || list.school != OrderSchool.ONE_LAYER;
    }
}
