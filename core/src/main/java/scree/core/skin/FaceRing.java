package scree.core.skin;

import java.util.ArrayList;
import java.util.List;
import scree.core.plane.Vec;

/** The ring of brows, nose and mouth, inside which a face is lighter: where the inner of two tones lies and the outer ends. */
public enum FaceRing {
    /** From over the brows to under the lip, as wide as the outer eye corners. Craft rule. */
    INNER(1, 0),
    /** About the whole face. House choice: where the outer tone is blended out. */
    OUTER(1.72, 0.12);

    /** In pupil distances below the pupils; a ring stands between these. House choices after the craft's words. */
    private static final double TOP = -0.40;

    private static final double BOTTOM = 1.42;
    private static final double HALF_WIDTH = 0.78;
    /** Share by which it is narrower at the mouth. House choice: as a face is. */
    private static final double NARROWER = 0.12;

    private static final int POINTS = 48;

    private final double size;
    private final double down;

    FaceRing(double size, double down) {
        this.size = size;
        this.down = down;
    }

    /** Returns the closed line in pupil distances about the middle between the pupils, y down. */
    public List<Vec> line() {
        List<Vec> line = new ArrayList<>();
        double middle = (TOP + BOTTOM) / 2 + down;
        double half = (BOTTOM - TOP) / 2 * size;
        for (int i = 0; i < POINTS; i++) {
            double t = 2 * Math.PI * i / POINTS;
            double narrower = 1 - NARROWER * Math.max(0, Math.sin(t));
            line.add(new Vec(HALF_WIDTH * size * narrower * Math.cos(t), middle + half * Math.sin(t)));
        }
        return line;
    }
}
