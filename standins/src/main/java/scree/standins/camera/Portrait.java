package scree.standins.camera;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import scree.core.colour.Illuminant;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.colour.Xyz;
import scree.core.face.FacePoints;
import scree.core.image.CardLayout;
import scree.core.image.Point;
import scree.core.image.Raster;

/** A sitter in a lit room, ready to be photographed by any camera, with the truth about skin, points and card. */
public final class Portrait {
    private final Sitter sitter;
    private final Scene scene;
    private final HeadOutline outline;
    private final SkinPigment pigment;

    Portrait(Sitter sitter, Scene scene, HeadOutline outline, SkinPigment pigment) {
        this.sitter = sitter;
        this.scene = scene;
        this.outline = outline;
        this.pigment = pigment;
    }

    public Sitter sitter() {
        return sitter;
    }

    // ---- the picture ----

    /** Returns the picture as this camera's sRGB pixels. */
    public Raster shoot(Camera camera, Lamp lamp, Shot shot) {
        return shoot(camera, lamp, shot, Trouble.NONE);
    }

    /** Returns the picture in a light that has this wrong with it. */
    public Raster shoot(Camera camera, Lamp lamp, Shot shot, Trouble trouble) {
        double[] tint =
                trouble.second() == null ? null : camera.tint(trouble.second().power(), lamp.power());
        double[] wall =
                trouble.wall() == null ? null : Srgb.toLinear(trouble.wall().toXyz());
        Frame frame = scene.frame;
        double[][][] skinRaw = new double[SkinPigment.STEPS][SkinPigment.STEPS][];
        for (int m = 0; m < SkinPigment.STEPS; m++) {
            for (int h = 0; h < SkinPigment.STEPS; h++) {
                skinRaw[m][h] = camera.raw(pigment.at(m, h), lamp.power());
            }
        }
        double[][] paint = camera.paintMatrix(lamp.power());
        CardPainter card = shot.card() == null ? null : new CardPainter(camera, lamp.power(), shot);
        Developer developer = new Developer(camera, lamp, shot);
        int[] out = new int[frame.width() * frame.height()];
        double[] raw = new double[3];
        double[] skin = new double[3];
        for (int py = 0; py < frame.height(); py++) {
            double y = frame.y(py);
            for (int px = 0; px < frame.width(); px++) {
                int i = py * frame.width() + px;
                double x = frame.x(px);
                pixel(i, skinRaw, paint, raw, skin);
                trouble(i, x, y, trouble, tint, wall, raw);
                if (card != null && x > 1.2) {
                    card(card, x, y, raw);
                }
                double k = Math.exp(shot.slopeX() * x + shot.slopeY() * y);
                out[i] = developer.develop(raw[0] * k, raw[1] * k, raw[2] * k);
            }
        }
        Raster picture = new Raster(frame.width(), frame.height(), out);
        return trouble.workedOver() == 0 ? picture : LocalTones.over(picture, trouble.workedOver());
    }

    /** A second lamp on the sitter's left, a lit or coloured wall behind and its cast on the nearer cheek. */
    private void trouble(int i, double x, double y, Trouble trouble, double[] tint, double[] wall, double[] raw) {
        boolean behind = scene.skin[i] < .02 && Math.abs(x) > 1.25 && y < 1.9;
        if (tint != null) {
            double w = trouble.secondShare() * Curves.step(-.5, .9, x);
            for (int c = 0; c < 3; c++) {
                raw[c] *= 1 + w * (tint[c] - 1);
            }
        }
        for (int c = 0; c < 3; c++) {
            if (behind) {
                raw[c] = (wall == null ? raw[c] : wall[c] * (raw[0] + raw[1] + raw[2]) / 1.6) * trouble.behind();
            } else if (wall != null && scene.skin[i] > .5) {
                raw[c] *= 1 + .16 * Curves.step(.2, -1.1, x) * (wall[c] / wall[1] - 1);
            }
        }
    }

    private void pixel(int i, double[][][] skinRaw, double[][] paint, double[] raw, double[] skin) {
        double share = scene.skin[i];
        if (share > .001) {
            SkinPigment.lookUp(skinRaw, scene.melanin[i], scene.blood[i], skin);
        }
        for (int c = 0; c < 3; c++) {
            double v = share > .001 ? share * scene.light[c][i] * skin[c] : 0;
            v += scene.sheen[i];
            v += paint[c][0] * scene.paint[0][i] + paint[c][1] * scene.paint[1][i] + paint[c][2] * scene.paint[2][i];
            raw[c] = v;
        }
    }

    private void card(CardPainter card, double x, double y, double[] raw) {
        double shadow = CardPainter.wallShadow(x, y);
        double[] sum = new double[3];
        int hits = 0;
        double unit = scene.frame.unit();
        int asked = CardPainter.clearOf(x, y, unit) ? 0 : 9;
        for (int s = 0; s < asked; s++) {
            double[] c = card.at(x + (s % 3 - 1) / (3 * unit), y + (s / 3 - 1) / (3 * unit));
            if (c != null) {
                hits++;
                for (int k = 0; k < 3; k++) {
                    sum[k] += c[k];
                }
            }
        }
        double light = CardPainter.light(x, y);
        for (int k = 0; k < 3; k++) {
            raw[k] = raw[k] * shadow * (9 - hits) / 9 + sum[k] * light / 9;
        }
    }

    /** Returns the head turned, with a picture of it and the truth. */
    public TurnedHead turned(Raster picture, double yawDegrees, double pitchDegrees) {
        Relief relief = HeadRelief.of(sitter, outline, scene.frame, new Noise(sitter.seed()));
        return TurnedHead.of(picture, relief, facePoints(), yawDegrees, pitchDegrees);
    }

