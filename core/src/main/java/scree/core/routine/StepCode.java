package scree.core.routine;

import scree.core.placement.Area;

/**
 * The catalogue: every step there is, with what it is done with and how long it takes. Minutes of hands are those of a practised hand on a
 * calm client, least minutes those below which the result shows haste, waits those until a later layer on the same place goes on without
 * moving it. House choices, start values, with their reasons in docs/method.md.
 */
public enum StepCode {
    ASK(WorkLayer.SAFE, Tool.NONE, Stroke.NONE, Hygiene.WASHED_HANDS, 1, 1.5, 0),
    LIGHT(WorkLayer.SAFE, Tool.NONE, Stroke.NONE, Hygiene.NONE, 0.5, 0.5, 0),
    CLEANSE(WorkLayer.CARE, Tool.PAD, Stroke.WIPE, Hygiene.ONCE_ONLY, 1, 2, 0),
    TONE(WorkLayer.CARE, Tool.PAD, Stroke.PRESS, Hygiene.ONCE_ONLY, 0.5, 0.5, 0.5),
    SOFTEN(WorkLayer.CARE, Tool.COTTON_BUD, Stroke.PRESS, Hygiene.OWN_TOOL, 0.5, 1, 5),
    SERUM(WorkLayer.CARE, Tool.FINGERS, Stroke.PRESS, Hygiene.WASHED_HANDS, 0.5, 1, 1),
    MOIST(WorkLayer.CARE, Tool.FINGERS, Stroke.PRESS, Hygiene.DECANTED, 1, 1.5, 0),
    EYECARE(WorkLayer.CARE, Tool.FINGER, Stroke.TAP, Hygiene.DECANTED, 0.5, 0.5, 2),
    LIPCARE(WorkLayer.CARE, Tool.SPATULA, Stroke.TAP, Hygiene.DECANTED, 0.5, 0.5, 0),
    SUNCARE(WorkLayer.CARE, Tool.FINGERS, Stroke.PRESS, Hygiene.DECANTED, 1, 1, 5),
    BLOT(WorkLayer.CARE, Tool.TISSUE, Stroke.PRESS, Hygiene.ONCE_ONLY, 0.5, 0.5, 0),
    PR_HYDRATE(WorkLayer.PRIME, Tool.FINGERS, Stroke.PRESS, Hygiene.DECANTED, 0.5, 1, 2),
    PR_PORES(WorkLayer.PRIME, Tool.FINGERS, Stroke.PRESS, Hygiene.DECANTED, 0.5, 1, 1),
    PR_MATTE(WorkLayer.PRIME, Tool.FINGERS, Stroke.PRESS, Hygiene.DECANTED, 0.5, 0.5, 1),
    LIDBASE(WorkLayer.EYE_DRY, Tool.FINGER, Stroke.TAP, Hygiene.DECANTED, 0.5, 0.5, 0.5),
    LIDCOLOUR(WorkLayer.EYE_DRY, Tool.LID_BRUSH, Stroke.SWEEP, Hygiene.CLEAN_BRUSH, 1.5, 5, 0),
    LINER(WorkLayer.EYE_DRY, Tool.LINER_BRUSH, Stroke.DRAW, Hygiene.CLEAN_BRUSH, 1, 2.5, 0),
    FALLOUT(WorkLayer.EYE_DRY, Tool.FAN_BRUSH, Stroke.SWEEP, Hygiene.CLEAN_BRUSH, 0.5, 0.5, 0),
    CO_RED(WorkLayer.CORRECT, Tool.CORRECTOR_BRUSH, Stroke.TAP, Hygiene.DECANTED, 0.5, 1, 0.5),
    CO_BROWN(WorkLayer.CORRECT, Tool.CORRECTOR_BRUSH, Stroke.TAP, Hygiene.DECANTED, 0.5, 1, 0.5),
    CO_EYE(WorkLayer.CORRECT, Tool.RING_FINGER, Stroke.TAP, Hygiene.DECANTED, 1, 1.5, 1),
    HE_PRIME(WorkLayer.HEAVY, Tool.COTTON_BUD, Stroke.PRESS, Hygiene.OWN_TOOL, 0.5, 0.5, 1),
    HE_COAT1(WorkLayer.HEAVY, Tool.CORRECTOR_BRUSH, Stroke.PRESS, Hygiene.OWN_TOOL, 0.5, 1, 1),
    HE_COAT2(WorkLayer.HEAVY, Tool.CORRECTOR_BRUSH, Stroke.PRESS, Hygiene.OWN_TOOL, 0.5, 1, 1),
    HE_COAT3(WorkLayer.HEAVY, Tool.CORRECTOR_BRUSH, Stroke.PRESS, Hygiene.OWN_TOOL, 0.5, 1, 1),
    HE_SET(WorkLayer.HEAVY, Tool.POWDER_PUFF, Stroke.PRESS, Hygiene.OWN_TOOL, 0.5, 0.5, 0.5),
    HE_BASE(WorkLayer.HEAVY, Tool.DENSE_BRUSH, Stroke.PRESS, Hygiene.OWN_TOOL, 0.5, 1, 1),
    HE_PRESS(WorkLayer.HEAVY, Tool.POWDER_PUFF, Stroke.PRESS, Hygiene.OWN_TOOL, 0.5, 0.5, 0),
    BASE(WorkLayer.BASE, Tool.BASE_BRUSH, Stroke.STIPPLE, Hygiene.DECANTED, 2, 3, 0),
    BASE_OUTER(WorkLayer.BASE, Tool.BASE_BRUSH, Stroke.STIPPLE, Hygiene.DECANTED, 1, 2, 0),
    BASE_PRESS(WorkLayer.BASE, Tool.SPONGE, Stroke.PRESS, Hygiene.OWN_SPONGE, 0.5, 1, 0),
    NECK(WorkLayer.BASE, Tool.BASE_BRUSH, Stroke.SWEEP, Hygiene.NONE, 0.5, 0.5, 0),
    BASE_POWDER(WorkLayer.BASE, Tool.DENSE_BRUSH, Stroke.BUFF, Hygiene.DECANTED, 2, 3, 0),
    BASE_SEAMS(WorkLayer.SEAM, Tool.SMALL_BRUSH, Stroke.TAP, Hygiene.DECANTED, 1.5, 3, 1),
    MAIN(WorkLayer.MAIN, Tool.CREAM_BRUSH, Stroke.STIPPLE, Hygiene.DECANTED, 1, 2, 0),
    COVER(WorkLayer.COVER, Tool.SPONGE, Stroke.PRESS, Hygiene.DECANTED, 0.5, 1, 0.5),
    SPOTS(WorkLayer.SPOT, Tool.TINY_BRUSH, Stroke.TAP, Hygiene.OWN_TOOL, 0.5, 1, 0.5),
    SPOTS_SET(WorkLayer.SPOT, Tool.TINY_BRUSH, Stroke.PRESS, Hygiene.CLEAN_BRUSH, 0.5, 0.5, 0),
    LI_EYE(WorkLayer.LIGHT, Tool.LIGHT_BRUSH, Stroke.TAP, Hygiene.DECANTED, 1, 1.5, 0.5),
    LI_CENTRE(WorkLayer.LIGHT, Tool.LIGHT_BRUSH, Stroke.TAP, Hygiene.DECANTED, 0.5, 1, 0.5),
    LI_MOUTH(WorkLayer.LIGHT, Tool.LIGHT_BRUSH, Stroke.TAP, Hygiene.DECANTED, 0.5, 1, 0.5),
    LI_LINE(WorkLayer.LIGHT, Tool.LIGHT_BRUSH, Stroke.DRAW, Hygiene.DECANTED, 0.5, 0.5, 0),
    SH_FOREHEAD(WorkLayer.SHADOW, Tool.SHADOW_BRUSH, Stroke.STIPPLE, Hygiene.DECANTED, 0.5, 1, 0),
    SH_CHEEK(WorkLayer.SHADOW, Tool.SHADOW_BRUSH, Stroke.STIPPLE, Hygiene.DECANTED, 1, 1.5, 0),
    SH_JAW(WorkLayer.SHADOW, Tool.SHADOW_BRUSH, Stroke.STIPPLE, Hygiene.DECANTED, 0.5, 1, 0),
    SH_NOSE(WorkLayer.SHADOW, Tool.TINY_BRUSH, Stroke.DRAW, Hygiene.DECANTED, 0.5, 1, 0),
    SH_LIP(WorkLayer.SHADOW, Tool.TINY_BRUSH, Stroke.STIPPLE, Hygiene.DECANTED, 0.5, 0.5, 0),
    SUN(WorkLayer.SUN, Tool.BRONZER_BRUSH, Stroke.STIPPLE, Hygiene.DECANTED, 0.5, 1, 0),
    SUN_NECK(WorkLayer.SUN, Tool.BRONZER_BRUSH, Stroke.SWEEP, Hygiene.DECANTED, 0.5, 0.5, 0),
    BLUSH(WorkLayer.COLOUR, Tool.BLUSH_BRUSH, Stroke.TAP, Hygiene.DECANTED, 0.5, 1, 0),
    BL_LIGHT(WorkLayer.BLEND, Tool.CREAM_BRUSH, Stroke.TAP, Hygiene.CLEAN_BRUSH, 0.5, 1, 0),
    BL_MAIN(WorkLayer.BLEND, Tool.CREAM_BRUSH, Stroke.TAP, Hygiene.CLEAN_BRUSH, 1, 1.5, 0),
    BL_COLOUR(WorkLayer.BLEND, Tool.CREAM_BRUSH, Stroke.TAP, Hygiene.CLEAN_BRUSH, 0.5, 1, 0),
    BL_SHADOW(WorkLayer.BLEND, Tool.CREAM_BRUSH, Stroke.TAP, Hygiene.CLEAN_BRUSH, 1, 1.5, 0),
    BL_JAW(WorkLayer.BLEND, Tool.CREAM_BRUSH, Stroke.TAP, Hygiene.CLEAN_BRUSH, 0.5, 1, 0),
    BL_LOWER(WorkLayer.BLEND, Tool.CREAM_BRUSH, Stroke.TAP, Hygiene.CLEAN_BRUSH, 0.5, 1, 0),
    BL_CHEEK(WorkLayer.BLEND, Tool.CREAM_BRUSH, Stroke.TAP, Hygiene.CLEAN_BRUSH, 1, 1.5, 0),
    BL_EYE(WorkLayer.BLEND, Tool.CREAM_BRUSH, Stroke.TAP, Hygiene.CLEAN_BRUSH, 0.5, 1, 0),
    BL_FOREHEAD(WorkLayer.BLEND, Tool.CREAM_BRUSH, Stroke.TAP, Hygiene.CLEAN_BRUSH, 0.5, 0.5, 0),
    CREASE(WorkLayer.CREASE, Tool.FINGER, Stroke.PRESS, Hygiene.WASHED_HANDS, 0.5, 0.5, 0),
    PO_EYE(WorkLayer.POWDER, Tool.SMALL_POWDER_BRUSH, Stroke.PRESS, Hygiene.CLEAN_BRUSH, 0.5, 0.5, 0),
    SWEEP(WorkLayer.SWEEP, Tool.FLUFFY_BRUSH, Stroke.SWEEP, Hygiene.CLEAN_BRUSH, 0.5, 0.5, 0),
    PO_T(WorkLayer.POWDER, Tool.POWDER_PUFF, Stroke.PRESS, Hygiene.CLEAN_BRUSH, 0.5, 0.5, 0),
    PO_LID(WorkLayer.POWDER, Tool.SMALL_POWDER_BRUSH, Stroke.PRESS, Hygiene.CLEAN_BRUSH, 0.5, 0.5, 0),
    PO_LINE(WorkLayer.POWDER, Tool.SMALL_POWDER_BRUSH, Stroke.PRESS, Hygiene.CLEAN_BRUSH, 0.5, 0.5, 0),
    PO_ALL(WorkLayer.POWDER, Tool.POWDER_PUFF, Stroke.PRESS, Hygiene.CLEAN_BRUSH, 0.5, 1, 0),
    R_SHADOW(WorkLayer.REINFORCE, Tool.SHADOW_POWDER_BRUSH, Stroke.SWEEP, Hygiene.CLEAN_BRUSH, 0.5, 1, 0),
    R_SUN(WorkLayer.REINFORCE, Tool.BRONZER_BRUSH, Stroke.SWEEP, Hygiene.CLEAN_BRUSH, 0.5, 0.5, 0),
    R_BLUSH(WorkLayer.REINFORCE, Tool.BLUSH_BRUSH, Stroke.SWEEP, Hygiene.CLEAN_BRUSH, 0.5, 0.5, 0),
    SHEEN(WorkLayer.SHEEN, Tool.HIGHLIGHT_BRUSH, Stroke.TAP, Hygiene.DECANTED, 0.5, 1, 0),
    SPRAY(WorkLayer.SPRAY, Tool.SPRAY, Stroke.FAN, Hygiene.EYES_CLOSED, 0.5, 0.5, 0),
    MIST(WorkLayer.MIST, Tool.SPRAY, Stroke.FAN, Hygiene.EYES_CLOSED, 0.5, 0.5, 0),
    BR_DRY(WorkLayer.BROW, Tool.BROW_PENCIL, Stroke.DRAW, Hygiene.SHARPENED, 1, 2, 0),
    BR_GEL(WorkLayer.BROW_WET, Tool.BROW_WAND, Stroke.COMB, Hygiene.NEW_WAND, 0.5, 0.5, 1),
    CURL(WorkLayer.EYE_WET, Tool.CURLER, Stroke.PRESS, Hygiene.CLEANED, 0.5, 0.5, 0),
    MASCARA(WorkLayer.EYE_WET, Tool.NEW_WAND, Stroke.COMB, Hygiene.NEW_WAND, 1, 1.5, 1),
    LASHES(WorkLayer.EYE_WET, Tool.TWEEZERS, Stroke.PRESS, Hygiene.CLEANED, 2, 4, 1),
    LIPSTAIN(WorkLayer.LIPS, Tool.LIP_BRUSH, Stroke.DRAW, Hygiene.SHARPENED, 0.5, 0.5, 1),
    LIPLINE(WorkLayer.LIPS, Tool.LIP_PENCIL, Stroke.DRAW, Hygiene.SHARPENED, 0.5, 1, 0),
    LIPCOLOUR(WorkLayer.LIPS, Tool.LIP_BRUSH, Stroke.TAP, Hygiene.SHARPENED, 0.5, 1, 0),
    RETOUCH(WorkLayer.RETOUCH, Tool.BLUSH_BRUSH, Stroke.SWEEP, Hygiene.CLEAN_BRUSH, 0.5, 0.5, 0),
    BODY(WorkLayer.BODY, Tool.BODY_SPONGE, Stroke.SWEEP, Hygiene.OWN_SPONGE, 2, 3, 3),
    KIT(WorkLayer.CHORE, Tool.NONE, Stroke.NONE, Hygiene.APART, 0.5, 1, 0),
    TOOLS(WorkLayer.CHORE, Tool.NONE, Stroke.NONE, Hygiene.APART, 0.5, 1, 0),
    CARD(WorkLayer.CHORE, Tool.NONE, Stroke.NONE, Hygiene.APART, 1, 1.5, 0),
    LOOK(WorkLayer.LOOK, Tool.NONE, Stroke.NONE, Hygiene.NONE, 1, 2, 0),
    FLASH(WorkLayer.LOOK, Tool.CAMERA, Stroke.NONE, Hygiene.NONE, 0.5, 0.5, 0),
    PHOTO(WorkLayer.LOOK, Tool.CAMERA, Stroke.NONE, Hygiene.NONE, 0.5, 0.5, 0);

