package scree.standins.camera;

import scree.core.colour.Lab;

/**
 * What goes wrong with a light besides its direction; for trying the light check.
 *
 * @param second a lamp of another colour on the sitter's left cheek; null for none
 * @param secondShare how much of the light there comes from it, 0..1
 * @param behind times that the wall is brighter than usual, 1 for none
 * @param wall colour of the wall, which also tints the cheek beside it; null for the studio's
 * @param workedOver local tone mapping, 0 for none to 1
 */
public record Trouble(Lamp second, double secondShare, double behind, Lab wall, double workedOver) {
    public static final Trouble NONE = new Trouble(null, 0, 1, null, 0);

    public static Trouble secondLamp(Lamp lamp, double share) {
        return new Trouble(lamp, share, 1, null, 0);
    }

    public static Trouble litFromBehind(double times) {
        return new Trouble(null, 0, times, null, 0);
    }

    public static Trouble colouredWall(Lab wall) {
        return new Trouble(null, 0, 1, wall, 0);
    }

    public static Trouble workedOverBy(double share) {
        return new Trouble(null, 0, 1, null, share);
    }
}
