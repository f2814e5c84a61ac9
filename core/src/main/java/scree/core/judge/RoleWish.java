package scree.core.judge;

import scree.core.colour.Lab;
import scree.core.shade.Role;

/**
 * What is wanted of a role.
 *
 * @param strength share of the full effect, usually 0.7 to 1
 * @param evening whether evening and stage light allow more
 * @param muted whether there is redness that colour must not add to
 * @param flash whether pictures are taken with flash
 * @param look how strong a lip
 * @param stepsSchool whether a shadow is so many steps deeper, not the own shadow
 * @param shadowTint colour of the own shadow against light; null without a picture
 * @param hair colour of the hair, for brows; null when it was not read
 * @param warmest degrees of hue that a shadow may turn towards yellow at most, from a picture in warm light; null without one
 */
public record RoleWish(
        double strength,
        boolean evening,
        boolean muted,
        boolean flash,
        LipLook look,
        boolean stepsSchool,
        Tint shadowTint,
        Lab hair,
        Double warmest) {
    /**
     * What shade does to the colour of lit skin: X, Y and Z of the shadow over those of the lit side, over the ratio of luminance.
     */
    public record Tint(double x, double y, double z) {
        private static final double LEAST = .93;
        private static final double MOST = 1.07;
        /** Shade that only takes light away. */
        public static final Tint NONE = new Tint(1, 1, 1);

        /** A stray reflection must not make the contour: each factor stays within 7 % (house choice). */
        public Tint {
            x = Math.max(LEAST, Math.min(MOST, x));
            y = Math.max(LEAST, Math.min(MOST, y));
            z = Math.max(LEAST, Math.min(MOST, z));
        }
    }

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

    /** Returns the strength that is proposed when nobody asks for more or less, at which products are compared. House choice. */
    public static double usualStrength(Role role) {
        return switch (role) {
            case CONTOUR -> .7;
            case BRIGHTENER, BLUSH, HIGHLIGHT, LID -> .8;
            default -> 1;
        };
    }

    /** Returns a usual wish by day without flash. */
    public static RoleWish usual(Role role) {
        return of(usualStrength(role));
    }

    /** Returns a wish by day without flash. */
    public static RoleWish of(double strength) {
        return new RoleWish(strength, false, false, false, LipLook.NATURAL, false, null, null, null);
    }

    /** Returns the same at another strength. */
    public RoleWish at(double other) {
        return new RoleWish(other, evening, muted, flash, look, stepsSchool, shadowTint, hair, warmest);
    }

    /** Returns the same with the shadow found so many steps deeper, not as the own one. */
    public RoleWish bySteps() {
        return new RoleWish(strength, evening, muted, flash, look, true, shadowTint, hair, warmest);
    }

    /** Returns the same with the own shadow as a picture showed it. */
    public RoleWish tinted(Tint tint) {
        return new RoleWish(strength, evening, muted, flash, look, stepsSchool, tint, hair, warmest);
    }

    /** Returns the same with a limit to how warm a shadow may be. */
    public RoleWish noWarmer(double degrees) {
        return new RoleWish(strength, evening, muted, flash, look, stepsSchool, shadowTint, hair, degrees);
    }

    /** Returns the same for pictures with flash. */
    public RoleWish inFlash() {
        return new RoleWish(strength, evening, muted, true, look, stepsSchool, shadowTint, hair, warmest);
    }

    /** Returns the same where redness is to be hidden. */
    public RoleWish overRedness() {
        return new RoleWish(strength, evening, true, flash, look, stepsSchool, shadowTint, hair, warmest);
    }

    /** Returns the same in the evening. */
    public RoleWish inTheEvening() {
        return new RoleWish(strength, true, muted, flash, look, stepsSchool, shadowTint, hair, warmest);
    }

    /** Returns the same with another lip. */
    public RoleWish lip(LipLook other) {
        return new RoleWish(strength, evening, muted, flash, other, stepsSchool, shadowTint, hair, warmest);
    }

    /** Returns the same for brows beside a hair. */
    public RoleWish beside(Lab ofHair) {
        return new RoleWish(strength, evening, muted, flash, look, stepsSchool, shadowTint, ofHair, warmest);
    }
}
