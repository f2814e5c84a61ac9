package scree.app.record;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.springframework.context.MessageSource;
import scree.app.base.BaseChoice;
import scree.app.look.Figures;
import scree.app.look.Lines;
import scree.app.look.Stones;
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
    record Sat(long id, SeasonPoint point, BaseChoice base) {}

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
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
    static SeasonView of(List<Sat> sats, MessageSource messages, Locale locale) {
        List<Sat> line = sats.stream()
                .sorted(Comparator.comparing((Sat s) -> s.point().day()))
                .toList();
        List<Sat> trusted = SeasonPoint.trusted(line, Sat::point);
        if (trusted.size() < 2) {
            return null;
        }
        LocalDate first = line.get(0).point().day();
        double days = Math.max(
                1,
                ChronoUnit.DAYS.between(first, line.get(line.size() - 1).point().day()));
        double top =
                Math.ceil(line.stream().mapToDouble(SeasonView::lightest).max().orElse(70) + 1.2);
        double bottom =
                Math.floor(line.stream().mapToDouble(SeasonView::deepest).min().orElse(60) - 1.2);
        double reach = Math.max(
                4,
                Math.ceil(line.stream()
                                .mapToDouble(s -> Math.abs(s.point().lean()))
                                .max()
                                .orElse(4)
                        + 1));
        List<Stone> stones = new ArrayList<>();
        List<double[]> depth = new ArrayList<>();
        List<double[]> lean = new ArrayList<>();
        for (Sat s : line) {
            double x = LEFT
                    + 26
                    + (RIGHT - LEFT - 52)
                            * ChronoUnit.DAYS.between(first, s.point().day())
                            / days;
            double y = depthY(s.point().skin().lightness(), top, bottom);
            double ly = LEAN_TOP + LEAN_HIGH / 2 - s.point().lean() / reach * LEAN_HIGH / 2;
            if (trusted.contains(s)) {
                depth.add(new double[] {x, y});
                lean.add(new double[] {x, ly});
            }
            stones.add(stone(s, x, y, ly, top, bottom, messages, locale));
        }
        return new SeasonView(
                stones,
                Lines.open(depth),
                Lines.open(lean),
                ticks(top, bottom),
                List.of(
                        new Tick(LEAN_TOP + 6, messages.getMessage("season.golden", null, locale)),
                        new Tick(LEAN_TOP + LEAN_HIGH, messages.getMessage("season.pink", null, locale))),
                notes(line, trusted, messages, locale));
    }

    private static Stone stone(
            Sat s, double x, double y, double leanY, double top, double bottom, MessageSource messages, Locale locale) {
        BaseChoice base = s.base();
        Double baseY =
                base == null ? null : Double.valueOf(depthY(base.settled().lightness(), top, bottom));
        return new Stone(
                DAY.format(s.point().day()),
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
                messages.getMessage(
                        "season.title",
                        new Object[] {
                            DAY.format(s.point().day()),
                            one(s.point().skin().lightness()),
                            one(s.point().lean()),
                            base == null ? messages.getMessage("season.no.base", null, locale) : base.fullName()
                        },
                        locale));
    }

    /** Every base that was taken before, against the newest skin that can be trusted. */
    private static List<Note> notes(List<Sat> line, List<Sat> trusted, MessageSource messages, Locale locale) {
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
                        messages.getMessage(
                                key,
                                new Object[] {
                                    base.fullName(),
                                    DAY.format(then.point().day()),
                                    one(off),
                                    one(Math.abs(change.lighter())),
                                    one(change.doubt())
                                },
                                locale),
                        !fits));
            }
        }
        return notes;
    }

    private static double lightest(Sat s) {
        return Math.max(
                s.point().skin().lightness(),
                s.base() == null ? 0 : s.base().settled().lightness());
    }

    private static double deepest(Sat s) {
        return Math.min(
                s.point().skin().lightness(),
                s.base() == null ? 100 : s.base().settled().lightness());
    }

    private static double depthY(double lightness, double top, double bottom) {
        return DEPTH_TOP + (top - lightness) / (top - bottom) * DEPTH_HIGH;
    }

    private static List<Tick> ticks(double top, double bottom) {
        List<Tick> ticks = new ArrayList<>();
        int step = top - bottom > 14 ? 4 : 2;
        for (int l = (int) Math.ceil(bottom / step) * step; l <= top; l += step) {
            ticks.add(new Tick(depthY(l, top, bottom), String.valueOf(l)));
        }
        return ticks;
    }

    private static String one(double v) {
        return Figures.one(v);
    }
}
