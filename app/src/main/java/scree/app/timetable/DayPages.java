package scree.app.timetable;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import scree.app.picture.Pictures;
import scree.app.studio.Accounts;
import scree.app.studio.StudioId;

/** Puts a day's page together: drawn, what does not work, what was done, and what lies on the desk below. */
@Component
public class DayPages {
    private final TakenDays days;
    private final Pictures pictures;
    private final Accounts accounts;
    private final DayWords words;

    DayPages(TakenDays days, Pictures pictures, Accounts accounts, DayWords words) {
        this.days = days;
        this.pictures = pictures;
        this.accounts = accounts;
        this.words = words;
    }

    /** Returns every event of a day, nothing on the desk. */
    @Transactional(readOnly = true)
    public List<DayPage> on(StudioId studio, LocalDate day) {
        return days.on(studio, day).stream()
                .map(taken -> page(studio, taken, null, null, null))
                .toList();
    }

    @Transactional(readOnly = true)
    DayPage of(StudioId studio, long event, String message) {
        return page(studio, days.of(studio, event), null, null, message);
    }

    /** @param sitting that lies on the desk */
    @Transactional(readOnly = true)
    DayPage desk(StudioId studio, long event, long sitting, String message) {
        TakenDay taken = days.of(studio, event);
        return page(studio, taken, null, taken.find(sitting).orElse(null), message);
    }

    DayPage proposed(StudioId studio, Proposal proposal, String message) {
        return page(studio, proposal.day(), proposal, null, message);
    }

    private DayPage page(StudioId studio, TakenDay day, Proposal proposal, Booked onDesk, String message) {
        List<Trouble> troubles = proposal == null ? Trouble.of(DayQuestion.of(day)) : proposal.troubles();
        List<Place> places =
                proposal == null ? day.booked().stream().map(Booked::place).toList() : proposal.places();
        Map<Long, Long> shots = new HashMap<>();
        pictures.latest(studio, day.booked().stream().map(Booked::sitting).toList())
                .forEach((sitting, picture) -> shots.put(sitting, picture.id()));
        return new DayPage(
                DayView.of(day, places, shots, troubles),
                troubles.stream()
                        .map(t -> new DayPage.Line(t.of().sitting(), words.trouble(t)))
                        .toList(),
                day.changes().stream().map(c -> words.change(day, c)).toList(),
                day.changes().stream().anyMatch(c -> c.stands() && !c.moves().isEmpty()),
                proposal == null ? null : asked(proposal),
                onDesk == null ? null : desk(day, onDesk),
                accounts.artists(studio),
                message);
    }

    private DayPage.Asked asked(Proposal p) {
        return new DayPage.Asked(
                words.asked(p),
                p.moves().stream().map(m -> words.moved(p.day(), m)).toList(),
                words.proof(p),
                p.leftOut().stream().map(words::noPlace).toList(),
                p.what(),
                p.about() == null ? null : p.about().sitting(),
                p.moves().stream().map(m -> PlaceField.write(m.after())).toList());
    }

    private DayPage.Desk desk(TakenDay day, Booked b) {
        return new DayPage.Desk(
                b,
                day.state(b),
                day.minutes(b.place()),
                words.pace(day, b.artist()),
                day.crew(),
                String.join(", ", b.skills()),
                TermsForm.tools(b.tools()));
    }
}
