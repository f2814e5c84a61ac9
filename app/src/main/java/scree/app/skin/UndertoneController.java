package scree.app.skin;

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
import scree.core.skin.Answer;
import scree.core.skin.Witness;

/** The undertone bench: witnesses are asked, weighed together, struck, asked again. */
@Controller
@RequestMapping("/sittings/{id}/undertone")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class UndertoneController {
    private final Sittings sittings;
    private final Readings readings;
    private final UndertoneContents contents;
    private final Cairns cairns;

    UndertoneController(Sittings sittings, Readings readings, UndertoneContents contents, Cairns cairns) {
        this.sittings = sittings;
        this.readings = readings;
        this.contents = contents;
        this.cairns = cairns;
    }

    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "skin"));
        contents.show(me.studio(), id, model);
        return "skin/undertone";
    }

    @PostMapping
    String say(@CurrentMember Member me, @PathVariable long id, @RequestParam Answer answer, Model model) {
        readings.say(me, id, answer);
        contents.show(me.studio(), id, model);
        return "skin/undertone :: bench";
    }

    @PostMapping("/strike")
    String strike(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam Witness witness,
            @RequestParam boolean struck,
            Model model) {
        if (witness == Witness.MEASURED) {
            readings.say(me, id, Answer.MEASURED_AS_READ);
        }
        readings.strike(me.studio(), id, witness, struck);
        contents.show(me.studio(), id, model);
        return "skin/undertone :: bench";
    }

    @PostMapping("/unsay")
    String unsay(@CurrentMember Member me, @PathVariable long id, @RequestParam Witness witness, Model model) {
        readings.unsay(me.studio(), id, witness);
        contents.show(me.studio(), id, model);
        return "skin/undertone :: bench";
    }
}
