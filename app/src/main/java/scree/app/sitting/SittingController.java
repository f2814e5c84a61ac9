package scree.app.sitting;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.bin.Gone;
import scree.app.look.Cairn;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;

/** Opens a sitting where the work stands. */
@Controller
class SittingController {
    private final Sittings sittings;
    private final List<StageOfSitting> stages;

    SittingController(Sittings sittings, List<StageOfSitting> stages) {
        this.sittings = sittings;
        this.stages = stages;
    }

    /** The lowest stage that is not done; the last one when all are. For assistants the chair. */
    @OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT, Role.TRAINEE})
    @GetMapping("/sittings/{id}")
    String open(@CurrentMember Member me, @PathVariable long id) {
        Sitting sitting = sittings.get(me.studio(), id);
        if (me.role() == Role.ASSISTANT) {
            return "redirect:/sittings/" + id + "/chair";
        }
        String key = stages.stream()
                .sorted(java.util.Comparator.comparingInt(StageOfSitting::order))
                .filter(s -> s.reached(me.studio(), sitting).state() != Cairn.State.DONE)
                .map(StageOfSitting::key)
                .findFirst()
                .orElse(stages.stream()
                        .max(java.util.Comparator.comparingInt(StageOfSitting::order))
                        .orElseThrow()
                        .key());
        return "redirect:/sittings/" + id + "/" + key;
    }

    /** Deletes a sitting with its pictures; they can be brought back for thirty days. */
    @PostMapping("/sittings/{id}/delete")
    String delete(@CurrentMember Member me, @PathVariable long id, RedirectAttributes next) {
        Sitting sitting = sittings.get(me.studio(), id);
        sittings.delete(me.studio(), id);
        next.addFlashAttribute("gone", new Gone(sittings.kind(), id, sitting.clientName() + ", " + sitting.event()));
        return "redirect:/clients/" + sitting.clientId();
    }

    @OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT, Role.TRAINEE})
    @PostMapping("/sittings/{id}/done")
    String done(@CurrentMember Member me, @PathVariable long id) {
        sittings.get(me.studio(), id);
        sittings.finish(me.studio(), id);
        return "redirect:/";
    }
}
