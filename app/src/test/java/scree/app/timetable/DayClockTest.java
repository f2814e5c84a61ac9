package scree.app.timetable;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The clock on the wall against slots, also in the nights in which clocks are changed. */
class DayClockTest {
    private static final ZoneId OSLO = ZoneId.of("Europe/Oslo");
    private static final DayClock SUMMER = new DayClock(OSLO, LocalDate.of(2026, 6, 20));
    /** Clocks go from 2:00 to 3:00. */
    private static final DayClock SPRING = new DayClock(OSLO, LocalDate.of(2026, 3, 29));
    /** Clocks go from 3:00 back to 2:00. */
    private static final DayClock AUTUMN = new DayClock(OSLO, LocalDate.of(2026, 10, 25));

    @Test
    void aSittingOverMidnightEndsTheNextDay() {
        LocalDateTime late = LocalDateTime.of(2026, 6, 20, 23, 40);
        assertThat(SUMMER.slot(late)).isEqualTo(284);
        assertThat(SUMMER.after(late, 45)).isEqualTo(LocalDateTime.of(2026, 6, 21, 0, 25));
        assertThat(SUMMER.atSlot(284 + 9)).isEqualTo(LocalDateTime.of(2026, 6, 21, 0, 25));
    }

    @Test
    void anHourThatIsSkippedTakesNoTime() {
        LocalDateTime before = LocalDateTime.of(2026, 3, 29, 1, 30);
        assertThat(SPRING.after(before, 60)).isEqualTo(LocalDateTime.of(2026, 3, 29, 3, 30));
        assertThat(SPRING.minute(LocalDateTime.of(2026, 3, 29, 9, 0))).isEqualTo(8 * 60);
    }

    @Test
    void anHourThatComesTwiceTakesTwoHours() {
        LocalDateTime before = LocalDateTime.of(2026, 10, 25, 1, 30);
        assertThat(AUTUMN.after(before, 120)).isEqualTo(LocalDateTime.of(2026, 10, 25, 2, 30));
        assertThat(AUTUMN.minute(LocalDateTime.of(2026, 10, 25, 9, 0))).isEqualTo(10 * 60);
    }

    @ParameterizedTest
    @ValueSource(strings = {"2026-06-20", "2026-03-29", "2026-10-25"})
    void everySlotOfTheDayStandsAtATimeThatLeadsBackToIt(LocalDate day) {
        DayClock clock = new DayClock(OSLO, day);
        for (int slot = 0; slot < 288; slot++) {
            LocalDateTime at = clock.atSlot(slot);
            boolean second = at.atZone(OSLO).withLaterOffsetAtOverlap().getOffset()
                    != at.atZone(OSLO).getOffset();
            if (!second) { // an hour that comes twice has one name: it leads to the first
                assertThat(clock.slot(at)).isEqualTo(slot);
            }
        }
    }

    @Test
    void whatLiesOutsideTheDayIsHeldAtItsEdges() {
        assertThat(SUMMER.minute(LocalDateTime.of(2026, 6, 19, 23, 0))).isZero();
        assertThat(SUMMER.minute(LocalDateTime.of(2026, 6, 25, 0, 0))).isEqualTo(36 * 60);
    }
}
