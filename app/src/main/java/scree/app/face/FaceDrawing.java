package scree.app.face;

import static scree.core.face.Landmark.*;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import scree.app.look.Figures;
import scree.app.look.Lines;
import scree.app.look.PictureFrame;
import scree.core.face.EdgeCurve;
import scree.core.face.FacePoints;
import scree.core.face.Glance;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.PointKey;
import scree.core.face.Proportions;
import scree.core.face.Side;
import scree.core.plane.Vec;

/** What lies on the picture of the Face page: points, edge, proportions, and the parts that are shown enlarged. */
record FaceDrawing(PictureFrame box, FacePoints points, LevelledFace level, Proportions proportions) {
    /** Height of what is shown enlarged, px of the page. */
    private static final int ENLARGED = 132;

    private static final int WIDEST = 430;
    /** Room round the points of a look, in pupil distances. */
    private static final double ROUND = .22;

    FaceDrawing(PictureFrame box, FacePoints points, LevelledFace level) {
        this(box, points, level, Proportions.of(level));
    }

    double[] at(Vec v) {
        return box.at(level.toPicture(v));
    }

    List<double[]> edge() {
        return new EdgeCurve(level).line().stream().map(this::at).toList();
    }

    List<FaceView.Dot> dots(FaceView.Asked asked, FaceWords w) {
        List<FaceView.Dot> dots = new ArrayList<>();
        for (PointKey key : PointKey.all()) {
            FacePoints.Mark m = points.at(key);
            double[] at = box.at(m.at());
            String side = key.side() == Side.CENTRE ? "" : " " + w.say("side." + key.side());
            dots.add(new FaceView.Dot(
                    key.toString(),
                    w.landmark(key.landmark()) + side + ", " + w.say("state." + m.state()),
                    at[0],
                    at[1],
                    m.state().name(),
                    key.landmark().onEdge(),
                    asked != null && Glance.valueOf(asked.look()).landmarks().contains(key.landmark())));
        }
        return dots;
    }

    List<FaceView.Guide> guides() {
        return List.of(thirds(), fifths(), widths(), axes());
    }

    private FaceView.Guide thirds() {
        double out = Math.max(
                        level.outward(CHEEK, Side.RIGHT).x(),
                        level.outward(CHEEK, Side.LEFT).x())
                + .12;
        List<Double> heights = proportions.heights();
        StringBuilder path = new StringBuilder();
        heights.forEach(y -> path.append(Lines.open(List.of(at(new Vec(-out, y)), at(new Vec(out, y))))));
        List<FaceView.Label> labels = new ArrayList<>();
        for (int i = 0; i < proportions.thirds().size(); i++) {
            double[] p = at(new Vec(-out, (heights.get(i) + heights.get(i + 1)) / 2));
            labels.add(new FaceView.Label(
                    Math.round(100 * proportions.thirds().get(i)) + " %", p[0] - 4, p[1] + 4, "end"));
        }
        return new FaceView.Guide("thirds", path.toString(), labels);
    }

    private FaceView.Guide fifths() {
        double top = level.at(HAIRLINE).y() + .25;
        double bottom = level.at(CHIN).y() - .25;
        List<Double> xs = proportions.columns();
        StringBuilder path = new StringBuilder();
        xs.forEach(x -> path.append(Lines.open(List.of(at(new Vec(x, top)), at(new Vec(x, bottom))))));
        List<FaceView.Label> labels = new ArrayList<>();
        for (int i = 0; i < proportions.fifths().size(); i++) {
            double[] p = at(new Vec((xs.get(i) + xs.get(i + 1)) / 2, bottom + .1));
            labels.add(new FaceView.Label(figure(proportions.fifths().get(i)), p[0], p[1], "middle"));
        }
        return new FaceView.Guide("fifths", path.toString(), labels);
    }

    private FaceView.Guide widths() {
        StringBuilder path = new StringBuilder();
        List<FaceView.Label> labels = new ArrayList<>();
        for (Landmark l : Proportions.ACROSS) {
            path.append(Lines.open(List.of(at(level.at(l, Side.RIGHT)), at(level.at(l, Side.LEFT)))));
            double[] p = at(level.at(l, Side.LEFT));
            labels.add(new FaceView.Label(figure(proportions.widths().get(l)), p[0] + 8, p[1] + 4, "start"));
        }
        return new FaceView.Guide("widths", path.toString(), labels);
    }

    private static String figure(double v) {
        return Figures.two(v);
    }

    /** The sides of the face apart, where a look goes to either; what lies across it in one. */
    List<FaceView.Enlarged> enlarged(Glance look) {
        if (look != Glance.TEMPLES_AND_CHEEKS) {
            return List.of(enlarged(look.landmarks(), List.of(Side.RIGHT, Side.CENTRE, Side.LEFT), WIDEST));
        }
        return Stream.of(Side.RIGHT, Side.LEFT)
                .map(side -> enlarged(look.landmarks(), List.of(side), WIDEST / 2))
                .toList();
    }

    private FaceView.Enlarged enlarged(List<Landmark> landmarks, List<Side> sides, int widest) {
        double[][] spots = PointKey.all().stream()
                .filter(k -> landmarks.contains(k.landmark()) && sides.contains(k.side()))
                .map(k -> box.at(points.at(k).at()))
                .toArray(double[][]::new);
        double room = ROUND * points.unit() * box.scale();
        double left = Arrays.stream(spots).mapToDouble(p -> p[0]).min().orElse(0) - room;
        double right = Arrays.stream(spots).mapToDouble(p -> p[0]).max().orElse(0) + room;
        double top = Arrays.stream(spots).mapToDouble(p -> p[1]).min().orElse(0) - room;
        double bottom = Arrays.stream(spots).mapToDouble(p -> p[1]).max().orElse(0) + room;
        double times = Math.min(ENLARGED / (bottom - top), widest / (right - left));
        return new FaceView.Enlarged(
                left, top, right - left, bottom - top, (int) Math.round(times * (right - left)), (int)
                        Math.round(times * (bottom - top)));
    }

    private FaceView.Guide axes() {
        double m = level.midline();
        StringBuilder path = new StringBuilder();
        path.append(Lines.open(List.of(
                at(new Vec(m, level.at(HAIRLINE).y() - .15)),
                at(new Vec(m, level.at(CHIN).y() + .15)))));
        for (Landmark l : new Landmark[] {PUPIL, BROW_ARCH, MOUTH}) {
            Vec r = level.at(l, Side.RIGHT);
            Vec e = level.at(l, Side.LEFT);
            path.append(Lines.open(List.of(at(r.towards(e, -.35)), at(r.towards(e, 1.35)))));
        }
        return new FaceView.Guide("axes", path.toString(), List.of());
    }
}
