package scree.core.image;

import scree.core.colour.Check;

/**
 * What one daylight picture with the colour card taught about a phone: enough to read its later daylight pictures with only
 * the grey card. Not to be carried to another kind of light.
 *
 * @param saturation colourfulness that the phone adds, 1 to 1.25
 * @param components 20 numbers of its response in daylight
 */
public record CameraProfile(double saturation, double[] components) {
    public CameraProfile {
        saturation = Check.inRange("saturation", saturation, 0.9, 1.5, "learn the phone again with the colour card");
        if (components.length != ResponseEstimate.COMPONENTS) {
            throw new IllegalArgumentException(
                    "a camera profile has 20 components, not %d: learn the phone again".formatted(components.length));
        }
        components = components.clone();
    }

    @Override
    public double[] components() {
        return components.clone();
    }
}
