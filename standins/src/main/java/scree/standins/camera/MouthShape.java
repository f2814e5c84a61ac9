package scree.standins.camera;

/** The exact lip curves; x is measured outward from the midline. */
final class MouthShape {
    final double middle;
    final double half;
    private final Sitter.Face face;

    MouthShape(Sitter.Face face) {
        this.face = face;
        this.half = face.mouthWidth();
        this.middle = 1.11 + (face.shape().chin - 1.86) / 2;
    }

    double line(double ax) {
        double a = ax / half;
        return middle + .008 + .006 * Math.cos(Math.PI * Math.min(1, 2.2 * a)) - face.smile() * a * a;
    }

    double upper(double ax) {
        double a = ax / half;
        double h = a < .2 ? Curves.lerp(.80, 1, Curves.step(0, .2, a)) : Math.pow(Math.max(0, (1 - a) / .8), .85);
        return line(ax) - face.lipUpper() * Math.min(1, h);
    }

    double lower(double ax) {
        double a = Math.min(1, ax / half);
        return line(ax) + face.lipLower() * Math.pow(Math.max(0, 1 - Math.pow(a, 1.9)), 1.05);
    }
}
