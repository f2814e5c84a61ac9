package scree.app.timetable;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.client.Clients;
import scree.app.event.Events;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.web.BadInput;
import scree.app.web.Once;
import scree.app.web.StaleSave;
import scree.app.web.Words;
import scree.core.timetable.Slack;

/** Works on the day: what is asked is shown before it is taken. */
@Controller
@RequestMapping("/events/{id}")
class TimetableController {
    private static final int MOST_LATE = 240;
    private static final int MOST_PLACES = 60;
    private static final int LAST_MINUTE = 36 * 60;

    private final TakenDays days;
    private final Timetables timetables;
    private final DayWork work;
    private final DayPages pages;
    private final Events events;
    private final Clients clients;
    private final CallSheet callSheet;
    private final DayWords dayWords;
    private final Words words;
    private final Once once;

    TimetableController(
            TakenDays days,
            Timetables timetables,
            DayWork work,
            DayPages pages,
            Events events,
            Clients clients,
            CallSheet callSheet,
            DayWords dayWords,
            Words words,
            Once once) {
        this.days = days;
        this.timetables = timetables;
        this.work = work;
        this.pages = pages;
        this.events = events;
        this.clients = clients;
        this.callSheet = callSheet;
        this.dayWords = dayWords;
        this.words = words;
        this.once = once;
    }

    /** The day that it is on. */
    @GetMapping
    String page(@CurrentMember Member me, @PathVariable long id) {
        return "redirect:/days/" + events.get(me.studio(), id).day();
    }

    @GetMapping(headers = "HX-Request")
    String look(@CurrentMember Member me, @PathVariable long id, Model model) {
        return shown(pages.of(me.studio(), id, null), model);
    }

    /** One sitting on the desk. */
    @GetMapping("/sittings/{sitting}")
    String desk(@CurrentMember Member me, @PathVariable long id, @PathVariable long sitting, Model model) {
        return shown(pages.desk(me.studio(), id, sitting, null), model);
    }

    @PostMapping("/plan")
    String plan(@CurrentMember Member me, @PathVariable long id, Model model) {
        return proposed(me, timetables.plan(me.studio(), id), null, model);
    }

    @PostMapping("/move")
    String move(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam long sitting,
            @RequestParam long artist,
            @RequestParam int minute,
            Model model) {
        LocalDateTime start = days.of(me.studio(), id).clock().at(within(minute, LAST_MINUTE));
        return proposed(me, timetables.move(me.studio(), id, sitting, artist, start), null, model);
    }

    @PostMapping("/late")
    String late(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam long sitting,
            @RequestParam int minutes,
            Model model) {
        return proposed(me, timetables.late(me.studio(), id, sitting, within(minutes, MOST_LATE)), null, model);
    }

    @PostMapping("/longer")
    String longer(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam long sitting,
            @RequestParam int minutes,
            Model model) {
        return proposed(me, timetables.longer(me.studio(), id, sitting, within(minutes, MOST_LATE)), null, model);
    }

    private static int within(int minutes, int most) {
        if (minutes < 0 || minutes > most) {
            throw new BadInput("minutes", "input.place");
        }
        return minutes;
    }

    /** Takes a proposal; when somebody else changed the day meanwhile, the same is asked of the day as it is now. */
    @PostMapping("/take")
    String take(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam int version,
            @RequestParam DayChange.What what,
            @RequestParam(required = false) Long about,
            @RequestParam(name = "place", defaultValue = "") List<String> fields,
            Model model) {
        if (fields.size() > MOST_PLACES) {
            throw new BadInput("place", "input.place");
        }
        List<Place> places = fields.stream().map(PlaceField::read).toList();
        try {
            work.take(me, id, version, what, about, places);
            return shown(pages.of(me.studio(), id, null), model);
        } catch (StaleSave stale) {
            return again(me, id, about, places, model);
        }
    }

    private String again(Member me, long id, Long about, List<Place> places, Model model) {
        String message = words.say("day.stale");
        Place wanted = places.stream()
                .filter(p -> about != null && p.sitting() == about)
                .findFirst()
                .orElse(null);
        boolean there = wanted != null
                && days.of(me.studio(), id).find(wanted.sitting()).isPresent();
        return there
                ? proposed(
                        me,
                        timetables.move(me.studio(), id, wanted.sitting(), wanted.artist(), wanted.startsAt()),
                        message,
                        model)
                : shown(pages.of(me.studio(), id, message), model);
    }

