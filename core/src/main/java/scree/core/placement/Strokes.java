package scree.core.placement;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import scree.core.plane.Curves;
import scree.core.plane.Profile;
import scree.core.plane.Vec;

/** Makes pieces: a ribbon along a line, a band along the face's edge, a rounded patch. */
final class Strokes {
    static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final int SAMPLES = 25;
    private static final double[] NESTED = {1, .66, .33};
    private static final double[] NESTED_PATCH = {1, .74, .48};
    private static final int CAP = 6;
    /** A half ellipse this long against its half width ends a ribbon. */
    private static final double CAP_LENGTH = .7;

    private Strokes() {}

    /**
     * Returns a ribbon.
     *
     * @param centre the line, any number of points
     * @param width half width along it
     * @param amount along it, 0 to 1
     * @param bias −1 to 1: how far the inner layers crowd one edge; plus is to the right of the way, as seen on screen
     * @param settle moves every drawn point to where it may lie
     */
    static Piece ribbon(List<Vec> centre, Profile width, Profile amount, double bias, UnaryOperator<Vec> settle) {
        List<Vec> line = Curves.evenly(centre, SAMPLES);
        List<Vec> across = Curves.directions(line).stream().map(Vec::turned).toList();
        List<Piece.Layer> layers = new ArrayList<>();
        List<Vec> edge = List.of();
        for (double nest : NESTED) {
            List<Vec> left = new ArrayList<>();
            List<Vec> right = new ArrayList<>();
            for (int i = 0; i < line.size(); i++) {
                double w = width.at(place(i, line));
                Vec middle = line.get(i).plus(across.get(i).times(bias * w * (1 - nest)));
                left.add(middle.plus(across.get(i).times(-w * nest)));
                right.add(middle.plus(across.get(i).times(w * nest)));
            }
            if (edge.isEmpty()) {
                edge = closed(left, right, settle);
            }
            layers.add(cells(left, right, amount, settle));
        }
        return new Piece(unfolded(edge), layers, line.stream().map(settle).toList());
    }

    private static double place(int i, List<Vec> line) {
        return i / (double) (line.size() - 1);
    }

    private static List<Vec> closed(List<Vec> left, List<Vec> right, UnaryOperator<Vec> settle) {
        int last = left.size() - 1;
        List<Vec> edge = new ArrayList<>(left);
        cap(left.get(last), right.get(last), left.get(last - 1), right.get(last - 1), edge);
        for (int i = last; i >= 0; i--) {
            edge.add(right.get(i));
        }
        cap(right.get(0), left.get(0), right.get(1), left.get(1), edge);
        return settled(edge, settle);
    }

    /** Adds a half ellipse from a to b, bulging away from the stroke's body at c and d. */
    private static void cap(Vec a, Vec b, Vec c, Vec d, List<Vec> edge) {
        Vec middle = a.towards(b, .5);
        Vec half = a.minus(middle);
        Vec out = middle.minus(c.towards(d, .5)).unit().times(half.length() * CAP_LENGTH);
        for (int i = 1; i < CAP; i++) {
            double t = Math.PI * i / CAP;
            edge.add(middle.plus(half.times(Math.cos(t))).plus(out.times(Math.sin(t))));
        }
    }

    private static Piece.Layer cells(List<Vec> left, List<Vec> right, Profile amount, UnaryOperator<Vec> settle) {
        List<Vec> l = left.stream().map(settle).toList();
        List<Vec> r = right.stream().map(settle).toList();
        List<Piece.Cell> cells = new ArrayList<>();
        for (int i = 0; i + 1 < l.size(); i++) {
            double a = amount.at((i + .5) / (l.size() - 1));
            cells.add(new Piece.Cell(List.of(l.get(i), l.get(i + 1), r.get(i + 1), r.get(i)), a));
        }
        return new Piece.Layer(cells);
    }

