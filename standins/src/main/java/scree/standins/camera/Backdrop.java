package scree.standins.camera;

import static scree.standins.camera.Curves.bell;
import static scree.standins.camera.Curves.step;

import scree.core.colour.Lab;
import scree.core.colour.Srgb;

/** What stands behind a sitter. */
public enum Backdrop {
    /** The studio's pale wall. */
    WALL(Lab.of(77, .5, 2.5)),
    /** A wall of skin's own colour: what no colour tells from a cheek. */
    SKIN_COLOURED(Lab.of(64, 11, 17)),
    /** Books and boxes of every colour. */
    SHELVES(Lab.of(40, 6, 14)),
    /** Leaves in spots of sun. */
    LEAVES(Lab.of(38, -18, 24));

    private static final double BOARD = .62;
    private static final double BACK = .16;

    private final Lab colour;

    Backdrop(Lab colour) {
        this.colour = colour;
    }

    void paint(Scene scene, Noise noise, Lighting light) {
        double[] rgb = Srgb.toLinear(colour.toXyz());
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
                    scene.paint[c][i] = (float) (rgb[c] * k * pattern(noise, x, y, c));
                }
            }
        }
    }

    private double pattern(Noise noise, double x, double y, int channel) {
        return switch (this) {
            case WALL, SKIN_COLOURED -> 1;
            case SHELVES -> book(noise, x, y, channel);
            case LEAVES -> .35 + 1.9 * Math.pow(noise.at(7 * x + 31, 7 * y + 5), 2) + .3 * noise.at(26 * x, 26 * y);
        };
    }

    private static double book(Noise noise, double x, double y, int channel) {
        int row = (int) Math.floor(y / BOARD);
        double inRow = y - row * BOARD;
        int back = (int) Math.floor(x / BACK + 13.7 * row);
        double seed = 17.3 * back + 5.1 * row;
        boolean board = inRow > BOARD - .05 || inRow < .08 * noise.at(seed, 3.3);
        double edge = x / BACK + 13.7 * row - back;
        double rounded = edge < .06 ? .35 : 1;
        return board ? .25 : rounded * (.25 + 1.9 * noise.at(seed + 40 * channel, 9.1));
    }
}
