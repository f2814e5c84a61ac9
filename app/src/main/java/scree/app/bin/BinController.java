package scree.app.bin;

import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;

/** The page of what was deleted. */
@Controller
class BinController {
    private final Bin bin;

    BinController(Bin bin) {
        this.bin = bin;
    }

    @GetMapping("/deleted")
    String page(@CurrentMember Member me, Model model) {
        model.addAttribute("lines", bin.lines(me.studio()));
        model.addAttribute("days", Bin.KEPT.toDays());
        return "bin/page";
    }

    @PostMapping("/deleted/{kind}/{id}/restore")
    String restore(
            @CurrentMember Member me, @PathVariable String kind, @PathVariable long id, RedirectAttributes next) {
        try {
            bin.restore(me.studio(), kind, id);
            next.addFlashAttribute("said", "bin.restored");
        } catch (DuplicateKeyException taken) {
            next.addFlashAttribute("said", "bin.taken");
        }
        return "redirect:/deleted";
    }
}
