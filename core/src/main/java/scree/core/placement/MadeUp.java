package scree.core.placement;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.List;
import java.util.stream.IntStream;
import scree.core.colour.Illuminant;
import scree.core.colour.Spectrum;
import scree.core.colour.Srgb;
import scree.core.colour.Xyz;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.plane.Vec;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.SkinSpectrum;

/**
 * The made-up face computed from the bare picture: in each zone the picture's linear light is multiplied by what the film there
 * sends back against bare skin, so light and relief stay. Under another lamp the whole picture is turned by the skin's change.
 */
public final class MadeUp {
    private static final int STEPS = 32;
    private static final int MASKS = 255;
    private static final int STRIPE = 64;
    /** What each nested layer adds. */
    private static final float[] LAYER_SHARE = {.36f, .34f, .30f};
    /** Most that a blurred stroke is brought back up. */
    private static final float MOST_LIFT = 1.7f;
    /** How far the eye gets used to a lamp's colour. House choice: a room's light stays a little warm. */
    private static final double ADAPTED = .72;

    /** L* under which no skin lies: what reads deeper is a dark picture. House choice: a little under the deepest of the skin model. */
    private static final double DEEPEST = 24;
    /**
     * By how much film over skin may part, in any channel, from film over usual skin of that depth. House choice: real skins lean by less;
     * without the bound a dark picture's noise in blue became a blue-white blotch.
     */
    private static final double MOST_PARTED = 1.6;

    private MadeUp() {}

    /** Light that the face is shown in. */
    public enum Light {
        DAYLIGHT(Illuminant.D65),
        WARM_LAMP(Illuminant.LED27),
        COOL_LAMP(Illuminant.LED40),
        FLASH(Illuminant.D55);

        private final Illuminant lamp;

        Light(Illuminant lamp) {
            this.lamp = lamp;
        }
    }

    /** A zone with its film and how thick it lies at the peak. */
    public record Layer(PlacedZone zone, Dose.Film film, double coats) {}

    /**
     * Returns the made-up picture.
     *
     * @param bare the picture
     * @param face where the face lies in it
     * @param skin of the cheek, under D65
     * @param layers in order of work
     */
    public static Raster over(Raster bare, LevelledFace face, Spectrum skin, List<Layer> layers, Light light) {
        float[] linear = linear(bare);
        double[] turned = turn(skin, light);
        Spectrum usual =
                SkinSpectrum.of(ReferenceCurve.at(Math.max(DEEPEST, skin.toLab().lightness())));
        Canvas canvas = new Canvas(bare.width(), bare.height(), face);
        for (Layer layer : layers) {
            canvas.apply(linear, layer, table(layer, skin, usual, light));
        }
        return encoded(bare, linear, turned, light == Light.FLASH ? face : null);
    }

    private static float[] linear(Raster bare) {
        float[] code = new float[256];
        for (int i = 0; i < 256; i++) {
            code[i] = (float) Srgb.toLinear(i);
        }
        float[] out = new float[3 * bare.rgb().length];
        int[] rgb = bare.rgb();
        IntStream.range(0, bare.height()).parallel().forEach(y -> {
            for (int i = y * bare.width(); i < (y + 1) * bare.width(); i++) {
                int p = rgb[i];
                out[3 * i] = code[p >> 16 & 255];
                out[3 * i + 1] = code[p >> 8 & 255];
                out[3 * i + 2] = code[p & 255];
            }
        });
        return out;
    }

    /** Returns what a lamp does to skin in linear sRGB. */
    private static double[] turn(Spectrum skin, Light light) {
        double[] day = shown(skin, Light.DAYLIGHT);
        double[] now = shown(skin, light);
        return new double[] {now[0] / day[0], now[1] / day[1], now[2] / day[2]};
    }

    /** A colour as shown under a lamp: von Kries on linear sRGB with partial adaptation, luminance of the lamp kept. */
    private static double[] shown(Spectrum s, Light light) {
        double[] rgb = Srgb.toLinear(s.toXyz(light.lamp));
        double[] white = Srgb.toLinear(light.lamp.white());
        double[] day = Srgb.toLinear(Xyz.D65);
        double[] out = new double[3];
        for (int c = 0; c < 3; c++) {
            double full = rgb[c] / Math.max(.02, white[c]) * day[c];
            out[c] = Math.max(1e-3, ADAPTED * full + (1 - ADAPTED) * rgb[c]);
        }
        return out;
    }

    /** Returns film over bare skin in linear sRGB by share of the full thickness, never far from what usual skin would give. */
    private static float[] table(Layer layer, Spectrum skin, Spectrum usual, Light light) {
        double[] ground = shown(skin, light);
        double[] usualGround = shown(usual, light);
        float[] t = new float[3 * (STEPS + 1)];
        for (int i = 0; i <= STEPS; i++) {
            double share = i / (double) STEPS;
            double[] film = shown(layer.film().over(skin, layer.coats() * share), light);
            double[] usualFilm = shown(layer.film().over(usual, layer.coats() * share), light);
            for (int c = 0; c < 3; c++) {
                double wanted = film[c] / ground[c];
                double expected = usualFilm[c] / usualGround[c];
                t[3 * i + c] = (float) Math.max(expected / MOST_PARTED, Math.min(expected * MOST_PARTED, wanted));
            }
        }
        return t;
    }

