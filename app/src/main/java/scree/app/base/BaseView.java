package scree.app.base;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import scree.app.look.Drawn;
import scree.app.look.Figures;
import scree.app.look.Lines;
import scree.app.look.Stones;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.light.LightVerdict;
import scree.core.reason.Severity;
import scree.core.shade.FieldPlace;
import scree.core.shade.PowderOnSkin;
import scree.core.skin.MatchPlace;
import scree.core.skin.MatchTarget;
import scree.core.skin.SkinReading;

/** What the Base page shows, with all geometry and words done. */
record BaseView(
        String verdict,
        String provisional,
        MatchTarget.School school,
        String consequence,
        List<Place> places,
        String family,
        BaseField field,
        List<Row> rows,
        List<Row> apart,
        int total,
        int listed,
        int shown,
        Asked asked,
        List<Stripe> stripes,
        List<Stop> gradient,
        boolean deepBed,
        Taken taken) {

    /** A place that could be matched on: its stone, what it is good for, why. */
    record Place(String name, String use, String why, String stone, String colour, String mark) {}

    /** What was asked beside colour. */
    record Asked(
            boolean freckles,
            boolean heavyContour,
            String quarrel,
            boolean powders,
            boolean lessPowder,
            boolean morePowder,
            String powderWords,
            String foreheadWords,
            Long primerSeconds,
            int primerMinutes) {}

    /** One line of the list. */
    record Row(
            long id,
            int rank,
            String name,
            String what,
            String why,
            List<Mark> marks,
            String figure,
            String word,
            String rankedAs,
            String drawing,
            boolean striped,
            String press,
            boolean struck,
            boolean taken) {}

    /** A remark under a line; loud ones speak against. */
    record Mark(String words, boolean loud) {}

    /** A stripe on the skin. */
    record Stripe(
            long id,
            String letter,
            String name,
            String wet,
            String settled,
            double x,
            String left,
            String right,
            String word) {}

    /** A colour of the skin's gradient, 0 to 100 % down. */
    record Stop(double offset, String colour) {}

    /** What was taken. */
    record Taken(long id, String name, String note, String figure, boolean provisional, String overruled) {}

    private static final int LISTED = 30;
    private static final String LETTERS = "ABC";
    private static final Stones STONES = new Stones();

    static BaseView of(
            Shortlist list,
            List<List<FieldPlace>> around,
            Optional<BaseChoice> choice,
            long sitting,
            Instant now,
            BaseWords words,
            Optional<String> lightReason) {
        MatchTarget target = list.target();
        return new BaseView(
                verdict(list, words),
                provisional(list, words, lightReason),
                target.school(),
                words.say("school.consequence." + target.school()),
                list.places().stream().map(p -> place(p, words)).toList(),
                words.say("base.led." + list.family()),
                BaseField.of(list, around, sitting, words),
                list.ranked().stream()
                        .limit(LISTED)
                        .map(r -> row(r, list, sitting, choice, words, now))
                        .toList(),
                list.apart().stream()
                        .map(r -> row(r, list, sitting, choice, words, now))
                        .toList(),
                list.total(),
                list.listed(),
                list.ranked().size(),
                asked(list, words, now),
                stripes(list, words),
                gradient(target),
                target.colour().lightness() <= 52,
                choice.map(c -> taken(c)).orElse(null));
    }

    private static Taken taken(BaseChoice c) {
        return new Taken(
                c.id(),
                c.fullName(),
                c.note(),
                Figures.one(c.difference()),
                c.provisional(),
                c.standing().overruled());
    }

    /** Returns why every figure is provisional, with the light's worst reason, or null. */
    private static String provisional(Shortlist list, BaseWords words, Optional<String> lightReason) {
        if (list.trust() != SkinReading.Trust.PROVISIONAL) {
            return null;
        }
        boolean unfit = list.light().grade() == LightVerdict.Grade.UNFIT;
        return words.say(unfit ? "base.provisional.light" : "base.provisional.card")
                + (unfit ? lightReason.map(r -> " " + r).orElse("") : "");
    }

    private static String verdict(Shortlist list, BaseWords words) {
        return list.ranked().stream()
                .findFirst()
                .map(b -> words.say("base.verdict." + b.nearness(), b.product().fullName()))
                .orElse(words.say("base.verdict.none"));
    }

    private static Place place(MatchPlace p, BaseWords words) {
        String key = p.zone() == null ? "HAND" : p.zone().name();
        String mark = switch (p.use()) {
            case MATCHED -> "full";
            case UNDERTONE -> "half";
            case REFERENCE -> "beside";
            case REFUSED -> "split";
        };
        return new Place(
                words.say("place." + key),
                words.say("use." + p.use()),
                words.reason("match", p.reason()),
                STONES.pebble("place-" + key, 18, 15, 12),
                p.colour() == null ? null : Srgb.hex(p.colour()),
                mark);
    }

    private static Asked asked(Shortlist list, BaseWords words, Instant now) {
        BaseSetting s = list.setting();
        boolean powders = list.ranked().stream().anyMatch(Shortlist.Ranked::powder)
                || list.apart().stream().anyMatch(Shortlist.Ranked::powder);
        String forehead = list.places().stream()
                .filter(p -> p.reason().code() == MatchPlace.Code.FOREHEAD_DEEPER)
                .findFirst()
                .map(p -> words.say("base.forehead.half"))
                .orElse(words.say("base.forehead.none"));
        long left = s.primerSecondsLeft(now);
        return new Asked(
                s.freckles(),
                s.heavyContour(),
                list.wish().quarrels() ? words.say("base.quarrel") : null,
                powders,
                moves(s.powder(), -PowderOnSkin.BY_HAND),
                moves(s.powder(), PowderOnSkin.BY_HAND),
                words.say("powder." + PowderOnSkin.taken(s.powder())),
                forehead,
                s.primerAt() == null ? null : Long.valueOf(left),
                s.primerMinutes());
    }

    /** Returns whether the powder's strength is not at the end of its range. */
    private static boolean moves(double powder, double by) {
        return PowderOnSkin.within(powder + by) != powder;
    }

    static String letter(Shortlist list, long product) {
        for (int i = 0; i < list.stripes().size(); i++) {
            if (list.stripes().get(i).product().id() == product) {
                return LETTERS.substring(i, i + 1);
            }
        }
        return null;
    }

    private static Row row(
            Shortlist.Ranked r,
            Shortlist list,
            long sitting,
            Optional<BaseChoice> choice,
            BaseWords words,
            Instant now) {
        var p = r.product();
        boolean taken = choice.map(c -> Objects.equals(c.worn().shade().product(), p.id()))
                .orElse(false);
        boolean struck = !r.struck().isEmpty();
        return new Row(
                p.id(),
                r.rank(),
                p.fullName(),
                words.what(p),
                words.why(r.reasons()),
                marks(r, list, words, now),
                Figures.one(r.difference()),
                words.nearness(r.difference()),
                r.placed().cost() > 0
                        ? words.say("base.rankedAs", Figures.one(r.placed().standing()))
                        : null,
                drawing(r, letter(list, p.id())),
                letter(list, p.id()) != null,
                BaseField.press(sitting, p.id()),
                struck,
                taken);
    }

    /** A powder shows the pan's colour behind the one on skin. */
    private static String drawing(Shortlist.Ranked r, String letter) {
        String id = r.product().stoneId();
        Drawn drawn = new Drawn();
        if (r.powder()) {
            drawn.shade(
                    STONES.pebble(id + "-pan", 13, 17, 11), Srgb.hex(r.product().settled()));
        }
        drawn.stone(STONES.pebble(id, r.powder() ? 30 : 24, 20, r.powder() ? 14 : 17), Srgb.hex(r.onSkin()));
        return drawn.mark(letter, 24, 25, r.onSkin().lightness() > 52).toString();
    }

    /** What is said under a line: why it stands apart, another undertone, wear, a powder's caution. */
    private static List<Mark> marks(Shortlist.Ranked r, Shortlist list, BaseWords words, Instant now) {
        List<Mark> marks = new ArrayList<>();
        r.struck().forEach(s -> marks.add(new Mark(words.say("struck." + s), true)));
        r.placed()
                .undertone()
                .forEach(u ->
                        marks.add(new Mark(words.priced("family", u), u.reason().severity() != Severity.NOTE)));
        if (r.powder() && list.setting().primerSecondsLeft(now) > 0) {
            marks.add(new Mark(words.say("base.powder.wet"), true));
        }
        r.placed().wear().stream()
                .filter(w -> w.reason().severity() != Severity.NOTE)
                .forEach(w -> marks.add(new Mark(words.priced("wear", w), true)));
        List<String> quiet = new ArrayList<>();
        if (r.powder()) {
            double falls = r.product().settled().lightness() - r.onSkin().lightness();
            quiet.add(words.say("base.powder.falls", Figures.one(falls)));
        }
        r.placed().wear().stream()
                .filter(w -> w.reason().severity() == Severity.NOTE)
                .forEach(w -> quiet.add(words.priced("wear", w)));
        if (r.product().learned()) {
            quiet.add(words.say("base.learned"));
        }
        if (!quiet.isEmpty()) {
            marks.add(new Mark(String.join(" ", quiet), false));
        }
        return marks;
    }

    private static List<Stripe> stripes(Shortlist list, BaseWords words) {
        List<Stripe> stripes = new ArrayList<>();
        double gap = 418.0 / 3;
        for (int i = 0; i < list.stripes().size(); i++) {
            Shortlist.Ranked r = list.stripes().get(i);
            double x = gap * i + gap / 2 - 46;
            stripes.add(new Stripe(
                    r.product().id(),
                    LETTERS.substring(i, i + 1),
                    r.product().fullName(),
                    Srgb.hex(r.product().wet()),
                    Srgb.hex(r.onSkin()),
                    x,
                    swipe(r.product().stoneId(), x, 46, 28, 108, true),
                    swipe(r.product().stoneId(), x, 46, 28, 108, false),
                    words.nearness(r.difference())));
        }
        return stripes;
    }

    /** Half a swiped patch: the outer edge wobbles by two, the ends by four; the inner edge is straight. */
    static String swipe(String id, double x, double half, double top, double bottom, boolean left) {
        int hash = id.hashCode();
        List<double[]> outline = new ArrayList<>();
        double inner = x + half;
        outline.add(new double[] {inner, top + wobble(hash, 1, 3)});
        for (int i = 0; i <= 8; i++) {
            double y = top + 4 + (bottom - top - 8) * i / 8;
            double edge = left ? x + wobble(hash, i + 2, 2) : x + 2 * half + wobble(hash, i + 20, 2);
            outline.add(new double[] {edge, y});
        }
        outline.add(new double[] {inner, bottom + wobble(hash, 40, 4)});
        return Lines.closed(outline);
    }

    private static double wobble(int hash, int i, double size) {
        return size * Math.sin(hash * 0.37 + i * 1.9);
    }

    static List<Stop> gradient(MatchTarget target) {
        return stops(target.gradient());
    }

    static List<Stop> stops(List<Lab> line) {
        List<Stop> stops = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            stops.add(new Stop(100.0 * i / (line.size() - 1), Srgb.hex(line.get(i))));
        }
        return stops;
    }
}
