package scree.app.today;

import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import scree.app.look.Stones;
import scree.app.picture.Picture;
import scree.app.sitting.Sitting;
import scree.app.studio.Artist;

/** The day as a time line: a row per artist, a stone per sitting as wide as it is long. */
record TodayView(
        String title,
        String summary,
        List<Line> lines,
        List<Hour> hours,
        Double now,
        String nowText,
        int width,
        int height) {
    /** One artist's row. */
    record Line(String name, double y, List<Stone> stones) {}

    /** One sitting. */
    record Stone(
            long id,
            String path,
            double x,
            double y,
            double width,
            String name,
            String plays,
            boolean showPlays,
            Long picture,
            String state,
            String clip,
            String time) {
        public double middle() {
            return x + width / 2;
        }
    }

    /** A tick of the time line. */
    record Hour(int hour, double x) {}

    private static final int LEFT = 92;
    private static final double PER_HOUR = 104;
    private static final int ROW = 140;
    private static final double STONE_HEIGHT = 122;
    private static final Stones STONES = new Stones();

    static TodayView of(
            List<Sitting> sittings,
            List<Artist> artists,
            Map<Long, Picture> pictures,
            Map<Long, String> states,
            LocalDateTime now,
            String title,
            String summary) {
        int first =
                sittings.stream().mapToInt(s -> s.startsAt().getHour()).min().orElse(9);
        int last =
                sittings.stream().mapToInt(s -> s.endsAt().getHour() + 1).max().orElse(17);
        last = Math.max(last, first + 8);
        double perHour = Math.min(PER_HOUR * 1.4, (1248.0 - LEFT - 10) / (last - first));
        List<Line> lines = new ArrayList<>();
        for (Artist artist : artists) {
            double y = 14 + ROW * lines.size();
            List<Stone> stones = new ArrayList<>();
            for (Sitting s : sittings) {
                if (s.artistId() == artist.id()) {
                    stones.add(stone(s, first, perHour, y, pictures.get(s.id()), states.get(s.id())));
                }
            }
            lines.add(new Line(artist.firstName(), y, stones));
        }
        List<Hour> hours = new ArrayList<>();
        for (int h = first; h <= last; h++) {
            hours.add(new Hour(h, LEFT + (h - first) * perHour));
        }
        double at = LEFT + (now.getHour() + now.getMinute() / 60.0 - first) * perHour;
        boolean within = at >= LEFT && at <= LEFT + (last - first) * perHour;
        return new TodayView(
                title,
                summary,
                lines,
                hours,
                within ? at : null,
                "%d:%02d".formatted(now.getHour(), now.getMinute()),
                (int) (LEFT + (last - first) * perHour + 18),
                14 + ROW * lines.size() + 34);
    }

    private static Stone stone(Sitting s, int first, double perHour, double y, Picture picture, String state) {
        double from = ChronoUnit.MINUTES.between(s.startsAt().toLocalDate().atTime(first, 0), s.startsAt()) / 60.0;
        double x = LEFT + from * perHour;
        double width = Math.max(66, s.minutes() / 60.0 * perHour - 4);
        String id = "sitting-" + s.id();
        return new Stone(
                s.id(),
                STONES.slab(id, x, y, width, STONE_HEIGHT),
                x,
                y,
                width,
                s.client().firstName(),
                s.client().plays(),
                width > 68 && s.client().plays() != null,
                picture == null ? null : picture.id(),
                state,
                "clip-" + s.id(),
                "%d:%02d".formatted(s.startsAt().getHour(), s.startsAt().getMinute()));
    }
}
