package scree.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.Size;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.mail.Draft;
import scree.app.studio.CurrentMember;
import scree.app.studio.Customs;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.studio.StudioTime;
import scree.app.web.Origin;
import scree.app.web.Words;

/** Who works in the studio: for its owners. */
@Controller
@RequestMapping("/people")
@OpenTo(Role.OWNER)
class PeopleController {
    private static final int LONGEST_NAME = 120;

    private final People people;
    private final StudioTime time;
    private final Origin origin;
    private final Customs customs;
    private final InvitingLetters letters;
    private final Words words;

    PeopleController(
            People people, StudioTime time, Origin origin, Customs customs, InvitingLetters letters, Words words) {
        this.customs = customs;
        this.letters = letters;
        this.people = people;
        this.time = time;
        this.origin = origin;
        this.words = words;
    }

    @GetMapping
    String page(@CurrentMember Member me, Model model, HttpServletRequest request) {
        model.addAttribute("people", people.all(me.studio()));
        model.addAttribute("left", people.left(me.studio()));
        model.addAttribute("me", me.artistId());
        model.addAttribute("studioName", me.studioName());
        model.addAttribute("invitations", people.open(me.studio()));
        model.addAttribute("roles", Role.values());
        model.addAttribute("zone", time.zone(me.studio()));
        model.addAttribute("origin", origin.of(request));
        model.addAttribute("byLetter", letters.possible());
        model.addAttribute("carrying", letters.carrying(me.studio()));
        model.addAttribute("zones", Customs.zones());
        model.addAttribute("currencies", Customs.currencies());
        model.addAttribute("units", Customs.Units.values());
        return "studio/people";
    }

    @PostMapping("/invite")
    String invite(
            @CurrentMember Member me,
            @Valid Asked asked,
            BindingResult errors,
            HttpServletRequest request,
            RedirectAttributes next) {
        if (errors.hasErrors()) {
            next.addFlashAttribute("refused", words.say("people.byLetter.none"));
            next.addFlashAttribute("typedEmail", asked.email());
        } else if (asked.email().isBlank() || !letters.possible()) {
            next.addFlashAttribute("freshLink", "/join/" + people.invite(me, asked.role()));
        } else {
            letters.send(me, asked.role(), asked.email().strip(), origin.of(request));
            next.addFlashAttribute("sentTo", asked.email().strip());
        }
        return "redirect:/people";
    }

    /**
     * Who is asked in.
     *
     * @param email where the link goes, blank to be shown it
     */
    record Asked(
            Role role,

            @Email(message = "{client.email.none}") @Size(max = Draft.LONGEST_ADDRESS)
            String email) {
        Asked {
            role = role == null ? Role.ARTIST : role;
            email = email == null ? "" : email;
        }
    }

    /** What the studio is called, where it works and what it counts in. */
    @PostMapping("/studio")
    String customs(@CurrentMember Member me, Customs.Kept kept, RedirectAttributes next) {
        String name = kept.name() == null ? "" : kept.name().strip();
        String zone = kept.zone() == null || kept.zone().isBlank() ? null : kept.zone(); // where the machine is
        boolean known = (zone == null || Customs.zones().contains(zone))
                && Customs.currencies().contains(kept.currency())
                && kept.units() != null;
        if (!known || name.isEmpty() || name.length() > LONGEST_NAME) {
            next.addFlashAttribute("refused", words.say("customs.refused"));
            next.addFlashAttribute("typedName", kept.name());
        } else {
            customs.put(me.studio(), new Customs.Kept(name, zone, kept.currency(), kept.units()));
            next.addFlashAttribute("customsKept", true);
        }
        return "redirect:/people";
    }

    @PostMapping("/{artist}/reset")
    String reset(@CurrentMember Member me, @PathVariable long artist, RedirectAttributes next) {
        next.addFlashAttribute("freshLink", "/join/" + people.reset(me, artist));
        return "redirect:/people";
    }

    @PostMapping("/invitations/{invitation}/close")
    String close(@CurrentMember Member me, @PathVariable long invitation) {
        letters.close(me, invitation);
        return "redirect:/people";
    }

    @PostMapping("/{artist}/role")
    String role(@CurrentMember Member me, @PathVariable long artist, @RequestParam Role role, RedirectAttributes next) {
        return done(() -> people.role(me, artist, role), me.artistId() == artist ? "/account" : "/people", next);
    }

    @PostMapping("/{artist}/remove")
    String remove(@CurrentMember Member me, @PathVariable long artist, RedirectAttributes next) {
        return done(() -> people.remove(me, artist), me.artistId() == artist ? "/sign-in" : "/people", next);
    }

    @PostMapping("/{artist}/back")
    String back(@CurrentMember Member me, @PathVariable long artist) {
        people.back(me, artist);
        return "redirect:/people";
    }

    private String done(Runnable change, String to, RedirectAttributes next) {
        try {
            change.run();
            return "redirect:" + to;
        } catch (People.LastOwner last) {
            next.addFlashAttribute("refused", words.say("people.lastOwner"));
            return "redirect:/people";
        }
    }
}
