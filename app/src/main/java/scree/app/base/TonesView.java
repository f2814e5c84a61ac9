package scree.app.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import scree.app.kit.Product;
import scree.app.look.Figures;
import scree.app.look.Stones;
import scree.app.picture.Picture;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.image.Point;
import scree.core.plane.Vec;
import scree.core.reason.Severity;
import scree.core.shade.TwoTones;
import scree.core.skin.FaceFrame;
import scree.core.skin.FaceRing;

/** What the page of two tones shows: the ring on the client's face, and pairs of shades with their seam. */
record TonesView(
        String verdict,
        long picture,
        double width,
        double height,
        String ring,
        String outer,
        Swatch innerSkin,
        Swatch outerSkin,
        List<Pair> pairs) {

    /** A colour with its stone and words. */
    record Swatch(String colour, String stone, String words) {}

    /** Two shades. */
    record Pair(
            long inner,
            long outer,
            String innerName,
            String outerName,
            String innerWords,
            String outerWords,
            String innerColour,
            String outerColour,
            String innerStone,
            String outerStone,
            List<BaseView.Stop> seam,
            String apart,
            List<BaseView.Mark> marks) {}

    private static final double BOX_WIDTH = 460;
    private static final double BOX_HEIGHT = 580;
    private static final Stones STONES = new Stones();

    static TonesView of(Tones.Work work, BaseWords words) {
        Picture picture = work.picture();
        double scale = Math.min(BOX_WIDTH / picture.width(), BOX_HEIGHT / picture.height());
        FaceFrame frame = work.taken().face().frame();
        List<Pair> shown = work.pairs().stream().map(p -> pair(p, work, words)).toList();
        String verdict = shown.isEmpty()
                ? words.say("tones.none")
                : words.say(
                        "tones.verdict", shown.get(0).innerName(), shown.get(0).outerName());
        return new TonesView(
                verdict,
                picture.id(),
                picture.width() * scale,
                picture.height() * scale,
                closed(FaceRing.INNER, frame, scale),
                closed(FaceRing.OUTER, frame, scale),
                swatch("tone-inner", work.targets().inner(), words.say("tones.inner")),
                swatch("tone-outer", work.targets().outer(), words.say("tones.outer")),
                shown);
    }

    private static Swatch swatch(String key, Lab colour, String words) {
        return new Swatch(Srgb.hex(colour), STONES.pebble(key, 24, 20, 16), words);
    }

    private static Pair pair(TwoTones.Pair p, Tones.Work work, BaseWords words) {
        Shortlist.Ranked in = work.inner(p);
        Shortlist.Ranked out = work.outer(p);
        List<Lab> line = new ArrayList<>();
        for (int i = 0; i <= 12; i++) {
            // the blend takes the middle half
            line.add(in.onSkin().towards(out.onSkin(), Math.max(0, Math.min(1, (i - 3) / 6.0))));
        }
        Product ip = in.product();
        Product op = out.product();
        return new Pair(
                ip.id(),
                op.id(),
                ip.fullName(),
                op.fullName(),
                words.say("tones.off", words.nearness(p.innerOff()), Figures.one(p.innerOff())),
                words.say("tones.off", words.nearness(p.outerOff()), Figures.one(p.outerOff())),
                Srgb.hex(in.onSkin()),
                Srgb.hex(out.onSkin()),
                STONES.pebble(ip.stoneId(), 24, 20, 16),
                STONES.pebble(op.stoneId(), 24, 20, 16),
                BaseView.stops(line),
                Figures.one(p.apart()),
                p.reasons().stream()
                        .map(r -> new BaseView.Mark(words.reason("tones", r), r.severity() != Severity.NOTE))
                        .toList());
    }

    /** A ring in pixels of the drawing. */
    private static String closed(FaceRing ring, FaceFrame frame, double scale) {
        StringBuilder d = new StringBuilder();
        for (Vec v : ring.line()) {
            Point at = frame.toPicture(v.x(), v.y());
            d.append(
                    String.format(Locale.ROOT, "%s%.1f,%.1f", d.isEmpty() ? "M" : "L", at.x() * scale, at.y() * scale));
        }
        return d.append('Z').toString();
    }
}
