package scree.core.routine;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What somebody does of a sitting's steps at home in the few minutes there are: what does most for a face first, each in the least time in which it
 * does not look hasty, in the order of the work. What settles meanwhile is not counted: at home nobody waits for it at a chair.
 *
 * @param steps in the order of the work
 * @param halves half minutes that hands take
 */
public record ShortWay(List<Step> steps, int halves) {
    /**
     * What does most, the first first. House choice, one mind's: skin that is cared for and protected, an even middle of the face, what bothers,
     * then what gives it back its life, then what frames it.
     */
    private static final List<StepCode> WORTH = List.of(
            StepCode.MOIST,
            StepCode.SUNCARE,
            StepCode.BASE,
            StepCode.MAIN,
            StepCode.BASE_POWDER,
            StepCode.SPOTS,
            StepCode.COVER,
            StepCode.CO_EYE,
            StepCode.BLUSH,
            StepCode.BR_DRY,
            StepCode.LIPCOLOUR,
            StepCode.LIPSTAIN,
            StepCode.MASCARA,
            StepCode.LI_EYE,
            StepCode.PO_T,
            StepCode.BR_GEL,
            StepCode.SHEEN);

    /** Of these one is enough. */
    private static final Set<StepCode> BASES = EnumSet.of(StepCode.BASE, StepCode.MAIN, StepCode.BASE_POWDER);

    public ShortWay {
        steps = List.copyOf(steps);
    }

    /**
     * Returns what fits.
     *
     * @param all the steps of the sitting, in the order of the work
     * @param halves half minutes there are
     */
    public static ShortWay of(List<Step> all, int halves) {
        Set<StepCode> taken = EnumSet.noneOf(StepCode.class);
        int used = 0;
        for (StepCode code : WORTH) {
            Step step = all.stream().filter(s -> s.code() == code).findFirst().orElse(null);
            if (step != null && used + step.least() <= halves && fitting(code, taken, all)) {
                taken.add(code);
                used += step.least();
            }
        }
        List<Step> left = new ArrayList<>(all);
        left.removeIf(s -> !taken.contains(s.code()));
        return new ShortWay(left, used);
    }

    /** One base is enough, and light over a dark eye that was not corrected turns grey. */
    private static boolean fitting(StepCode code, Set<StepCode> taken, List<Step> all) {
        if (BASES.contains(code)) {
            return taken.stream().noneMatch(BASES::contains);
        }
        boolean dark = all.stream().anyMatch(s -> s.code() == StepCode.CO_EYE);
        return code != StepCode.LI_EYE || !dark || taken.contains(StepCode.CO_EYE);
    }
}
