package scree.core.image;

import scree.core.colour.Lab;

/** Reads skin codes of one picture as colours. */
public interface Calibration {
    /**
     * Returns the colour of skin with these mean codes.
     *
     * @param code {r, g, b}, 0..1
     * @param face the middle of the face in pixels, to carry the light's slope from the card to it
     */
    Lab read(double[] code, Point face);

    /**
     * Returns linear light {r, g, b} relative to a perfect white at the card, before any map to colour; for comparing the
     * light on two places of a face and for averaging.
     */
    double[] linear(double[] code);

    /** Returns the codes that this camera gives for linear light. */
    double[] code(double[] linear);

    /** How far to trust it. */
    Quality quality();

    /**
     * What the card says about the reading.
     *
     * @param fields fields on the card
     * @param unusable fields clipped, too dark, covered or in glare
     * @param residual rms misfit of the usable fields in cube roots of linear light × 100; a weak guide
     * @param saturation colourfulness that the camera added, 1 for none
     * @param halo rms of ln light on the white border that no even slope explains; high when the phone worked the picture over
     */
    record Quality(int fields, int unusable, double residual, double saturation, double halo) {}
}
