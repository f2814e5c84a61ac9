package scree.app.reply;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.client.Clients;
import scree.app.homelink.HomeLinks;
import scree.app.kit.Kit;
import scree.app.mail.Draft;
import scree.app.mail.PostOffice;
import scree.app.picture.Pictures;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.sitting.UnreadableState;
import scree.app.skin.SkinWords;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.StudioTime;
import scree.app.web.Once;
import scree.app.web.Origin;

/** The artist's answer to a picture from home. */
@Controller
@RequestMapping("/sittings/{id}/reply")
class ReplyController {
    private final Replies replies;
    private final Sittings sittings;
    private final Clients clients;
    private final Kit kit;
    private final Pictures pictures;
    private final PostOffice office;
    private final HomeLinks links;
    private final Cairns cairns;
    private final StudioTime time;
    private final Once once;
    private final Origin origin;
    private final ReplyWords words;
    private final SkinWords skin;

    ReplyController(
            Replies replies,
            Sittings sittings,
            Clients clients,
            Kit kit,
            Pictures pictures,
            PostOffice office,
            HomeLinks links,
            Cairns cairns,
            StudioTime time,
            Once once,
            Origin origin,
            ReplyWords words,
            SkinWords skin) {
        this.replies = replies;
        this.sittings = sittings;
        this.clients = clients;
        this.kit = kit;
        this.pictures = pictures;
        this.office = office;
        this.links = links;
        this.cairns = cairns;
        this.time = time;
        this.once = once;
        this.origin = origin;
        this.words = words;
        this.skin = skin;
    }

    @GetMapping
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model, HttpServletRequest request) {
        Sitting sitting = sittings.get(me.studio(), id);
        model.addAttribute("sitting", sitting);
        model.addAttribute("cairn", cairns.of(me.studio(), sitting, "hand-over"));
        model.addAttribute("post", office.open());
        model.addAttribute("inbox", office.standIn());
        model.addAttribute("origin", origin.of(request));
        fill(me, sitting, model);
        return "reply/page";
    }

    private void fill(Member me, Sitting sitting, Model model) {
        Replies.Told told = replies.of(me.studio(), sitting.id());
        model.addAttribute("sittingId", sitting.id());
        model.addAttribute("firstName", sitting.client().firstName());
        model.addAttribute("email", sitting.client().email());
        model.addAttribute("view", ReplyView.of(told, time.zone(me.studio()), words, skin));
        model.addAttribute("longest", ReplySheet.LONGEST);
        model.addAttribute("another", replies.another(me.studio(), sitting.id()));
        model.addAttribute("unreadable", replies.unreadable(me.studio(), sitting.id()));
        model.addAttribute("question", told.question().orElse(null));
        model.addAttribute("links", told.links());
        model.addAttribute("letters", told.letters());
        model.addAttribute("zone", time.zone(me.studio()));
        model.addAttribute(
                "pictureId",
                told.now().reading() == null ? null : told.now().reading().pictureId());
        told.question()
                .map(q -> pictures.latest(me.studio(), List.of(q.before().id()))
                        .get(q.before().id()))
                .ifPresent(p -> model.addAttribute("beforeId", p.id()));
    }

    @PostMapping("/pick")
    String pick(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam ReplyPart part,
            @RequestParam long product,
            Model model) {
        kit.get(me.studio(), product);
        return done(me, id, model, () -> replies.pick(me, id, part, product));
    }

    @PostMapping("/near")
    String near(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam ReplyPart part,
            @RequestParam boolean named,
            Model model) {
        return changed(me, id, model, s -> s.near(part, named));
    }

    @PostMapping("/leave")
    String leave(@CurrentMember Member me, @PathVariable long id, @RequestParam ReplyPart part, Model model) {
        return changed(me, id, model, s -> s.leaving(part));
    }

    /** Leaves a part to Scree again. */
    @PostMapping("/anew")
    String anew(@CurrentMember Member me, @PathVariable long id, @RequestParam ReplyPart part, Model model) {
        return changed(me, id, model, s -> s.anew(part));
    }

    @PostMapping("/words")
    String say(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String unsure,
            @RequestParam(defaultValue = "") String text,
            Model model) {
        model.addAttribute("typedUnsure", unsure);
        model.addAttribute("typedText", text);
        return changed(me, id, model, s -> s.saying(unsure, text));
    }

    @PostMapping("/undo")
    String undo(@CurrentMember Member me, @PathVariable long id, Model model) {
        return done(me, id, model, () -> replies.undo(me.studio(), id));
    }

    @PostMapping("/redo")
    String redo(@CurrentMember Member me, @PathVariable long id, Model model) {
        return done(me, id, model, () -> replies.redo(me.studio(), id));
    }

    /** Says whether the picture shows the client. */
    @PostMapping("/person")
    String person(@CurrentMember Member me, @PathVariable long id, @RequestParam boolean same, Model model) {
        return done(me, id, model, () -> replies.say(me, id, same));
    }

    private String changed(Member me, long id, Model model, UnaryOperator<ReplySheet> by) {
        return done(me, id, model, () -> replies.change(me, id, by));
    }

    private String done(Member me, long id, Model model, Runnable change) {
        Sitting sitting = sittings.get(me.studio(), id);
        try {
            change.run();
        } catch (IllegalArgumentException refused) {
            model.addAttribute("refused", words.say("reply.refused", ReplySheet.LONGEST));
        } catch (UnreadableState unreadable) {
            // the page says so below, with the way out
        }
        fill(me, sitting, model);
        return "reply/page :: work";
    }

    @PostMapping("/send")
    String send(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String address,
            @RequestParam(name = "once", required = false) String token,
            Model model,
            HttpServletRequest request) {
        String to = address.strip();
        if (to.length() > Draft.LONGEST_ADDRESS || to.indexOf('@') < 1 || !office.open()) {
            model.addAttribute("typed", address);
            model.addAttribute("refused", words.say(office.open() ? "input.address" : "handover.noPost"));
            return page(me, id, model, request);
        }
        return sent(
                me,
                id,
                model,
                request,
                () -> once.only(me.studio(), token, () -> {
                    replies.send(me, id, to, origin.of(request));
                    Sitting sitting = sittings.get(me.studio(), id);
                    if (sitting.client().email() == null) {
                        clients.reachedAt(me.studio(), sitting.clientId(), to);
                    }
                    return "/sittings/" + id + "/reply#sent";
                }));
    }

    @PostMapping("/link")
    String link(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(name = "once", required = false) String token,
            RedirectAttributes next,
            Model model,
            HttpServletRequest request) {
        return sent(
                me,
                id,
                model,
                request,
                () -> once.only(me.studio(), token, () -> {
                    next.addFlashAttribute("freshLink", "/from-home/" + replies.link(me, id) + "/reply");
                    return "/sittings/" + id + "/reply#sent";
                }));
    }

    private String sent(Member me, long id, Model model, HttpServletRequest request, Supplier<String> sending) {
        try {
            return "redirect:" + sending.get();
        } catch (IllegalArgumentException refused) {
            model.addAttribute("refused", words.say("reply.refused." + refused.getMessage()));
            return page(me, id, model, request);
        }
    }

    @PostMapping("/link/{link}/close")
    String close(@CurrentMember Member me, @PathVariable long id, @PathVariable long link) {
        links.close(me, id, link);
        return "redirect:/sittings/" + id + "/reply#sent";
    }
}
