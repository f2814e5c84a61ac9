package scree.app.mix;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import scree.app.base.BaseWords;
import scree.app.look.Lines;
import scree.app.look.Stones;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.mix.SeasonParts;

/** A year's skin as twelve stones on a slope, deeper skin lower, and the readings that it rests on. */
record SeasonsDrawing(List<Month> months, List<Read> read, String line) {
    /** A month: the skin to be expected and the parts for it. */
    record Month(String name, double x, double y, String stone, String colour, int winter, int summer, boolean now) {}

    /** A reading on the slope. */
    record Read(String day, double x, double y) {}

    private static final int MIDDLE_OF_MONTH = 15;
    private static final int MONTHS = 12;
    private static final double STONE = 19;
    private static final Stones STONES = new Stones();

    static SeasonsDrawing of(Seasons.Answer a, SeasonParts.Year year, BaseWords words) {
        Scale scale = Scale.of(a, year);
        List<Month> months = IntStream.range(0, MONTHS)
                .mapToObj(i -> month(a, scale, i, year.on(scale.first().plusMonths(i)), words))
                .toList();
        List<Read> read = a.days().stream()
                .map(d -> new Read(words.date("date.inYear", d.day()), scale.x(d.day()), scale.y(d.skin())))
                .toList();
        return new SeasonsDrawing(
                months,
                read,
                Lines.open(months.stream().map(m -> new double[] {m.x(), m.y()}).toList()));
    }

    private static Month month(Seasons.Answer a, Scale scale, int i, Lab skin, BaseWords words) {
        LocalDate day = scale.first().plusMonths(i);
        SeasonParts.Blend blend = a.parts(skin);
        double x = scale.x(i);
        double y = scale.y(skin);
        return new Month(
                words.date("date.month", day),
                x,
                y,
                STONES.pebble("month-" + day.getMonthValue(), x, y, STONE),
                Srgb.hex(skin),
                blend.winter(),
                blend.summer(),
                i == 0);
    }

    /**
     * Where a day and a depth lie in the drawing, 1040 × 236.
     *
     * @param first middle of the month that is now
     * @param mean L* in the middle of the slope's height
     * @param span L* from there to either edge
     */
    private record Scale(LocalDate first, double mean, double span) {
        private static final double WIDTH = 1040;
        private static final double LEFT = 44;
        private static final double TOP = 40;
        private static final double HIGH = 104;
        /** L* that even an even year has to either side: a slope of nothing would show doubt as change. */
        private static final double LEAST_SPAN = 2;

        private static final double ROOM_OVER_SWING = 1.5;
        private static final double ROOM_OVER_READING = .6;

        static Scale of(Seasons.Answer a, SeasonParts.Year year) {
            double readings = a.days().stream()
                    .mapToDouble(d -> Math.abs(d.skin().lightness() - year.mean()) + ROOM_OVER_READING)
                    .max()
                    .orElse(0);
            double span = Math.max(readings, Math.max(LEAST_SPAN, year.swing() + ROOM_OVER_SWING));
            return new Scale(a.today().withDayOfMonth(MIDDLE_OF_MONTH), year.mean(), span);
        }

        /** @param month from the first */
        double x(double month) {
            return LEFT + (WIDTH - 2 * LEFT) * month / (MONTHS - 1);
        }

        double x(LocalDate day) {
            double month = Math.floorMod(day.getMonthValue() - first.getMonthValue(), MONTHS)
                    + (day.getDayOfMonth() - MIDDLE_OF_MONTH) / 30.0;
            return x(Math.max(0, Math.min(MONTHS - 1, month)));
        }

        double y(Lab skin) {
            return TOP + HIGH / 2 - (skin.lightness() - mean) / span * HIGH / 2;
        }
    }
}
