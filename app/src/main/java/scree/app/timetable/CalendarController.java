package scree.app.timetable;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.event.Break;
import scree.app.event.Event;
import scree.app.event.Events;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.web.BadInput;
import scree.app.web.NotHere;
import scree.app.web.Origin;
import scree.app.web.StaleSave;
import scree.app.web.Words;

/** Calendars: an address to subscribe, a file to take along, a file to read. */
@Controller
class CalendarController {
    private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=UTF-8");
    private static final int LARGEST = 8 * 1024 * 1024;
    private static final int LONGEST_WHAT = 80;
    private static final int MOST_FIELDS = 400;
    private static final String BETWEEN = ";";

    private final Calendars calendars;
    private final Events events;
    private final Origin origin;
    private final Words words;

    CalendarController(Calendars calendars, Events events, Origin origin, Words words) {
        this.calendars = calendars;
        this.events = events;
        this.origin = origin;
        this.words = words;
    }

    /** Opened without signing in, by whoever has the address. */
    @GetMapping("/calendar/{token}.ics")
    ResponseEntity<byte[]> subscribed(@PathVariable String token) {
        byte[] file = calendars.subscribed(token).orElseThrow(() -> new NotHere("calendar"));
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .cacheControl(CacheControl.noStore())
                .body(file);
    }

    @GetMapping("/events/{id}/calendar.ics")
    ResponseEntity<byte[]> own(@CurrentMember Member me, @PathVariable long id) {
        events.get(me.studio(), id);
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"timetable.ics\"")
                .body(calendars.own(me));
    }

    @GetMapping("/events/{id}/calendar")
    String page(@CurrentMember Member me, @PathVariable long id, Model model, HttpServletRequest request) {
        Event event = events.get(me.studio(), id);
        model.addAttribute("event", event);
        model.addAttribute("crew", events.crew(me.studio(), id));
        model.addAttribute("me", me.artistId());
        model.addAttribute("links", calendars.open(me));
        model.addAttribute("origin", origin.of(request));
        return "timetable/calendar";
    }

    @PostMapping("/events/{id}/calendar/links")
    String make(@CurrentMember Member me, @PathVariable long id, RedirectAttributes next) {
        events.get(me.studio(), id);
        next.addFlashAttribute("freshLink", "/calendar/" + calendars.make(me) + ".ics");
        return "redirect:/events/" + id + "/calendar";
    }

    @PostMapping("/events/{id}/calendar/links/{link}/close")
    String close(@CurrentMember Member me, @PathVariable long id, @PathVariable long link) {
        calendars.close(me, link);
        return "redirect:/events/" + id + "/calendar";
    }

    /** Shows what a file would bring. */
    @PostMapping("/events/{id}/calendar")
    String read(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam("file") MultipartFile file,
            @RequestParam(required = false) Long artist,
            Model model,
            HttpServletRequest request) {
        try {
            if (file.isEmpty() || file.getSize() > LARGEST) {
                model.addAttribute("refused", words.say(file.isEmpty() ? "calendar.none" : "calendar.large"));
            } else {
                model.addAttribute("brought", calendars.read(me.studio(), id, file.getBytes()));
                model.addAttribute("whose", artist == null ? me.artistId() : artist);
            }
        } catch (IOException unreadable) {
            model.addAttribute("refused", words.say("calendar.unreadable"));
        }
        return page(me, id, model, request);
    }

    /** Takes what was ticked of it. */
    @PostMapping("/events/{id}/calendar/take")
    String take(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam int version,
            @RequestParam(required = false) Long artist,
            @RequestParam(name = "arrival", defaultValue = "") List<String> arrivals,
            @RequestParam(name = "taken", defaultValue = "") List<String> taken,
            Model model,
            HttpServletRequest request) {
        if (arrivals.size() + taken.size() > MOST_FIELDS) {
            throw new BadInput("arrival", "input.place");
        }
        try {
            calendars.take(
                    me,
                    id,
                    version,
                    arrivals.stream().map(CalendarController::arrival).toList(),
                    artist,
                    taken.stream().map(CalendarController::rest).toList());
            return "redirect:/events/" + id;
        } catch (StaleSave stale) {
            model.addAttribute("refused", words.say("calendar.stale"));
            return page(me, id, model, request);
        }
    }

    private static Calendars.Arrival arrival(String field) {
        String[] parts = field.split(BETWEEN, 2);
        try {
            return new Calendars.Arrival(Long.parseLong(parts[0]), "", LocalDateTime.parse(parts[1]));
        } catch (NumberFormatException | DateTimeException | ArrayIndexOutOfBoundsException e) {
            throw new BadInput("arrival", "input.place");
        }
    }

    private static Break rest(String field) {
        String[] parts = field.split(BETWEEN, 3);
        try {
            LocalDateTime from = LocalDateTime.parse(parts[0]);
            LocalDateTime until = LocalDateTime.parse(parts[1]);
            if (!until.isAfter(from) || parts[2].length() > LONGEST_WHAT) {
                throw new BadInput("taken", "input.place");
            }
            return new Break(
                    from,
                    until,
                    parts[2].isBlank() ? null : parts[2].replace(',', ' ').strip());
        } catch (DateTimeException | ArrayIndexOutOfBoundsException e) {
            throw new BadInput("taken", "input.place");
        }
    }
}
