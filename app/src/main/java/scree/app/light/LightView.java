package scree.app.light;

import static scree.core.light.LightRange.*;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
        List<Scale> scales = new ArrayList<>();
        Double kelvin = m != null ? Double.valueOf(m.kelvin()) : f == null ? null : f.kelvin();
        scales.add(scale(
                words,
                "kelvin",
                kelvin == null ? null : words.say("light.value.kelvin", kelvins(kelvin, m != null)),
                source(words, m != null, f != null && f.kelvin() != null),
                mired(KELVIN.from()),
                mired(KELVIN.to()),
                kelvin == null ? null : mired(kelvin),
                List.of(
                        new Mark(mired(2700), "2700"),
                        new Mark(mired(4000), "4000"),
                        new Mark(mired(5000), "5000"),
                        new Mark(mired(6500), "6500 K"))));
        scales.add(scale(
                words,
                "duv",
                m == null ? null : words.say("light.value.duv." + tint(m.duv()), Figures.three(m.duv())),
                source(words, m != null, false),
                duv(DUV.from()),
                duv(DUV.to()),
                m == null ? null : Double.valueOf(duv(m.duv())),
                List.of(
                        new Mark(duv(-.015), words.say("light.mark.pink")),
                        new Mark(duv(.015), words.say("light.mark.green")))));
        scales.add(scale(
                words,
                "lux",
                m == null ? null : words.say("light.value.lux", String.valueOf(Math.round(m.lux()))),
                source(words, m != null, false),
                lux(LUX.from()),
                lux(LUX.to()),
                m == null ? null : Double.valueOf(lux(m.lux())),
                List.of(
                        new Mark(lux(50), "50"),
                        new Mark(lux(300), "300"),
                        new Mark(lux(2000), "2000"),
                        new Mark(lux(20000), "20 000"))));
        Double slant = f == null ? null : f.leftRight();
        scales.add(scale(
                words,
                "slant",
                slant == null
                        ? null
                        : Math.abs(slant) < .01
                                ? words.say("light.value.even")
                                : words.say(
                                        "light.value.slant",
                                        String.valueOf(Math.round(100 * Math.expm1(Math.abs(slant)))),
                                        words.say("light.side." + (slant >= 0 ? "RIGHT" : "LEFT"))),
                source(words, false, slant != null),
                side(SLANT.to()),
                side(SLANT.from()),
                slant == null ? null : Double.valueOf(side(slant)),
                List.of(
                        new Mark(side(.3), words.say("light.mark.right")),
                        new Mark(side(-.3), words.say("light.mark.left")))));
        Double above = f == null ? null : f.fromAbove();
        scales.add(scale(
                words,
                "above",
                above == null
                        ? null
                        : words.say(
                                above > LightRange.STANDS_HIGH ? "light.value.above" : "light.value.level",
                                String.valueOf(Math.round(100 * Math.expm1(Math.abs(above))))),
                source(words, false, above != null),
                high(ABOVE.from()),
                high(ABOVE.to()),
                above == null ? null : Double.valueOf(high(above)),
                List.of(
                        new Mark(high(0), words.say("light.mark.level")),
                        new Mark(high(.8), words.say("light.mark.above")))));
        return scales;
    }

    private static Scale scale(
            LightWords words,
            String key,
            String value,
            String from,
            double goodFrom,
            double goodTo,
            Double at,
            List<Mark> marks) {
        double low = Math.min(goodFrom, goodTo);
        double high = Math.max(goodFrom, goodTo);
        Double kept = at == null ? null : Double.valueOf(clamp(at, 8, WIDE - 8));
        return new Scale(
                words.say("light.scale." + key),
                value == null ? words.say("light.value.unknown") : value,
                from,
                low,
                high,
                kept,
                kept == null ? null : STONES.pebble("scale-" + key, kept, 16, 9),
                marks,
                at != null && at >= low - .5 && at <= high + .5);
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
