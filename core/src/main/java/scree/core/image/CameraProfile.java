package scree.core.image;

import java.util.Arrays;

/**
 * What one daylight picture with the colour card taught about a phone: the map by which its later daylight pictures with only
 * the grey card are read. Not to be carried to another kind of light.
 *
 * @param map 3 × 10: L*, a*, b* from {@link GreyCalibration#features}
 */
public record CameraProfile(double[][] map) {
    static final int FEATURES = 10;

    public CameraProfile {
        if (map.length != 3 || Arrays.stream(map).anyMatch(row -> row.length != FEATURES)) {
            throw new IllegalArgumentException(
                    "a phone's map has 3 rows of 10 numbers: learn the phone again with the colour card");
        }
        map = copy(map);
    }

    @Override
    public double[][] map() {
        return copy(map);
    }

    private static double[][] copy(double[][] m) {
        return Arrays.stream(m).map(double[]::clone).toArray(double[][]::new);
    }
}
