package scree.core.placement;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import scree.core.colour.Film;
import scree.core.colour.Illuminant;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.colour.Srgb;
import scree.core.colour.Xyz;
import scree.core.face.LevelledFace;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.judge.LaidProduct;
import scree.core.plane.Vec;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.SkinSpectrum;

/**
 * The made-up face computed from the bare picture: in each zone the picture's linear light is multiplied by what the film there
 * sends back against what it lies on, so light and relief stay. Under another lamp the whole picture is turned by the skin's change.
 */
public final class MadeUp {
    private static final int STEPS = 32;
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

    /**
     * A product where it lies, and how thick at the peak.
     *
     * @param own what it lies on where that is not the skin, such as the lip; null for the skin with its base
     * @param lifted whether the brush is lifted over what is to be kept clear
     */
    public record Layer(Patch patch, LaidProduct product, double coats, Lab own, boolean lifted) {
        /** Returns a zone's layer: red, pink and sheen are lifted over covered scars. */
        public static Layer of(PlacedZone zone, LaidProduct product, double coats) {
            return new Layer(
                    Patch.of(zone, product),
                    product,
                    coats,
                    null,
                    zone.area().family().lifted());
        }
    }

    /**
     * The skin that all is laid on.
     *
     * @param bare evened skin under D65
     * @param base over the whole face, or null
     * @param marksKept whether freckles and moles are to show through it
     */
    public record Skin(Lab bare, LaidProduct base, boolean marksKept) {
        /** Returns skin without base. */
        public static Skin bare(Lab bare) {
            return new Skin(bare, null, true);
        }
    }

    /** What of a base's cover stays on marks that are to be kept: it is thinned there. House choice. */
    private static final double THINNED_OVER_KEPT = .27;

    /** How much deeper a usual freckle or settled blemish is than the skin beside it, L*. House choice. */
    private static final double USUAL_MARK = 7;

    /**
     * Returns the made-up picture.
     *
     * @param picture the bare face
     * @param face where the face lies in it
     * @param layers in order of work
     */
    public static Raster over(Raster picture, LevelledFace face, Skin skin, List<Layer> layers, Light light) {
        return over(picture, face, skin, List.of(), layers, light);
    }

    /**
     * Returns the made-up picture with places brought back under what is laid.
     *
     * @param covered each with the base that it was planned with
     */
    public static Raster over(
            Raster picture, LevelledFace face, Skin skin, List<Covered> covered, List<Layer> layers, Light light) {
        Spectrum bare = SkinSpectrum.of(skin.bare());
        Spectrum usual =
                SkinSpectrum.of(ReferenceCurve.at(Math.max(DEEPEST, skin.bare().lightness())));
        Canvas canvas = new Canvas(picture.width(), picture.height(), face, rooms(layers));
        Grounds ground = new Grounds(bare, usual);
        double[] based = {1, 1, 1};
        if (skin.base() != null) {
            double worn = skin.base().coat().chartCoats(1);
            float[] table = table(new Layer(null, skin.base(), worn, null, false), ground, light);
            int full = table.length - 3;
            based = new double[] {table[full], table[full + 1], table[full + 2]};
            ground = new Grounds(laid(skin.base(), bare, worn, light), laid(skin.base(), usual, worn, light));
        }
        double[] base = based;
        List<CoverPaint> paints = covered.parallelStream()
                .map(c -> new CoverPaint(
                        c, picture, base, c.spread() == Covered.SPOT ? null : canvas.open(Patch.Room.BASE), light))
                .toList();
        canvas.keepClear(covered);
        Map<Laid, float[]> tables = tables(layers, ground, light);
        List<Optional<Canvas.Stroke>> strokes = layers.parallelStream()
                .map(l -> canvas.stroke(l.patch(), l.lifted()))
                .toList();
        int[] reach = canvas.face();
        paints.forEach(p -> widen(reach, p.box()));
        strokes.forEach(s -> s.ifPresent(stroke -> widen(reach, stroke.box())));
        float[] linear = linear(picture, reach);
        if (skin.base() != null) {
            canvas.base(linear, base, hidden(skin, bare));
        }
        paints.forEach(p -> p.over(picture, linear));
        for (int i = 0; i < layers.size(); i++) {
            float[] table = tables.get(Laid.of(layers.get(i)));
            strokes.get(i).ifPresent(s -> canvas.lay(linear, s, table));
        }
        return encoded(picture, linear, reach, turn(bare, light), light == Light.FLASH ? face : null);
    }

