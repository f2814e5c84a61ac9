package scree.standins.camera;

/**
 * A lit scene before any camera: per pixel how much skin is seen, its melanin and blood, the light on it per channel, sheen,
 * and everything that is not skin as linear sRGB.
 */
final class Scene {
    final Frame frame;
    /** Share of the pixel that shows skin. */
    final float[] skin;
    /** Extra melanin and blood as optical density near 550 nm. */
    final float[] melanin;

    final float[] blood;
    /** Light on the skin per channel; 1 is a plane facing the camera at the card. */
    final float[][] light = new float[3][];

    final float[] sheen;
    /** What is not skin, already lit, already weighted with its share. */
    final float[][] paint = new float[3][];

    Scene(Frame frame) {
        int n = frame.width() * frame.height();
        this.frame = frame;
        this.skin = new float[n];
        this.melanin = new float[n];
        this.blood = new float[n];
        this.sheen = new float[n];
        for (int c = 0; c < 3; c++) {
            light[c] = new float[n];
            paint[c] = new float[n];
        }
    }

    /** Lays paint over a pixel. */
    void cover(int i, double alpha, double r, double g, double b) {
        float keep = (float) (1 - alpha);
        skin[i] *= keep;
        sheen[i] *= keep;
        paint[0][i] = paint[0][i] * keep + (float) (alpha * r);
        paint[1][i] = paint[1][i] * keep + (float) (alpha * g);
        paint[2][i] = paint[2][i] * keep + (float) (alpha * b);
    }

    /** Lays skin over a pixel; what skin was there is blended with it. */
    void coverSkin(int i, double alpha, double m, double h, double er, double eg, double eb, double shine) {
        float keep = (float) (1 - alpha);
        double old = skin[i] * keep;
        double share = alpha / Math.max(1e-6, old + alpha);
        skin[i] = (float) (old + alpha);
        for (int c = 0; c < 3; c++) {
            paint[c][i] *= keep;
        }
        melanin[i] += (float) (share * (m - melanin[i]));
        blood[i] += (float) (share * (h - blood[i]));
        light[0][i] += (float) (share * (er - light[0][i]));
        light[1][i] += (float) (share * (eg - light[1][i]));
        light[2][i] += (float) (share * (eb - light[2][i]));
        sheen[i] = (float) (sheen[i] * keep + alpha * shine);
    }

    /** Darkens or tints what is there. */
    void tint(int i, double r, double g, double b) {
        light[0][i] *= (float) r;
        light[1][i] *= (float) g;
        light[2][i] *= (float) b;
        paint[0][i] *= (float) r;
        paint[1][i] *= (float) g;
        paint[2][i] *= (float) b;
        sheen[i] *= (float) Math.min(1, g);
    }
}
