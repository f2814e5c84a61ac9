package scree.app.people;

import jakarta.validation.Valid;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import scree.app.studio.Customs;
import scree.app.web.NotHere;
import scree.app.web.Words;

/** Founds the first studio, at the one-time address that was told when Scree was started. */
@Controller
@RequestMapping("/first-run/{token}")
class FirstRunController {
    private final FirstRun first;
    private final Passwords passwords;
    private final Words words;

    FirstRunController(FirstRun first, Passwords passwords, Words words) {
        this.first = first;
        this.passwords = passwords;
        this.words = words;
    }

    @GetMapping
    String page(@PathVariable String token, Model model) {
        model.addAttribute("form", FirstRunForm.empty());
        return show(token, model);
    }

    private String show(String token, Model model) {
        if (!first.opens(token)) {
            throw new NotHere("first run");
        }
        model.addAttribute("token", token);
        model.addAttribute("zones", Customs.zones());
        model.addAttribute("currencies", Customs.currencies());
        model.addAttribute("units", Customs.Units.values());
        return "studio/first-run";
    }

    @PostMapping
    String found(
            @PathVariable String token,
            @Valid @ModelAttribute("form") FirstRunForm form,
            BindingResult errors,
            Model model) {
        Passwords.Fault fault = passwords.judge(form.password(), form.known());
        if (fault != Passwords.Fault.NONE) {
            errors.rejectValue("password", "password", words.say("password." + fault));
        }
        if (!Customs.currencies().contains(form.currency())) {
            errors.rejectValue("currency", "currency", words.say("customs.currency.none"));
        }
        if (!Customs.zones().contains(form.zone())) {
            errors.rejectValue("zone", "zone", words.say("firstRun.zone.none"));
        }
        if (form.counts().isEmpty()) {
            errors.rejectValue("units", "units", words.say("customs.units.none"));
        }
        if (errors.hasErrors()) {
            return show(token, model);
        }
        try {
            first.found(
                    token, form.customs(), form.name().strip(), form.email().strip(), form.password(), form.withKit());
            return "redirect:/sign-in?founded";
        } catch (People.AddressTaken taken) {
            errors.rejectValue("email", "taken", words.say("join.taken"));
            return show(token, model);
        }
    }
}
