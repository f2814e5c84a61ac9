package scree.standins.camera;

import scree.core.image.CardLayout;

/**
 * How a picture is taken.
 *
 * @param card what is held beside the face; null for nothing
 * @param exposure linear value of a perfect white, about 0.8
 * @param slopeX how light changes across, as ln per pupil distance; ±0.025 is ±5 % between face and card
 * @param slopeY the same downwards
 * @param whiteBalance error of red and blue against green, 1 for none: {red, blue}
 * @param covered share of the card's height that is hidden from below, 0 to 1
 * @param seed of the noise
 */
public record Shot(
        CardLayout.Kind card,
        double exposure,
        double slopeX,
        double slopeY,
        double[] whiteBalance,
        double covered,
        long seed) {
    /** Returns a careful shot with the colour card. */
    public static Shot withCard(long seed) {
        return new Shot(CardLayout.Kind.COLOUR, .93, .008, -.004, new double[] {1.01, .99}, 0, seed);
    }

    /** Returns the same without any card, a little brighter for deep skin. */
    public static Shot withoutCard(Sitter sitter, long seed) {
        return new Shot(null, .86 + .20 * sitter.deep(), .005, 0, new double[] {1, 1}, 0, seed);
    }

    public Shot withCard(CardLayout.Kind kind) {
        return new Shot(kind, exposure, slopeX, slopeY, whiteBalance, covered, seed);
    }

    public Shot withCovered(double share) {
        return new Shot(card, exposure, slopeX, slopeY, whiteBalance, share, seed);
    }
}
