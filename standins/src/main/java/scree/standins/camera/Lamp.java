package scree.standins.camera;

import scree.core.colour.Chromaticity;
import scree.core.colour.Daylight;
import scree.core.colour.Illuminant;
import scree.core.colour.Spectrum;
import scree.core.colour.Xyz;

/**
 * A light source by relative power in 36 bands.
 *
 * @param name for the truth record
 * @param power relative
 */
public record Lamp(String name, double[] power) {
    /** Returns a phase of daylight, 4000 to 25000 K. */
    public static Lamp daylight(double kelvin) {
        return new Lamp("daylight %.0f K".formatted(kelvin), Daylight.power(kelvin));
    }

    /** Returns a tabulated lamp. */
    public static Lamp of(Illuminant illuminant) {
        return new Lamp(illuminant.name(), illuminant.power());
    }

    /**
     * Returns a white LED: a blue peak and one broad phosphor band, both chosen so that the light has the wanted temperature
     * and lies on the black-body line, as lamps for rooms do.
     *
     * @param kelvin 2600 to 4500
     * @param widthNm how broad the phosphor band is, 52 to 72
     */
    public static Lamp led(double kelvin, double widthNm) {
        double low = 560;
        double high = 604;
        for (int i = 0; i < 30; i++) {
            double middle = (low + high) / 2;
            if (chromaticity(ledOf(kelvin, middle, widthNm)).temperature().duv() > 0) {
                low = middle; // a redder phosphor pulls down to the line
            } else {
                high = middle;
            }
        }
        return new Lamp("LED %.0f K".formatted(kelvin), ledOf(kelvin, (low + high) / 2, widthNm));
    }

    /** Adds as much blue to a phosphor as gives the temperature. */
    private static double[] ledOf(double kelvin, double phosphorNm, double widthNm) {
        double low = 0;
        double high = 3;
        for (int i = 0; i < 40; i++) {
            double blue = (low + high) / 2;
            if (chromaticity(ledPower(blue, phosphorNm, widthNm)).mcCamyKelvin() < kelvin) {
                low = blue;
            } else {
                high = blue;
            }
        }
        return ledPower((low + high) / 2, phosphorNm, widthNm);
    }

    private static double[] ledPower(double blue, double phosphorNm, double widthNm) {
        double[] p = new double[Spectrum.BANDS];
        for (int i = 0; i < p.length; i++) {
            double nm = Spectrum.wavelength(i);
            double side = nm < phosphorNm ? widthNm : widthNm * 1.2;
            p[i] = blue * Math.exp(-Math.pow((nm - 452) / 12, 2)) + Math.exp(-Math.pow((nm - phosphorNm) / side, 2));
        }
        return p;
    }

    /** Returns the light's own colour; weight over power of a tabulated lamp is the observer. */
    public Chromaticity chromaticity() {
        return chromaticity(power);
    }

    private static Chromaticity chromaticity(double[] power) {
        double[] d65 = Illuminant.D65.power();
        double[] sum = new double[3];
        for (int axis = 0; axis < 3; axis++) {
            for (int i = 0; i < power.length; i++) {
                sum[axis] += power[i] * Illuminant.D65.weight(axis, i) / d65[i];
            }
        }
        return Chromaticity.of(new Xyz(sum[0], sum[1], sum[2]));
    }
}