    @PostMapping("/undo")
    String undo(@CurrentMember Member me, @PathVariable long id, @RequestParam int version, Model model) {
        return changed(me, id, model, () -> {
            DayWork.Undone undone = work.undo(me, id, version);
            return undone == DayWork.Undone.DONE ? null : words.say("day.undo." + undone);
        });
    }

    /** Somebody has come. */
    @PostMapping("/here")
    String here(@CurrentMember Member me, @PathVariable long id, @RequestParam long sitting, Model model) {
        return changed(me, id, model, () -> {
            work.here(me, id, sitting);
            return null;
        });
    }

    @PostMapping("/hold")
    String hold(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam int version,
            @RequestParam long sitting,
            @RequestParam boolean held,
            Model model) {
        return changed(me, id, model, () -> {
            work.hold(me, id, version, sitting, held);
            return null;
        });
    }

    @PostMapping("/publish")
    String publish(@CurrentMember Member me, @PathVariable long id, Model model) {
        return changed(me, id, model, () -> {
            events.publish(me.studio(), id);
            return null;
        });
    }

    private String changed(Member me, long id, Model model, Supplier<String> change) {
        try {
            return shown(pages.of(me.studio(), id, change.get()), model);
        } catch (StaleSave stale) {
            return shown(pages.of(me.studio(), id, words.say("day.stale")), model);
        }
    }

    /** What a sitting is to keep; what cannot be read stays as typed beside a sentence. */
    @PostMapping("/sittings/{sitting}")
    String terms(
            @CurrentMember Member me,
            @PathVariable long id,
            @PathVariable long sitting,
            @RequestParam int version,
            TermsForm form,
            Model model) {
        try {
            work.terms(
                    me, id, version, sitting, form.read(days.of(me.studio(), id).clock()));
            return shown(pages.of(me.studio(), id, null), model);
        } catch (TermsForm.Unreadable unreadable) {
            model.addAttribute("typed", form);
            String message = words.say("day.refused." + unreadable.getMessage());
            return shown(pages.desk(me.studio(), id, sitting, message), model);
        } catch (StaleSave stale) {
            model.addAttribute("typed", form);
            return shown(pages.desk(me.studio(), id, sitting, words.say("day.stale")), model);
        }
    }

    /** Known clients to choose from. */
    @GetMapping("/clients")
    String choose(
            @CurrentMember Member me, @PathVariable long id, @RequestParam(defaultValue = "") String q, Model model) {
        model.addAttribute("event", events.get(me.studio(), id));
        model.addAttribute("clients", clients.search(me.studio(), q));
        model.addAttribute("q", q);
        return "timetable/choose :: choose";
    }

    /** Gives a client a sitting where it costs least. */
    @PostMapping("/clients/{client}")
    String add(
            @CurrentMember Member me,
            @PathVariable long id,
            @PathVariable long client,
            @RequestParam(name = "once", required = false) String token,
            Model model) {
        clients.get(me.studio(), client);
        String sitting = once.only(me.studio(), token, () -> String.valueOf(work.add(me, id, client)));
        return shown(pages.desk(me.studio(), id, Long.parseLong(sitting), null), model);
    }

    /** Whom to watch, asked by the page once it stands. */
    @GetMapping("/slack")
    String slack(@CurrentMember Member me, @PathVariable long id, Model model) {
        TakenDay day = days.of(me.studio(), id);
        Slack slack = timetables.slack(day);
        model.addAttribute("watch", dayWords.watch(day, slack));
        List<List<String>> lines = new ArrayList<>();
        for (int i = 0; i < slack.slots().size(); i++) {
            if (day.state(day.booked().get(i)) != Booked.State.DONE) {
                lines.add(List.of(
                        day.booked().get(i).firstName(),
                        dayWords.slack(slack.slots().get(i))));
            }
        }
        model.addAttribute("slack", lines);
        return "timetable/day :: slack";
    }

    /** The day on paper. */
    @GetMapping("/call-sheet.pdf")
    ResponseEntity<byte[]> callSheet(@CurrentMember Member me, @PathVariable long id) {
        byte[] pdf = callSheet.write(days.of(me.studio(), id));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"call-sheet.pdf\"")
                .body(pdf);
    }

    private String proposed(Member me, Proposal proposal, String message, Model model) {
        return shown(pages.proposed(me.studio(), proposal, message), model);
    }

    private static String shown(DayPage page, Model model) {
        model.addAttribute("day", page);
        return "timetable/day :: day";
    }
}
