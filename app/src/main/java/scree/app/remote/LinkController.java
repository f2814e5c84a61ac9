package scree.app.remote;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;

/** The artist's side of client links: making one, closing one. */
@Controller
@RequestMapping("/clients/{client}/links")
class LinkController {
    private final RemoteLinks links;

    LinkController(RemoteLinks links) {
        this.links = links;
    }

    /** Makes a link; it is shown once, on the next page. */
    @PostMapping
    String make(@CurrentMember Member me, @PathVariable long client, RedirectAttributes next) {
        next.addFlashAttribute("freshLink", "/from-home/" + links.make(me, client));
        return "redirect:/clients/" + client + "#links";
    }

    @PostMapping("/{id}/close")
    String close(@CurrentMember Member me, @PathVariable long client, @PathVariable long id) {
        links.close(me.studio(), id);
        return "redirect:/clients/" + client + "#links";
    }
}
