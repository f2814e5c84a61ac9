package scree.app.record;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import scree.app.base.BaseChoice;
import scree.app.look.Figures;
import scree.app.look.Lines;
import scree.app.look.Stones;
import scree.app.web.Words;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.shade.Nearness;
import scree.core.skin.SeasonPoint;

/** A client's skin over the seasons, 1080 wide: depth above, hue lean below, the bases taken beside the skin they met. */
record SeasonView(
        List<Stone> stones, String depthLine, String leanLine, List<Tick> depths, List<Tick> leans, List<Note> notes) {

    /** One sitting. */
    record Stone(
            String day,
            double x,
            double depthY,
            double leanY,
            String path,
            String leanPath,
            String colour,
            boolean provisional,
            boolean tanned,
            String basePath,
            String baseColour,
            Double baseY,
            String title) {}

    /** A figure at the side. */
    record Tick(double y, String words) {}

    /** What no longer fits, or still does. */
    record Note(String words, boolean caution) {}

    /** One sitting's skin and base before drawing. */
    record Sat(long id, SeasonPoint point, BaseChoice base) {
        private double lightest() {
            double skin = point.skin().lightness();
            return base == null ? skin : Math.max(skin, base.settled().lightness());
        }

        private double deepest() {
            double skin = point.skin().lightness();
            return base == null ? skin : Math.min(skin, base.settled().lightness());
        }
    }

    private static final double LEFT = 74;
    private static final double RIGHT = 985;
    private static final double DEPTH_TOP = 26;
    private static final double DEPTH_HIGH = 120;
    private static final double LEAN_TOP = 186;
    private static final double LEAN_HIGH = 56;
    private static final Stones STONES = new Stones();

    /**
     * What cannot be trusted, or was read a second time on a day, stands as a stone beside the line.
     *
     * @return null when fewer than two days can be trusted: a point is no line
     */
    static SeasonView of(List<Sat> sats, Words words) {
        List<Sat> line = sats.stream()
                .sorted(Comparator.comparing((Sat s) -> s.point().day()))
                .toList();
        List<Sat> trusted = SeasonPoint.trusted(line, Sat::point);
        if (trusted.size() < 2) {
            return null;
        }
        Scale scale = Scale.of(line);
        List<double[]> depth = trusted.stream()
                .map(s -> new double[] {scale.x(s), scale.depth(s.point().skin())})
                .toList();
        List<double[]> lean = trusted.stream()
                .map(s -> new double[] {scale.x(s), scale.lean(s)})
                .toList();
        return new SeasonView(
                line.stream().map(s -> stone(s, scale, words)).toList(),
                Lines.open(depth),
                Lines.open(lean),
                scale.ticks(),
                List.of(
                        new Tick(LEAN_TOP + 6, words.say("season.golden")),
                        new Tick(LEAN_TOP + LEAN_HIGH, words.say("season.pink"))),
                notes(line, trusted, words));
    }

    /**
     * Where a day, a depth and a lean lie in the drawing.
     *
     * @param top L* at the upper edge
     * @param bottom L* at the lower edge
     * @param reach degrees of lean from the middle to either edge
     */
    private record Scale(LocalDate first, long days, double top, double bottom, double reach) {
        private static final double ROOM = 1.2;
        private static final double LEAST_REACH = 4;
        private static final double STONE = 26;

        static Scale of(List<Sat> line) {
            LocalDate first = line.get(0).point().day();
            LocalDate last = line.get(line.size() - 1).point().day();
            double lean = line.stream()
                    .mapToDouble(s -> Math.abs(s.point().lean()))
                    .max()
                    .orElse(0);
            return new Scale(
                    first,
                    Math.max(1, ChronoUnit.DAYS.between(first, last)),
                    Math.ceil(line.stream().mapToDouble(Sat::lightest).max().orElse(70) + ROOM),
                    Math.floor(line.stream().mapToDouble(Sat::deepest).min().orElse(60) - ROOM),
                    Math.max(LEAST_REACH, Math.ceil(lean + 1)));
        }

        double x(Sat s) {
            long day = ChronoUnit.DAYS.between(first, s.point().day());
            return LEFT + STONE + (RIGHT - LEFT - 2 * STONE) * day / days;
        }

        double depth(Lab colour) {
            return depth(colour.lightness());
        }

        private double depth(double lightness) {
            return DEPTH_TOP + (top - lightness) / (top - bottom) * DEPTH_HIGH;
        }

        double lean(Sat s) {
            return LEAN_TOP + LEAN_HIGH / 2 - s.point().lean() / reach * LEAN_HIGH / 2;
        }

        List<Tick> ticks() {
            int step = top - bottom > 14 ? 4 : 2;
            List<Tick> ticks = new ArrayList<>();
            for (int l = (int) Math.ceil(bottom / step) * step; l <= top; l += step) {
                ticks.add(new Tick(depth(l), String.valueOf(l)));
            }
            return ticks;
        }
    }

    private static Stone stone(Sat s, Scale scale, Words words) {
        double x = scale.x(s);
        double y = scale.depth(s.point().skin());
        double leanY = scale.lean(s);
        BaseChoice base = s.base();
        Double baseY = base == null ? null : Double.valueOf(scale.depth(base.settled()));
        return new Stone(
                words.date("date.brief", s.point().day()),
                x,
                y,
                leanY,
                STONES.pebble("season-" + s.id(), x, y, 15),
                STONES.pebble("lean-" + s.id(), x, leanY, 6),
                Srgb.hex(s.point().skin()),
                s.point().provisional(),
                s.point().tanned(),
                base == null ? null : STONES.pebble(base.stoneId(), x + 30, baseY, 9),
                base == null ? null : Srgb.hex(base.settled()),
                baseY,
                words.say(
                        "season.title",
                        words.date("date.brief", s.point().day()),
                        one(s.point().skin().lightness()),
                        one(s.point().lean()),
                        base == null ? words.say("season.no.base") : base.fullName()));
    }

    /** Every base that was taken before, against the newest skin that can be trusted. */
    private static List<Note> notes(List<Sat> line, List<Sat> trusted, Words words) {
        Sat newest = trusted.get(trusted.size() - 1);
        List<Note> notes = new ArrayList<>();
        for (int i = line.indexOf(newest) - 1; i >= 0; i--) {
            Sat then = line.get(i);
            BaseChoice base = then.base();
            boolean said =
                    base == null || notes.stream().anyMatch(n -> n.words().startsWith(base.fullName() + " "));
            if (!said) {
                double off = base.settled().differenceFrom(newest.point().skin());
                SeasonPoint.Change change = newest.point().since(then.point());
                boolean told = change.told() && trusted.contains(then);
                boolean fits = Nearness.of(off).ordinal() <= Nearness.CLOSE.ordinal();
                String key = fits
                        ? "season.fits"
                        : told ? change.lighter() < 0 ? "season.deeper" : "season.lighter" : "season.off";
                notes.add(new Note(
                        words.say(
                                key,
                                base.fullName(),
                                words.date("date.brief", then.point().day()),
                                one(off),
                                one(Math.abs(change.lighter())),
                                one(change.doubt())),
                        !fits));
            }
        }
        return notes;
    }

    private static String one(double v) {
        return Figures.one(v);
    }
}
