package scree.app.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import scree.app.look.Figures;
import scree.app.look.Stones;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.reason.Severity;
import scree.core.shade.Amount;
import scree.core.shade.Nearness;
import scree.core.shade.NeckBridge;

/** What the page of neck bridges shows: each way as face over neck with what is left at the jaw. */
record NeckView(String verdict, String base, boolean lightCollar, Strip bare, List<Strip> ways, NeckBridge.Way kept) {

    /** Face over neck, 300 × 96, the jaw line between. */
    record Strip(
            NeckBridge.Way way,
            String name,
            String how,
            String face,
            String neck,
            String jawLine,
            String figure,
            String word,
            List<BaseView.Mark> marks,
            List<Used> used,
            boolean coat) {}

    /** A product that a way uses, with its coats. */
    record Used(String name, String colour, String stone, String coats) {}

    private static final Stones STONES = new Stones();

    static NeckView of(
            List<NeckBridge.Bridge> bridges,
            Lab jawSkin,
            Lab neckSkin,
            Worn.Shade base,
            Map<Long, Worn.Shade> shades,
            boolean lightCollar,
            NeckBridge.Way kept,
            BaseWords words) {
        double now = bridges.stream()
                .filter(b -> b.way() == NeckBridge.Way.NOTHING)
                .mapToDouble(NeckBridge.Bridge::left)
                .findFirst()
                .orElse(0);
        NeckBridge.Bridge best = bridges.get(0);
        String verdict = best.way() == NeckBridge.Way.NOTHING
                ? words.say("neck.nothing", Figures.one(now))
                : words.say("neck.verdict." + best.way(), Figures.one(now), Figures.one(best.left()));
        return new NeckView(
                verdict,
                base.fullName(),
                lightCollar,
                new Strip(
                        null,
                        words.say("neck.bare"),
                        null,
                        Srgb.hex(jawSkin),
                        Srgb.hex(neckSkin),
                        jaw("bare"),
                        Figures.one(jawSkin.differenceFrom(neckSkin)),
                        words.nearness(jawSkin.differenceFrom(neckSkin)),
                        List.of(),
                        List.of(),
                        false),
                bridges.stream().map(b -> strip(b, shades, words)).toList(),
                kept);
    }

    private static Strip strip(NeckBridge.Bridge b, Map<Long, Worn.Shade> shades, BaseWords words) {
        List<BaseView.Mark> marks = new ArrayList<>();
        b.reasons().forEach(r -> marks.add(new BaseView.Mark(words.reason("neck", r), r.severity() != Severity.NOTE)));
        List<Used> used = new ArrayList<>();
        for (int i = 0; i < b.products().size(); i++) {
            Worn.Shade p = shades.get(b.products().get(i));
            used.add(new Used(
                    p.fullName(),
                    Srgb.hex(p.onSkin()),
                    STONES.pebble(p.stoneId(), 18, 15, 12),
                    words.say("amount." + Amount.of(b.coats().get(i)))));
        }
        return new Strip(
                b.way(),
                words.say("neck.way." + b.way()),
                words.say("neck.how." + b.way()),
                Srgb.hex(b.face()),
                Srgb.hex(b.neck()),
                jaw(b.way().name()),
                Figures.one(b.left()),
                words.say("nearness." + Nearness.of(b.left())),
                marks,
                used,
                b.way() == NeckBridge.Way.BODY_PRODUCT);
    }

    /** The jaw as a loose line across the strip, its own for each way. */
    private static String jaw(String id) {
        int h = id.hashCode();
        return String.format(
                Locale.ROOT,
                "M0,%.1fC70,%.1f 140,%.1f 200,52S270,44 300,%.1fV96H0Z",
                44 + 3 * Math.sin(h),
                50 + 3 * Math.sin(h * .7),
                58 + 2 * Math.sin(h * .3),
                40 + 3 * Math.sin(h * 1.3));
    }
}
