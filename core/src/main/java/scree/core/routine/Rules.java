package scree.core.routine;

import static scree.core.routine.LayerReason.caution;
import static scree.core.routine.LayerReason.error;
import static scree.core.routine.LayerReason.taste;
import static scree.core.routine.StepCode.*;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Precedence: by layers where zones meet, by chains that do not follow from layers, by the way an artist works. */
final class Rules {
    /** Placed families may be met so soon by each other, half minutes. */
    private static final int PLACED_WAIT = 1;
    /** What is left on the brush goes down the neck within 3 minutes, a compress stays 10, left powder is swept within 5. Half minutes. */
    private static final int LEFTOVER_WITHIN = 6;

    private static final int SOAKED_WITHIN = 20;
    private static final int SWEPT_WITHIN = 10;
    /** Balm sinks before lips are drawn, half minutes. */
    private static final int BALM_WAIT = 6;

    private static final List<StepCode> LID_WORK = List.of(LIDBASE, LIDCOLOUR, LINER, FALLOUT);
    private static final Set<WorkLayer> BEFORE_CHORES = EnumSet.of(
            WorkLayer.CARE,
            WorkLayer.PRIME,
            WorkLayer.CORRECT,
            WorkLayer.BASE,
            WorkLayer.LIGHT,
            WorkLayer.SHADOW,
            WorkLayer.COLOUR,
            WorkLayer.MAIN,
            WorkLayer.BLEND,
            WorkLayer.SUN);

    private final Needs needs;
    private final OrderSchool school;
    private final Needs.Eyes eyes;
    private final Arcs arcs;

    private Rules(List<Step> steps, Needs needs, OrderSchool school) {
        this.needs = needs;
        this.school = school;
        this.eyes = needs.finish().eyes();
        this.arcs = new Arcs(steps);
    }

    /** Returns all rules on these steps. */
    static List<Arc> of(List<Step> steps, Needs needs, OrderSchool school) {
        Rules rules = new Rules(steps, needs, school);
        rules.layers();
        rules.care();
        rules.lids();
        rules.lashes();
        rules.heavy();
        rules.base();
        rules.powder();
        new BlendRules(rules.arcs, needs, school).add();
        rules.brows();
        rules.spray();
        rules.lips();
        rules.body();
        rules.last();
        rules.look();
        rules.chores();
        return rules.arcs.all();
    }

    private void layers() {
        List<Step> steps = arcs.steps();
        for (int i = 0; i < steps.size(); i++) {
            for (int j = 0; j < steps.size(); j++) {
                if (i != j) {
                    layer(i, j, steps.get(i), steps.get(j));
                }
            }
        }
    }

    private void layer(int i, int j, Step a, Step b) {
        if (a.layer() == WorkLayer.CHORE || b.layer() == WorkLayer.CHORE) {
            return;
        }
        if (a.layer() == WorkLayer.SAFE) {
            boolean all = a.code() == ASK || b.layer() != WorkLayer.CARE && b.layer() != WorkLayer.PRIME;
            if (b.layer() != WorkLayer.SAFE && all) {
                arcs.put(i, j, 0, null, LayerReason.of(a, b, school));
            }
            return;
        }
        boolean looks = a.layer() == WorkLayer.LOOK || b.layer() == WorkLayer.LOOK;
        boolean lid = a.layer() == WorkLayer.EYE_DRY && b.layer() == WorkLayer.EYE_DRY;
        if (looks || lid || !a.meets(b) || school.rank(a.layer()) >= school.rank(b.layer())) {
            return;
        }
        arcs.put(i, j, lag(a, b), null, LayerReason.of(a, b, school));
    }

    /** How long b waits for a. */
    private int lag(Step a, Step b) {
        if (a.code() == PO_EYE && b.code() != SWEEP && arcs.has(SWEEP)) {
            return 0;
        }
        boolean soon = a.layer().placed()
                && (b.layer().placed()
                        || b.layer() == WorkLayer.MAIN
                        || b.layer() == WorkLayer.SEAM
                        || b.layer() == WorkLayer.BLEND);
        return soon ? Math.min(a.settling(), PLACED_WAIT) : a.settling();
    }

    private void care() {
        arcs.chain(error(OrderCode.SAFE_FIRST), ASK, LIGHT);
        for (StepCode colour : List.of(LIDBASE, CO_RED, CO_BROWN, CO_EYE)) {
            arcs.put(LIGHT, colour, 0, caution(OrderCode.LIGHT_FIRST));
        }
        LayerReason rich = caution(OrderCode.LIGHT_TO_RICH);
        arcs.chain(rich, CLEANSE, TONE, SERUM, MOIST, SUNCARE);
        arcs.chain(caution(OrderCode.SOFTEN_FIRST), CLEANSE, SOFTEN);
        arcs.chain(rich, SERUM, EYECARE);
        arcs.chain(rich, CLEANSE, EYECARE);
        arcs.put(CLEANSE, LIDBASE, 0, caution(OrderCode.LET_SETTLE));
        arcs.settled(MOIST, BLOT, error(OrderCode.DRY_FOR_POWDER));
        arcs.settled(SUNCARE, BLOT, error(OrderCode.DRY_FOR_POWDER));
        for (StepCode primer : List.of(PR_HYDRATE, PR_PORES, PR_MATTE)) {
            for (StepCode before : List.of(BLOT, SUNCARE, SERUM)) {
                arcs.settled(before, primer, rich);
            }
        }
        arcs.find(SOFTEN).ifPresent(this::softened);
    }

