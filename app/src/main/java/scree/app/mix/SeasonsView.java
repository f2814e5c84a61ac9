package scree.app.mix;

import java.time.ZoneId;
import java.util.List;
import scree.app.base.BaseWords;
import scree.app.kit.Product;
import scree.app.look.Figures;
import scree.app.look.Stones;
import scree.core.colour.Srgb;
import scree.core.mix.SeasonParts;

/**
 * What the page of seasons shows: a year as twelve stones on a slope, the parts of two shades under it.
 *
 * @param slope or null when no year can be told
 */
record SeasonsView(
        String verdict,
        String why,
        Shade winter,
        Shade summer,
        boolean proposed,
        boolean splits,
        int winterParts,
        int summerParts,
        String skin,
        String mixed,
        String figure,
        String word,
        SeasonsDrawing slope,
        List<String> changes,
        String rests,
        List<String> said,
        List<Shade> choices) {

    /** One of the shades. */
    record Shade(long id, String name, String colour, String stone) {}

    private static final Stones STONES = new Stones();

    static SeasonsView of(Seasons.Answer a, ZoneId zone, BaseWords words) {
        SeasonParts.Blend now = a.now();
        return new SeasonsView(
                verdict(a, words),
                why(a, words),
                shade(a.winter()),
                shade(a.summer()),
                a.proposed(),
                a.splits(),
                now.winter(),
                now.summer(),
                Srgb.hex(a.target().colour()),
                Srgb.hex(now.recipe().colour()),
                Figures.one(now.recipe().difference()),
                words.nearness(now.recipe().difference()),
                a.year().map(y -> SeasonsDrawing.of(a, y, words)).orElse(null),
                changes(a, words),
                rests(a, words),
                a.words().stream()
                        .map(w -> words.say(
                                "seasons.said." + w.word(),
                                w.saidAt().atZoneSameInstant(zone).toLocalDate(),
                                w.artistName().split(" ")[0]))
                        .toList(),
                a.choices().stream().map(SeasonsView::shade).toList());
    }

    private static String verdict(Seasons.Answer a, BaseWords words) {
        SeasonParts.Blend b = a.now();
        return b.winter() == 0 || b.summer() == 0
                ? words.say("seasons.verdict.one", (b.winter() == 0 ? a.summer() : a.winter()).fullName())
                : words.say(
                        "seasons.verdict",
                        b.winter(),
                        a.winter().fullName(),
                        b.summer(),
                        a.summer().fullName());
    }

    private static String why(Seasons.Answer a, BaseWords words) {
        return a.nudge() == 0
                ? words.say("seasons.why.reading", Figures.one(a.now().recipe().difference()))
                : words.say(
                        "seasons.why.words",
                        a.byReading().winter(),
                        a.byReading().summer(),
                        Math.abs(a.nudge()),
                        words.say(a.nudge() > 0 ? "seasons.deeper" : "seasons.lighter"));
    }

    private static List<String> changes(Seasons.Answer a, BaseWords words) {
        return a.calendar().stream()
                .map(c -> words.say(
                        "seasons.change",
                        words.date("date.inYear", c.day()),
                        c.blend().winter(),
                        a.winter().fullName(),
                        c.blend().summer(),
                        a.summer().fullName()))
                .toList();
    }

    private static String rests(Seasons.Answer a, BaseWords words) {
        return a.year()
                .map(y -> words.say(
                        y.fitted() ? "seasons.rests.fitted" : "seasons.rests.usual",
                        a.days().size(),
                        Figures.one(2 * y.swing())))
                .orElse(words.say("seasons.rests.none"));
    }

    private static Shade shade(Product p) {
        return new Shade(p.id(), p.fullName(), Srgb.hex(p.settled()), STONES.pebble(p.stoneId(), 24, 20, 16));
    }
}
