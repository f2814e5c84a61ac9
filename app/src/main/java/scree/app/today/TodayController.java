package scree.app.today;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import scree.app.base.BaseChoice;
import scree.app.base.Bases;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.look.Stones;
import scree.app.picture.Pictures;
import scree.app.sitting.CareWords;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.Accounts;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.StudioTime;
import scree.app.web.Words;
import scree.core.colour.Srgb;

/** The day: who sits when, what to look out for, which products end soon. */
@Controller
class TodayController {
    /** Percent of a bar that is still seen. */
    private static final long LEAST_SEEN = 3;

    private static final int MOST_EXPIRING = 4;
    private final Sittings sittings;
    private final Accounts accounts;
    private final Pictures pictures;
    private final Bases bases;
    private final Kit kit;
    private final StudioTime time;
    private final Words words;
    private final CareWords careWords;

    TodayController(
            Sittings sittings,
            Accounts accounts,
            Pictures pictures,
            Bases bases,
            Kit kit,
            StudioTime time,
            Words words,
            CareWords careWords) {
        this.sittings = sittings;
        this.accounts = accounts;
        this.pictures = pictures;
        this.bases = bases;
        this.kit = kit;
        this.time = time;
        this.words = words;
        this.careWords = careWords;
    }

    /** Something to look out for. */
    record LookOut(long sitting, String who, String what) {}

    /** A product near its end; share of its time left, 0 to 1. */
    record Ending(String name, String stone, String colour, String opened, String left, long percent, boolean past) {}

    @GetMapping("/")
    String today(@CurrentMember Member me, Model model) {
        LocalDateTime now = time.now(me.studio());
        model.addAttribute("cameIn", sittings.cameIn(me.studio()));
        List<Sitting> day = sittings.on(me.studio(), now.toLocalDate());
        List<Long> ids = day.stream().map(Sitting::id).toList();
        Map<Long, BaseChoice> choices = bases.choices(me.studio(), ids);
        Map<Long, String> states = new HashMap<>();
        for (Sitting s : day) {
            states.put(
                    s.id(),
                    s.done() ? "done" : choices.containsKey(s.id()) || s.intakeAt() != null ? "begun" : "to-come");
        }
        String title = day.isEmpty() ? words.say("today.quiet") : day.get(0).event();
        model.addAttribute(
                "view",
                TodayView.of(
                        day,
                        accounts.artists(me.studio()),
                        pictures.latest(me.studio(), ids),
                        states,
                        now,
                        title,
                        summary(day, states, now.toLocalDate())));
        model.addAttribute("next", next(day, me));
        model.addAttribute("lookOuts", lookOuts(day));
        model.addAttribute("endings", endings(me, now.toLocalDate()));
        model.addAttribute("empty", day.isEmpty());
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

    private String summary(List<Sitting> day, Map<Long, String> states, LocalDate date) {
        long done = states.values().stream().filter("done"::equals).count();
        long begun = states.values().stream().filter("begun"::equals).count();
        String dayName = words.date("date.weekday", date);
        return dayName + ". " + words.say("today.summary", day.size(), done, begun, day.size() - done - begun);
    }

    /** One line a face, everything grave in it; none is cut off, since the one cut off may be the one that hurts. */
    private List<LookOut> lookOuts(List<Sitting> day) {
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
        return lines;
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
