package scree.app.today;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import scree.app.Members;
import scree.app.sitting.Sitting;
import scree.app.studio.Artist;

class TodayViewTest {
    private static final LocalDateTime DAY = LocalDateTime.of(2026, 6, 20, 0, 0);
    private static final List<Artist> PAIR = List.of(new Artist(1, "Runa Vestby"), new Artist(2, "Bea Hallorin"));

    @Test
    void stonesLieAtTheirHourInTheirArtistsRowAsWideAsTheyAreLong() {
        TodayView view = view(
                DAY.plusHours(12),
                Members.sittingAt(1, 1, DAY.withHour(9), 60, true),
                Members.sittingAt(2, 1, DAY.withHour(11), 120, false),
                Members.sittingAt(3, 2, DAY.withHour(9).withMinute(30), 60, false));
        TodayView.Line runa = view.lines().get(0);
        TodayView.Line bea = view.lines().get(1);
        double hour = view.hours().get(1).x() - view.hours().get(0).x();
        assertThat(runa.stones()).hasSize(2);
        assertThat(runa.stones().get(0).x()).isEqualTo(view.hours().get(0).x());
        assertThat(runa.stones().get(1).width()).isCloseTo(2 * hour - 4, within(.01));
        assertThat(bea.stones().get(0).x() - runa.stones().get(0).x()).isCloseTo(hour / 2, within(.01));
        assertThat(bea.y()).isGreaterThan(runa.y());
    }

    @Test
    void theLineOfNowIsDrawnOnlyWithinTheDay() {
        Sitting nine = Members.sittingAt(1, 1, DAY.withHour(9), 60, false);
        assertThat(view(DAY.withHour(10), nine).now()).isNotNull();
        assertThat(view(DAY.withHour(3), nine).now()).isNull();
        assertThat(view(DAY.withHour(23), nine).now()).isNull();
    }

    @Test
    void aVeryShortSittingCanStillBeTapped() {
        assertThat(view(DAY.withHour(9), Members.sittingAt(1, 1, DAY.withHour(9), 5, false))
                        .lines()
                        .get(0)
                        .stones()
                        .get(0)
                        .width())
                .isGreaterThanOrEqualTo(44);
    }

    @Test
    void aLongDayStillFits() {
        TodayView view = view(
                DAY.withHour(9),
                Members.sittingAt(1, 1, DAY.withHour(5), 60, false),
                Members.sittingAt(2, 2, DAY.withHour(22), 60, false));
        assertThat(view.width()).isLessThanOrEqualTo(1270);
    }

    private static TodayView view(LocalDateTime now, Sitting... sittings) {
        return TodayView.of(
                List.of(sittings),
                PAIR,
                Map.of(),
                Map.of(1L, "done", 2L, "begun", 3L, "to-come"),
                now,
                "Concert",
                "Saturday");
    }
}
