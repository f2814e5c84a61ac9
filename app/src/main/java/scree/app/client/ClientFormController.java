package scree.app.client;

import jakarta.validation.Valid;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.bin.Gone;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.web.Once;
import scree.app.web.StaleSave;
import scree.core.skin.SkinType;

/** Adds and edits a client. */
@Controller
class ClientFormController {
    private final Clients clients;

    private final Once once;

    ClientFormController(Clients clients, Once once) {
        this.once = once;
        this.clients = clients;
    }

    @ModelAttribute("skinTypes")
    SkinType[] skinTypes() {
        return SkinType.values();
    }

    @GetMapping("/clients/new")
    String blank(Model model) {
        model.addAttribute("form", ClientForm.empty());
        return "client/edit";
    }

    @PostMapping("/clients/new")
    String add(
            @CurrentMember Member me,
            @Valid @ModelAttribute("form") ClientForm form,
            BindingResult errors,
            @RequestParam(name = "once", required = false) String token) {
        if (errors.hasErrors()) {
            return "client/edit";
        }
        return "redirect:"
                + once.only(me.studio(), token, () -> "/clients/" + clients.add(me.studio(), form.client(0)));
    }

    /** Deletes a client with all sittings; they can be brought back for thirty days. */
    @PostMapping("/clients/{id}/delete")
    String delete(@CurrentMember Member me, @PathVariable long id, RedirectAttributes next) {
        Client client = clients.get(me.studio(), id);
        clients.delete(me.studio(), id);
        next.addFlashAttribute("gone", new Gone(clients.kind(), id, client.name()));
        return "redirect:/clients";
    }

    @GetMapping("/clients/{id}/edit")
    String edit(@CurrentMember Member me, @PathVariable long id, Model model) {
        model.addAttribute("client", clients.get(me.studio(), id));
        model.addAttribute("form", ClientForm.of(clients.get(me.studio(), id)));
        return "client/edit";
    }

    @PostMapping("/clients/{id}/edit")
    String change(
            @CurrentMember Member me,
            @PathVariable long id,
            @Valid @ModelAttribute("form") ClientForm form,
            BindingResult errors,
            Model model) {
        model.addAttribute("client", clients.get(me.studio(), id));
        if (errors.hasErrors()) {
            return "client/edit";
        }
        try {
            clients.change(me.studio(), form.client(id));
        } catch (StaleSave stale) {
            model.addAttribute("stored", ClientForm.of((Client) stale.stored()));
            return "client/edit";
        }
        return "redirect:/clients/" + id;
    }
}
