package scree.app.timetable;

import com.github.benmanes.caffeine.cache.Cache;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.memory.Memories;
import scree.app.order.Orders;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.core.timetable.Costs;
import scree.core.timetable.Day;
import scree.core.timetable.Slack;
import scree.core.timetable.Timetable;

/** What would be better: proposals, shown before anything is taken, and whom to watch. */
@Service
public class Timetables {
    private static final int SOLVED_KEPT = 200;
    private static final int HALVES = 2;

    private final TakenDays days;
    private final Orders orders;
    /** Equal questions have equal answers, in every process. */
    private final Cache<Day, Timetable> solved;

    private final Cache<Timetable, Slack> slack;

    Timetables(TakenDays days, Orders orders, Memories memories) {
        this.days = days;
        this.orders = orders;
        this.solved = memories.keep("timetables", SOLVED_KEPT);
        this.slack = memories.keep("slack", SOLVED_KEPT);
    }

    private Timetable solve(Day day) {
        return solved.get(day, Timetable::of);
    }

    /** Returns the best day there is: minutes by each one's own running order, as far as there is one. */
    @Transactional(readOnly = true)
    public Proposal plan(StudioId studio, long event) {
        TakenDay day = days.of(studio, event);
        List<Place> places = new ArrayList<>();
        for (Booked b : day.booked()) {
            places.add(b.place().taking(minutes(studio, day, b), b.byHand()));
        }
        return propose(day, DayChange.What.PLANNED, null, places, List.of());
    }

    /** What is known of a face decides how long it takes, unless a hand did or it is too late to matter. */
    private int minutes(StudioId studio, TakenDay day, Booked b) {
        boolean known = b.intakeAt() != null
                && !b.byHand()
                && day.state(b) != Booked.State.DONE
                && day.state(b) != Booked.State.BEGUN;
        return known ? (orders.of(studio, b.sitting()).order().end() + 1) / HALVES : b.minutes();
    }

    /**
     * Returns what would follow if a sitting were elsewhere; it stays there then.
     *
     * @throws NotHere when the event has no such sitting or artist
     */
    @Transactional(readOnly = true)
    public Proposal move(StudioId studio, long event, long sitting, long artist, LocalDateTime start) {
        TakenDay day = days.of(studio, event);
        NotHere.unless(day.artist(artist).orElse(null), "artist");
        return changed(
                day, DayChange.What.MOVED, sitting, p -> p.at(artist, start).holding(true), List.of(sitting));
    }

    /** Returns what would follow if somebody came so many minutes later than now or told, whichever is later. */
    @Transactional(readOnly = true)
    public Proposal late(StudioId studio, long event, long sitting, int minutes) {
        TakenDay day = days.of(studio, event);
        return changed(
                day,
                DayChange.What.LATE,
                sitting,
                p -> {
                    LocalDateTime told =
                            p.arrivesAt() != null && p.arrivesAt().isAfter(p.startsAt()) ? p.arrivesAt() : p.startsAt();
                    LocalDateTime from = day.today() && day.now().isAfter(told) ? day.now() : told;
                    return p.arriving(from.plusMinutes(minutes).withSecond(0).withNano(0))
                            .holding(false);
                },
                List.of());
    }

    /** Returns what would follow if a sitting took so many minutes more. */
    @Transactional(readOnly = true)
    public Proposal longer(StudioId studio, long event, long sitting, int minutes) {
        TakenDay day = days.of(studio, event);
        return changed(
                day,
                DayChange.What.LONGER,
                sitting,
                p -> p.taking(Math.min(PlaceField.MOST_MINUTES, day.minutes(p) + minutes), true),
                List.of(sitting));
    }

    private Proposal changed(
            TakenDay day, DayChange.What what, long sitting, UnaryOperator<Place> by, List<Long> held) {
        Booked about = NotHere.unless(day.find(sitting).orElse(null), "sitting");
        List<Place> places = day.booked().stream()
                .map(b -> b.sitting() == sitting ? by.apply(b.place()) : b.place())
                .toList();
        return propose(day, what, about, places, held);
    }

    private Proposal propose(TakenDay day, DayChange.What what, Booked about, List<Place> places, List<Long> held) {
        boolean planned = what == DayChange.What.PLANNED;
        boolean running = what == DayChange.What.LATE || what == DayChange.What.LONGER;
        boolean told = running || day.event().published();
        Costs costs = told && !planned ? Costs.onTheDay() : Costs.usual();
        DayQuestion question = DayQuestion.of(day, places, held, told, costs);
        Timetable table = solve(question.day());
        return new Proposal(day, what, about, question.places(table), table);
    }

    /** Returns how much longer each may take; of what stands, the others moved as well as can be. */
    @Transactional(readOnly = true)
    public Slack slack(TakenDay day) {
        Timetable asIs = DayQuestion.of(day).asIs();
        List<Boolean> over = day.booked().stream()
                .map(b -> day.state(b) == Booked.State.DONE)
                .toList();
        return slack.get(asIs, t -> Slack.of(t, over));
    }

    /** Returns where somebody new costs least while everybody else stays; where they are when there is no place. */
    Place placed(TakenDay day, long sitting) {
        List<Long> others = day.booked().stream()
                .map(Booked::sitting)
                .filter(s -> s != sitting)
                .toList();
        List<Place> places = day.booked().stream().map(Booked::place).toList();
        DayQuestion question = DayQuestion.of(day, places, others, false, Costs.usual());
        return question.places(solve(question.day())).stream()
                .filter(p -> p.sitting() == sitting)
                .findFirst()
                .orElseThrow();
    }
}
