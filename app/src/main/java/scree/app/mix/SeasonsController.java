package scree.app.mix;

import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.base.BaseWords;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.studio.StudioTime;
import scree.core.mix.SeasonParts;

/** Winter and summer base of a client, the parts between, the year's calendar. */
@Controller
@RequestMapping("/sittings/{id}/base/seasons")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class SeasonsController {
    private final Seasons seasons;
    private final Sittings sittings;
    private final Cairns cairns;
    private final BaseWords words;
    private final StudioTime time;

    SeasonsController(Seasons seasons, Sittings sittings, Cairns cairns, BaseWords words, StudioTime time) {
        this.seasons = seasons;
        this.sittings = sittings;
        this.cairns = cairns;
        this.words = words;
        this.time = time;
    }

    /** In one transaction, so that what stages and rooms ask is read once. */
    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "base"));
        fill(me, id, model);
        return "mix/seasons";
    }

    @PostMapping("/pair")
    String pair(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam long winter,
            @RequestParam long summer,
            Model model) {
        if (winter == summer) {
            model.addAttribute("refused", words.say("seasons.same"));
        } else {
            seasons.pair(me.studio(), id, winter, summer);
        }
        fill(me, id, model);
        return "mix/seasons :: work";
    }

    @OpenTo({Role.OWNER, Role.ARTIST})
    @PostMapping("/said")
    String said(@CurrentMember Member me, @PathVariable long id, @RequestParam SeasonParts.Word word, Model model) {
        seasons.said(me, id, word);
        fill(me, id, model);
        return "mix/seasons :: work";
    }

    private void fill(Member me, long id, Model model) {
        model.addAttribute("sittingId", id);
        seasons.of(me.studio(), id)
                .ifPresent(a -> model.addAttribute("view", SeasonsView.of(a, time.zone(me.studio()), words)));
    }
}