    // ---- the truth ----

    /** Returns whether a pixel of the portrait shows nothing but skin of the head or body. */
    public boolean skin(int px, int py) {
        Frame f = scene.frame;
        return px >= 0 && py >= 0 && px < f.width() && py < f.height() && scene.skin[py * f.width() + px] > .98;
    }

    /** Returns the skin's true mean colour under D65 within a polygon of pixels, or null where it shows no skin. */
    public Lab trueColour(List<Point> polygon) {
        double[][][] xyz = pigment.xyzGrid();
        double[] sum = new double[3];
        double[] one = new double[3];
        double weight = 0;
        double top = polygon.stream().mapToDouble(Point::y).min().orElse(0);
        double bottom = polygon.stream().mapToDouble(Point::y).max().orElse(0);
        Frame f = scene.frame;
        for (int py = (int) Math.max(0, top); py <= Math.min(f.height() - 1, bottom); py++) {
            double[] span = span(polygon, py);
            for (int px = (int) Math.max(0, span[0]); px <= Math.min(f.width() - 1, span[1]); px++) {
                int i = py * f.width() + px;
                if (scene.skin[i] > .98) {
                    SkinPigment.lookUp(xyz, scene.melanin[i], scene.blood[i], one);
                    weight++;
                    for (int k = 0; k < 3; k++) {
                        sum[k] += one[k];
                    }
                }
            }
        }
        return weight < 30
                ? null
                : new Xyz(sum[0] / weight, sum[1] / weight, sum[2] / weight).toLab(Illuminant.D65.white());
    }

    /** Returns mean light on the skin within a convex polygon, green channel; 1 faces the camera. */
    public double trueLight(List<Point> polygon) {
        double sum = 0;
        int n = 0;
        double top = polygon.stream().mapToDouble(Point::y).min().orElse(0);
        double bottom = polygon.stream().mapToDouble(Point::y).max().orElse(0);
        Frame f = scene.frame;
        for (int py = (int) Math.max(0, top); py <= Math.min(f.height() - 1, bottom); py++) {
            double[] span = span(polygon, py);
            for (int px = (int) Math.max(0, span[0]); px <= Math.min(f.width() - 1, span[1]); px++) {
                int i = py * f.width() + px;
                if (scene.skin[i] > .98) {
                    sum += scene.light[1][i];
                    n++;
                }
            }
        }
        return n == 0 ? 0 : sum / n;
    }

    private static double[] span(List<Point> polygon, double y) {
        double left = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        for (int i = 0; i < polygon.size(); i++) {
            Point a = polygon.get(i);
            Point b = polygon.get((i + 1) % polygon.size());
            if (a.y() <= y != b.y() <= y) {
                double x = a.x() + (y - a.y()) / (b.y() - a.y()) * (b.x() - a.x());
                left = Math.min(left, x);
                right = Math.max(right, x);
            }
        }
        return new double[] {left, right};
    }

    /** Returns the true landmarks in pixels; left and right are the sitter's own. */
    public Map<String, Point> landmarks() {
        Map<String, Point> points = new LinkedHashMap<>();
        Sitter.Face f = sitter.face();
        MouthShape mouth = new MouthShape(f);
        for (int side = -1; side <= 1; side += 2) {
            String who = side < 0 ? "right" : "left";
            EyeShape eye = new EyeShape(f, side);
            put(points, who + " pupil", side * EyeShape.PUPIL_X, EyeShape.PUPIL_Y);
            put(points, who + " inner eye corner", side * EyeShape.INNER, eye.base(0));
            put(points, who + " outer eye corner", side * (EyeShape.INNER + EyeShape.WIDTH), eye.base(1));
            put(points, who + " upper lid", side * EyeShape.PUPIL_X, eye.upper(.5));
            put(points, who + " lower lid", side * EyeShape.PUPIL_X, eye.lower(.5));
            put(points, who + " nostril wing", side * (.74 * f.noseWidth() + .075), f.noseLength() - .085);
            put(points, who + " mouth corner", side * mouth.half, mouth.line(mouth.half));
            put(points, who + " temple", side * outline.halfWidth(-.75, side), -.75);
            put(points, who + " cheekbone", side * outline.halfWidth(.25, side), .25);
            put(points, who + " jaw", side * outline.halfWidth(1.2, side), 1.2);
        }
        put(points, "nose tip", 0, f.noseLength() - .145);
        put(points, "under nose", 0, f.noseLength() + .02);
        put(points, "chin", 0, f.shape().chin);
        return points;
    }

    /** Returns all face points at their true places, as put by hand. */
    public FacePoints facePoints() {
        return new TrueFace(sitter, outline).points(scene.frame);
    }

    private void put(Map<String, Point> points, String name, double x, double y) {
        points.put(name, new Point(scene.frame.px(x), scene.frame.py(y)));
    }

    /** Returns the head's true outline in pixels, from the crown round. */
    public List<Point> outline() {
        List<Point> line = new ArrayList<>();
        for (int i = 0; i < 180; i++) {
            double a = 2 * Math.PI * i / 180;
            double dx = Math.sin(a);
            double dy = -Math.cos(a);
            double r = outline.radius(dx, dy);
            line.add(new Point(scene.frame.px(dx * r), scene.frame.py(HeadOutline.CENTRE_Y + dy * r)));
        }
        return line;
    }

    /** Returns the true centres of the card's dots in pixels. */
    public List<Point> cardMarks() {
        return CardLayout.marks().stream()
                .map(CardPainter::toScene)
                .map(p -> new Point(scene.frame.px(p.x()), scene.frame.py(p.y())))
                .toList();
    }
}
