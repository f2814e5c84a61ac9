package scree.app.base;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.skin.LightWords;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.skin.MatchTarget;

/** The Base stage: the kit ranked for the skin, up to three stripes, one taken. */
@Controller
@RequestMapping("/sittings/{id}/base")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class BaseController {
    private static final int LONGEST_NOTE = 500;
    private final Bases bases;
    private final BaseSettings settings;
    private final Sights sights;
    private final Sittings sittings;
    private final Cairns cairns;
    private final BaseWords words;
    private final LightWords lightWords;
    private final Clock clock;

    BaseController(
            Bases bases,
            BaseSettings settings,
            Sights sights,
            Sittings sittings,
            Cairns cairns,
            BaseWords words,
            LightWords lightWords,
            Clock clock) {
        this.sights = sights;
        this.bases = bases;
        this.settings = settings;
        this.sittings = sittings;
        this.cairns = cairns;
        this.words = words;
        this.lightWords = lightWords;
        this.clock = clock;
    }

    /** What the address says of the filters; bound from parameters. */
    record Wish(Form form, Finish finish, Coverage coverage) {
        BaseFilter filter() {
            return new BaseFilter(form, finish, coverage);
        }

        /** Returns the same as a query string, for links that keep it. */
        public String query() {
            StringBuilder q = new StringBuilder();
            append(q, "form", form);
            append(q, "finish", finish);
            append(q, "coverage", coverage);
            return q.toString();
        }

        private static void append(StringBuilder q, String name, Object value) {
            if (value != null) {
                q.append('&').append(name).append('=').append(value);
            }
        }
    }

    /** In one transaction, so that what stages and rooms ask is read once. */
    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Wish wish, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "base"));
        fill(me, id, wish, model);
        return "base/page";
    }

    @GetMapping(headers = "HX-Request")
    @Transactional(readOnly = true)
    String work(@CurrentMember Member me, @PathVariable long id, Wish wish, Model model) {
        fill(me, id, wish, model);
        return "base/page :: work";
    }

    @PostMapping("/stripe")
    String stripe(@CurrentMember Member me, @PathVariable long id, @RequestParam long product, Wish wish, Model model) {
        List<Long> now = bases.shortlist(me.studio(), id, wish.filter())
                .map(list -> list.stripes().stream().map(r -> r.product().id()).toList())
                .orElse(List.of());
        bases.toggleStripe(me.studio(), id, product, now);
        return work(me, id, wish, model);
    }

    @PostMapping("/school")
    String school(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam MatchTarget.School school,
            Wish wish,
            Model model) {
        settings.school(me.studio(), id, school);
        return work(me, id, wish, model);
    }

    @PostMapping("/ask")
    String ask(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam BaseSetting.Ask ask,
            Wish wish,
            Model model) {
        settings.toggle(me.studio(), id, ask);
        return work(me, id, wish, model);
    }

    @PostMapping("/powder")
    String powder(@CurrentMember Member me, @PathVariable long id, @RequestParam boolean more, Wish wish, Model model) {
        settings.powder(me.studio(), id, more);
        return work(me, id, wish, model);
    }

    /** Starts the primer's time; 0 minutes take it away. */
    @PostMapping("/primer")
    String primer(@CurrentMember Member me, @PathVariable long id, @RequestParam int minutes, Wish wish, Model model) {
        settings.primer(me.studio(), id, minutes);
        return work(me, id, wish, model);
    }

    @PostMapping("/take")
    String take(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam long product,
            @RequestParam(defaultValue = "") String note,
            @RequestParam(defaultValue = "0") long instead,
            Wish wish,
            Model model) {
        if (note.length() > LONGEST_NOTE) {
            model.addAttribute("refused", words.say("base.note.long", note.length(), LONGEST_NOTE));
            model.addAttribute("note", note);
            return page(me, id, wish, model);
        }
        Shortlist.Ranked standing = bases.standing(me.studio(), id, product).orElseThrow(() -> new NotHere("base"));
        String overruled = words.overruled(standing);
        try {
            bases.take(me, id, standing, note.isBlank() ? null : note.strip(), cut(overruled), instead);
        } catch (StaleSave meanwhile) {
            model.addAttribute("refused", words.meanwhile(meanwhile));
            model.addAttribute("note", note);
            return page(me, id, wish, model);
        }
        return "redirect:/sittings/" + id + "/base?taken" + wish.query();
    }

    /** Puts a former base back; 0 takes the present one off. */
    @PostMapping("/back")
    String back(@CurrentMember Member me, @PathVariable long id, @RequestParam long choice, Wish wish) {
        bases.putBack(me.studio(), id, choice);
        return "redirect:/sittings/" + id + "/base?" + (choice == 0 ? "off" : "back") + wish.query();
    }

    private static String cut(String overruled) {
        return overruled == null ? null : overruled.substring(0, Math.min(500, overruled.length()));
    }

    private void fill(Member me, long id, Wish wish, Model model) {
        model.addAttribute("sittingId", id);
        model.addAttribute("wish", wish);
        model.addAttribute("forms", Form.values());
        model.addAttribute("finishes", Finish.ofBases());
        model.addAttribute("coverages", Coverage.values());
        model.addAttribute("schools", MatchTarget.School.values());
        model.addAttribute("former", bases.former(me.studio(), id).orElse(null));
        bases.shortlist(me.studio(), id, wish.filter()).ifPresent(list -> {
            Optional<String> reason = lightWords.reasons(list.light()).stream().findFirst();
            model.addAttribute(
                    "view",
                    BaseView.of(
                            list,
                            sights.contours(list.target().colour()),
                            bases.choice(me.studio(), id),
                            id,
                            clock.instant(),
                            words,
                            reason));
        });
    }
}
