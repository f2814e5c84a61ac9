package scree.app.skin;

import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.picture.Picture;
import scree.app.picture.Pictures;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.core.skin.Answer;
import scree.core.skin.Testimony;
import scree.core.skin.UndertoneBench;
import scree.core.skin.UndertoneVerdict;
import scree.core.skin.Witness;

/** The undertone bench: witnesses are asked, weighed together, struck, asked again. */
@Controller
@RequestMapping("/sittings/{id}/undertone")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class UndertoneController {
    private final Sittings sittings;
    private final Readings readings;
    private final Pictures pictures;
    private final Cairns cairns;
    private final SkinWords words;

    UndertoneController(Sittings sittings, Readings readings, Pictures pictures, Cairns cairns, SkinWords words) {
        this.sittings = sittings;
        this.readings = readings;
        this.pictures = pictures;
        this.cairns = cairns;
        this.words = words;
    }

    @GetMapping
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "skin"));
        fill(me, id, model);
        return "skin/undertone";
    }

    @PostMapping
    String say(@CurrentMember Member me, @PathVariable long id, @RequestParam Answer answer, Model model) {
        readings.say(me, id, answer);
        fill(me, id, model);
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
        fill(me, id, model);
        return "skin/undertone :: bench";
    }

    @PostMapping("/unsay")
    String unsay(@CurrentMember Member me, @PathVariable long id, @RequestParam Witness witness, Model model) {
        readings.unsay(me.studio(), id, witness);
        fill(me, id, model);
        return "skin/undertone :: bench";
    }

    private void fill(Member me, long id, Model model) {
        TakenReading taken = readings.of(me.studio(), id).orElse(null);
        Map<Witness, Testimony> said = readings.said(me.studio(), id);
        Optional<UndertoneVerdict> verdict = UndertoneBench.weigh(taken == null ? null : taken.skin(), said.values());
        Picture picture = taken == null ? null : pictures.get(me.studio(), taken.pictureId());
        model.addAttribute("sittingId", id);
        model.addAttribute("view", UndertoneView.of(taken, picture, said, verdict, words));
    }
}
