package scree.standins.camera;

import scree.core.face.FacePoints;
import scree.core.image.Point;

/** Seats a sitter before a plain wall in a given light. */
public final class Studio {
    private static final double SKIN_DEVIATION = .006;

    private Studio() {}

    /**
     * Returns the portrait at a picture size; width 600 to 2000 keeps a card's dots readable.
     *
     * @param width pixels; height is five quarters of it
     */
    public static Portrait seat(Sitter sitter, Lighting light, int width) {
        return seat(sitter, light, width, Backdrop.WALL);
    }

    /** Returns the portrait before something else than the studio's wall. */
    public static Portrait seat(Sitter sitter, Lighting light, int width, Backdrop backdrop) {
        Frame frame = new Frame(width, width * 5 / 4);
        Scene scene = new Scene(frame);
        Noise noise = new Noise(sitter.seed());
        HeadOutline outline = new HeadOutline(sitter.face());
        SkinMarks marks = new SkinMarks(sitter, noise, frame);
        backdrop.paint(scene, noise, light);
        Hairdo hair = Hairdo.of(sitter, scene, outline, noise, light);
        hair.back();
        new BodyPainter(sitter, scene, outline, noise, marks, light).paint();
        HeadPainter head = new HeadPainter(sitter, scene, outline, noise, marks, light);
        head.ears();
        head.paint();
        new FeaturePainter(sitter, scene, noise, light).paint();
        hair.front();
        HeadPainter.hairShadow(scene, hair.coverage, light);
        return new Portrait(sitter, scene, outline, new SkinPigment(sitter.skin(), sitter.seed(), SKIN_DEVIATION));
    }

    /** Returns where a place on a sitter's skin lies in a portrait of this width, in pupil distances from between the pupils. */
    public static Point place(double x, double y, int width) {
        Frame frame = new Frame(width, width * 5 / 4);
        return new Point(frame.px(x), frame.py(y));
    }

    /** Returns where the points of a sitter's face truly lie in a portrait of this width, without rendering it. */
    public static FacePoints points(Sitter sitter, int width) {
        return new TrueFace(sitter, new HeadOutline(sitter.face())).points(new Frame(width, width * 5 / 4));
    }
}
