package scree.app.proof;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import scree.app.homelink.HomeLink;
import scree.app.homelink.HomeLinks;

/** The client's page on which they tell how it wore; opened by its link alone. */
@Controller
@RequestMapping("/from-home/{token}/wear")
class WearLinkController {
    private final Proofs proofs;
    private final HomeLinks links;
    private final ProofWords words;
    private final Clock clock;

    WearLinkController(Proofs proofs, HomeLinks links, ProofWords words, Clock clock) {
        this.proofs = proofs;
        this.links = links;
        this.words = words;
        this.clock = clock;
    }

    @GetMapping
    String page(@PathVariable String token, Model model, HttpServletResponse response) {
        return links.at(token, HomeLink.Kind.WEAR)
                .map(link -> shown(token, link, new WoreForm(hours(link), null, null, null, null), model))
                .orElseGet(() -> closed(model, response));
    }

    /** Hours since the work ended, to be mended by whoever tells. */
    private String hours(HomeLink link) {
        if (link.doneAt() == null) {
            return "";
        }
        long hours =
                Duration.between(link.doneAt().toInstant(), clock.instant()).toHours();
        return String.valueOf(Math.max(0, Math.min(Wore.MOST_HOURS, hours)));
    }

    private String shown(String token, HomeLink link, WoreForm form, Model model) {
        model.addAttribute("token", token);
        model.addAttribute("link", link);
        model.addAttribute("typed", form);
        model.addAttribute("kinds", Wore.Seen.values());
        return "proof/from-home";
    }

    private String closed(Model model, HttpServletResponse response) {
        response.setStatus(HttpServletResponse.SC_NOT_FOUND);
        model.addAttribute("why", words.say("link.UNKNOWN"));
        return "remote/closed";
    }

    @PostMapping
    String tell(@PathVariable String token, WoreForm form, Model model, HttpServletResponse response) {
        Optional<HomeLink> link = links.at(token, HomeLink.Kind.WEAR);
        if (link.isEmpty()) {
            return closed(model, response);
        }
        Optional<Proofs.Telling> telling = form.read();
        if (telling.isEmpty()) {
            model.addAttribute("refused", words.say("proof.wear.refused", Wore.MOST_HOURS));
            return shown(token, link.get(), form, model);
        }
        boolean kept = proofs.tell(link.get(), telling.get());
        model.addAttribute("link", link.get());
        model.addAttribute("kept", kept);
        model.addAttribute("reaction", telling.get().reaction() != null);
        model.addAttribute("arrived", words.say("proof.home.arrived", link.get().artistFirstName()));
        return "homelink/told";
    }
}
