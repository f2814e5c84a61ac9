package scree.app.today;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.base.Bases;
import scree.app.event.Events;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.look.Stones;
import scree.app.mail.Outbox;
import scree.app.reply.Replies;
import scree.app.sitting.CareWords;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.studio.StudioTime;
import scree.app.timetable.DayPages;
import scree.app.web.Words;
import scree.core.care.Care;
import scree.core.colour.Srgb;

/** The day: who sits when, what to look out for, which products end soon. */
@Controller
@OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT})
class TodayController {
    /** Percent of a bar that is still seen. */
    private static final long LEAST_SEEN = 3;

    private static final int MOST_EXPIRING = 4;
    private final Sittings sittings;
    private final Events events;
    private final DayPages pages;
    private final Bases bases;
    private final Kit kit;
    private final StudioTime time;
    private final Replies replies;
    private final Outbox outbox;
    private final Words words;
    private final CareWords careWords;

    TodayController(
            Sittings sittings,
            Events events,
            DayPages pages,
            Bases bases,
            Kit kit,
            StudioTime time,
            Replies replies,
            Outbox outbox,
            Words words,
            CareWords careWords) {
        this.sittings = sittings;
        this.events = events;
        this.pages = pages;
        this.bases = bases;
        this.kit = kit;
        this.time = time;
        this.replies = replies;
        this.outbox = outbox;
        this.words = words;
        this.careWords = careWords;
    }

    /** Something to look out for. */
    record LookOut(long sitting, String who, String what) {}

    /** A product near its end; share of its time left, 0 to 1. */
    record Ending(String name, String stone, String colour, String opened, String left, long percent, boolean past) {}

    /** Where everybody begins: trainees at their practice. */
    @GetMapping("/")
    @OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT, Role.TRAINEE})
    String today(@CurrentMember Member me, Model model) {
        return me.role() == Role.TRAINEE ? "redirect:/practice" : day(me, time.today(me.studio()), model);
    }

    /** Where the field for a day leads to. */
    @GetMapping("/days")
    String pick(@RequestParam LocalDate day) {
        return "redirect:/days/" + day;
    }

    @GetMapping("/days/{day}")
    String day(@CurrentMember Member me, @PathVariable LocalDate day, Model model) {
        LocalDateTime now = time.now(me.studio());
        List<Sitting> sat = sittings.on(me.studio(), day);
        boolean today = day.equals(now.toLocalDate());
        model.addAttribute("date", day);
        model.addAttribute("isToday", today);
        model.addAttribute("dayBefore", events.dayBefore(me.studio(), day).orElse(null));
        model.addAttribute("dayAfter", events.dayAfter(me.studio(), day).orElse(null));
        model.addAttribute("dayTitle", words.date("date.weekday", day));
        model.addAttribute("summary", summary(me, sat));
        model.addAttribute("lookOuts", lookOuts(sat, now));
        model.addAttribute("empty", sat.isEmpty());
        if (!me.role().books()) {
            model.addAttribute("sat", sat);
            return "today/chairs";
        }
        model.addAttribute("days", pages.on(me.studio(), day));
        model.addAttribute("cameIn", today ? sittings.cameIn(me.studio()) : List.of());
        model.addAttribute("answered", today ? replies.answered(me.studio()) : Map.of());
        model.addAttribute("undelivered", today ? outbox.inTrouble(me.studio()) : List.of());
        model.addAttribute("next", today ? next(sat, me) : null);
        model.addAttribute("endings", endings(me, now.toLocalDate()));
        return "today/page";
    }

    /** Returns the artist's own sitting that is open, or the next to come. */
    private static Sitting next(List<Sitting> day, Member me) {
        return day.stream()
                .filter(s -> !s.done())
                .min(Comparator.comparing((Sitting s) -> s.artistId() != me.artistId())
                        .thenComparing(s -> s.intakeAt() == null)
                        .thenComparing(Sitting::startsAt))
                .orElse(null);
    }

    private String summary(Member me, List<Sitting> day) {
        if (day.isEmpty()) {
            return words.say("today.quiet");
        }
        Set<Long> taken = bases.choices(
                        me.studio(), day.stream().map(Sitting::id).toList())
                .keySet();
        long done = day.stream().filter(Sitting::done).count();
        long begun = day.stream()
                .filter(s -> !s.done() && (taken.contains(s.id()) || s.intakeAt() != null))
                .count();
        return words.say("today.summary", day.size(), done, begun, day.size() - done - begun);
    }

    /** One line a face, everything grave in it; none is cut off, since the one cut off may be the one that hurts. */
    private List<LookOut> lookOuts(List<Sitting> day, LocalDateTime now) {
        List<LookOut> lines = new ArrayList<>();
        for (Sitting s : day) {
            List<String> grave = s.done() ? List.of() : careWords.grave(s, s.intakeAt() != null);
            if (!grave.isEmpty()) {
                String who = s.client().firstName() + ", "
                        + "%d:%02d"
                                .formatted(s.startsAt().getHour(), s.startsAt().getMinute());
                lines.add(new LookOut(s.id(), who, String.join(" ", grave)));
            }
        }
        unpatched(day, now).ifPresent(lines::add);
        return lines;
    }

    /** Who sits within two days and of whom no patch test is known. */
    private Optional<LookOut> unpatched(List<Sitting> day, LocalDateTime now) {
        List<Sitting> without = day.stream()
                .filter(s -> !s.done()
                        && s.startsAt().isAfter(now)
                        && s.startsAt().isBefore(now.plusHours(Care.PATCH_TEST_HOURS)))
                .filter(s -> s.intake().patchTest() == null || s.intake().patchTest() == Care.PatchTest.NONE)
                .toList();
        if (without.isEmpty()) {
            return Optional.empty();
        }
        String names = without.stream().map(s -> s.client().firstName()).collect(Collectors.joining(", "));
        return Optional.of(new LookOut(
                without.get(0).id(), words.say("today.patch.who", without.size()), words.say("today.patch", names)));
    }

    private List<Ending> endings(Member me, LocalDate today) {
        Stones stones = new Stones();
        List<Ending> endings = new ArrayList<>();
        for (Product p : kit.soonPastTheirTime(me.studio(), MOST_EXPIRING)) {
            long days = ChronoUnit.DAYS.between(today, p.opened().until());
            long span = Math.max(
                    1, ChronoUnit.DAYS.between(p.opened().on(), p.opened().until()));
            String left = days < 0
                    ? words.say("today.past")
                    : days < 14 ? words.say("today.days", days) : words.say("today.weeks", days / 7);
            endings.add(new Ending(
                    p.fullName(),
                    stones.pebble(p.stoneId(), 24, 20, 16),
                    Srgb.hex(p.settled()),
                    words.say("today.open", p.opened().months()),
                    left,
                    Math.max(LEAST_SEEN, Math.min(100, 100 * days / span)),
                    days < 0));
        }
        return endings;
    }
}
