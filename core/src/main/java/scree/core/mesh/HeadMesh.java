package scree.core.mesh;

import java.util.List;
import scree.core.plane.Vec;

/** The mesh's 468 points of one face: x and y in pixels of its picture, z in the same unit away from the viewer. Immutable. */
public final class HeadMesh {
    public static final int POINTS = 468;
    private static final int[][] PUPILS = {
        {33, 133, 159, 145, 158, 160, 144, 153}, {263, 362, 386, 374, 385, 387, 380, 373}
    };

    private final double[][] points;

    private HeadMesh(double[][] points) {
        this.points = points;
    }

    /**
     * Takes x, y, z of each point in turn.
     *
     * @throws IllegalArgumentException when they are not 468 finite triples
     */
    public static HeadMesh of(double[] xyz) {
        if (xyz.length != 3 * POINTS) {
            throw new IllegalArgumentException("a mesh has %d numbers, but got %d".formatted(3 * POINTS, xyz.length));
        }
        double[][] points = new double[POINTS][3];
        for (int i = 0; i < xyz.length; i++) {
            if (!Double.isFinite(xyz[i])) {
                throw new IllegalArgumentException("number %d of a mesh is %s".formatted(i, xyz[i]));
            }
            points[i / 3][i % 3] = xyz[i];
        }
        return new HeadMesh(points);
    }

    /**
     * Reads 468 triples x,y,z parted by commas.
     *
     * @throws IllegalArgumentException when they are none
     */
    public static HeadMesh parse(String text) {
        String[] cells = text.split(",", 3 * POINTS + 1);
        double[] xyz = new double[cells.length];
        for (int i = 0; i < cells.length; i++) {
            xyz[i] = Double.parseDouble(cells[i]);
        }
        return of(xyz);
    }

    /** Writes it as {@link #parse} reads it, to a tenth of a pixel. */
    @Override
    public String toString() {
        StringBuilder text = new StringBuilder();
        for (double[] p : points) {
            for (double v : p) {
                text.append(text.isEmpty() ? "" : ",").append(Math.round(10 * v) / 10.0);
            }
        }
        return text.toString();
    }

    /** Returns the mesh on a picture that is larger by a factor. */
    public HeadMesh scaled(double by) {
        double[][] scaled = new double[POINTS][3];
        for (int i = 0; i < POINTS; i++) {
            for (int c = 0; c < 3; c++) {
                scaled[i][c] = points[i][c] * by;
            }
        }
        return new HeadMesh(scaled);
    }

    /** Takes the places that it is made of; they are not copied. */
    static HeadMesh ofPlaces(double[][] points) {
        return new HeadMesh(points);
    }

    /** Returns what a look at the mirrored picture means on the picture itself: sides swapped, places kept. */
    public HeadMesh mirroredSides() {
        double[][] swapped = new double[POINTS][];
        for (int i = 0; i < POINTS; i++) {
            swapped[i] = points[CanonicalMesh.partner(i)];
        }
        return new HeadMesh(swapped);
    }

    /**
     * Returns the mean of several looks at one face.
     *
     * @param looks at least one
     */
    public static HeadMesh mean(List<HeadMesh> looks) {
        double[][] mean = new double[POINTS][3];
        for (HeadMesh look : looks) {
            for (int i = 0; i < POINTS; i++) {
                for (int c = 0; c < 3; c++) {
                    mean[i][c] += look.points[i][c] / looks.size();
                }
            }
        }
        return new HeadMesh(mean);
    }

    /** Returns the mean distance in the picture of several looks' points from their mean, in pupil distances. */
    public static double spread(List<HeadMesh> looks) {
        HeadMesh mean = mean(looks);
        double sum = 0;
        for (HeadMesh look : looks) {
            for (int i = 0; i < POINTS; i++) {
                sum += Math.hypot(look.points[i][0] - mean.points[i][0], look.points[i][1] - mean.points[i][1]);
            }
        }
        return sum / looks.size() / POINTS / mean.unit();
    }

    /** Returns the points round the sitter's right eye, and those round the left, whose means are the pupils. */
    public static int[][] pupilPoints() {
        return new int[][] {PUPILS[0].clone(), PUPILS[1].clone()};
    }

    /** Returns the same points on the other side. */
    public static int[] partners(int... points) {
        return java.util.Arrays.stream(points).map(CanonicalMesh::partner).toArray();
    }

    /** Returns a point's place in the picture. */
    public Vec at(int point) {
        return new Vec(points[point][0], points[point][1]);
    }

    /** Returns the place midway between two points. */
    public Vec at(int one, int other) {
        return at(one).towards(at(other), .5);
    }

    /** Returns a point's distance from the viewer against the others', pixels. */
    public double depth(int point) {
        return points[point][2];
    }

    /** Returns the mean place of several points. */
    public Vec at(int[] of) {
        double x = 0;
        double y = 0;
        for (int i : of) {
            x += points[i][0];
            y += points[i][1];
        }
        return new Vec(x / of.length, y / of.length);
    }

    /** Returns the middle of the sitter's right eye, or of the left. */
    public Vec pupil(boolean right) {
        return at(PUPILS[right ? 0 : 1]);
    }

    /** Returns the depth of the middle of the sitter's right eye, or of the left. */
    public double pupilDepth(boolean right) {
        return pupilPlace(right)[2];
    }

    /** Returns the pupil distance in pixels of the picture. */
    public double unit() {
        return pupil(true).distanceTo(pupil(false));
    }

    double[] place(int point) {
        return points[point];
    }

    double[] pupilPlace(boolean right) {
        double[] mean = new double[3];
        int[] of = PUPILS[right ? 0 : 1];
        for (int i : of) {
            for (int c = 0; c < 3; c++) {
                mean[c] += points[i][c] / of.length;
            }
        }
        return mean;
    }
}