    private static void widen(int[] box, int[] by) {
        box[0] = Math.min(box[0], by[0]);
        box[1] = Math.min(box[1], by[1]);
        box[2] = Math.max(box[2], by[2]);
        box[3] = Math.max(box[3], by[3]);
    }

    /** What the layers keep to, and the base's. */
    private static Set<Patch.Room> rooms(List<Layer> layers) {
        Set<Patch.Room> rooms = EnumSet.of(Patch.Room.BASE);
        layers.forEach(l -> rooms.add(l.patch().room()));
        return rooms;
    }

    /** A film as it is laid: both sides of a pair are one. */
    private record Laid(LaidProduct product, double coats, Lab own) {
        static Laid of(Layer layer) {
            return new Laid(layer.product(), layer.coats(), layer.own());
        }
    }

    private static Map<Laid, float[]> tables(List<Layer> layers, Grounds skin, Light light) {
        Map<Laid, Layer> each = new LinkedHashMap<>();
        layers.forEach(l -> each.putIfAbsent(Laid.of(l), l));
        return each.entrySet().parallelStream().collect(Collectors.toMap(Map.Entry::getKey, e -> {
            Spectrum own =
                    e.getKey().own() == null ? null : SkinSpectrum.of(e.getKey().own());
            return table(e.getValue(), own == null ? skin : new Grounds(own, own), light);
        }));
    }

    /** Returns the share of a small mark that the base hides as it is worn: what the film leaves of a usual one is what is seen. */
    private static double hidden(Skin skin, Spectrum bare) {
        Lab own = bare.toLab();
        Spectrum mark = SkinSpectrum.of(Lab.of(Math.max(DEEPEST / 2, own.lightness() - USUAL_MARK), own.a(), own.b()));
        Film film = skin.base().coat().worn(1);
        double left = film.over(mark).toLab().differenceFrom(film.over(bare).toLab())
                / mark.toLab().differenceFrom(own);
        return (skin.marksKept() ? THINNED_OVER_KEPT : 1) * Math.max(0, 1 - left);
    }

    /** What a film lies on, and what it would lie on were the skin a usual one of that depth. */
    private record Grounds(Spectrum own, Spectrum usual) {}

    private static final float[] LINEAR = new float[256];

    static {
        for (int i = 0; i < LINEAR.length; i++) {
            LINEAR[i] = (float) Srgb.toLinear(i);
        }
    }

    /** Returns the linear light of a channel's code, 0 to 255. */
    static float linear(int code) {
        return LINEAR[code];
    }

