package scree.core.cover;

import java.util.ArrayList;
import java.util.List;
import scree.core.colour.Lab;
import scree.core.reason.Reason;
import scree.core.skin.Texture;
import scree.core.skin.Zone;

/** What a place asks of the hand, and the cautions that stand whatever is planned. */
final class Care {
    /** What a wipe carries off a coat, and a smear beside the mark that is seen, ΔE00. House choices. */
    private static final double WIPED = .4;

    private static final double SMEAR_SEEN = 1;

    private Care() {}

    static List<Reason> of(Mark mark) {
        List<Reason> all = new ArrayList<>();
        if (mark.bears() == Bears.BROKEN) {
            all.add(Reason.caution(CoverCode.BROKEN));
            return all;
        }
        if (mark.zone() == Zone.UNDER_EYE) {
            all.add(Reason.note(CoverCode.THIN_SKIN));
        }
        for (Texture t : mark.feel()) {
            switch (t) {
                case CREPE -> all.add(Reason.check(CoverCode.CREPE));
                case FINE_LINES -> all.add(Reason.check(CoverCode.FINE_LINES));
                case BAG -> all.add(Reason.check(CoverCode.BAG));
                case DRY_PATCH -> all.add(Reason.check(CoverCode.SOFTEN_FIRST, Doing.SOFTEN_MINUTES));
                case OPEN_PORES -> all.add(Reason.check(CoverCode.PORES));
                case RAISED_BLEMISH -> all.add(Reason.check(CoverCode.RAISED));
                case BROKEN_SKIN -> all.add(Reason.caution(CoverCode.BROKEN));
            }
        }
        return all;
    }

    /** Returns what a plan itself asks for. */
    static List<Reason> of(CoverPlan<?> plan) {
        List<Reason> all = new ArrayList<>();
        if (plan.microns() > Bears.CAKES_FROM) {
            all.add(Reason.check(CoverCode.CAKES, plan.microns()));
        }
        Lab skin = plan.place().surround().toLab();
        boolean smears =
                plan.under().stream().anyMatch(l -> WIPED * l.ware().colour().differenceFrom(skin) > SMEAR_SEEN);
        if (smears) {
            all.add(Reason.check(CoverCode.PRESS));
        }
        return all;
    }
}