    /** A crust soaks while the rest of the face goes on. */
    private void softened(Step soften) {
        for (StepCode other : List.of(MOIST, SERUM, TONE)) {
            arcs.free(SOFTEN, other);
            arcs.free(other, SOFTEN);
        }
        for (StepCode over : List.of(HE_PRIME, SPOTS, CO_RED, CO_BROWN, BASE, BASE_POWDER)) {
            arcs.find(over)
                    .filter(soften::meets)
                    .ifPresent(s -> arcs.put(
                            SOFTEN,
                            over,
                            soften.settling(),
                            over == HE_PRIME ? SOAKED_WITHIN : null,
                            caution(OrderCode.SOFTEN_FIRST)));
        }
    }

    private void lids() {
        arcs.chain(caution(OrderCode.HAND_ORDER), LIDBASE, LIDCOLOUR, LINER);
        arcs.row(caution(OrderCode.FALLOUT_FIRST), LIDCOLOUR, FALLOUT);
        if (!eyes.first()) {
            LID_WORK.stream().filter(arcs::has).forEach(this::lidAfterBase);
        }
    }

    /** Lid colour after the base: with fall-out still before light and powder under the eye, else after the spray. */
    private void lidAfterBase(StepCode lid) {
        boolean falls = eyes.falls();
        arcs.free(lid, to -> switch (to.layer()) {
            case SHEEN, EYE_DRY, EYE_WET, MIST -> false;
            case SPRAY -> !falls;
            case LIGHT, CREASE, POWDER -> lid != FALLOUT && lid != LIDCOLOUR;
            default -> true;
        });
        boolean glow = school == OrderSchool.QUICK_GLOW;
        boolean earlier = falls && (glow || school == OrderSchool.POWDER_ONLY || school == OrderSchool.ONE_LAYER);
        if (lid != FALLOUT && !earlier && school != OrderSchool.UNDERPAINTING) {
            for (StepCode base : glow ? List.of(SUN) : List.of(BASE, BASE_POWDER, BASE_PRESS, MAIN)) {
                arcs.put(base, lid, 0, taste(OrderCode.EYES_AFTER));
            }
        }
        if (!falls) {
            arcs.settled(SPRAY, lid, taste(OrderCode.EYES_AFTER));
        }
    }

    private void lashes() {
        arcs.chain(error(OrderCode.CURL_FIRST), LIDCOLOUR, CURL, MASCARA);
        arcs.chain(caution(OrderCode.HAND_ORDER), LINER, MASCARA);
        arcs.chain(caution(OrderCode.HAND_ORDER), MASCARA, LASHES);
        if (!eyes.first()) {
            for (StepCode dust :
                    List.of(BASE, BASE_POWDER, BASE_SEAMS, PO_EYE, SWEEP, PO_ALL, PO_T, BL_EYE, BL_LIGHT, SUN)) {
                arcs.put(dust, CURL, 0, taste(OrderCode.LASH_CLEAN));
                arcs.put(dust, MASCARA, 0, taste(OrderCode.LASH_CLEAN));
            }
        }
    }

    private void heavy() {
        arcs.chain(caution(OrderCode.HEAVY_CHAIN), HE_PRIME, HE_COAT1, HE_COAT2, HE_COAT3, HE_SET, HE_BASE, HE_PRESS);
        for (StepCode face : List.of(BASE, BASE_PRESS, BASE_SEAMS, BL_MAIN, BL_CHEEK)) {
            arcs.put(face, HE_BASE, 0, caution(OrderCode.HEAVY_EDGE));
        }
    }

    private void base() {
        arcs.row(taste(OrderCode.SCHOOL_ORDER), BASE, BASE_OUTER);
        arcs.row(caution(OrderCode.SCHOOL_ORDER), BASE_OUTER, BASE_PRESS);
        arcs.row(caution(OrderCode.SCHOOL_ORDER), BASE, BASE_PRESS);
        arcs.row(taste(OrderCode.HAND_ORDER), BASE_PRESS, NECK);
        Integer within =
                LEFTOVER_WITHIN; // of the last that is laid: two shades at a slow pace take longer than that by
        // themselves
        for (StepCode face : List.of(BASE_OUTER, BASE, BASE_POWDER, BASE_SEAMS)) {
            arcs.put(face, NECK, 0, within, caution(OrderCode.LEFTOVER));
            within = arcs.has(face) ? null : within;
        }
        arcs.put(MAIN, NECK, 0, caution(OrderCode.LEFTOVER));
    }