    /** Returns the picture's linear light where it may be changed; elsewhere it is read from its codes. */
    private static float[] linear(Raster bare, int[] reach) {
        float[] out = new float[3 * bare.rgb().length];
        int[] rgb = bare.rgb();
        IntStream.range(reach[1], reach[3]).parallel().forEach(y -> {
            for (int i = y * bare.width() + reach[0]; i < y * bare.width() + reach[2]; i++) {
                int p = rgb[i];
                out[3 * i] = LINEAR[p >> 16 & 255];
                out[3 * i + 1] = LINEAR[p >> 8 & 255];
                out[3 * i + 2] = LINEAR[p & 255];
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
    static double[] shown(Spectrum s, Light light) {
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

    /** Returns what a film does to its ground in linear sRGB by share of its thickness, never far from what it would do to usual skin. */
    private static float[] table(Layer layer, Grounds on, Light light) {
        double[] ground = shown(on.own(), light);
        double[] usualGround = shown(on.usual(), light);
        float[] t = new float[3 * (STEPS + 1)];
        for (int i = 0; i <= STEPS; i++) {
            double share = i / (double) STEPS;
            double[] film = shown(laid(layer, on.own(), share, light), light);
            double[] usualFilm = shown(laid(layer, on.usual(), share, light), light);
            for (int c = 0; c < 3; c++) {
                double wanted = film[c] / ground[c];
                double expected = usualFilm[c] / usualGround[c];
                t[3 * i + c] = (float) Math.max(expected / MOST_PARTED, Math.min(expected * MOST_PARTED, wanted));
            }
        }
        return t;
    }

    /** A sheen glints where most of it lies: share² of the peak stands for the lobe that a picture without relief cannot show. */
    private static Spectrum laid(Layer layer, Spectrum ground, double share, Light light) {
        return laid(layer.product(), ground, layer.coats() * share, share * share, light);
    }

    private static Spectrum laid(LaidProduct product, Spectrum ground, double coats, Light light) {
        return laid(product, ground, coats, 0, light);
    }

    private static Spectrum laid(LaidProduct product, Spectrum ground, double coats, double glint, Light light) {
        return light == Light.FLASH ? product.flashedOn(ground, coats, glint) : product.laidOn(ground, coats, glint);
    }

    private static Raster encoded(Raster bare, float[] linear, int[] reach, double[] turned, LevelledFace flash) {
        Encoding encoding = new Encoding(bare, turned, flash);
        int w = bare.width();
        int[] out = new int[bare.rgb().length];
        IntStream.range(0, bare.height()).parallel().forEach(y -> {
            boolean changed = y >= reach[1] && y < reach[3];
            int left = changed ? reach[0] : w;
            int right = changed ? reach[2] : w;
            encoding.untouched(y, 0, left, out);
            for (int x = left; x < right; x++) {
                int i = 3 * (y * w + x);
                out[y * w + x] = encoding.code(x, y, linear[i], linear[i + 1], linear[i + 2]);
            }
            encoding.untouched(y, right, w, out);
        });
        return new Raster(w, bare.height(), out);
    }

    /** Linear light to codes, turned by a lamp. */
    private static final class Encoding {
        private static final int FINE = 4096;
        private final Raster bare;
        private final byte[] codes = new byte[FINE + 1];
        private final float[] turned = new float[3];
        private final Point middle;
        private final double reach;
        /** What becomes of each code of each channel where nothing lies. */
        private final int[][] plain = new int[3][256];

        Encoding(Raster bare, double[] turned, LevelledFace flash) {
            this.bare = bare;
            this.middle = flash == null ? null : flash.toPicture(new Vec(0, .5));
            this.reach = flash == null ? 1 : 2.2 * flash.unit();
            for (int i = 0; i <= FINE; i++) {
                codes[i] = (byte) Math.round(255 * Srgb.toCode(i / (double) FINE));
            }
            for (int c = 0; c < 3; c++) {
                this.turned[c] = (float) turned[c];
                for (int i = 0; i < 256; i++) {
                    plain[c][i] = one(LINEAR[i] * this.turned[c] * FINE);
                }
            }
        }

        private int one(float light) {
            return codes[Math.min(FINE, (int) (light + .5f))] & 255;
        }

        int code(int x, int y, float red, float green, float blue) {
            float k = FINE;
            if (middle != null) { // a flash is near: bright in the middle, falling off
                double d = Math.hypot(x - middle.x(), y - middle.y()) / reach;
                k *= (float) (.72 + .5 * Math.exp(-d * d));
            }
            return one(red * turned[0] * k) << 16 | one(green * turned[1] * k) << 8 | one(blue * turned[2] * k);
        }

        /** Writes pixels of a row on which nothing lies. */
        void untouched(int y, int from, int end, int[] out) {
            for (int x = from; x < end; x++) {
                int i = y * bare.width() + x;
                int p = bare.rgb()[i];
                int red = p >> 16 & 255;
                int green = p >> 8 & 255;
                int blue = p & 255;
                out[i] = middle == null
                        ? plain[0][red] << 16 | plain[1][green] << 8 | plain[2][blue]
                        : code(x, y, LINEAR[red], LINEAR[green], LINEAR[blue]);
            }
        }
    }
}
