package scree.app.face;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import scree.app.look.Lines;
import scree.core.face.EdgeCurve;
import scree.core.face.LevelledFace;
import scree.core.face.Shape;
import scree.core.plane.Vec;

/**
 * The shapes as stones, darker the more of them a face has, and where this face lies among them.
 *
 * @param x of the face's own figure, px
 * @param y of it, px
 * @param own path of it round (0, 0)
 */
record ShapeField(List<Stone> stones, double x, double y, String own) {
    private static final double WIDTH = 470;
    private static final double EDGE = 20;
    /** Opacity of a stone without a share, what a whole share adds, and how it grows. */
    private static final double FAINTEST = .03;

    private static final double DARKENS = .75;
    private static final double GROWS = .7;
    /** Px a pupil distance of the face's own figure, and every which point of its edge is drawn. */
    private static final double UNIT = 15;

    private static final int EVERY = 5;

    /** One shape. */
    record Stone(
            String shape, String name, String path, double x, double y, double opacity, int percent, boolean lead) {}

    static ShapeField of(TakenFace face, LevelledFace level, FaceWords w) {
        List<Stone> stones = new ArrayList<>();
        double x = 0;
        double y = 0;
        Shape lead = face.reading().shape().name().lead();
        for (ShapePlace p : ShapePlace.ALL) {
            double share = face.reading().shape().share(p.shape());
            x += share * p.x();
            y += share * p.y();
            stones.add(new Stone(
                    p.shape().name(),
                    w.shape(p.shape()),
                    p.outline(),
                    p.x(),
                    p.y(),
                    FAINTEST + DARKENS * Math.pow(share, GROWS),
                    (int) Math.round(100 * share),
                    p.shape() == lead));
        }
        return new ShapeField(stones, Math.max(EDGE, Math.min(WIDTH - EDGE, x)), y, own(level));
    }

    /** The face's own edge as a small figure. */
    private static String own(LevelledFace level) {
        List<double[]> line = new ArrayList<>();
        double top = level.at(HAIRLINE).y();
        double middle = (top + level.at(CHIN).y()) / 2;
        line.add(new double[] {0, (top - middle) * UNIT});
        List<Vec> edge = new ArrayList<>(new EdgeCurve(level).line());
        Collections.reverse(edge);
        for (int i = 0; i < edge.size(); i += EVERY) {
            line.add(new double[] {edge.get(i).x() * UNIT, (edge.get(i).y() - middle) * UNIT});
        }
        return Lines.closedSmooth(line);
    }
}
