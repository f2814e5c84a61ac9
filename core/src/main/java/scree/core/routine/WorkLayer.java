package scree.core.routine;

import java.util.Optional;
import scree.core.shade.Role;

/** What a step is part of; the school says which layer goes before which where zones meet. */
public enum WorkLayer {
    SAFE,
    CARE,
    PRIME,
    /** On the lids, with powder that may fall. */
    EYE_DRY,
    CORRECT,
    HEAVY,
    BASE,
    /** Base that ties what lies under it. */
    SEAM,
    MAIN,
    COVER,
    LIGHT,
    SHADOW,
    SUN,
    COLOUR,
    BLEND,
    SPOT,
    CREASE,
    POWDER,
    SWEEP,
    REINFORCE,
    SHEEN,
    SPRAY,
    BROW,
    BROW_WET,
    BODY,
    /** On the lashes, wet until it has dried. */
    EYE_WET,
    LIPS,
    RETOUCH,
    MIST,
    LOOK,
    /** Off the face; fills waits. */
    CHORE;

    /** Returns whether it leaves colour on the skin: it goes round a heavy cover. */
    boolean colours() {
        return switch (this) {
            case CORRECT, BASE, SEAM, MAIN, COVER, LIGHT, SHADOW, SUN, COLOUR, BLEND, SHEEN, REINFORCE, POWDER, SPOT ->
                true;
            default -> false;
        };
    }

    /** Returns what its products are mostly for, empty where none or several roles do it. */
    public Optional<Role> usualRole() {
        return switch (this) {
            case CARE -> Optional.of(Role.SKIN_CARE);
            case PRIME -> Optional.of(Role.PRIMER);
            case CORRECT -> Optional.of(Role.CORRECTOR);
            case BASE, SEAM, MAIN -> Optional.of(Role.BASE);
            case HEAVY, COVER, SPOT -> Optional.of(Role.CONCEALER);
            case LIGHT -> Optional.of(Role.BRIGHTENER);
            case SHADOW -> Optional.of(Role.CONTOUR);
            case SUN -> Optional.of(Role.BRONZER);
            case COLOUR -> Optional.of(Role.BLUSH);
            case POWDER -> Optional.of(Role.POWDER);
            case SHEEN -> Optional.of(Role.HIGHLIGHT);
            case SPRAY, MIST -> Optional.of(Role.SPRAY);
            case BROW, BROW_WET -> Optional.of(Role.BROW);
            default -> Optional.empty();
        };
    }

    /** Returns whether it places a family of colour or cover that the next one may follow soon. */
    boolean placed() {
        return switch (this) {
            case LIGHT, SHADOW, SUN, COLOUR, COVER, SPOT -> true;
            default -> false;
        };
    }
}
