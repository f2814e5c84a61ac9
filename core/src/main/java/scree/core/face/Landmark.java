package scree.core.face;

import scree.core.plane.Vec;

/**
 * A named place on the face. The template is a usual adult face in pupil distances from the middle of the pupils, x outward;
 * it only starts the points. The doubts are standard deviations across and along the face while a point is only guessed from
 * the mesh; derived on photographs, each face left out in turn, with the reading's own .012 in them: docs/method.md.
 */
public enum Landmark {
    /** Trichion, the hairline's middle. The mesh does not know it. */
    HAIRLINE(false, 0, -1.10, .03, .12),
    /** The skin between the brows at the height of their starts' lower edge. */
    GLABELLA(false, 0, -.26, .03, .03),
    /** Sellion, the deepest place of the bridge. */
    NOSE_ROOT(false, 0, -.06, .03, .025),
    /** Pronasale. */
    NOSE_TIP(false, 0, .56, .05, .031),
    SUBNASALE(false, 0, .74, .045, .02),
    /** Where the lips meet. */
    STOMION(false, 0, 1.10, .039, .032),
    CUPID_DIP(false, 0, .99, .038, .023),
    /** Lower edge of the lower lip's red. */
    LOWER_LIP(false, 0, 1.25, .032, .037),
    /** Menton, the chin's lowest edge. */
    CHIN(false, 0, 1.86, .055, .055),
    PUPIL(true, .5, 0, .025, .02),
    /** Endocanthion. */
    EYE_IN(true, .255, .03, .025, .018),
    /** Exocanthion. */
    EYE_OUT(true, .745, 0, .035, .035),
    LID_UP(true, .5, -.09, .025, .017),
    LID_LOW(true, .5, .085, .018, .016),
    BROW_START(true, .20, -.33, .036, .033),
    /** Upper edge of the brow where it is highest. */
    BROW_ARCH(true, .60, -.44, .08, .04),
    BROW_END(true, .83, -.34, .065, .038),
    /** The bridge's edge midway between root and tip. */
    BRIDGE(true, .14, .25, .035, .035),
    /** Alare, the nostril wing's widest place. */
    ALARE(true, .27, .64, .027, .024),
    /** Cheilion, the mouth's corner. */
    MOUTH(true, .40, 1.10, .04, .031),
    /** Peak of the cupid's bow. */
    CUPID(true, .085, .965, .03, .025),
    /** Where the ear's upper edge meets the head. The mesh does not know it. */
    EAR_TOP(true, 1.03, -.20, .10, .10),
    /** Where the hairline meets the face's edge. The mesh does not know it. */
    FOREHEAD_CORNER(true, .84, -.86, .10, .10),
    /** The face's edge at 0.4 of the way from the brow line to the hairline. */
    TEMPLE(true, .98, -.58, .09, .05),
    /** Zygion, the widest place between eye line and nose base. */
    CHEEK(true, 1.06, .22, .06, .03),
    /** Gonion as seen from the front: where the side turns into the chin. */
    JAW(true, .86, 1.16, .09, .05),
    /** A third of the edge from jaw to chin. */
    JAW_MID(true, .64, 1.53, .09, .05),
    /** Two thirds of the edge from jaw to chin. */
    CHIN_SIDE(true, .36, 1.77, .09, .05);

    private final boolean paired;
    private final Vec usual;
    private final Vec doubt;

    Landmark(boolean paired, double x, double y, double doubtX, double doubtY) {
        this.paired = paired;
        this.usual = new Vec(x, y);
        this.doubt = new Vec(doubtX, doubtY);
    }

    /** Returns whether it exists on both sides. */
    public boolean paired() {
        return paired;
    }

    /** Returns the template's place on one side of a levelled face. */
    Vec usual(Side side) {
        return side == Side.RIGHT ? usual.mirrored() : usual;
    }

    /** Returns the standard deviation in x and y while the point is a guess. */
    Vec doubt() {
        return doubt;
    }

    /** Returns whether it lies on the face's edge. */
    public boolean onEdge() {
        return switch (this) {
            case FOREHEAD_CORNER, TEMPLE, CHEEK, JAW, JAW_MID, CHIN_SIDE, CHIN, EAR_TOP -> true;
            default -> false;
        };
    }

    /** Returns whether the first guess cannot know it, so that the artist is asked for it first. */
    public boolean askedFirst() {
        return switch (this) {
            case HAIRLINE, CHIN, JAW, EAR_TOP -> true;
            default -> false;
        };
    }
}
