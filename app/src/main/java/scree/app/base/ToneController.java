package scree.app.base;

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
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.web.StaleSave;

/** Two tones: a lighter base inside the ring, a deeper one outside. */
@Controller
@RequestMapping("/sittings/{id}/base/tones")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class ToneController {
    private final Tones tones;
    private final Bases bases;
    private final Sittings sittings;
    private final Cairns cairns;
    private final BaseWords words;

    ToneController(Tones tones, Bases bases, Sittings sittings, Cairns cairns, BaseWords words) {
        this.tones = tones;
        this.bases = bases;
        this.sittings = sittings;
        this.cairns = cairns;
        this.words = words;
    }

    /** In one transaction, so that what stages and rooms ask is read once. */
    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("sittingId", id);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "base"));
        model.addAttribute("taken", bases.choice(me.studio(), id).orElse(null));
        model.addAttribute("former", bases.former(me.studio(), id).orElse(null));
        tones.of(me.studio(), id).ifPresent(w -> model.addAttribute("view", TonesView.of(w, words)));
        return "base/tones";
    }

    @PostMapping
    String take(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam long inner,
            @RequestParam long outer,
            @RequestParam(defaultValue = "0") long instead,
            Model model) {
        try {
            tones.take(me, id, inner, outer, instead, words);
        } catch (StaleSave meanwhile) {
            model.addAttribute("refused", words.meanwhile(meanwhile));
            return page(me, id, model);
        }
        return "redirect:/sittings/" + id + "/base/tones?taken";
    }
}
