package scree.app.timetable;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.event.Event;
import scree.app.event.Events;
import scree.app.studio.Accounts;
import scree.app.studio.Artist;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.StudioTime;
import scree.app.web.Once;
import scree.app.web.StaleSave;
import scree.app.web.Words;

/** Sets a day up: what it is called, where it is, who works when. */
@Controller
class SetUpController {
    private final Events events;
    private final DayWork work;
    private final Accounts accounts;
    private final StudioTime time;
    private final Words words;
    private final Once once;

    SetUpController(Events events, DayWork work, Accounts accounts, StudioTime time, Words words, Once once) {
        this.events = events;
        this.work = work;
        this.accounts = accounts;
        this.time = time;
        this.words = words;
        this.once = once;
    }

    /** A new day, or one like another. */
    @GetMapping("/events/new")
    String blank(
            @CurrentMember Member me,
            @RequestParam(required = false) Long copy,
            @RequestParam(required = false) LocalDate day,
            Model model) {
        List<Artist> artists = accounts.artists(me.studio());
        LocalDate on = day == null ? time.today(me.studio()) : day;
        SetUpForm form = SetUpForm.fresh(on, artists, me.artistId());
        if (copy != null) {
            Event from = events.get(me.studio(), copy);
            LocalDate next = day == null ? from.day().plusDays(1) : day;
            form = SetUpForm.of(from, next, events.crew(me.studio(), copy), artists);
        }
        return page(me, form, null, copy, model);
    }

    @GetMapping("/events/{id}/set-up")
    String edit(@CurrentMember Member me, @PathVariable long id, Model model) {
        Event event = events.get(me.studio(), id);
        List<Artist> artists = accounts.artists(me.studio());
        return page(me, SetUpForm.of(event, event.day(), events.crew(me.studio(), id), artists), event, null, model);
    }

    private String page(Member me, SetUpForm form, Event event, Long copy, Model model) {
        model.addAttribute("form", form);
        model.addAttribute("event", event);
        model.addAttribute("copy", copy);
        model.addAttribute("artists", accounts.artists(me.studio()));
        model.addAttribute("newest", events.newest(me.studio()));
        return "timetable/set-up";
    }

    /** @param people whether those of the copied day sit again */
    @PostMapping("/events/new")
    String add(
            @CurrentMember Member me,
            @RequestParam Map<String, String> sent,
            @RequestParam(required = false) Long copy,
            @RequestParam(defaultValue = "false") boolean people,
            @RequestParam(name = "once", required = false) String token,
            Model model) {
        List<Artist> artists = accounts.artists(me.studio());
        SetUpForm form = SetUpForm.of(sent, artists);
        try {
            Event event = form.event(0, time.today(me.studio()));
            var crew = form.crew(event.day(), artists);
            boolean taken = events.on(me.studio(), event.day()).stream()
                    .anyMatch(e -> e.name().equals(event.name()));
            String made = once.only(me.studio(), token, () -> {
                Optional<Event> stored = events.add(me.studio(), event, crew);
                stored.filter(e -> copy != null && people).ifPresent(e -> work.copyPeople(me, copy, e));
                return stored.map(e -> "/days/" + e.day()).orElse("");
            });
            if (!made.isEmpty()) {
                return "redirect:" + made;
            }
            model.addAttribute("refused", words.say(taken ? "day.setUp.refused.taken" : "day.setUp.refused.name", ""));
        } catch (SetUpForm.Unreadable unreadable) {
            refuse(unreadable, model);
        }
        return page(me, form, null, copy, model);
    }

    private void refuse(SetUpForm.Unreadable unreadable, Model model) {
        model.addAttribute("refused", words.say("day.setUp.refused." + unreadable.getMessage(), unreadable.whose()));
    }

    @PostMapping("/events/{id}/set-up")
    String change(
            @CurrentMember Member me, @PathVariable long id, @RequestParam Map<String, String> sent, Model model) {
        Event before = events.get(me.studio(), id);
        List<Artist> artists = accounts.artists(me.studio());
        SetUpForm form = SetUpForm.of(sent, artists);
        try {
            Event event = form.event(id, time.today(me.studio()));
            Event kept =
                    new Event(id, event.name(), event.place(), before.day(), event.chairs(), null, event.version());
            events.change(me.studio(), kept, form.crew(before.day(), artists));
            return "redirect:/days/" + before.day();
        } catch (SetUpForm.Unreadable unreadable) {
            refuse(unreadable, model);
        } catch (StaleSave stale) {
            model.addAttribute("refused", words.say("day.setUp.stale"));
            Event now = (Event) stale.stored();
            form = new SetUpForm(form.name(), form.place(), form.day(), form.chairs(), now.version(), form.rows());
        }
        return page(me, form, before, null, model);
    }
}
