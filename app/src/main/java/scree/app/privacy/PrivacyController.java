package scree.app.privacy;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.picture.Upload;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.studio.StudioTime;
import scree.app.web.Words;

/** What is kept of a client: seen, agreed to, given away, taken in and erased. */
@Controller
class PrivacyController {
    private final Clients clients;
    private final Erasures erasures;
    private final ClientFiles files;
    private final Consents consents;
    private final Audit audit;
    private final StudioTime time;
    private final Words words;

    PrivacyController(
            Clients clients,
            Erasures erasures,
            ClientFiles files,
            Consents consents,
            Audit audit,
            StudioTime time,
            Words words) {
        this.clients = clients;
        this.erasures = erasures;
        this.files = files;
        this.consents = consents;
        this.audit = audit;
        this.time = time;
        this.words = words;
    }

    @GetMapping("/clients/{id}/kept")
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Client client = clients.get(me.studio(), id);
        Map<String, Long> counts = erasures.counts(me.studio(), id);
        model.addAttribute("client", client);
        model.addAttribute("counts", counts);
        model.addAttribute(
                "rest",
                counts.entrySet().stream()
                        .filter(e -> !Set.of("client", "sitting", "picture").contains(e.getKey()))
                        .mapToLong(Map.Entry::getValue)
                        .sum());
        model.addAttribute("consents", consents.of(me.studio(), id));
        model.addAttribute("covers", Consent.Cover.values());
        model.addAttribute("today", time.today(me.studio()));
        model.addAttribute("zone", time.zone(me.studio()));
        model.addAttribute("lines", audit.newest(me.studio(), id));
        return "privacy/client";
    }

    /** Written as it is read: a client of many years need not lie in memory. */
    @GetMapping("/clients/{id}/kept.zip")
    void file(@CurrentMember Member me, @PathVariable long id, HttpServletResponse response) throws IOException {
        clients.get(me.studio(), id);
        response.setContentType("application/zip");
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename("scree-client-" + id + ".zip")
                        .build()
                        .toString());
        files.write(me, id, response.getOutputStream());
    }

    @PostMapping("/clients/{id}/consent")
    String give(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(required = false) Set<Consent.Cover> covers,
            @RequestParam(required = false) LocalDate givenOn,
            RedirectAttributes next) {
        LocalDate today = time.today(me.studio());
        if (covers == null || covers.isEmpty()) {
            next.addFlashAttribute("refused", words.say("consent.none"));
        } else if (givenOn == null || givenOn.isAfter(today) || givenOn.isBefore(today.minusYears(50))) {
            next.addFlashAttribute("refused", words.say("consent.day"));
        } else {
            consents.give(me, id, givenOn, covers);
        }
        return "redirect:/clients/" + id + "/kept";
    }

    @PostMapping("/clients/{id}/consent/{consent}/withdraw")
    String withdraw(
            @CurrentMember Member me, @PathVariable long id, @PathVariable long consent, RedirectAttributes next) {
        String went = consents.withdraw(me, id, consent).entrySet().stream()
                .map(w -> words.say("consent.went." + w.getKey(), w.getValue()))
                .collect(Collectors.joining(", "));
        next.addFlashAttribute(
                "went", went.isEmpty() ? words.say("consent.gone.none") : words.say("consent.gone", went));
        return "redirect:/clients/" + id + "/kept";
    }

    /** For good, so the name is typed. */
    @PostMapping("/clients/{id}/erase")
    @OpenTo(Role.OWNER)
    String erase(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String name,
            RedirectAttributes next) {
        Client client = clients.get(me.studio(), id);
        if (!name.strip().equalsIgnoreCase(client.name().strip())) {
            next.addFlashAttribute("refused", words.say("erase.name", client.name()));
            return "redirect:/clients/" + id + "/kept#erase";
        }
        next.addFlashAttribute("proof", erasures.erase(me, id));
        next.addFlashAttribute("erased", id);
        return "redirect:/clients/erased";
    }

    @GetMapping("/clients/erased")
    @OpenTo(Role.OWNER)
    String erased(Model model) {
        return model.containsAttribute("proof") ? "privacy/erased" : "redirect:/clients";
    }

    @GetMapping("/clients/take-in")
    String takeIn() {
        return "privacy/take-in";
    }

    @PostMapping("/clients/take-in")
    String takeIn(@CurrentMember Member me, @RequestParam MultipartFile file, Model model) {
        try {
            return "redirect:/clients/" + files.takeIn(me, Upload.of(file).bytes());
        } catch (ClientFileRefused refused) {
            model.addAttribute("refused", words.say("takeIn.refused." + refused.why()));
            return "privacy/take-in";
        }
    }
}
