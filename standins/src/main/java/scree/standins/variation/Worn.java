package scree.standins.variation;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.util.Random;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.plane.Vec;

/** What somebody wears, or does with the face, drawn over a picture at the face's points. Places in pupil distances. */
public enum Worn {
    GLASSES,
    DARK_GLASSES,
    FRINGE,
    HAT,
    HEADBAND,
    EARRINGS,
    HAND_AT_JAW,
    SMILE_WITH_TEETH,
    OPEN_MOUTH,
    CLOSED_LIDS;

    private static final Color FRAME = new Color(0x2b211c);
    private static final Color FELT = new Color(0x3a3f4a);
    private static final Color GOLD = new Color(0xc9a24a);
    private static final Color TOOTH = new Color(0xe8e0d2);
    private static final Color CAVITY = new Color(0x30100f);

    /**
     * Returns the picture with it.
     *
     * @param truth where the face truly lies
     * @param hair colour of the hair
     */
    public Raster on(Raster picture, FacePoints truth, Lab hair) {
        BufferedImage image = picture.toImage();
        Graphics2D paper = image.createGraphics();
        paper.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        Drawing drawing = new Drawing(picture, paper, LevelledFace.of(truth));
        switch (this) {
            case GLASSES -> drawing.glasses(new Color(255, 255, 255, 18));
            case DARK_GLASSES -> drawing.glasses(new Color(18, 18, 22, 240));
            case FRINGE ->
                drawing.fringe(new Color(Integer.parseInt(Srgb.hex(hair).substring(1), 16)));
            case HAT -> drawing.hat();
            case HEADBAND -> drawing.headband();
            case EARRINGS -> drawing.earrings();
            case HAND_AT_JAW -> drawing.hand();
            case SMILE_WITH_TEETH -> drawing.mouth(.22, true);
            case OPEN_MOUTH -> drawing.mouth(.34, false);
            case CLOSED_LIDS -> drawing.lids();
        }
        paper.dispose();
        return Raster.of(image);
    }

    /** Draws on one face. */
    private record Drawing(Raster picture, Graphics2D paper, LevelledFace face) {
        private Point2D at(double x, double y) {
            Point p = face.toPicture(new Vec(x, y));
            return new Point2D.Double(p.x(), p.y());
        }

        private double unit() {
            return face.unit();
        }

        private Color skin(double x, double y) {
            Point2D p = at(x, y);
            int r = 0;
            int g = 0;
            int b = 0;
            for (int k = 0; k < 25; k++) {
                int px = (int) (p.getX() + (k % 5 - 2) * unit() / 40);
                int py = (int) (p.getY() + (k / 5 - 2) * unit() / 40);
                r += picture.code(px, py, 0);
                g += picture.code(px, py, 1);
                b += picture.code(px, py, 2);
            }
            return new Color(r / 25, g / 25, b / 25);
        }

        private static Color darker(Color c, double by) {
            return new Color((int) (c.getRed() * by), (int) (c.getGreen() * by), (int) (c.getBlue() * by));
        }

