package scree.core.routine;

import static scree.core.routine.StepCode.*;

import java.util.List;
import java.util.Optional;

/**
 * What an inspection looks for: in which light, and which step it leads back to. Light first near the window, then the event's light, then
 * flash; both sides, chin up and down, near and from two metres.
 */
public enum Flaw {
    EDGE_AT_JAW(Place.JAW, Light.WINDOW, NECK, SUN_NECK, BASE, BASE_SEAMS, MAIN, BASE_POWDER),
    BASE_TOO_DEEP(Place.JAW, Light.WINDOW, BASE, BASE_SEAMS, MAIN, BASE_POWDER),
    GAP_AT_HAIR(Place.HAIRLINE, Light.WINDOW, SH_FOREHEAD, BASE, BASE_POWDER, SUN),
    STRIPE_AT_TEMPLE(Place.HAIRLINE, Light.WINDOW, SH_CHEEK, SH_FOREHEAD, SUN),
    BASE_AT_EAR(Place.HAIRLINE, Light.WINDOW, BASE, BASE_OUTER, BASE_SEAMS, MAIN, BASE_POWDER),
    STRIPE_ON_CHEEK(Place.CHEEK, Light.WINDOW, SH_CHEEK, R_SHADOW, SUN, BLUSH),
    CHEEK_GREY(Place.CHEEK, Light.WINDOW, SUN, R_SUN, BLUSH),
    CHEEK_ORANGE(Place.CHEEK, Light.WINDOW, R_SHADOW, SH_CHEEK, SUN),
    NOSE_UNLIKE(Place.NOSE, Light.WINDOW, SH_NOSE),
    FOLD_CAKED(Place.MOUTH, Light.WINDOW, LI_MOUTH, COVER, BASE, MAIN),
    LIGHT_SPOT(Place.SPOTS, Light.WINDOW, SPOTS),
    COVER_SHINES(Place.SPOTS, Light.WINDOW, HE_PRESS),
    CREASE_UNDER_EYE(Place.EYES, Light.WINDOW, CREASE, LI_EYE, CO_EYE),
    /** The dark under it was not corrected: it is taken off and corrected first. */
    GREY_UNDER_EYE(Place.EYES, Light.WINDOW, CO_EYE, LI_EYE),
    EYES_UNLIKE(Place.EYES, Light.WINDOW, LIDCOLOUR, LINER),
    FALLEN_COLOUR(Place.EYES, Light.WINDOW, FALLOUT, LIDCOLOUR),
    LASHES_CLUMP(Place.EYES, Light.WINDOW, MASCARA, LASHES),
    BROWS_UNLIKE(Place.EYES, Light.WINDOW, BR_DRY, BR_GEL),
    LIP_EDGE(Place.LIPS, Light.WINDOW, LIPLINE, LIPCOLOUR, LIPSTAIN),
    BLUSH_UNEVEN(Place.CHEEK, Light.EVENT, BLUSH, R_BLUSH, RETOUCH),
    /** Warm light swallows pink. */
    BLUSH_EATEN(Place.CHEEK, Light.EVENT, RETOUCH, R_BLUSH, BLUSH),
    SHEEN_ON_TEXTURE(Place.WHOLE, Light.EVENT, SHEEN),
    FLAT(Place.WHOLE, Light.EVENT, MIST, SPRAY),
    CAST_UNDER_EYE(Place.EYES, Light.FLASH, SWEEP, PO_EYE),
    SHINE(Place.FOREHEAD, Light.FLASH, PO_T, PO_ALL, BLOT),
    PATCHY(Place.FOREHEAD, Light.FLASH, PO_T, PO_ALL, BASE),
    WHITE_CAST(Place.WHOLE, Light.FLASH, PO_ALL, PO_T, PO_EYE, SUNCARE);

    /** Where it is seen. */
    public enum Place {
        JAW,
        HAIRLINE,
        CHEEK,
        EYES,
        NOSE,
        MOUTH,
        SPOTS,
        FOREHEAD,
        LIPS,
        WHOLE
    }

    /** In which light it shows first. */
    public enum Light {
        WINDOW,
        EVENT,
        FLASH
    }

    private final Place place;
    private final Light light;
    private final List<StepCode> back;

    Flaw(Place place, Light light, StepCode... back) {
        this.place = place;
        this.light = light;
        this.back = List.of(back);
    }

    public Place place() {
        return place;
    }

    public Light light() {
        return light;
    }

    /** Returns the steps whose fault it can be, the likeliest first. */
    public List<StepCode> back() {
        return back;
    }

    /** Returns the step that it leads back to, the first of its own that was done; empty where none was: then it cannot be its fault. */
    public Optional<StepCode> leadsTo(List<StepCode> done) {
        return back.stream().filter(done::contains).findFirst();
    }

    /** Returns whether what lies there comes off first. */
    public boolean comesOff() {
        return this == GREY_UNDER_EYE || this == WHITE_CAST;
    }

    /**
     * Returns what there is to look for.
     *
     * @param done steps that were done
     * @param flash whether pictures are taken with flash
     */
    public static List<Flaw> of(List<StepCode> done, boolean flash) {
        return java.util.Arrays.stream(values())
                .filter(f -> f.leadsTo(done).isPresent())
                .filter(f -> flash || f.light != Light.FLASH || f == SHINE || f == PATCHY)
                .toList();
    }
}
