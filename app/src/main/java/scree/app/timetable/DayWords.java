package scree.app.timetable;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.springframework.stereotype.Component;
import scree.app.web.Words;
import scree.core.timetable.Costs;
import scree.core.timetable.Slack;
import scree.core.timetable.Timetable;

/** What is said of a day. */
@Component
class DayWords {
    private final Words words;

    DayWords(Words words) {
        this.words = words;
    }

    private String clock(LocalDateTime at) {
        return words.date("date.clock", at);
    }

    String trouble(Trouble t) {
        List<Object> args = new ArrayList<>(List.of(t.of().name()));
        args.addAll(t.args());
        return words.say("trouble." + t.kind(), args.toArray());
    }

    /** Returns what happens to one sitting: "Mei: 10:40 → 10:55, to Bea". */
    List<String> moved(TakenDay day, DayChange.Moved m) {
        String name = day.find(m.after().sitting()).map(Booked::name).orElse("");
        List<String> said = new ArrayList<>();
        if (!m.before().startsAt().equals(m.after().startsAt())) {
            long minutes = Duration.between(m.before().startsAt(), m.after().startsAt())
                    .toMinutes();
            said.add(words.say(
                    minutes > 0 ? "day.moved.later" : "day.moved.earlier",
                    Math.abs(minutes),
                    clock(m.before().startsAt()),
                    clock(m.after().startsAt())));
        }
        if (m.before().artist() != m.after().artist()) {
            said.add(words.say("day.moved.artist", artist(day, m.after().artist())));
        }
        if (m.before().minutes() != m.after().minutes()) {
            String key = m.after().byHand() ? "day.moved.hand" : "day.moved.minutes";
            said.add(words.say(key, m.before().minutes(), m.after().minutes()));
        }
        if (m.after().arrivesAt() != null
                && !m.after().arrivesAt().equals(m.before().arrivesAt())) {
            said.add(words.say("day.moved.arrives", clock(m.after().arrivesAt())));
        }
        if (m.before().held() != m.after().held()) {
            said.add(words.say(m.after().held() ? "day.moved.held" : "day.moved.free"));
        }
        if (said.isEmpty()) {
            said.add(words.say("day.moved.terms"));
        }
        said.add(0, name);
        return said;
    }

    private static String artist(TakenDay day, long id) {
        return day.artist(id).map(w -> w.firstName()).orElse("–");
    }

    /** Returns how good a timetable is: proven, or how far from the best at most. */
    String proof(Proposal p) {
        Timetable t = p.table();
        if (t.proven()) {
            return words.say("day.proof.best");
        }
        return t.gap() >= Costs.usual().late()
                ? words.say(
                        "day.proof.late",
                        (t.gap() + Costs.usual().late() - 1) / Costs.usual().late())
                : words.say("day.proof.gap", t.gap());
    }

    String noPlace(Proposal.NoPlace out) {
        return words.say("day.noPlace." + out.why(), out.who().name());
    }

    /** Returns what was asked, as a heading. */
    String asked(Proposal p) {
        return words.say(
                "day.asked." + p.what(), p.about() == null ? "" : p.about().firstName());
    }

    /** Returns a line of the day's history. */
    String change(TakenDay day, DayChange c) {
        String at = words.date(
                "date.clock",
                LocalDateTime.ofInstant(c.at().toInstant(), day.clock().zone()));
        List<Object> args = new ArrayList<>(List.of(at, c.by().split(" ")[0]));
        if (c.about() != null) {
            args.add(c.about());
        }
        args.add(c.moves().size());
        String said = words.say("day.change." + c.what(), args.toArray());
        return c.stands() ? said : words.say("day.change.undone", said);
    }

    /** Returns whom to watch, as a sentence. */
    String watch(TakenDay day, Slack slack) {
        OptionalInt watch = slack.watch();
        if (watch.isEmpty()) {
            return words.say("day.watch.none");
        }
        Booked b = day.booked().get(watch.getAsInt());
        int minutes = slack.slots().get(watch.getAsInt()) * Costs.SLOT_MINUTES;
        return minutes == 0 ? words.say("day.watch.tight", b.name()) : words.say("day.watch.one", b.name(), minutes);
    }

    /** Returns how much longer one may take. */
    String slack(int slots) {
        return slots >= Slack.MOST
                ? words.say("day.slack.much", Slack.MOST * Costs.SLOT_MINUTES)
                : words.say("day.slack.minutes", slots * Costs.SLOT_MINUTES);
    }

    /** Returns that somebody works faster or slower than planned, empty when not worth a word. */
    String pace(TakenDay day, long artist) {
        long percent = Math.round(100 * day.pace().getOrDefault(artist, 1d)) - 100;
        return percent == 0 ? "" : words.say(percent > 0 ? "day.pace.slower" : "day.pace.faster", Math.abs(percent));
    }
}