        private void stroke(double wide) {
            paper.setStroke(
                    new BasicStroke((float) Math.max(1, wide * unit()), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        }

        private Path2D line(double... xy) {
            Path2D path = new Path2D.Double();
            for (int i = 0; i < xy.length; i += 2) {
                Point2D p = at(xy[i], xy[i + 1]);
                if (i == 0) {
                    path.moveTo(p.getX(), p.getY());
                } else {
                    path.lineTo(p.getX(), p.getY());
                }
            }
            return path;
        }

        private void glasses(Color lens) {
            for (int side = -1; side <= 1; side += 2) {
                Point2D p = at(side * .5, .03);
                double w = .84 * unit();
                double h = .60 * unit();
                var rim = new RoundRectangle2D.Double(
                        p.getX() - w / 2, p.getY() - h / 2, w, h, .34 * unit(), .34 * unit());
                paper.setColor(lens);
                paper.fill(rim);
                paper.setColor(FRAME);
                stroke(.055);
                paper.draw(rim);
                paper.draw(line(side * .92, -.08, side * 1.12, -.10));
            }
            stroke(.06);
            paper.draw(line(-.10, -.04, 0, -.075, .10, -.04));
        }

        private void fringe(Color hair) {
            double top = face.at(Landmark.HAIRLINE).y() - .25;
            double bottom = face.at(Landmark.BROW_ARCH, Side.LEFT).y() + .02;
            Random random = new Random(5);
            for (int k = 0; k < 420; k++) {
                double x = -.98 + 1.96 * random.nextDouble();
                double low = bottom - .10 * x * x - .10 * random.nextDouble();
                paper.setColor(darker(hair, .65 + .6 * random.nextDouble() > 1 ? 1 : .65 + .35 * random.nextDouble()));
                stroke(.018);
                paper.draw(line(.75 * x, top, .92 * x, (top + low) / 2, x + .02 * (random.nextDouble() - .5), low));
            }
        }

        private void hat() {
            double low = face.at(Landmark.BROW_ARCH, Side.LEFT).y() - .16;
            Point2D middle = at(0, low);
            double w = 3.3 * unit();
            double h = .5 * unit();
            paper.setColor(FELT);
            paper.fill(new RoundRectangle2D.Double(
                    middle.getX() - 1.22 * unit(),
                    middle.getY() - 1.75 * unit(),
                    2.44 * unit(),
                    1.8 * unit(),
                    1.1 * unit(),
                    1.1 * unit()));
            paper.setColor(darker(FELT, .6));
            paper.fill(new Ellipse2D.Double(middle.getX() - w / 2, middle.getY() - h / 2, w, h));
        }

        private void headband() {
            double low = face.at(Landmark.BROW_ARCH, Side.LEFT).y() - .10;
            paper.setColor(new Color(0x7c2f3a));
            stroke(.34);
            paper.draw(line(-1.02, low + .30, -.7, low - .08, 0, low - .22, .7, low - .08, 1.02, low + .30));
        }

        private void earrings() {
            for (int side = -1; side <= 1; side += 2) {
                double x = side
                        * (face.outward(Landmark.CHEEK, side < 0 ? Side.RIGHT : Side.LEFT)
                                        .x()
                                + .06);
                Point2D p = at(x, .92);
                paper.setColor(GOLD);
                stroke(.05);
                paper.draw(new Ellipse2D.Double(
                        p.getX() - .13 * unit(), p.getY() - .13 * unit(), .26 * unit(), .26 * unit()));
            }
        }

        /** Four fingers and the back of a hand from below on the sitter's left, over the jaw. */
        private void hand() {
            Color skin = skin(.55, .6);
            double jaw = face.outward(Landmark.JAW, Side.LEFT).x();
            for (int finger = 3; finger >= 0; finger--) {
                double y = 1.0 + .16 * finger;
                paper.setColor(darker(skin, .72));
                stroke(.20);
                paper.draw(line(jaw + .75, y + .75, jaw + .18, y + .22, jaw - .22 + .04 * finger, y - .06));
                paper.setColor(darker(skin, .93));
                stroke(.165);
                paper.draw(line(jaw + .75, y + .75, jaw + .18, y + .22, jaw - .22 + .04 * finger, y - .06));
            }
            Point2D back = at(jaw + .95, 2.35);
            paper.setColor(darker(skin, .9));
            paper.fill(new Ellipse2D.Double(
                    back.getX() - .55 * unit(), back.getY() - .75 * unit(), 1.1 * unit(), 2.2 * unit()));
        }

        /** Lips parted by so much, lower lip and all below it pushed down, teeth or the dark between. */
        private void mouth(double open, boolean teeth) {
            Vec right = face.at(Landmark.MOUTH, Side.RIGHT);
            Vec left = face.at(Landmark.MOUTH, Side.LEFT);
            Vec middle = face.at(Landmark.STOMION);
            Vec low = face.at(Landmark.LOWER_LIP);
            Color lip = skin(middle.x(), (middle.y() + low.y()) / 2);
            double wider = teeth ? .10 : -.02;
            Area gap = new Area(
                    lens(right.x() - wider, left.x() + wider, right.y() - (teeth ? .04 : 0), middle.y(), open));
            paper.setColor(lip);
            paper.fill(lens(
                    right.x() - wider,
                    left.x() + wider,
                    right.y() - (teeth ? .04 : 0),
                    middle.y(),
                    open + low.y() - middle.y()));
            paper.setColor(teeth ? TOOTH : CAVITY);
            paper.fill(gap);
            Area upper = new Area(lens(right.x(), left.x(), right.y(), middle.y(), teeth ? open : .08));
            upper.intersect(gap);
            paper.setColor(TOOTH);
            paper.fill(upper);
            paper.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, .4f));
            paper.setColor(darker(TOOTH, .7));
            paper.setClip(upper);
            stroke(.008);
            for (double x = -.3; x <= .3; x += .075) {
                paper.draw(line(x, middle.y() - .1, x, middle.y() + open));
            }
            paper.setClip(null);
            paper.setComposite(AlphaComposite.SrcOver);
        }

        private Path2D lens(double from, double to, double cornerY, double top, double open) {
            Path2D path = new Path2D.Double();
            Point2D a = at(from, cornerY);
            Point2D b = at(to, cornerY);
            Point2D up = at((from + to) / 2, 2 * top - cornerY);
            Point2D down = at((from + to) / 2, 2 * (top + open) - cornerY);
            path.moveTo(a.getX(), a.getY());
            path.quadTo(up.getX(), up.getY(), b.getX(), b.getY());
            path.quadTo(down.getX(), down.getY(), a.getX(), a.getY());
            path.closePath();
            return path;
        }

        private void lids() {
            for (Side side : new Side[] {Side.RIGHT, Side.LEFT}) {
                Vec in = face.at(Landmark.EYE_IN, side);
                Vec out = face.at(Landmark.EYE_OUT, side);
                Vec up = face.at(Landmark.LID_UP, side);
                Vec low = face.at(Landmark.LID_LOW, side);
                Color lid = skin(up.x(), up.y() - .14);
                Path2D eye = new Path2D.Double();
                Point2D a = at(in.x(), in.y());
                Point2D b = at(out.x(), out.y());
                Point2D over = at(up.x(), 2 * up.y() - in.y() - .06);
                Point2D under = at(low.x(), 2 * low.y() - in.y() + .03);
                eye.moveTo(a.getX(), a.getY());
                eye.quadTo(over.getX(), over.getY(), b.getX(), b.getY());
                eye.quadTo(under.getX(), under.getY(), a.getX(), a.getY());
                paper.setColor(lid);
                paper.fill(eye);
                paper.draw(eye);
                Path2D lashes = new Path2D.Double();
                lashes.moveTo(a.getX(), a.getY());
                lashes.quadTo(under.getX(), under.getY(), b.getX(), b.getY());
                paper.setColor(FRAME);
                stroke(.025);
                paper.draw(lashes);
            }
        }
    }
}
