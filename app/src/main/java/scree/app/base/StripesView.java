package scree.app.base;

import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import scree.app.kit.Product;
import scree.app.kit.WatchedStripe;
import scree.app.look.Figures;
import scree.core.shade.DryDown;
import scree.core.shade.Nearness;
import scree.core.shade.StripeSight;
import scree.core.shade.StripeSight.Coat;
import scree.core.shade.StripeSight.Look;
import scree.core.shade.StripeSight.Moment;

/** What the stripe view shows: three stripes on the client's own skin at a moment, in a light, and their times. */
record StripesView(
        String verdict,
        List<String> traps,
        double minutes,
        double longest,
        Coat coat,
        Look look,
        List<BaseView.Stop> gradient,
        boolean deepBed,
        List<Drawn> stripes,
        boolean anyFree) {

    /** One stripe drawn in three colours from cheek to neck, with its figures and its time. */
    record Drawn(
            long id,
            String letter,
            String name,
            String path,
            double x,
            List<BaseView.Stop> colours,
            String here,
            double difference,
            String figure,
            List<InLight> lights,
            Time time,
            boolean powder,
            Learned learned) {}

    /** How it fares in one light when it has settled. */
    record InLight(String key, String figure, String word, String mark) {}

    /**
     * Its time on the skin.
     *
     * @param secondsLeft null when it is not laid, 0 when it has settled
     */
    record Time(Long secondsLeft, int minutes, double share) {}

    /** What was learned of the product. */
    record Learned(String words, List<Seen> seen) {}

    /** One observation. */
    record Seen(long id, String words) {}

    static final double WIDTH = 960;
    static final double HALF = 100;
    private static final String LETTERS = "ABC";
    private static final double SWIPE_TOP = 42;
    private static final double SWIPE_BOTTOM = 262;
    /** Minutes to look at when nothing is laid yet. */
    private static final double USUAL_MINUTES = 12;

    static StripesView of(
            Shortlist list,
            StripeSight sight,
            Map<Long, StripeWatch> watched,
            Map<Long, List<WatchedStripe>> seen,
            Optional<Double> asked,
            Coat coat,
            Look look,
            Instant now,
            ZoneId zone,
            BaseWords words) {
        double longest = list.stripes().stream()
                .mapToDouble(r -> minutes(r.product(), watched))
                .max()
                .orElse(USUAL_MINUTES);
        double minutes = Math.max(0, Math.min(longest, asked.orElse(longest)));
        List<Drawn> drawn = new ArrayList<>();
        List<String> traps = new ArrayList<>();
        for (int i = 0; i < list.stripes().size(); i++) {
            Shortlist.Ranked r = list.stripes().get(i);
            Product p = r.product();
            StripeSight.Stripe stripe = new StripeSight.Stripe(
                    r.powder() ? r.onSkin() : p.wet(),
                    r.onSkin(),
                    p.contrastRatio(),
                    p.traits().wornShareOrEstimate(),
                    minutes(p, watched));
            Map<Look, Double> everywhere = sight.everywhere(stripe);
            String letter = LETTERS.substring(i, i + 1);
            StripeSight.trap(everywhere).ifPresent(t -> traps.add(trap(letter, t, everywhere, words)));
            drawn.add(drawn(
                    r,
                    i,
                    sight.see(stripe, new Moment(minutes, coat, look)),
                    lights(everywhere, words),
                    time(watched.get(p.id()), p, now),
                    learned(p, seen.getOrDefault(p.id(), List.of()), zone, words),
                    words));
        }
        return new StripesView(
                verdict(drawn, minutes < longest, look, words),
                traps,
                minutes,
                longest,
                coat,
                look,
                BaseView.stops(sight.gradient(look)),
                list.target().colour().lightness() <= 52,
                drawn,
                drawn.stream().anyMatch(d -> d.time().secondsLeft() == null));
    }

    private static Drawn drawn(
            Shortlist.Ranked r,
            int i,
            StripeSight.Seen at,
            List<InLight> lights,
            Time time,
            Learned learned,
            BaseWords words) {
        Product p = r.product();
        double x = WIDTH / 3 * i + WIDTH / 6 - HALF;
        return new Drawn(
                p.id(),
                LETTERS.substring(i, i + 1),
                p.fullName(),
                BaseView.swipe(p.stoneId(), x, HALF, SWIPE_TOP, SWIPE_BOTTOM, true)
                        + BaseView.swipe(p.stoneId(), x, HALF, SWIPE_TOP, SWIPE_BOTTOM, false),
                x,
                BaseView.stops(at.over()),
                words.nearness(at.difference()),
                at.difference(),
                Figures.one(at.difference()),
                lights,
                time,
                r.powder(),
                learned);
    }

    private static String trap(String letter, Look in, Map<Look, Double> everywhere, BaseWords words) {
        return words.say(
                "stripes.trap",
                letter,
                words.say("look.in." + in),
                Figures.one(everywhere.get(in)),
                Figures.one(everywhere.get(Look.DAYLIGHT)));
    }

    private static double minutes(Product p, Map<Long, StripeWatch> watched) {
        StripeWatch w = watched.get(p.id());
        return w == null ? p.form().dryDownMinutes() : w.minutes();
    }

    private static List<InLight> lights(Map<Look, Double> everywhere, BaseWords words) {
        return everywhere.entrySet().stream()
                .map(e -> new InLight(
                        e.getKey().name(),
                        Figures.one(e.getValue()),
                        words.nearness(e.getValue()),
                        e.getValue() <= Nearness.UNSEEN.upTo()
                                ? "full"
                                : e.getValue() <= Nearness.CLOSE.upTo() ? "half" : "hollow"))
                .toList();
    }

    private static Time time(StripeWatch w, Product p, Instant now) {
        return w == null
                ? new Time(null, p.form().dryDownMinutes(), 0)
                : new Time(w.secondsLeft(now), w.minutes(), Math.min(1, w.minutesOn(now) / w.minutes()));
    }

    private static Learned learned(Product p, List<WatchedStripe> seen, ZoneId zone, BaseWords words) {
        if (p.powder()) {
            return new Learned(words.say("stripes.powder"), List.of());
        }
        DryDown.Shift shift = p.swatch().shift();
        String moves = words.say("stripes." + shift.way(), Figures.one(Math.abs(shift.lightness())));
        String rests = seen.isEmpty()
                ? words.say("stripes.recorded")
                : words.say(
                        "stripes.learned",
                        seen.size(),
                        Figures.one(p.recorded().lightness() - p.wet().lightness()));
        return new Learned(
                moves + " " + rests,
                seen.stream()
                        .map(s -> new Seen(
                                s.id(),
                                words.say(
                                        "stripes.seen",
                                        words.say(s.answer() == null ? "answer.METER" : "answer." + s.answer()),
                                        s.artistName().split(" ")[0],
                                        s.seenAt().atZoneSameInstant(zone).toLocalDate())))
                        .toList());
    }

    private static String verdict(List<Drawn> drawn, boolean notYet, Look look, BaseWords words) {
        Optional<Drawn> best = drawn.stream().min(Comparator.comparingDouble(Drawn::difference));
        String where = words.say("look.in." + look);
        return best.map(b -> b.difference() <= Nearness.UNSEEN.upTo()
                        ? words.say(notYet ? "stripes.vanishes.now" : "stripes.vanishes", b.letter(), b.name(), where)
                        : words.say("stripes.none", b.letter(), b.name(), b.here(), where))
                .orElse(words.say("base.verdict.none"));
    }
}
