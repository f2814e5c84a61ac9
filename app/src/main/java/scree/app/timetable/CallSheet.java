package scree.app.timetable;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;
import scree.app.look.HtmlPdf;
import scree.app.web.Words;

/** The day on paper: who sits when and with whom, who is wanted when, and what to be careful of. */
@Component
public class CallSheet {
    private final HtmlPdf pdf;
    private final Words words;

    CallSheet(HtmlPdf pdf, Words words) {
        this.pdf = pdf;
        this.words = words;
    }

    /**
     * One face.
     *
     * @param careful allergies and reactions, or null
     */
    record Row(
            String comes,
            String sits,
            String ready,
            String name,
            String plays,
            String artist,
            String notes,
            String careful) {}

    /** One artist's day. */
    record Hours(String name, String hours, String breaks) {}

    /** What is printed. */
    record Sheet(String name, String place, String day, List<Hours> crew, List<Row> rows, String made) {}

    byte[] write(TakenDay day) {
        return pdf.write("timetable/call-sheet", "sheet", sheet(day));
    }

    Sheet sheet(TakenDay day) {
        List<Row> rows = new ArrayList<>();
        List<Booked> byTime = new ArrayList<>(day.booked());
        byTime.sort(Comparator.comparing(Booked::startsAt).thenComparing(Booked::sitting));
        for (Booked b : byTime) {
            rows.add(row(day, b));
        }
        List<Hours> crew = day.crew().stream()
                .filter(w -> w.endsAt().isAfter(w.startsAt()))
                .map(w -> new Hours(
                        w.name(),
                        clock(w.startsAt()) + "–" + clock(w.endsAt()),
                        String.join(
                                ", ",
                                w.breaks().stream()
                                        .map(r -> clock(r.startsAt()) + "–" + clock(r.endsAt())
                                                + (r.what() == null ? "" : " " + r.what()))
                                        .toList())))
                .toList();
        return new Sheet(
                day.event().name(),
                day.event().place(),
                words.date("date.weekday", day.event().day()) + " "
                        + day.event().day().getYear(),
                crew,
                rows,
                words.date("date.moment", day.now()));
    }

    private Row row(TakenDay day, Booked b) {
        List<String> notes = new ArrayList<>();
        if (!b.skills().isEmpty()) {
            notes.add(String.join(", ", b.skills()));
        }
        b.tools().forEach(t -> notes.add(words.say("callSheet.tool", t.name(), t.from(), t.from() + t.minutes())));
        if (!b.patched() && b.doneAt() == null) {
            notes.add(words.say("callSheet.patch"));
        }
        if (b.doneAt() != null) {
            notes.add(words.say("day.state.DONE"));
        }
        return new Row(
                b.arrivesAt() == null ? "" : clock(b.arrivesAt()),
                clock(b.startsAt()) + "–" + clock(day.end(b)),
                b.readyBy() == null ? "" : clock(b.readyBy()),
                b.name(),
                b.plays(),
                day.artist(b.artist()).map(w -> w.firstName()).orElse(""),
                String.join(" · ", notes),
                b.allergies());
    }

    private String clock(LocalDateTime at) {
        return words.date("date.clock", at);
    }
}
