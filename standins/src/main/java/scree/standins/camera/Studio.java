package scree.standins.camera;

import static scree.standins.camera.Curves.bell;
import static scree.standins.camera.Curves.step;

import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.face.FacePoints;

/** Seats a sitter before a plain wall in a given light. */
public final class Studio {
    private static final Lab WALL = Lab.of(77, .5, 2.5);
    private static final double SKIN_DEVIATION = .006;

    private Studio() {}

    /**
     * Returns the portrait at a picture size; width 600 to 2000 keeps a card's dots readable.
     *
     * @param width pixels; height is five quarters of it
     */
    public static Portrait seat(Sitter sitter, Lighting light, int width) {
        Frame frame = new Frame(width, width * 5 / 4);
        Scene scene = new Scene(frame);
        Noise noise = new Noise(sitter.seed());
        HeadOutline outline = new HeadOutline(sitter.face());
        SkinMarks marks = new SkinMarks(sitter, noise, frame);
        wall(scene, noise, light);
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

    /** Returns where the points of a sitter's face truly lie in a portrait of this width, without rendering it. */
    public static FacePoints points(Sitter sitter, int width) {
        return new TrueFace(sitter, new HeadOutline(sitter.face())).points(new Frame(width, width * 5 / 4));
    }

    private static void wall(Scene scene, Noise noise, Lighting light) {
        double[] rgb = Srgb.toLinear(WALL.toXyz());
        Frame frame = scene.frame;
        for (int py = 0; py < frame.height(); py++) {
            double y = frame.y(py);
            for (int px = 0; px < frame.width(); px++) {
                double x = frame.x(px);
                double k = .60
                        + .55 * bell(x + .75, y + .2, 3, 3)
                        - .16 * step(1, 4.5, y)
                        - .16 * light.shadow() * bell(x - 1.25, y - .6, 1.5, 2.2)
                        + .012 * (noise.at(1.7 * x + 100, 1.7 * y + 100) - .5);
                int i = py * frame.width() + px;
                for (int c = 0; c < 3; c++) {
                    scene.paint[c][i] = (float) (rgb[c] * k);
                }
            }
        }
    }
}