    private static List<Vec> settled(List<Vec> edge, UnaryOperator<Vec> settle) {
        List<Vec> out = new ArrayList<>();
        for (Vec p : edge) {
            Vec q = settle.apply(p);
            if (out.isEmpty() || q.distanceTo(out.get(out.size() - 1)) > 1e-4) {
                out.add(q);
            }
        }
        while (out.size() > 3 && out.get(0).distanceTo(out.get(out.size() - 1)) <= 1e-4) {
            out.remove(out.size() - 1);
        }
        return out;
    }

    /**
     * Returns a band along the face's edge, strongest there and melting away from it.
     *
     * @param along points of the edge with their outward arrows
     * @param inward reach towards the face
     * @param outward reach beyond the edge
     */
    static Piece band(Outline.Run along, Profile inward, Profile outward, Profile amount, UnaryOperator<Vec> settle) {
        List<Vec> line = along.points();
        List<Piece.Layer> layers = new ArrayList<>();
        List<Vec> edge = List.of();
        for (double nest : NESTED) {
            List<Vec> in = new ArrayList<>();
            List<Vec> out = new ArrayList<>();
            for (int i = 0; i < line.size(); i++) {
                double t = place(i, line);
                Vec n = along.outward().get(i);
                in.add(line.get(i).plus(n.times(-inward.at(t) * nest)));
                out.add(line.get(i).plus(n.times(outward.at(t) * nest)));
            }
            if (edge.isEmpty()) {
                edge = closed(in, out, settle);
            }
            layers.add(cells(in, out, amount, settle));
        }
        return new Piece(unfolded(edge), layers, line.stream().map(settle).toList());
    }

    /** Returns a rounded patch through control points, most in the middle of which {@code peak} is the heart. */
    static Piece patch(List<Vec> around, Vec peak, UnaryOperator<Vec> settle) {
        List<Vec> edge = unfolded(settled(Curves.closedThrough(around, 6), settle));
        List<Piece.Layer> layers = new ArrayList<>();
        Vec heart = settle.apply(peak);
        for (double nest : NESTED_PATCH) {
            List<Vec> outline = edge.stream().map(p -> heart.towards(p, nest)).toList();
            layers.add(new Piece.Layer(List.of(new Piece.Cell(outline, 1))));
        }
        return new Piece(edge, layers, List.of(heart));
    }

    /** Returns an ellipse as a patch. */
    static Piece dab(Vec centre, double rx, double ry, UnaryOperator<Vec> settle) {
        List<Vec> around = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            double t = 2 * Math.PI * i / 10;
            around.add(centre.plus(rx * Math.cos(t), ry * Math.sin(t)));
        }
        return patch(around, centre, settle);
    }

    /** Returns the line itself when it is simple, else the outer line of the largest area that it goes round. */
    private static List<Vec> unfolded(List<Vec> edge) {
        if (edge.size() < 3 || simple(edge)) {
            return edge;
        }
        Polygonizer faces = new Polygonizer();
        faces.add(ring(edge).union());
        Geometry whole = UnaryUnionOp.union(faces.getPolygons());
        Polygon largest = null;
        for (int i = 0; whole != null && i < whole.getNumGeometries(); i++) {
            if (whole.getGeometryN(i) instanceof Polygon p && (largest == null || p.getArea() > largest.getArea())) {
                largest = p;
            }
        }
        if (largest == null) {
            return edge;
        }
        Coordinate[] c = largest.getExteriorRing().getCoordinates();
        List<Vec> out = new ArrayList<>(c.length);
        for (int i = 0; i + 1 < c.length; i++) {
            out.add(new Vec(c[i].x, c[i].y));
        }
        return out;
    }

    /** Returns whether no two edges of a closed line cross. */
    static boolean simple(List<Vec> edge) {
        return edge.size() >= 3 && ring(edge).isSimple();
    }

    static LinearRing ring(List<Vec> edge) {
        Coordinate[] c = new Coordinate[edge.size() + 1];
        for (int i = 0; i < edge.size(); i++) {
            c[i] = new Coordinate(edge.get(i).x(), edge.get(i).y());
        }
        c[edge.size()] = c[0];
        return GEOMETRY.createLinearRing(c);
    }
}
