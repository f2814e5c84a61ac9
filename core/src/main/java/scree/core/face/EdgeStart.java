package scree.core.face;

import java.util.ArrayList;
import java.util.List;
import scree.core.mesh.HeadMesh;
import scree.core.mesh.Pose;
import scree.core.plane.Vec;

/**
 * Where the face's edge is before the picture is asked: the mesh's oval, stretched below the nose, a little widened, and with what the mesh
 * gets wrong on a turned head taken out. In the levelled units of the picture. Figures: derived on photographs, docs/method.md.
 */
public final class EdgeStart {
    private static final int[] RIGHT_OVAL = {
        10, 109, 67, 103, 54, 21, 162, 127, 234, 93, 132, 58, 172, 136, 150, 149, 176, 148, 152
    };
    private static final int[] LEFT_OVAL = {
        10, 338, 297, 332, 284, 251, 389, 356, 454, 323, 361, 288, 397, 365, 379, 378, 400, 377, 152
    };
    private static final int CHIN_POINT = 152;
    /** Half the true width over the mesh's. Drawn faces want 1.05 to 1.07, photographs 1.00: it must not settle a shape. */
    private static final double WIDER = 1.015;

    private static final double STRETCH = .09;
    private static final double STRETCH_FROM = .7;
    /** How much a turned head's edge lies farther out than the mesh says, by height, per sine of the found yaw. */
    private static final double[] TURNED_AT = {0, .35, .7, 1.0, 1.3};

    private static final double[] TURNED_BY = {.2, .5, .5, .3, 0};

    private final List<Vec> right;
    private final List<Vec> left;
    private final List<Double> rightDepths;
    private final List<Double> leftDepths;
    private final double middle;
    private final double chin;
    private final double sine;
    private final double cosine;

    /** @param middle x of the face's midline, levelled */
    EdgeStart(HeadMesh mesh, Pose pose, Levelling axes, double middle) {
        this.middle = middle;
        this.sine = Math.sin(Math.toRadians(pose.yawDegrees()));
        this.cosine = Math.cos(Math.toRadians(pose.yawDegrees()));
        this.right = line(mesh, axes, RIGHT_OVAL);
        this.left = line(mesh, axes, LEFT_OVAL);
        this.rightDepths = depths(mesh, axes, RIGHT_OVAL);
        this.leftDepths = depths(mesh, axes, LEFT_OVAL);
        this.chin = axes.level(mesh.at(CHIN_POINT)).y();
    }

    private static List<Vec> line(HeadMesh mesh, Levelling axes, int[] oval) {
        List<Vec> line = new ArrayList<>();
        for (int i : oval) {
            line.add(axes.level(mesh.at(i)));
        }
        return line;
    }

    private static List<Double> depths(HeadMesh mesh, Levelling axes, int[] oval) {
        double pupils = (mesh.pupilDepth(true) + mesh.pupilDepth(false)) / 2;
        List<Double> depths = new ArrayList<>();
        for (int i : oval) {
            depths.add((mesh.depth(i) - pupils) / axes.unit());
        }
        return depths;
    }

    /** Returns the height on the face that a height of the mesh stands for. */
    public double stretched(double meshY) {
        double share = (meshY - STRETCH_FROM) / (chin - STRETCH_FROM);
        return meshY + STRETCH * Math.max(0, Math.min(1, share));
    }

    private double meshHeight(double y) {
        double share = (y - STRETCH_FROM) / (chin + STRETCH - STRETCH_FROM);
        return y - STRETCH * Math.max(0, Math.min(1, share));
    }

    /** Returns x of the edge at a height. */
    public double x(Side side, double y) {
        List<Vec> line = side == Side.RIGHT ? right : left;
        double at = over(line, meshHeight(y), i -> line.get(i).x());
        return middle + (at - middle) * WIDER - between(y) * sine;
    }

    /**
     * Returns how far behind the pupils the edge lies at a height, for turning it back: what a turned head's edge lies farther out is taken
     * off again, since another place of the cheek stands there.
     */
    double depth(Side side, double y) {
        List<Vec> line = side == Side.RIGHT ? right : left;
        List<Double> depths = side == Side.RIGHT ? rightDepths : leftDepths;
        return over(line, meshHeight(y), depths::get) - between(y) * cosine;
    }

    private static double between(double y) {
        if (y <= TURNED_AT[0] || y >= TURNED_AT[TURNED_AT.length - 1]) {
            return y <= TURNED_AT[0] ? TURNED_BY[0] : 0;
        }
        int i = 1;
        while (TURNED_AT[i] < y) {
            i++;
        }
        double t = (y - TURNED_AT[i - 1]) / (TURNED_AT[i] - TURNED_AT[i - 1]);
        return TURNED_BY[i - 1] + t * (TURNED_BY[i] - TURNED_BY[i - 1]);
    }

    private static double over(List<Vec> line, double y, java.util.function.IntToDoubleFunction value) {
        int i = 1;
        while (i < line.size() - 1 && line.get(i).y() < y) {
            i++;
        }
        double from = line.get(i - 1).y();
        double to = line.get(i).y();
        double t = to == from ? 0 : Math.max(0, Math.min(1, (y - from) / (to - from)));
        return value.applyAsDouble(i - 1) + t * (value.applyAsDouble(i) - value.applyAsDouble(i - 1));
    }
}
