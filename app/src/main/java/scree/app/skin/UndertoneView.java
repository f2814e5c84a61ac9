package scree.app.skin;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import scree.app.look.Stones;
import scree.app.picture.Picture;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.image.Point;
import scree.core.skin.Answer;
import scree.core.skin.FaceFrame;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.Testimony;
import scree.core.skin.Undertone;
import scree.core.skin.UndertoneBench;
import scree.core.skin.UndertoneVerdict;
import scree.core.skin.UndertoneVerdict.Heard;
import scree.core.skin.Witness;
import scree.core.skin.Zone;

/** What the undertone bench shows: the shares, every witness as a stone on the slope from cool to warm, the tests. */
record UndertoneView(
        String heading,
        UndertoneSlab shares,
        Integer peach,
        List<Stone> stones,
        String conflict,
        String redFace,
        List<Test> tests,
        Cloth cloth,
        List<Wrist> wrists) {

    /** A witness on the slope, 0 (cool) to 420 (warm). */
    record Stone(
            String name, String says, String spoken, double x, double y, String path, boolean struck, String anchor) {}

    /** A test with its answers. */
    record Test(String witness, String name, String ask, List<Option> options, boolean said, boolean struck) {}

    /** One answer. */
    record Option(String answer, String words, boolean on) {}

    /** The picture cut to the face, with the outline of a cloth under the chin in pixels of the picture. */
    record Cloth(
            long picture,
            int width,
            int height,
            String box,
            String cloth,
            String bounceBox,
            String pink,
            String orange,
            double jawTop,
            double jawBottom,
            double left,
            double across) {}

    /** A drawn wrist in the client's own skin with veins of one kind. */
    record Wrist(String answer, String skin, String vein) {}

    /** Vivid cloths for the bright test. House choice: as strong as a screen shows, a cool pink and an orange of one depth. */
    private static final Lab PINK = Lab.of(58, 66, -8);

    private static final Lab ORANGE = Lab.of(66, 52, 66);
    private static final double SLOPE = 420;
    private static final double STRONGEST = 3.2;
    private static final double ROW = 29;
    private static final Stones STONES = new Stones();

    static UndertoneView of(
            TakenReading taken,
            Picture picture,
            Map<Witness, Testimony> said,
            Optional<UndertoneVerdict> verdict,
            SkinWords words) {
        return new UndertoneView(
                taken == null ? words.say("bench.heading.none") : words.verdict(taken),
                verdict.map(v -> UndertoneSlab.of(
                                v.undertone(),
                                (int) said.keySet().stream()
                                        .filter(w -> w != Witness.MEASURED)
                                        .count(),
                                words))
                        .orElse(null),
                verdict.filter(UndertoneVerdict::peachShows)
                        .map(v -> (int) Math.round(100 * v.peach()))
                        .orElse(null),
                verdict.map(v -> stones(v, words)).orElse(List.of()),
                verdict.flatMap(UndertoneVerdict::conflict)
                        .map(c -> conflict(c, verdict.get(), words))
                        .orElse(null),
                taken != null && UndertoneBench.redFace(taken.skin()) ? words.say("bench.red.face") : null,
                tests(said, taken != null, words),
                taken == null ? null : cloth(taken, picture),
                wrists(taken));
    }

    /** With an olive cast both may be right, and the muted card tells. */
    private static String conflict(UndertoneVerdict.Conflict c, UndertoneVerdict verdict, SkinWords words) {
        boolean olive = verdict.undertone().cast() != Undertone.Olive.NONE;
        return words.say(
                "bench.conflict",
                words.say("witness." + c.one()),
                words.say("undertone." + c.oneSays()).toLowerCase(Locale.ROOT),
                words.say("witness." + c.other()).toLowerCase(Locale.ROOT),
                words.say("undertone." + c.otherSays()).toLowerCase(Locale.ROOT),
                words.say(olive ? "bench.repeat.olive" : "bench.repeat." + c.repeat()));
    }

    private static List<Stone> stones(UndertoneVerdict verdict, SkinWords words) {
        List<Stone> stones = new ArrayList<>();
        for (Heard h : verdict.heard()) {
            double x = SLOPE / 2 + Math.max(-1, Math.min(1, h.pull() / STRONGEST)) * (SLOPE / 2 - 20);
            double y = 16 + ROW * stones.size();
            double radius = h.struck() ? 7 : 6 + 7 * Math.min(1, h.strength() / STRONGEST);
            boolean right = x < SLOPE / 2;
            String name = words.say("witness." + h.witness());
            String says =
                    h.answer() == null ? words.say("bench.measured." + h.says()) : words.say("answer." + h.answer());
            stones.add(new Stone(
                    name,
                    says,
                    words.say(h.struck() ? "skin.undertone.heardSetAside" : "skin.undertone.heard", name, says),
                    right ? x + radius + 6 : x - radius - 6,
                    y + 4,
                    STONES.pebble("witness-" + h.witness(), x, y, radius),
                    h.struck(),
                    right ? "start" : "end"));
        }
        return stones;
    }

    private static List<Test> tests(Map<Witness, Testimony> said, boolean measured, SkinWords words) {
        return Arrays.stream(Witness.values())
                .filter(w -> w != Witness.MEASURED || measured)
                .map(w -> new Test(
                        w.name(),
                        words.say("witness." + w),
                        words.say("bench.ask." + w),
                        Answer.of(w).stream()
                                .filter(a -> a != Answer.MEASURED_AS_READ)
                                .map(a -> new Option(
                                        a.name(),
                                        words.say("answer." + a),
                                        said.containsKey(w) && said.get(w).answer() == a))
                                .toList(),
                        w == Witness.MEASURED || said.containsKey(w),
                        said.containsKey(w) && said.get(w).struck()))
                .toList();
    }

    /** Returns the cloth's outline: up over both shoulders, hanging under the chin. */
    private static String draped(Point chin, double unit, double left, double across, double bottom) {
        double shoulder = chin.y() + .30 * unit;
        double slope = chin.y() + .42 * unit;
        double fold = chin.y() + .78 * unit;
        double lowest = chin.y() + .86 * unit;
        return String.format(
                Locale.ROOT,
                "M%.0f %.0f L%.0f %.0f C%.0f %.0f %.0f %.0f %.0f %.0f C%.0f %.0f %.0f %.0f %.0f %.0f L%.0f %.0fZ",
                left,
                bottom,
                left,
                shoulder,
                left + .9 * unit,
                slope,
                chin.x() - .62 * unit,
                fold,
                chin.x(),
                lowest,
                chin.x() + .62 * unit,
                fold,
                left + across - .9 * unit,
                slope,
                left + across,
                shoulder,
                left + across,
                bottom);
    }

    private static Cloth cloth(TakenReading taken, Picture picture) {
        FaceFrame f = taken.face().frame();
        double unit = f.unit();
        Point chin = f.chin();
        Point brow = f.toPicture(0, -1.15);
        double left = chin.x() - 1.75 * unit;
        double across = 3.5 * unit;
        double top = brow.y();
        double bottom = chin.y() + 1.35 * unit;
        String box = String.format(Locale.ROOT, "%.0f %.0f %.0f %.0f", left, top, across, bottom - top);
        return new Cloth(
                picture.id(),
                picture.width(),
                picture.height(),
                box,
                draped(chin, unit, left, across, bottom),
                box,
                Srgb.hex(PINK),
                Srgb.hex(ORANGE),
                chin.y() - 1.0 * unit,
                chin.y() + .9 * unit,
                left,
                across);
    }

    private static List<Wrist> wrists(TakenReading taken) {
        Lab skin = taken == null
                ? ReferenceCurve.at(62)
                : taken.skin()
                        .tellingColourOf(Zone.FOREARM)
                        .or(() -> taken.skin().tellingColourOf(Zone.NECK))
                        .orElse(ReferenceCurve.at(62));
        return List.of(
                wrist("VEINS_BLUE", skin, -9, -3, -15),
                wrist("VEINS_MIXED", skin, -8, -6, -8),
                wrist("VEINS_GREEN", skin, -8, -11, -1));
    }

    /** Veins under skin look cooler and darker than it by about this much; drawn for comparison, not measured. */
    private static Wrist wrist(String answer, Lab skin, double l, double a, double b) {
        return new Wrist(
                answer, Srgb.hex(skin), Srgb.hex(Lab.ofClamped(skin.lightness() + l, skin.a() + a, skin.b() + b)));
    }
}
