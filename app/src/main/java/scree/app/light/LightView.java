package scree.app.light;

import static scree.core.light.LightRange.*;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.DoubleUnaryOperator;
import scree.app.look.Figures;
import scree.app.look.Stones;
import scree.app.picture.Picture;
import scree.app.skin.LightWords;
import scree.app.skin.TakenReading;
import scree.core.light.LightFigures;
import scree.core.light.LightRange;
import scree.core.light.LightVerdict;
import scree.core.light.MeteredLight;
import scree.core.reason.Severity;

/** What the Light page shows: the picture, a stone in the same light, and each measure on its scale. */
record LightView(
        Long picture,
        double pictureWidth,
        double pictureHeight,
        String grade,
        String heading,
        List<Said> reasons,
        double glowX,
        double glowY,
        double shade,
        List<Scale> scales,
        boolean metered,
        String stone) {

    /** One reason with how much it asks for attention. */
    record Said(String severity, String words) {}

    /**
     * One measure on a line 0 to 300 wide: the good stretch, where it lies, and its value in words.
     *
     * @param at null when it is not known
     */
    record Scale(
            String name,
            String value,
            String from,
            double goodFrom,
            double goodTo,
            Double at,
            String pebble,
            List<Mark> marks,
            boolean good) {}

    /** A figure under the line. */
    record Mark(double x, String words) {}

    private static final double WIDE = 300;
    /** ln right/left under this is called even. */
    private static final double EVEN = .01;

    private static final double MOST_HIGH = 560;
    private static final double MOST_WIDE = 470;
    private static final Stones STONES = new Stones();

    static LightView of(
            TakenReading taken, Picture picture, MeteredLight metered, LightVerdict verdict, LightWords words) {
        LightFigures f = taken == null ? null : taken.skin().light();
        double scale = picture == null ? 1 : Math.min(MOST_WIDE / picture.width(), MOST_HIGH / picture.height());
        double sideways = f == null || f.leftRight() == null ? 0 : f.leftRight();
        double above = f == null || f.fromAbove() == null ? 0 : f.fromAbove();
        return new LightView(
                picture == null ? null : picture.id(),
                picture == null ? 0 : picture.width() * scale,
                picture == null ? 0 : picture.height() * scale,
                verdict == null ? null : verdict.grade().name(),
                verdict == null ? words.say("light.heading.none") : words.heading(verdict),
                verdict == null
                        ? List.of()
                        : verdict.reasons().stream()
                                .map(r -> new Said(severity(r.severity()), words.reason(r)))
                                .toList(),
                clamp(.5 - .55 * sideways, .1, .9),
                clamp(.42 - .38 * above, .04, .8),
                clamp(.18 + 1.1 * Math.abs(sideways) + .7 * Math.max(0, above), .18, .85),
                scales(f, metered, words),
                metered != null,
                STONES.pebble("light-stone", 92, 84, 74));
    }

    private static String severity(Severity s) {
        return s.name().toLowerCase(Locale.ROOT);
    }

    private static List<Scale> scales(LightFigures f, MeteredLight m, LightWords words) {
        return new Scales(f, m, words).all();
    }

    /** The scales of one light: what a picture tells, and what a meter says where there is one. */
    private record Scales(LightFigures picture, MeteredLight meter, LightWords words) {
        List<Scale> all() {
            return List.of(kelvin(), duv(), lux(), slant(), above());
        }

        private Scale kelvin() {
            Double told = picture == null ? null : picture.kelvin();
            Double kelvin = meter == null ? told : Double.valueOf(meter.kelvin());
            return scale("kelvin", LightView::mired, KELVIN, kelvin)
                    .words(kelvin == null ? null : words.say("light.value.kelvin", kelvins(kelvin, meter != null)))
                    .from(source(words, meter != null, told != null))
                    .marks(mark(2700, "2700"), mark(4000, "4000"), mark(5000, "5000"), mark(6500, "6500 K"))
                    .drawn();
        }

        private Scale duv() {
            Double duv = meter == null ? null : Double.valueOf(meter.duv());
            return scale("duv", LightView::duv, DUV, duv)
                    .words(duv == null ? null : words.say("light.value.duv." + tint(duv), Figures.three(duv)))
                    .from(source(words, meter != null, false))
                    .marks(mark(-.015, words.say("light.mark.pink")), mark(.015, words.say("light.mark.green")))
                    .drawn();
        }

        private Scale lux() {
            Double lux = meter == null ? null : Double.valueOf(meter.lux());
            return scale("lux", LightView::lux, LUX, lux)
                    .words(lux == null ? null : words.say("light.value.lux", String.valueOf(Math.round(lux))))
                    .from(source(words, meter != null, false))
                    .marks(mark(50, "50"), mark(300, "300"), mark(2000, "2000"), mark(20000, "20 000"))
                    .drawn();
        }

        private Scale slant() {
            Double slant = picture == null ? null : picture.leftRight();
            return scale("slant", LightView::side, SLANT, slant)
                    .words(slant == null ? null : slanted(slant))
                    .from(source(words, false, slant != null))
                    .marks(mark(.3, words.say("light.mark.right")), mark(-.3, words.say("light.mark.left")))
                    .drawn();
        }

        private String slanted(double slant) {
            if (Math.abs(slant) < EVEN) {
                return words.say("light.value.even");
            }
            return words.say(
                    "light.value.slant", percent(slant), words.say("light.side." + (slant >= 0 ? "RIGHT" : "LEFT")));
        }

        private Scale above() {
            Double above = picture == null ? null : picture.fromAbove();
            String key = above != null && above > LightRange.STANDS_HIGH ? "light.value.above" : "light.value.level";
            return scale("above", LightView::high, ABOVE, above)
                    .words(above == null ? null : words.say(key, percent(above)))
                    .from(source(words, false, above != null))
                    .marks(mark(0, words.say("light.mark.level")), mark(.8, words.say("light.mark.above")))
                    .drawn();
        }

        private static String percent(double logRatio) {
            return String.valueOf(Math.round(100 * Math.expm1(Math.abs(logRatio))));
        }

        private static Mark mark(double figure, String words) {
            return new Mark(figure, words);
        }

        private Maker scale(String key, DoubleUnaryOperator place, LightRange good, Double figure) {
            return new Maker(words, key, place, good, figure);
        }
    }

    /** Puts one scale together. */
    private static final class Maker {
        private final LightWords said;
        private final String key;
        private final DoubleUnaryOperator place;
        private final LightRange good;
        private final Double figure;
        private String value;
        private String from;
        private List<Mark> marks = List.of();

        Maker(LightWords said, String key, DoubleUnaryOperator place, LightRange good, Double figure) {
            this.said = said;
            this.key = key;
            this.place = place;
            this.good = good;
            this.figure = figure;
        }

        Maker words(String told) {
            value = told == null ? said.say("light.value.unknown") : told;
            return this;
        }

        Maker from(String source) {
            from = source;
            return this;
        }

        Maker marks(Mark... under) {
            marks = Arrays.stream(under)
                    .map(m -> new Mark(place.applyAsDouble(m.x()), m.words()))
                    .toList();
            return this;
        }

        Scale drawn() {
            double a = place.applyAsDouble(good.from());
            double b = place.applyAsDouble(good.to());
            double low = Math.min(a, b);
            double high = Math.max(a, b);
            Double at = figure == null ? null : Double.valueOf(place.applyAsDouble(figure));
            Double kept = at == null ? null : Double.valueOf(clamp(at, 8, WIDE - 8));
            return new Scale(
                    said.say("light.scale." + key),
                    value,
                    from,
                    low,
                    high,
                    kept,
                    kept == null ? null : STONES.pebble("scale-" + key, kept, 16, 9),
                    marks,
                    at != null && at >= low - .5 && at <= high + .5);
        }
    }

    private static String source(LightWords words, boolean meter, boolean picture) {
        return words.say(meter ? "light.from.meter" : picture ? "light.from.picture" : "light.from.none");
    }

    private static String kelvins(double kelvin, boolean exact) {
        long step = exact ? 10 : 100;
        return (exact ? "" : "about ") + Math.round(kelvin / step) * step;
    }

    private static String tint(double duv) {
        return DUV.good(duv) ? "none" : duv > 0 ? "green" : "pink";
    }

    private static double mired(double kelvin) {
        return WIDE * clamp((420 - 1e6 / kelvin) / (420 - 100), 0, 1);
    }

    private static double duv(double v) {
        return WIDE * clamp((v + .025) / .05, 0, 1);
    }

    private static double lux(double v) {
        return WIDE * clamp(Math.log(Math.max(1, v) / 20) / Math.log(50_000.0 / 20), 0, 1);
    }

    /** The sitter's right lies on the picture's left. */
    private static double side(double v) {
        return WIDE * clamp((.45 - v) / .9, 0, 1);
    }

    private static double high(double v) {
        return WIDE * clamp((v + .3) / 1.4, 0, 1);
    }

    private static double clamp(double v, double low, double high) {
        return Math.max(low, Math.min(high, v));
    }
}
