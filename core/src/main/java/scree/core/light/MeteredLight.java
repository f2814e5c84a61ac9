package scree.core.light;

import scree.core.colour.Check;

/**
 * One reading of a light meter beside the face.
 *
 * @param kelvin correlated colour temperature, 1000 to 25000
 * @param duv distance to the daylight line in CIE 1960 u, v; above 0 greenish, −0.1 to 0.1
 * @param lux illuminance, 0 to 200000
 */
public record MeteredLight(double kelvin, double duv, double lux) {
    public MeteredLight {
        kelvin = Check.inRange("temperature", kelvin, 1000, 25000, "measure the light again, dome towards the lamp");
        duv = Check.inRange("tint", duv, -0.1, 0.1, "measure the light again, dome towards the lamp");
        lux = Check.inRange("illuminance", lux, 0, 200_000, "measure the light again, dome towards the lamp");
    }
}
