package scree.core.judge;

import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.core.plane.Normal;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.Undertone;

/**
 * What judging a product needs to know of a skin.
 *
 * @param skin of the face, bare
 * @param ground what the product is laid on: bare skin, base over it, the own lip, a marked zone
 * @param features L* of brow, hair and eye as far as they are known
 * @param underEye whether it lies under the eye, where a powder may darken less
 */
public record RoleSkin(Lab skin, Lab ground, FeatureDepths features, boolean underEye) {
    /** L* of what a face is held against; null for not known. */
    public record FeatureDepths(Double brow, Double hair, Double eye) {
        /** Nothing was read. */
        public static final FeatureDepths UNKNOWN = new FeatureDepths(null, null, null);
    }

    /** Contrast of skin and features while nothing is known of them. House choice: between low (22) and high (42). */
    private static final double USUAL_CONTRAST = 30;

    /** Doubt of a lean, degrees: the reading's own and the curve's, as the undertone weighs them. */
    private static final double LEAN_DOUBT = Math.hypot(1.5, 1.2);

    /** From this L* down skin counts as deep, wholly at 30; from it up as very fair, wholly at 78. House choice. */
    private static final double DEEP_FROM = 60;

    private static final double DEEP_SPAN = 30;
    private static final double FAIR_SPAN = 18;

    /** Returns bare skin with nothing known of its features. */
    public static RoleSkin bare(Lab skin) {
        return new RoleSkin(skin, skin, FeatureDepths.UNKNOWN, false);
    }

    /** Returns the same on another ground. */
    public RoleSkin on(Lab other) {
        return new RoleSkin(skin, other, features, underEye);
    }

    /** Returns 0 to 1 for how deep it is. */
    public double deep() {
        return clamp((DEEP_FROM - skin.lightness()) / DEEP_SPAN);
    }

    /** Returns 0 to 1 for how very fair it is. */
    public double fair() {
        return clamp((skin.lightness() - DEEP_FROM) / FAIR_SPAN);
    }

    /** Returns 0 to 1 for how olive it is. */
    public double olive() {
        return Undertone.oliveOf(skin);
    }

    /** Returns how far its hue leans from usual, degrees, with the green cast of an olive taken out first. */
    public double lean() {
        return Undertone.leanOf(skin);
    }

    public double warm() {
        return Normal.below((lean() - Undertone.FAMILY_EDGE_DEGREES) / LEAN_DOUBT);
    }

    public double cool() {
        return Normal.below((-Undertone.FAMILY_EDGE_DEGREES - lean()) / LEAN_DOUBT);
    }

    public double neutral() {
        return 1 - warm() - cool();
    }

    /** Returns L* of the skin minus that of its features, brows counting half, a usual figure when they are not known. */
    public double contrast() {
        return contrastKnown() ? readContrast() : USUAL_CONTRAST;
    }

    /** Returns whether brows were read, so that the contrast is this face's own. */
    public boolean contrastKnown() {
        return features.brow() != null;
    }

    private double readContrast() {
        double brow = features.brow();
        double hair = features.hair() == null ? brow : features.hair();
        double eye = features.eye() == null ? brow : features.eye();
        return skin.lightness() - (.5 * brow + .25 * hair + .25 * eye);
    }

    /** Returns L* of the brows, a usual one for this skin when they are not known. */
    double brow() {
        return features.brow() == null ? skin.lightness() - USUAL_CONTRAST : features.brow();
    }

    Spectrum groundSpectrum() {
        return LeastSlope.spectrumOf(ground)
                .orElseThrow(() -> new IllegalArgumentException(
                        "%s is no colour that skin can have: read it again".formatted(ground)));
    }

    /**
     * Returns the chroma that a colour would have at another lightness: the geometric mean of the same skin in more or less light
     * (chroma goes with L* + 16) and the same undertone at another depth.
     */
    static double ownChroma(Lab colour, double lightness) {
        double depth = ReferenceCurve.at(lightness).chroma()
                / ReferenceCurve.at(colour.lightness()).chroma();
        double ratio = Math.max(.6, Math.min(1.5, depth));
        return colour.chroma() * Math.sqrt((lightness + 16) / (colour.lightness() + 16) * ratio);
    }

    /** Returns the same skin lighter or deeper. */
    static Lab own(Lab colour, double lightness) {
        return Lab.ofLch(lightness, ownChroma(colour, lightness), colour.hueDegrees());
    }

    /** Returns the own lip while it was not read. House choice, and the weakest guess here: read it. */
    public Lab guessedLip() {
        double deep = clamp((70 - skin.lightness()) / 40);
        return Lab.of(skin.lightness() - (13 - 9 * deep), skin.a() + 9 - 4 * deep, .75 * skin.b());
    }

    /** Returns the skin under the eye once it is brightened, as a powder finds it. */
    public Lab brightened() {
        return own(skin, skin.lightness() + .8 * RoleTarget.lightStep(skin, 1));
    }

    static double clamp(double v) {
        return Math.max(0, Math.min(1, v));
    }
}
