package scree.app.base;

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
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.core.shade.NeckBridge;

/** Bridges from face to neck, where the two differ. */
@Controller
@RequestMapping("/sittings/{id}/base/neck")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class NeckController {
    private final NeckBridges bridges;
    private final BaseSettings settings;
    private final Sittings sittings;
    private final Cairns cairns;
    private final BaseWords words;

    NeckController(NeckBridges bridges, BaseSettings settings, Sittings sittings, Cairns cairns, BaseWords words) {
        this.bridges = bridges;
        this.settings = settings;
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
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "base"));
        fill(me, id, model);
        return "base/neck";
    }

    @PostMapping("/collar")
    String collar(@CurrentMember Member me, @PathVariable long id, Model model) {
        settings.toggle(me.studio(), id, BaseSetting.Ask.LIGHT_COLLAR);
        fill(me, id, model);
        return "base/neck :: work";
    }

    /** Keeps a way with the base that was taken. */
    @PostMapping("/keep")
    String keep(@CurrentMember Member me, @PathVariable long id, @RequestParam NeckBridge.Way way, Model model) {
        bridges.keep(me.studio(), id, way);
        fill(me, id, model);
        return "base/neck :: work";
    }

    private void fill(Member me, long id, Model model) {
        model.addAttribute("sittingId", id);
        Optional<NeckBridges.Answer> answer = bridges.of(me.studio(), id);
        model.addAttribute("taken", answer.map(NeckBridges.Answer::taken).orElse(false));
        answer.ifPresent(a -> model.addAttribute(
                "view",
                NeckView.of(
                        a.bridges(),
                        a.target().jaw(),
                        a.target().neck(),
                        a.base(),
                        a.shades(),
                        a.lightCollar(),
                        a.kept(),
                        words)));
    }
}
