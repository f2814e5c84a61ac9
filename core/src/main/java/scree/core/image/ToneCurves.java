package scree.core.image;

import java.util.List;
import scree.core.colour.Srgb;

/** The three channels' tone curves after the camera's extra saturation is taken back. */
final class ToneCurves {
    private final ToneCurve[] curves = new ToneCurve[3];
    private final double saturation;

    /** @param greys codes of the greys light to dark, with their fields */
    ToneCurves(List<double[]> greys, List<CardField> fields, double saturation) {
        this.saturation = saturation;
        double[][] codes = new double[3][greys.size()];
        double[][] reference = new double[3][greys.size()];
        for (int i = 0; i < greys.size(); i++) {
            double[] code = desaturated(greys.get(i));
            double[] linear = Srgb.toLinear(fields.get(i).colour().toXyz());
            for (int c = 0; c < 3; c++) {
                codes[c][i] = code[c];
                reference[c][i] = linear[c];
            }
        }
        for (int c = 0; c < 3; c++) {
            curves[c] = ToneCurve.through(codes[c], reference[c]);
        }
    }

    /** Returns linear light {r, g, b}; a grey of the card gets its reflectance in each. */
    double[] linear(double[] code) {
        double[] q = desaturated(code);
        return new double[] {curves[0].linear(q[0]), curves[1].linear(q[1]), curves[2].linear(q[2])};
    }

    /** Returns the codes as the camera would have given them for light changed by a factor. Only without saturation. */
    double[] relit(double[] code, double factor) {
        double[] out = new double[3];
        for (int c = 0; c < 3; c++) {
            out[c] = curves[c].code(curves[c].linear(code[c]) * factor);
        }
        return out;
    }

    /** Returns the codes that give this linear light, before any saturation. */
    double[] codeOf(double[] linear) {
        return new double[] {curves[0].code(linear[0]), curves[1].code(linear[1]), curves[2].code(linear[2])};
    }

    /** Returns codes with the camera's extra saturation put back. */
    double[] saturated(double[] code) {
        double y = 0.299 * code[0] + 0.587 * code[1] + 0.114 * code[2];
        return new double[] {
            y + (code[0] - y) * saturation, y + (code[1] - y) * saturation, y + (code[2] - y) * saturation
        };
    }

    private double[] desaturated(double[] code) {
        double y = 0.299 * code[0] + 0.587 * code[1] + 0.114 * code[2];
        return new double[] {
            y + (code[0] - y) / saturation, y + (code[1] - y) / saturation, y + (code[2] - y) / saturation
        };
    }
}
