package scree.app.remote;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.web.Once;

/** The artist's side of client links: making one, closing one. */
@Controller
@RequestMapping("/clients/{client}/links")
class LinkController {
    private final RemoteLinks links;

    private final Once once;

    LinkController(RemoteLinks links, Once once) {
        this.once = once;
        this.links = links;
    }

    /** Makes a link; it is shown once, on the next page. */
    @PostMapping
    String make(
            @CurrentMember Member me,
            @PathVariable long client,
            @RequestParam(name = "once", required = false) String token,
            RedirectAttributes next) {
        String[] fresh = {null};
        once.only(me.studio(), token, () -> {
            fresh[0] = links.make(me, client);
            return "made";
        });
        if (fresh[0] != null) { // of a second press nothing is shown: only its hash was kept
            next.addFlashAttribute("freshLink", "/from-home/" + fresh[0]);
        }
        return "redirect:/clients/" + client + "#links";
    }

    @PostMapping("/{id}/close")
    String close(@CurrentMember Member me, @PathVariable long client, @PathVariable long id) {
        links.close(me.studio(), id);
        return "redirect:/clients/" + client + "#links";
    }
}
