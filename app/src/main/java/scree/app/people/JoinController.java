package scree.app.people;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import scree.app.web.Words;

/** Where somebody joins a studio or chooses another password; opened by a link alone. */
@Controller
@RequestMapping("/join/{token}")
class JoinController {
    private final People people;
    private final Passwords passwords;
    private final Words words;

    JoinController(People people, Passwords passwords, Words words) {
        this.people = people;
        this.passwords = passwords;
        this.words = words;
    }

    /** What is typed; name and address only by somebody who joins. */
    record Form(
            @Size(max = 120) String name,

            @Email(message = "{client.email.none}") @Size(max = 200)
            String email,

            String password) {
        static Form empty() {
            return new Form("", "", "");
        }

        private static boolean blank(String text) {
            return text == null || text.isBlank();
        }
    }

    @GetMapping
    String page(@PathVariable String token, Model model, HttpServletResponse response) {
        model.addAttribute("form", Form.empty());
        return show(token, people.at(token), model, response);
    }

    private String show(String token, Optional<Invitation> invitation, Model model, HttpServletResponse response) {
        if (invitation.isEmpty()) {
            response.setStatus(HttpServletResponse.SC_NOT_FOUND);
            model.addAttribute("why", words.say("join.closed"));
            return "remote/closed";
        }
        model.addAttribute("token", token);
        model.addAttribute("invitation", invitation.get());
        return "studio/join";
    }

    @PostMapping
    String join(
            @PathVariable String token,
            @Valid @ModelAttribute("form") Form form,
            BindingResult errors,
            Model model,
            HttpServletResponse response) {
        Optional<Invitation> invitation = people.at(token);
        if (invitation.isEmpty()) {
            return show(token, invitation, model, response);
        }
        boolean joins = invitation.get().forArtist() == null;
        if (joins && Form.blank(form.name())) {
            errors.rejectValue("name", "empty", words.say("join.empty"));
        }
        if (joins && Form.blank(form.email())) {
            errors.rejectValue("email", "empty", words.say("join.empty"));
        }
        Passwords.Fault fault = passwords.judge(form.password(), known(form, invitation.get()));
        if (fault != Passwords.Fault.NONE) {
            errors.rejectValue("password", "password", words.say("password." + fault));
        }
        if (!errors.hasErrors()) {
            try {
                if (joins) {
                    people.join(
                            invitation.get(), form.name().strip(), form.email().strip(), form.password());
                } else {
                    people.choose(invitation.get(), form.password());
                }
                return "redirect:/sign-in?joined";
            } catch (People.AddressTaken taken) {
                errors.rejectValue("email", "taken", words.say("join.taken"));
            }
        }
        return show(token, invitation, model, response);
    }

    private static List<String> known(Form form, Invitation invitation) {
        return List.of(
                form.name() == null ? "" : form.name(),
                form.email() == null ? "" : form.email(),
                invitation.studioName(),
                invitation.forName() == null ? "" : invitation.forName());
    }
}