    private static Raster encoded(Raster bare, float[] linear, double[] turned, LevelledFace flash) {
        byte[] code = new byte[4096 + 1];
        for (int i = 0; i <= 4096; i++) {
            code[i] = (byte) Math.round(255 * Srgb.toCode(i / 4096.0));
        }
        int[] out = new int[bare.rgb().length];
        Point middle = flash == null ? null : flash.toPicture(new Vec(0, .5));
        double reach = flash == null ? 1 : 2.2 * flash.unit();
        IntStream.range(0, bare.height()).parallel().forEach(y -> {
            for (int x = 0; x < bare.width(); x++) {
                int i = y * bare.width() + x;
                double k = 1;
                if (middle != null) { // a flash is near: bright in the middle, falling off
                    double d = Math.hypot(x - middle.x(), y - middle.y()) / reach;
                    k = .72 + .5 * Math.exp(-d * d);
                }
                int p = 0;
                for (int c = 0; c < 3; c++) {
                    double v = linear[3 * i + c] * turned[c] * k;
                    p = p << 8 | code[(int) (4096 * Math.min(1, v) + .5)] & 255;
                }
                out[i] = p;
            }
        });
        return new Raster(bare.width(), bare.height(), out);
    }

    /** Draws the zones' amounts as soft masks and multiplies them in. */
    private static final class Canvas {
        private final int width;
        private final int height;
        private final LevelledFace face;
        private final KeepOff keepOff;
        private final Outline outline;
        private final float[][] open = new float[3][];

        Canvas(int width, int height, LevelledFace face) {
            this.width = width;
            this.height = height;
            this.face = face;
            this.keepOff = new KeepOff(face);
            this.outline = new Outline(face);
        }

        void apply(float[] linear, Layer layer, float[] table) {
            double sigma = layer.zone().blur() * face.unit();
            int[] box = box(layer.zone(), (int) Math.ceil(3 * sigma) + 2);
            int w = box[2] - box[0];
            int h = box[3] - box[1];
            if (w < 2 || h < 2) {
                return;
            }
            float[] amount = amount(layer.zone(), box, w, h);
            soften(amount, w, h, sigma);
            float[] open = open(layer.zone().area());
            IntStream.range(0, h).parallel().forEach(y -> {
                for (int x = 0; x < w; x++) {
                    float a = amount[y * w + x] * open[(y + box[1]) * width + x + box[0]];
                    if (a > .002f) {
                        float at = Math.min(1, a) * STEPS;
                        int step = Math.min(STEPS - 1, (int) at);
                        float t = at - step;
                        int i = 3 * ((y + box[1]) * width + x + box[0]);
                        for (int c = 0; c < 3; c++) {
                            float lo = table[3 * step + c];
                            linear[i + c] *= lo + t * (table[3 * step + 3 + c] - lo);
                        }
                    }
                }
            });
        }

        private int[] box(PlacedZone zone, int margin) {
            double[] b = {1e9, 1e9, -1e9, -1e9};
            for (Piece piece : zone.pieces()) {
                for (Vec v : piece.edge()) {
                    Point p = face.toPicture(v);
                    b[0] = Math.min(b[0], p.x());
                    b[1] = Math.min(b[1], p.y());
                    b[2] = Math.max(b[2], p.x());
                    b[3] = Math.max(b[3], p.y());
                }
            }
            return new int[] {
                (int) Math.max(0, b[0] - margin),
                (int) Math.max(0, b[1] - margin),
                (int) Math.min(width, b[2] + margin),
                (int) Math.min(height, b[3] + margin)
            };
        }

        private float[] amount(PlacedZone zone, int[] box, int w, int h) {
            int layers = zone.pieces().stream()
                    .mapToInt(p -> p.layers().size())
                    .max()
                    .orElse(1);
            float[] sum = new float[w * h];
            for (int l = 0; l < layers; l++) {
                BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_BYTE_GRAY);
                Graphics2D g = image.createGraphics();
                g.translate(-box[0], -box[1]);
                for (Piece piece : zone.pieces()) {
                    if (l < piece.layers().size()) {
                        for (Piece.Cell cell : piece.layers().get(l).cells()) {
                            int v = (int) Math.round(MASKS * Math.max(0, Math.min(1, cell.amount())));
                            g.setColor(new Color(v, v, v));
                            g.fill(path(cell.outline()));
                        }
                    }
                }
                g.dispose();
                byte[] data = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
                float share = LAYER_SHARE[Math.min(l, LAYER_SHARE.length - 1)];
                for (int i = 0; i < sum.length; i++) {
                    sum[i] += share * (data[i] & 255) / 255f;
                }
            }
            return sum;
        }

