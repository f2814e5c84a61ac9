package scree.app.intake;

import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import scree.app.remote.RemoteLinks;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.web.StaleSave;

/** The Intake stage: a short form with the usual cautions. */
@Controller
@RequestMapping("/sittings/{id}/intake")
class IntakeController {
    private final Sittings sittings;
    private final Cairns cairns;
    private final RemoteLinks links;

    IntakeController(Sittings sittings, Cairns cairns, RemoteLinks links) {
        this.links = links;
        this.sittings = sittings;
        this.cairns = cairns;
    }

    @GetMapping
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("form", IntakeForm.of(sitting));
        return show(me, sitting, model);
    }

    @PostMapping
    String save(
            @CurrentMember Member me,
            @PathVariable long id,
            @Valid @ModelAttribute("form") IntakeForm form,
            BindingResult errors,
            Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        if (errors.hasErrors()) {
            return show(me, sitting, model);
        }
        try {
            sittings.saveIntake(me.studio(), id, form.getVersion(), form.answers());
        } catch (StaleSave stale) {
            model.addAttribute("stored", IntakeForm.of((Sitting) stale.stored()));
            return show(me, sitting, model);
        }
        return "redirect:/sittings/" + id + "/light";
    }

    private String show(Member me, Sitting sitting, Model model) {
        model.addAttribute("sitting", sitting);
        model.addAttribute("fromHome", links.answer(me.studio(), sitting.id()).orElse(null));
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "intake"));
        model.addAttribute("cautions", cautions(sitting));
        return "intake/page";
    }

    /** Message keys of the cautions that what is known asks for; never blocking, never a diagnosis. */
    static List<String> cautions(Sitting s) {
        List<String> keys = new ArrayList<>();
        boolean reacts = s.allergies() != null && !s.allergies().isBlank() || s.reactions() != null;
        if (reacts) {
            keys.add("caution.allergy");
        }
        if ("REACTED".equals(s.patchTest())) {
            keys.add("caution.patch.reacted");
        } else if (!"CLEAR".equals(s.patchTest())) {
            keys.add("caution.patch");
        }
        if (s.brokenSkin() != null && !s.brokenSkin().isBlank()) {
            keys.add("caution.broken");
        }
        keys.add("caution.hygiene");
        return keys;
    }
}
