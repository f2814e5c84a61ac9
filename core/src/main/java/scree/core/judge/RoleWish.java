package scree.core.judge;

import scree.core.colour.Lab;

/**
 * What is wanted of a role.
 *
 * @param strength share of the full effect, usually 0.7 to 1
 * @param evening whether evening and stage light allow more
 * @param muted whether there is redness that colour must not add to
 * @param flash whether pictures are taken with flash
 * @param look how strong a lip
 * @param stepsSchool whether a shadow is so many steps deeper, not the own shadow
 * @param shadowTint X, Y and Z that the own shadow in a picture has against light, over its luminance; null without a picture
 * @param hair colour of the hair, for brows; null when it was not read
 */
public record RoleWish(
        double strength,
        boolean evening,
        boolean muted,
        boolean flash,
        LipLook look,
        boolean stepsSchool,
        double[] shadowTint,
        Lab hair) {
    /** How strong a lip is wanted. */
    public enum LipLook {
        NATURAL(2, 4),
        CLEAR(5, 13),
        RICH(9, 20);

        private final double deeper;
        private final double chroma;

        LipLook(double deeper, double chroma) {
            this.deeper = deeper;
            this.chroma = chroma;
        }

        double deeper() {
            return deeper;
        }

        double chroma() {
            return chroma;
        }
    }

    /** Returns a wish by day without flash. */
    public static RoleWish of(double strength) {
        return new RoleWish(strength, false, false, false, LipLook.NATURAL, false, null, null);
    }

    /** Returns the same for pictures with flash. */
    public RoleWish inFlash() {
        return new RoleWish(strength, evening, muted, true, look, stepsSchool, shadowTint, hair);
    }

    /** Returns the same where redness is to be hidden. */
    public RoleWish overRedness() {
        return new RoleWish(strength, evening, true, flash, look, stepsSchool, shadowTint, hair);
    }

    /** Returns the same in the evening. */
    public RoleWish inTheEvening() {
        return new RoleWish(strength, true, muted, flash, look, stepsSchool, shadowTint, hair);
    }

    /** Returns the same with another lip. */
    public RoleWish lip(LipLook other) {
        return new RoleWish(strength, evening, muted, flash, other, stepsSchool, shadowTint, hair);
    }

    /** Returns the same for brows beside a hair. */
    public RoleWish beside(Lab ofHair) {
        return new RoleWish(strength, evening, muted, flash, look, stepsSchool, shadowTint, ofHair);
    }
}
