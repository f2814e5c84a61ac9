package scree.standins.camera;

/** The exact lid curves of one eye; x is measured outward from the midline. */
final class EyeShape {
    static final double INNER = 0.25;
    static final double WIDTH = 0.505;
    static final double PUPIL_X = 0.5;
    static final double PUPIL_Y = -0.022;
    static final double IRIS = 0.098;

    private final Sitter.Face face;
    private final double shift;

    EyeShape(Sitter.Face face, int side) {
        this.face = face;
        this.shift = side * face.eyeDifference() / 2;
    }

    static double u(double ax) {
        return (ax - INNER) / WIDTH;
    }

    double base(double u) {
        return Curves.lerp(.025, -face.eyeTilt(), u) + shift;
    }

    double upper(double u) {
        double v = Curves.clamp(u, 0, 1);
        return base(u) - face.eyeUpper() * Math.pow(Math.max(0, Math.sin(Math.PI * Math.pow(v, .88))), .72);
    }

    double lower(double u) {
        double v = Curves.clamp(u, 0, 1);
        return base(u) + face.eyeLower() * Math.pow(Math.max(0, Math.sin(Math.PI * Math.pow(v, 1.2))), .85);
    }
}
