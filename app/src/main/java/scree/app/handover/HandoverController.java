package scree.app.handover;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import java.util.Base64;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.client.Clients;
import scree.app.homelink.HomeLinks;
import scree.app.look.HtmlPdf;
import scree.app.look.PdfPages;
import scree.app.mail.Draft;
import scree.app.mail.Outbox;
import scree.app.mail.PostOffice;
import scree.app.sitting.Cairns;
import scree.app.studio.CurrentMember;
import scree.app.studio.Customs;
import scree.app.studio.Member;
import scree.app.studio.StudioTime;
import scree.app.web.BadInput;
import scree.app.web.Once;
import scree.app.web.Origin;
import scree.app.web.Words;

/** The Hand-over stage: the sheet as it will be, by mail or by a link, and what became of it. */
@Controller
@RequestMapping("/sittings/{id}/hand-over")
class HandoverController {
    /** Of the small pages on the stage. */
    private static final int SMALL_DPI = 72;

    private final Handovers handovers;
    private final Outbox outbox;
    private final PostOffice office;
    private final HomeLinks links;
    private final Clients clients;
    private final Cairns cairns;
    private final StudioTime time;
    private final Once once;
    private final Origin origin;
    private final Words words;

    HandoverController(
            Handovers handovers,
            Outbox outbox,
            PostOffice office,
            HomeLinks links,
            Clients clients,
            Cairns cairns,
            StudioTime time,
            Once once,
            Origin origin,
            Words words) {
        this.handovers = handovers;
        this.outbox = outbox;
        this.office = office;
        this.links = links;
        this.clients = clients;
        this.cairns = cairns;
        this.time = time;
        this.once = once;
        this.origin = origin;
        this.words = words;
    }

    /** The paper of the studio's country. */
    private static HtmlPdf.Paper paper(Model model) {
        boolean us = model.getAttribute("customs") instanceof Customs.Kept kept && kept.units() == Customs.Units.US;
        return us ? HtmlPdf.Paper.LETTER : HtmlPdf.Paper.A4;
    }

    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model, HttpServletRequest request) {
        Handovers.Told told = handovers.of(me.studio(), id);
        model.addAttribute("sitting", told.sitting());
        model.addAttribute("cairn", cairns.of(me.studio(), told.sitting(), "hand-over"));
        model.addAttribute("view", HandoverView.of(told, time.zone(me.studio()), words));
        model.addAttribute("papers", HtmlPdf.Paper.values());
        model.addAttribute("post", office.open());
        model.addAttribute("inbox", office.standIn());
        model.addAttribute("origin", origin.of(request));
        model.addAttribute("longest", HandoverForm.LONGEST_TEXT);
        if (!model.containsAttribute("form")) {
            model.addAttribute(
                    "form", HandoverForm.empty(told.sitting().client().email(), paper(model)));
        }
        return "handover/page";
    }

    /** The pages as they would be printed; asked for by the stage once it stands. */
    @GetMapping("/pages")
    @Transactional(readOnly = true)
    String pages(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "A4") HtmlPdf.Paper paper,
            @RequestParam(defaultValue = "false") boolean picture,
            Model model) {
        List<String> pages = PdfPages.png(handovers.print(me, id, paper, picture), SMALL_DPI).stream()
                .map(p -> "data:image/png;base64," + Base64.getEncoder().encodeToString(p))
                .toList();
        model.addAttribute("sittingId", id);
        model.addAttribute("paper", paper);
        model.addAttribute("picture", picture);
        model.addAttribute("pages", pages);
        return "handover/pages :: pages";
    }

    @PostMapping("/send")
    String send(
            @CurrentMember Member me,
            @PathVariable long id,
            @Valid @ModelAttribute("form") HandoverForm form,
            BindingResult errors,
            @RequestParam(name = "once", required = false) String token,
            Model model,
            HttpServletRequest request) {
        if (errors.hasErrors()) {
            return page(me, id, model, request);
        }
        if (!office.open()) {
            model.addAttribute("refused", words.say("handover.noPost"));
            return page(me, id, model, request);
        }
        return "redirect:"
                + once.only(me.studio(), token, () -> {
                    handovers.send(me, id, form.how(), form.letter(origin.of(request)));
                    if (form.remembered()) {
                        clients.reachedAt(
                                me.studio(),
                                handovers.client(me.studio(), id),
                                form.address().strip());
                    }
                    return "/sittings/" + id + "/hand-over#letters";
                });
    }

    @PostMapping("/link")
    String link(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "A4") HtmlPdf.Paper paper,
            @RequestParam(defaultValue = "false") boolean picture,
            @RequestParam(name = "once", required = false) String token,
            RedirectAttributes next) {
        String[] fresh = {null};
        once.only(me.studio(), token, () -> {
            fresh[0] = handovers.link(me, id, new Handovers.How(paper, picture));
            return "made";
        });
        if (fresh[0] != null) { // of a second press nothing is shown: only its hash was kept
            next.addFlashAttribute("freshLink", "/from-home/" + fresh[0] + "/sheet");
        }
        return "redirect:/sittings/" + id + "/hand-over#links";
    }

    @PostMapping("/link/{link}/close")
    String close(@CurrentMember Member me, @PathVariable long id, @PathVariable long link) {
        links.close(me, id, link);
        return "redirect:/sittings/" + id + "/hand-over#links";
    }

    @PostMapping("/letters/{letter}/again")
    String again(
            @CurrentMember Member me,
            @PathVariable long id,
            @PathVariable long letter,
            @RequestParam(defaultValue = "") String address) {
        if (address.length() > Draft.LONGEST_ADDRESS || !address.isBlank() && !address.contains("@")) {
            throw new BadInput("address", "input.address");
        }
        outbox.again(me, id, letter, address.isBlank() ? null : address.strip());
        return "redirect:/sittings/" + id + "/hand-over#letters";
    }

    @PostMapping("/letters/{letter}/withdraw")
    String withdraw(
            @CurrentMember Member me, @PathVariable long id, @PathVariable long letter, RedirectAttributes next) {
        if (!outbox.withdraw(me, id, letter)) {
            next.addFlashAttribute("refused", words.say("handover.tooLate"));
        }
        return "redirect:/sittings/" + id + "/hand-over#letters";
    }
}