    private void powder() {
        arcs.put(CREASE, PO_EYE, 0, 0, error(OrderCode.CREASE_PRESSED));
        arcs.find(PO_EYE)
                .ifPresent(left -> arcs.put(
                        PO_EYE, SWEEP, left.settling(), left.settling() + SWEPT_WITHIN, caution(OrderCode.BAKE_SWEPT)));
        arcs.chain(error(OrderCode.CREAM_BEFORE_POWDER), SPOTS, SPOTS_SET);
    }

    private void brows() {
        for (StepCode over :
                List.of(BASE, BASE_POWDER, BASE_SEAMS, BASE_PRESS, BL_FOREHEAD, BL_MAIN, SH_FOREHEAD, SUN)) {
            if (over != SUN || school == OrderSchool.QUICK_GLOW) {
                arcs.put(over, BR_DRY, 0, caution(OrderCode.BROW_CLEAN));
                arcs.put(over, BR_GEL, 0, caution(OrderCode.BROW_CLEAN));
            }
        }
        arcs.chain(caution(OrderCode.HAND_ORDER), BR_DRY, BR_GEL);
    }

    private void spray() {
        for (StepCode wet : List.of(BR_GEL, MASCARA, LASHES)) {
            arcs.settled(SPRAY, wet, error(OrderCode.SPRAY_BEFORE_WET));
        }
        for (StepCode spotted : List.of(LIPSTAIN, LIPLINE, LIPCOLOUR, CURL, RETOUCH, BR_DRY)) {
            arcs.settled(SPRAY, spotted, taste(OrderCode.SPRAY_SETS));
        }
    }

    private void lips() {
        for (StepCode dust : List.of(PO_T, PO_ALL, BASE_POWDER)) {
            for (StepCode lip : List.of(LIPSTAIN, LIPLINE, LIPCOLOUR)) {
                arcs.put(dust, lip, 0, caution(OrderCode.LIPS_AFTER_POWDER));
            }
        }
        for (StepCode round : List.of(BASE, BASE_SEAMS, BL_MAIN, BL_LOWER, COVER, SPOTS)) {
            arcs.put(round, LIPLINE, 0, taste(OrderCode.LIPS_AFTER_POWDER));
        }
        arcs.put(LIPCARE, LIPLINE, BALM_WAIT, caution(OrderCode.LET_SETTLE));
        arcs.put(LIPCARE, LIPSTAIN, BALM_WAIT, caution(OrderCode.LET_SETTLE));
        arcs.chain(caution(OrderCode.HAND_ORDER), LIPSTAIN, LIPLINE, LIPCOLOUR);
    }

    private void body() {
        for (StepCode neck : List.of(NECK, SUN_NECK, SH_JAW, BL_JAW)) {
            arcs.put(neck, BODY, 0, taste(OrderCode.SCHOOL_ORDER));
        }
    }

    /** Bronzer and blush once more, then the mist that ties all. */
    private void last() {
        for (Step s : arcs.steps()) {
            WorkLayer layer = s.layer();
            if (layer == WorkLayer.CHORE || layer == WorkLayer.LOOK || layer == WorkLayer.SAFE || s.code() == MIST) {
                continue;
            }
            boolean wet = layer == WorkLayer.EYE_WET || layer == WorkLayer.SPRAY || layer == WorkLayer.BROW_WET;
            int lag = wet ? s.settling() : 0;
            if (s.code() != RETOUCH && retouchedAfter(s)) {
                arcs.put(s.code(), RETOUCH, s.code() == LIPCOLOUR ? 0 : lag, taste(OrderCode.LAST_COLOUR));
            }
            arcs.put(
                    s.code(),
                    MIST,
                    lag,
                    layer == WorkLayer.EYE_WET ? error(OrderCode.MASCARA_DRY) : taste(OrderCode.MIST_LAST));
        }
    }

    private static boolean retouchedAfter(Step s) {
        return switch (s.layer()) {
            case EYE_WET, LIPS, BROW, BROW_WET, BODY, EYE_DRY -> s.code() == LIPCOLOUR;
            default -> true;
        };
    }

    private void look() {
        for (Step s : arcs.steps()) {
            if (s.layer() == WorkLayer.CHORE || s.layer() == WorkLayer.LOOK) {
                continue;
            }
            int dry = switch (s.layer()) {
                case SPRAY, MIST, EYE_WET, LIPS, BROW_WET, BODY -> s.settling();
                default -> 0;
            };
            arcs.put(s.code(), LOOK, Math.max(dry, s.judge()), caution(OrderCode.LOOK_LAST));
        }
        arcs.chain(caution(OrderCode.LOOK_LAST), LOOK, FLASH, PHOTO);
    }

    private void chores() {
        for (StepCode chore : List.of(KIT, TOOLS, CARD)) {
            arcs.put(ASK, chore, 0, taste(OrderCode.CHORE_TIME));
        }
        for (Step s : arcs.steps()) {
            if (BEFORE_CHORES.contains(s.layer())) {
                arcs.put(s.code(), CARD, 0, taste(OrderCode.CHORE_TIME));
                arcs.put(s.code(), TOOLS, 0, taste(OrderCode.CHORE_TIME));
            }
        }
    }
}
