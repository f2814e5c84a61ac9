package scree.core.colour;

/**
 * The sRGB edge (IEC 61966-2-1): 8-bit or fractional codes to linear light and back, and linear light to XYZ. The matrix is
 * derived from the primaries and the rounded white 0.3127, 0.3290, so white maps to {@link Xyz#D65} exactly.
 */
public final class Srgb {
    private static final double[][] TO_XYZ = {
        {0.4123907992659593, 0.3575843393838780, 0.1804807884018343},
        {0.2126390058715102, 0.7151686787677560, 0.0721923153607337},
        {0.0193308187155918, 0.1191947797946260, 0.9505321522496607}
    };
    private static final double[][] FROM_XYZ = {
        {3.2409699419045213, -1.5373831775700935, -0.4986107602930033},
        {-0.9692436362808798, 1.8759675015077206, 0.0415550574071756},
        {0.0556300796969937, -0.2039769588889766, 1.0569715142428784}
    };
    private static final double[] LINEAR_OF_BYTE = linearTable();

    private Srgb() {}

    /** Returns linear light 0..1 for a code 0..1. */
    public static double toLinear(double code) {
        return code <= 0.04045 ? code / 12.92 : Math.pow((code + 0.055) / 1.055, 2.4);
    }

    /** Returns linear light for a code 0..255. */
    public static double toLinear(int code) {
        return LINEAR_OF_BYTE[code];
    }

    /** Returns the code 0..1 for linear light; past 0..1 it is clamped. */
    public static double toCode(double linear) {
        double v = Math.min(1, Math.max(0, linear));
        return v <= 0.0031308 ? 12.92 * v : 1.055 * Math.pow(v, 1 / 2.4) - 0.055;
    }

    /** Returns XYZ of linear light {r, g, b}. */
    public static Xyz toXyz(double r, double g, double b) {
        return new Xyz(row(TO_XYZ[0], r, g, b), row(TO_XYZ[1], r, g, b), row(TO_XYZ[2], r, g, b));
    }

    /** Returns linear light {r, g, b}; outside 0..1 when the colour is outside sRGB. */
    public static double[] toLinear(Xyz xyz) {
        double x = xyz.x();
        double y = xyz.y();
        double z = xyz.z();
        return new double[] {row(FROM_XYZ[0], x, y, z), row(FROM_XYZ[1], x, y, z), row(FROM_XYZ[2], x, y, z)};
    }

    /** Returns L*a*b* of 8-bit codes. */
    public static Lab toLab(int r, int g, int b) {
        return toXyz(LINEAR_OF_BYTE[r], LINEAR_OF_BYTE[g], LINEAR_OF_BYTE[b]).toLab(Xyz.D65);
    }

    /** Returns the nearest 8-bit sRGB as {@code #rrggbb}, for showing; colours outside sRGB are clamped per channel. */
    public static String hex(Lab lab) {
        double[] linear = toLinear(lab.toXyz());
        return "#%02x%02x%02x"
                .formatted(toByte(toCode(linear[0])), toByte(toCode(linear[1])), toByte(toCode(linear[2])));
    }

    private static int toByte(double code) {
        return (int) Math.round(code * 255);
    }

    private static double row(double[] m, double r, double g, double b) {
        return m[0] * r + m[1] * g + m[2] * b;
    }

    private static double[] linearTable() {
        double[] table = new double[256];
        for (int i = 0; i < 256; i++) {
            table[i] = toLinear(i / 255.0);
        }
        return table;
    }
}
