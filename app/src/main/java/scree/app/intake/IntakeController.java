package scree.app.intake;

import jakarta.validation.Valid;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import scree.app.remote.RemoteLinks;
import scree.app.sitting.Cairns;
import scree.app.sitting.CareWords;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.web.StaleSave;
import scree.core.care.Care;
import scree.core.judge.EyeTone;
import scree.core.judge.HairTone;
import scree.core.method.Occasion;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;

/** The Intake stage: a short form with the usual cautions. */
@Controller
@RequestMapping("/sittings/{id}/intake")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class IntakeController {
    private final Sittings sittings;
    private final Cairns cairns;
    private final RemoteLinks links;

    private final CareWords words;

    IntakeController(Sittings sittings, Cairns cairns, RemoteLinks links, CareWords words) {
        this.words = words;
        this.links = links;
        this.sittings = sittings;
        this.cairns = cairns;
    }

    @GetMapping
    @Transactional(readOnly = true)
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
            sittings.saveIntake(me.studio(), id, form.version(), form.intake());
        } catch (StaleSave stale) {
            model.addAttribute("stored", IntakeForm.of((Sitting) stale.stored()));
            return show(me, sitting, model);
        }
        return "redirect:/sittings/" + id + "/light";
    }

    private String show(Member me, Sitting sitting, Model model) {
        model.addAttribute("sitting", sitting);
        model.addAttribute("occasions", Occasion.values());
        model.addAttribute("coverages", Coverage.values());
        model.addAttribute("finishes", Finish.ofBases());
        model.addAttribute("hairTones", HairTone.values());
        model.addAttribute("eyeTones", EyeTone.values());
        model.addAttribute("patchTests", Care.PatchTest.values());
        model.addAttribute("fromHome", links.answer(me.studio(), sitting.id()).orElse(null));
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "intake"));
        model.addAttribute("cautions", words.all(sitting));
        return "intake/page";
    }
}
