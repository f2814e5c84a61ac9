package scree.app.reply;

import jakarta.servlet.http.HttpServletResponse;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.homelink.HomeLink;
import scree.app.homelink.HomeLinks;
import scree.app.studio.StudioTime;

/** The client's page with the artist's answer, where they tell how it fits; opened by its link alone. */
@Controller
@RequestMapping("/from-home/{token}/reply")
class ReplyLinkController {
    private static final int LONGEST_REACTION = 500;
    private static final String FIT = "fit.";

    private final HomeLinks links;
    private final Replies replies;
    private final StudioTime time;
    private final ReplyWords words;

    ReplyLinkController(HomeLinks links, Replies replies, StudioTime time, ReplyWords words) {
        this.links = links;
        this.replies = replies;
        this.time = time;
        this.words = words;
    }

    @GetMapping
    String page(@PathVariable String token, Model model, HttpServletResponse response) {
        Optional<HomeLink> link = links.at(token, HomeLink.Kind.REPLY);
        return link.isEmpty() ? closed(model, response) : show(token, link.get(), model);
    }

    private String show(String token, HomeLink link, Model model) {
        model.addAttribute("token", token);
        model.addAttribute("link", link);
        model.addAttribute("reply", replies.at(link));
        model.addAttribute("hows", Fit.How.values());
        model.addAttribute("zone", time.zone(link.studio()));
        model.addAttribute("longest", Fit.LONGEST);
        return "reply/from-home";
    }

    private String closed(Model model, HttpServletResponse response) {
        response.setStatus(HttpServletResponse.SC_NOT_FOUND);
        model.addAttribute("why", words.say("link.UNKNOWN"));
        return "remote/closed";
    }

    /** @param all {@code fit.n} for the n-th thing of the answer, from 0 */
    @PostMapping
    String tell(
            @PathVariable String token,
            @RequestParam Map<String, String> all,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "") String reaction,
            Model model,
            HttpServletResponse response) {
        Optional<HomeLink> link = links.at(token, HomeLink.Kind.REPLY);
        if (link.isEmpty()) {
            return closed(model, response);
        }
        model.addAttribute("typed", all);
        if (text.length() > Fit.LONGEST || reaction.length() > LONGEST_REACTION) {
            model.addAttribute("refused", words.say("reply.home.long", Fit.LONGEST, LONGEST_REACTION));
            return show(token, link.get(), model);
        }
        Map<Integer, Fit.How> fits = fits(all, replies.at(link.get()).items().size());
        if (fits.isEmpty() && text.isBlank() && reaction.isBlank()) {
            model.addAttribute("refused", words.say("reply.home.empty"));
            return show(token, link.get(), model);
        }
        boolean kept = replies.tell(
                link.get(),
                new Fit(fits, text.isBlank() ? null : text.strip(), null),
                reaction.isBlank() ? null : reaction.strip());
        model.addAttribute("link", link.get());
        model.addAttribute("kept", kept);
        model.addAttribute("reaction", !reaction.isBlank());
        model.addAttribute("arrived", words.say("reply.home.arrived", link.get().artistFirstName()));
        return "homelink/told";
    }

    private static Map<Integer, Fit.How> fits(Map<String, String> all, int items) {
        Map<Integer, Fit.How> fits = new HashMap<>();
        for (int i = 0; i < items; i++) {
            String said = all.get(FIT + i);
            for (Fit.How how : Fit.How.values()) {
                if (how.name().equals(said)) {
                    fits.put(i, how);
                }
            }
        }
        return fits;
    }
}
