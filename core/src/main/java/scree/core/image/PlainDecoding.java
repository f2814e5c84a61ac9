package scree.core.image;

import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.colour.Xyz;

/** Takes the camera's word for the colour: plain sRGB decoding without any card. Provisional, never called a reading. */
public final class PlainDecoding implements Calibration {
    @Override
    public Lab read(double[] code, Point face) {
        double[] v = linear(code);
        return Srgb.toXyz(v[0], v[1], v[2]).toLab(Xyz.D65);
    }

    @Override
    public double[] linear(double[] code) {
        return new double[] {Srgb.toLinear(code[0]), Srgb.toLinear(code[1]), Srgb.toLinear(code[2])};
    }

    @Override
    public double[] code(double[] linear) {
        return new double[] {Srgb.toCode(linear[0]), Srgb.toCode(linear[1]), Srgb.toCode(linear[2])};
    }

    @Override
    public Quality quality() {
        return new Quality(0, 0, 0, 1, 0);
    }
}