        /** Blurs and brings the peak back to what it was, as far as a thin stroke allows. */
        private static void soften(float[] amount, int w, int h, double sigma) {
            float before = most(amount);
            blur(amount, w, h, sigma);
            float after = most(amount);
            float lift = after <= 0 ? 1 : Math.min(MOST_LIFT, before / after);
            for (int i = 0; i < amount.length; i++) {
                amount[i] *= lift;
            }
        }

        private static float most(float[] v) {
            float most = 0;
            for (float x : v) {
                most = Math.max(most, x);
            }
            return most;
        }

        private float[] open(Area area) {
            int kind = area.meetsHair() ? 1 : area.meetsNeck() ? 2 : 0;
            if (open[kind] == null) {
                open[kind] = mask(kind);
            }
            return open[kind];
        }

        /** Where a zone may show: the face without eyes, lips and nostrils; 1 with the hair's edge, 2 with the neck. */
        private float[] mask(int kind) {
            BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
            Graphics2D g = image.createGraphics();
            g.setColor(Color.WHITE);
            g.fill(path(outline.closed(120, kind == 1 ? -.05 : 0)));
            if (kind == 2) {
                g.fill(path(neck()));
            }
            g.setColor(Color.BLACK);
            for (Side side : new Side[] {Side.RIGHT, Side.LEFT}) {
                g.fill(path(keepOff.eye(side, .03).outline(40)));
                g.fill(path(keepOff.nostril(side, .01).outline(24)));
            }
            g.fill(path(keepOff.lips()));
            g.dispose();
            byte[] data = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
            float[] v = new float[data.length];
            for (int i = 0; i < v.length; i++) {
                v[i] = (data[i] & 255) / 255f;
            }
            blur(v, width, height, .012 * face.unit());
            return v;
        }

        private List<Vec> neck() {
            double half = .64
                    * (face.outward(scree.core.face.Landmark.CHEEK, Side.LEFT).x()
                            + face.outward(scree.core.face.Landmark.CHEEK, Side.RIGHT)
                                    .x())
                    / 2;
            double top = face.at(scree.core.face.Landmark.JAW, Side.LEFT).y();
            double bottom = face.at(scree.core.face.Landmark.CHIN).y() + .5;
            return List.of(new Vec(-half, top), new Vec(half, top), new Vec(half, bottom), new Vec(-half, bottom));
        }

        private Path2D path(List<Vec> outline) {
            Path2D path = new Path2D.Double();
            for (int i = 0; i < outline.size(); i++) {
                Point p = face.toPicture(outline.get(i));
                if (i == 0) {
                    path.moveTo(p.x(), p.y());
                } else {
                    path.lineTo(p.x(), p.y());
                }
            }
            path.closePath();
            return path;
        }

        /** Three box blurs in both directions: close to a Gaussian (Wells 1986), and quick. */
        static void blur(float[] v, int w, int h, double sigma) {
            int r = (int) Math.round((Math.sqrt(4 * sigma * sigma + 1) - 1) / 2);
            if (r < 1) {
                return;
            }
            float[] buffer = new float[v.length];
            for (int pass = 0; pass < 3; pass++) {
                IntStream.range(0, h).parallel().forEach(y -> line(v, buffer, y * w, w, r));
                IntStream.range(0, (w + STRIPE - 1) / STRIPE)
                        .parallel()
                        .forEach(k -> stripe(buffer, v, k * STRIPE, Math.min(w, (k + 1) * STRIPE), w, h, r));
            }
        }

        /** Columns side by side, so that memory is read in order. */
        private static void stripe(float[] from, float[] to, int left, int right, int w, int h, int r) {
            float[] sum = new float[right - left];
            for (int y = 0; y < Math.min(r, h); y++) {
                add(from, y * w + left, sum, 1);
            }
            float share = 1f / (2 * r + 1);
            for (int y = 0; y < h; y++) {
                if (y + r < h) {
                    add(from, (y + r) * w + left, sum, 1);
                }
                if (y - r - 1 >= 0) {
                    add(from, (y - r - 1) * w + left, sum, -1);
                }
                int at = y * w + left;
                for (int x = 0; x < sum.length; x++) {
                    to[at + x] = sum[x] * share;
                }
            }
        }

        private static void add(float[] from, int at, float[] sum, float sign) {
            for (int x = 0; x < sum.length; x++) {
                sum[x] += sign * from[at + x];
            }
        }

        private static void line(float[] from, float[] to, int start, int n, int r) {
            float sum = 0;
            for (int i = 0; i < Math.min(r, n); i++) {
                sum += from[start + i];
            }
            float share = 1f / (2 * r + 1);
            for (int i = 0; i < n; i++) {
                if (i + r < n) {
                    sum += from[start + i + r];
                }
                if (i - r - 1 >= 0) {
                    sum -= from[start + i - r - 1];
                }
                to[start + i] = sum * share;
            }
        }
    }
}
