package scree.app.privacy;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.studio.StudioTime;
import scree.app.web.Words;

/** How long the studio keeps what, what was let go of, and who did what: for owners. */
@Controller
@RequestMapping("/keeping")
@OpenTo(Role.OWNER)
class KeepingController {
    private static final int MOST_DAYS = 3650;
    private static final int MOST_YEARS = 50;

    private final KeepingRule retention;
    private final Audit audit;
    private final StudioTime time;
    private final Words words;

    KeepingController(KeepingRule retention, Audit audit, StudioTime time, Words words) {
        this.retention = retention;
        this.audit = audit;
        this.time = time;
        this.words = words;
    }

    @GetMapping
    String page(@CurrentMember Member me, Model model) {
        KeepingRule.Rule rule = retention.rule(me.studio());
        if (!model.containsAttribute("homeDays")) {
            model.addAttribute("homeDays", rule.homeDays());
            model.addAttribute("recordYears", rule.recordYears());
        }
        model.addAttribute("log", retention.log(me.studio()));
        model.addAttribute("lines", audit.newest(me.studio(), null));
        model.addAttribute("zone", time.zone(me.studio()));
        return "privacy/keeping";
    }

    /** Empty is for ever. What is no number stays as it was typed. */
    @PostMapping
    String rule(
            @CurrentMember Member me,
            @RequestParam(defaultValue = "") String homeDays,
            @RequestParam(defaultValue = "") String recordYears,
            RedirectAttributes next) {
        String days = homeDays.strip();
        String years = recordYears.strip();
        if (fits(days, MOST_DAYS) && fits(years, MOST_YEARS)) {
            retention.rule(me, new KeepingRule.Rule(number(days), number(years)));
        } else {
            next.addFlashAttribute("homeDays", homeDays);
            next.addFlashAttribute("recordYears", recordYears);
            next.addFlashAttribute(
                    "refused", words.say(fits(days, MOST_DAYS) ? "keeping.years.wrong" : "keeping.days.wrong"));
        }
        return "redirect:/keeping";
    }

    private static boolean fits(String typed, int most) {
        return typed.isEmpty() || typed.matches("[1-9]\\d{0,3}") && Integer.parseInt(typed) <= most;
    }

    private static Integer number(String typed) {
        return typed.isEmpty() ? null : Integer.valueOf(typed);
    }
}
