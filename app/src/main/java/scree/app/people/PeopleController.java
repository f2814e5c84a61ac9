package scree.app.people;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.studio.CurrentMember;
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
    private final People people;
    private final StudioTime time;
    private final Origin origin;
    private final Words words;

    PeopleController(People people, StudioTime time, Origin origin, Words words) {
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
        return "studio/people";
    }

    @PostMapping("/invite")
    String invite(@CurrentMember Member me, @RequestParam(defaultValue = "ARTIST") Role role, RedirectAttributes next) {
        next.addFlashAttribute("freshLink", "/join/" + people.invite(me, role));
        return "redirect:/people";
    }

    @PostMapping("/{artist}/reset")
    String reset(@CurrentMember Member me, @PathVariable long artist, RedirectAttributes next) {
        next.addFlashAttribute("freshLink", "/join/" + people.reset(me, artist));
        return "redirect:/people";
    }

    @PostMapping("/invitations/{invitation}/close")
    String close(@CurrentMember Member me, @PathVariable long invitation) {
        people.close(me, invitation);
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
