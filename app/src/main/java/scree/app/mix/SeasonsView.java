package scree.app.mix;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import scree.app.base.BaseWords;
import scree.app.kit.Product;
import scree.app.look.Figures;
import scree.app.look.Stones;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.mix.SeasonParts;

/** What the page of seasons shows: a year as twelve stones on a slope, the parts of two shades under it. */
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
        List<Month> months,
        List<Read> read,
        String slope,
        List<String> changes,
        String rests,
        List<String> said,
        List<Shade> choices) {

    /** One of the shades. */
    record Shade(long id, String name, String colour, String stone) {}

    /** A month: the skin to be expected and the parts for it. */
    record Month(String name, double x, double y, String stone, String colour, int winter, int summer, boolean now) {}

    /** A reading on the slope. */
    record Read(String day, double x, double y) {}

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);
    private static final double WIDTH = 1040;
    private static final double LEFT = 44;
    private static final double TOP = 40;
    private static final double HIGH = 104;
    private static final Stones STONES = new Stones();

    static SeasonsView of(Seasons.Answer a, ZoneId zone, BaseWords words) {
        SeasonParts.Blend now = a.now();
        List<Month> months = new ArrayList<>();
        List<Read> read = new ArrayList<>();
        StringBuilder slope = new StringBuilder();
        a.year().ifPresent(y -> year(a, y, months, read, slope));
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
                months,
                read,
                slope.toString(),
                a.calendar().stream()
                        .map(c -> words.say(
                                "seasons.change",
                                DAY.format(c.day()),
                                c.blend().winter(),
                                a.winter().fullName(),
                                c.blend().summer(),
                                a.summer().fullName()))
                        .toList(),
                a.year()
                        .map(y -> words.say(
                                y.fitted() ? "seasons.rests.fitted" : "seasons.rests.usual",
                                a.days().size(),
                                Figures.one(2 * y.swing())))
                        .orElse(words.say("seasons.rests.none")),
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

    private static Shade shade(Product p) {
        return new Shade(p.id(), p.fullName(), Srgb.hex(p.settled()), STONES.pebble(p.stoneId(), 24, 20, 16));
    }

    private static void year(
            Seasons.Answer a, SeasonParts.Year y, List<Month> months, List<Read> read, StringBuilder slope) {
        double span = Math.max(2, y.swing() + 1.5);
        for (SeasonParts.Day d : a.days()) {
            span = Math.max(span, Math.abs(d.skin().lightness() - y.mean()) + .6);
        }
        LocalDate first = a.today().withDayOfMonth(15);
        for (int i = 0; i < 12; i++) {
            LocalDate day = first.plusMonths(i);
            Lab skin = y.on(day);
            SeasonParts.Blend blend = a.parts(skin);
            double x = LEFT + (WIDTH - 2 * LEFT) * i / 11.0;
            double at = yOf(skin.lightness(), y.mean(), span);
            slope.append(i == 0 ? 'M' : 'L').append(String.format(Locale.ROOT, "%.1f,%.1f", x, at));
            months.add(new Month(
                    day.getMonth().getDisplayName(TextStyle.SHORT, Locale.ENGLISH),
                    x,
                    at,
                    STONES.pebble("month-" + day.getMonthValue(), x, at, 19),
                    Srgb.hex(skin),
                    blend.winter(),
                    blend.summer(),
                    i == 0));
        }
        for (SeasonParts.Day d : a.days()) {
            int months12 = Math.floorMod(d.day().getMonthValue() - first.getMonthValue(), 12);
            double x = LEFT
                    + (WIDTH - 2 * LEFT)
                            * Math.max(0, Math.min(11, months12 + (d.day().getDayOfMonth() - 15) / 30.0))
                            / 11.0;
            read.add(new Read(DAY.format(d.day()), x, yOf(d.skin().lightness(), y.mean(), span)));
        }
    }

    private static double yOf(double lightness, double mean, double span) {
        return TOP + HIGH / 2 - (lightness - mean) / span * HIGH / 2;
    }
}
