package scree.standins.camera;

/**
 * A patch of skin that holds more or less melanin and blood than the skin beside it, with soft edges. Lengths in pupil distances.
 *
 * @param melanin optical density near 550 nm, −0.5 to 1.4
 * @param blood the same
 * @param both whether the other side of the face has it too
 */
public record Concern(double x, double y, double radiusX, double radiusY, double melanin, double blood, boolean both) {}