    private final WorkLayer layer;
    private final Tool tool;
    private final Stroke stroke;
    private final Hygiene hygiene;
    private final double least;
    private final double usual;
    private final double wait;

    StepCode(WorkLayer layer, Tool tool, Stroke stroke, Hygiene hygiene, double least, double usual, double wait) {
        this.layer = layer;
        this.tool = tool;
        this.stroke = stroke;
        this.hygiene = hygiene;
        this.least = least;
        this.usual = usual;
        this.wait = wait;
    }

    /** Returns the step that lays an area of a plan. */
    public static StepCode laying(Area area) {
        return AreaGroup.step(area);
    }

    public WorkLayer layer() {
        return layer;
    }

    public Tool tool() {
        return tool;
    }

    public Stroke stroke() {
        return stroke;
    }

    public Hygiene hygiene() {
        return hygiene;
    }

    /** Returns minutes below which it shows haste. */
    double least() {
        return least;
    }

    /** Returns minutes of hands. */
    double usual() {
        return usual;
    }

    /** Returns minutes until a later layer may go onto the same place, where its product does not say otherwise. */
    double usualWait() {
        return wait;
    }

    /** Returns whether it is a coat of a heavy cover, or belongs to one. */
    boolean heavy() {
        return layer == WorkLayer.HEAVY;
    }
}
