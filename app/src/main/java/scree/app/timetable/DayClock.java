package scree.app.timetable;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import scree.core.timetable.Costs;
import scree.core.timetable.Day;

/**
 * The clock on the wall against slots: minutes are real ones from the day's midnight, so a night in which clocks are changed is an hour shorter or
 * longer, and a sitting may run over midnight.
 */
record DayClock(ZoneId zone, LocalDate day) {
    private static final int LAST = Day.MOST_SLOTS * Costs.SLOT_MINUTES;

    private Instant midnight() {
        return day.atStartOfDay(zone).toInstant();
    }

    /** Returns minutes since midnight, within the day's bounds. */
    int minute(LocalDateTime at) {
        long minutes = Duration.between(midnight(), at.atZone(zone).toInstant()).toMinutes();
        return (int) Math.max(0, Math.min(LAST, minutes));
    }

    /** Returns whether something that begins then belongs to the day: on it, or in the night after. */
    boolean holds(LocalDateTime at) {
        long days = ChronoUnit.DAYS.between(day, at.toLocalDate());
        return days == 0 || days == 1;
    }

    LocalDateTime at(int minute) {
        return LocalDateTime.ofInstant(midnight().plus(Duration.ofMinutes(minute)), zone);
    }

    /** Returns when something ends that begins then and takes so long. */
    LocalDateTime after(LocalDateTime at, int minutes) {
        return LocalDateTime.ofInstant(at.atZone(zone).toInstant().plus(Duration.ofMinutes(minutes)), zone);
    }

    /** Returns the slot that holds a time. */
    int slot(LocalDateTime at) {
        return minute(at) / Costs.SLOT_MINUTES;
    }

    /** Returns the first slot that begins no earlier. */
    int slotFrom(LocalDateTime at) {
        return slots(minute(at));
    }

    /** Returns slots that hold so many minutes. */
    static int slots(int minutes) {
        return (minutes + Costs.SLOT_MINUTES - 1) / Costs.SLOT_MINUTES;
    }

    LocalDateTime atSlot(int slot) {
        return at(slot * Costs.SLOT_MINUTES);
    }
}
