package scree.core.skin;

import scree.core.colour.Lab;

/**
 * Something uneven that was measured: one zone against another.
 *
 * @param zone where
 * @param against what it was compared with
 * @param difference ΔE00 between the two
 * @param deltaL L* of the zone minus the other, negative is deeper
 * @param deltaA a* minus, positive is redder
 * @param deltaB b* minus, positive is yellower
 */
public record SkinFinding(
        Code code, Zone zone, Zone against, double difference, double deltaL, double deltaA, double deltaB) {

    static SkinFinding of(Code code, Zone zone, Lab at, Zone against, Lab other) {
        return new SkinFinding(
                code,
                zone,
                against,
                at.differenceFrom(other),
                at.lightness() - other.lightness(),
                at.a() - other.a(),
                at.b() - other.b());
    }

    /** What is found. Words say what is seen, with figures, and where it will matter. */
    public enum Code {
        FOREHEAD_DEEPER,
        FACE_LIGHTER_THAN_NECK,
        FACE_DEEPER_THAN_NECK,
        FACE_REDDER_THAN_NECK,
        FACE_YELLOWER_THAN_NECK,
        CHEST_MARKED_BY_SUN,
        NOSE_RED,
        AROUND_NOSE_RED,
        CHEEKS_RED,
        MOUTH_DARK,
        UPPER_LIP_DARK,
        UNDER_EYE_PURPLE,
        UNDER_EYE_BROWN,
        LIDS_DULL,
        SALLOW
    }
}
