package scree.app.base;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.skin.MatchTarget;

/** The Base stage: the kit ranked for the skin, up to three stripes, one taken. */
@Controller
@RequestMapping("/sittings/{id}/base")
class BaseController {
    private static final int LONGEST_NOTE = 500;
    private final Bases bases;
    private final Sittings sittings;
    private final Cairns cairns;
    private final MessageSource messages;

    BaseController(Bases bases, Sittings sittings, Cairns cairns, MessageSource messages) {
        this.bases = bases;
        this.sittings = sittings;
        this.cairns = cairns;
        this.messages = messages;
    }

    /** What the address says of school and filters; bound from parameters. */
    record Wish(MatchTarget.School school, Form form, Finish finish, Coverage coverage, Boolean stock) {
        MatchTarget.School place() {
            return school == null ? MatchTarget.School.JAW_TO_NECK : school;
        }

        BaseFilter filter() {
            return new BaseFilter(form, finish, coverage, Boolean.TRUE.equals(stock));
        }

        /** Returns the same as a query string, for links that keep it. */
        public String query() {
            StringBuilder q = new StringBuilder("school=").append(place());
            append(q, "form", form);
            append(q, "finish", finish);
            append(q, "coverage", coverage);
            append(q, "stock", stock);
            return q.toString();
        }

        private static void append(StringBuilder q, String name, Object value) {
            if (value != null) {
                q.append('&').append(name).append('=').append(value);
            }
        }
    }

    @GetMapping
    String page(@CurrentMember Member me, @PathVariable long id, Wish wish, Model model, Locale locale) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "base"));
        fill(me, id, wish, model, locale);
        return "base/page";
    }

    @GetMapping(headers = "HX-Request")
    String work(@CurrentMember Member me, @PathVariable long id, Wish wish, Model model, Locale locale) {
        fill(me, id, wish, model, locale);
        return "base/page :: work";
    }

    @PostMapping("/stripe")
    String stripe(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam long product,
            Wish wish,
            Model model,
            Locale locale) {
        List<Long> now = shortlist(me, id, wish)
                .map(list -> list.stripes().stream().map(r -> r.product().id()).toList())
                .orElse(List.of());
        bases.toggleStripe(me.studio(), id, product, now);
        fill(me, id, wish, model, locale);
        return "base/page :: work";
    }

    @PostMapping("/take")
    String take(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam long product,
            @RequestParam(defaultValue = "") String note,
            Wish wish,
            Model model,
            Locale locale) {
        if (note.length() > LONGEST_NOTE) {
            model.addAttribute(
                    "refused",
                    messages.getMessage("base.note.long", new Object[] {note.length(), LONGEST_NOTE}, locale));
            model.addAttribute("note", note);
            return page(me, id, wish, model, locale);
        }
        bases.take(me, id, product, wish.place(), note.isBlank() ? null : note.strip());
        return "redirect:/sittings/" + id + "/base?taken&" + wish.query();
    }

    private Optional<Shortlist> shortlist(Member me, long id, Wish wish) {
        return bases.shortlist(me.studio(), id, wish.place(), wish.filter());
    }

    private void fill(Member me, long id, Wish wish, Model model, Locale locale) {
        model.addAttribute("sittingId", id);
        model.addAttribute("wish", wish);
        model.addAttribute("forms", Form.values());
        model.addAttribute("finishes", List.of(Finish.MATTE, Finish.SATIN, Finish.DEWY));
        model.addAttribute("coverages", Coverage.values());
        shortlist(me, id, wish)
                .ifPresent(list -> model.addAttribute(
                        "view", BaseView.of(list, bases.choice(me.studio(), id), id, messages, locale)));
    }
}
