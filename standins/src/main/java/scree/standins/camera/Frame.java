package scree.standins.camera;

/**
 * How the picture's pixels lie in the scene.
 *
 * @param width pixels
 * @param height pixels
 */
record Frame(int width, int height) {
    /** Pupil distance over picture width, and height of the pupils in the picture: passport-like with room for a card. */
    static final double PUPIL_SHARE = 160.0 / 900;

    static final double PUPIL_HEIGHT = 0.39;

    /** Returns pixels per pupil distance. */
    double unit() {
        return width * PUPIL_SHARE;
    }

    double x(int px) {
        return (px + 0.5 - width / 2.0) / unit();
    }

    double y(int py) {
        return (py + 0.5 - PUPIL_HEIGHT * height) / unit();
    }

    double px(double x) {
        return x * unit() + width / 2.0 - 0.5;
    }

    double py(double y) {
        return y * unit() + PUPIL_HEIGHT * height - 0.5;
    }

    int column(double x) {
        return (int) Curves.clamp(Math.round(px(x)), 0, width - 1);
    }

    int row(double y) {
        return (int) Curves.clamp(Math.round(py(y)), 0, height - 1);
    }
}
