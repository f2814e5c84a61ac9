package scree.app.proof;

import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.base.Bases;
import scree.app.base.Shortlist;
import scree.app.homelink.HomeLink;
import scree.app.homelink.HomeLinks;
import scree.app.picture.Picture;
import scree.app.picture.Pictures;
import scree.app.picture.Upload;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;
import scree.app.web.Once;
import scree.app.web.Origin;
import scree.core.image.PictureRefused;
import scree.core.reason.Reason;
import scree.core.shade.Nearness;
import scree.core.skin.MatchTarget;

/** The record of a sitting, and two of them against each other. */
@Controller
@RequestMapping("/sittings/{id}")
class ProofController {
    private final Proofs proofs;
    private final HomeLinks links;
    private final Sittings sittings;
    private final Bases bases;
    private final Pictures pictures;
    private final ProofWords words;
    private final StudioTime time;
    private final Once once;
    private final Origin origin;

    ProofController(
            Proofs proofs,
            HomeLinks links,
            Sittings sittings,
            Bases bases,
            Pictures pictures,
            ProofWords words,
            StudioTime time,
            Once once,
            Origin origin) {
        this.proofs = proofs;
        this.links = links;
        this.sittings = sittings;
        this.bases = bases;
        this.pictures = pictures;
        this.words = words;
        this.time = time;
        this.once = once;
        this.origin = origin;
    }

    @OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT, Role.TRAINEE})
    @GetMapping("/record")
    @Transactional(readOnly = true)
    String page(@CurrentMember Member me, @PathVariable long id, Model model, HttpServletRequest request) {
        Proofs.Told told = proofs.of(me.studio(), id);
        Sitting sitting = told.sitting();
        model.addAttribute("sitting", sitting);
        model.addAttribute(
                "view",
                ProofView.of(told, proofs.toldOf(me.studio(), sitting.clientId()), time.zone(me.studio()), words));
        model.addAttribute("kinds", Wore.Seen.values());
        model.addAttribute("links", links.open(me.studio(), id, HomeLink.Kind.WEAR));
        model.addAttribute("zone", time.zone(me.studio()));
        model.addAttribute("origin", origin.of(request));
        model.addAttribute(
                "others",
                sittings.ofClient(me.studio(), sitting.clientId()).stream()
                        .filter(s -> s.id() != id && s.cameInAt() == null)
                        .toList());
        return "proof/page";
    }

    /** A picture after the work. */
    @OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT, Role.TRAINEE})
    @PostMapping("/record/after")
    String after(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam("file") MultipartFile file,
            @RequestParam(defaultValue = "") String search,
            @RequestParam(defaultValue = "0") int shown,
            @RequestParam(defaultValue = "false") boolean flash,
            Model model,
            HttpServletRequest request) {
        try {
            List<Reason> said = proofs.after(me, id, Upload.of(file), search, shown, flash);
            model.addAttribute(
                    "said",
                    said.stream()
                            .map(r -> words.say("sight." + r.code(), r.args().toArray()))
                            .toList());
        } catch (PictureRefused refused) {
            model.addAttribute("refused", words.say("picture." + refused.why()));
        }
        return page(me, id, model, request);
    }

    @OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT, Role.TRAINEE})
    @PostMapping("/record/wear")
    String wear(
            @CurrentMember Member me,
            @PathVariable long id,
            WoreForm form,
            @RequestParam(name = "once", required = false) String token,
            Model model,
            HttpServletRequest request) {
        Optional<Proofs.Telling> telling = form.read();
        if (telling.isEmpty()) {
            model.addAttribute("typed", form);
            model.addAttribute("refused", words.say("proof.wear.refused", Wore.MOST_HOURS));
            return page(me, id, model, request);
        }
        return "redirect:"
                + once.only(me.studio(), token, () -> {
                    proofs.tell(me, id, telling.get());
                    return "/sittings/" + id + "/record#wore";
                });
    }

    /** A link by which the client tells it. */
    @PostMapping("/record/link")
    String link(@CurrentMember Member me, @PathVariable long id, RedirectAttributes next) {
        next.addFlashAttribute("freshLink", "/from-home/" + links.make(me, id, HomeLink.Kind.WEAR, null) + "/wear");
        return "redirect:/sittings/" + id + "/record#wore";
    }

    @PostMapping("/record/link/{link}/close")
    String close(@CurrentMember Member me, @PathVariable long id, @PathVariable long link) {
        links.close(me, id, link);
        return "redirect:/sittings/" + id + "/record#wore";
    }

    /** Opens a sitting like this one. */
    @PostMapping("/repeat")
    String repeat(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(name = "once", required = false) String token) {
        return "redirect:"
                + once.only(me.studio(), token, () -> "/sittings/" + proofs.repeat(me, id) + "/compare/" + id);
    }

    /** Where the choice of another sitting leads to. */
    @OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT})
    @GetMapping("/compare")
    String pick(@PathVariable long id, @RequestParam long then) {
        return "redirect:/sittings/" + id + "/compare/" + then;
    }

    /** This sitting against another one of the client. */
    @OpenTo({Role.OWNER, Role.ARTIST, Role.ASSISTANT})
    @GetMapping("/compare/{then}")
    @Transactional(readOnly = true)
    String compare(@CurrentMember Member me, @PathVariable long id, @PathVariable long then, Model model) {
        Proofs.Told now = proofs.of(me.studio(), id);
        Proofs.Told was = proofs.of(me.studio(), then);
        if (now.sitting().clientId() != was.sitting().clientId()) {
            throw new NotHere("sitting");
        }
        Map<Long, Picture> shots = pictures.latest(me.studio(), List.of(id, then));
        model.addAttribute("sitting", now.sitting());
        model.addAttribute("then", was.sitting());
        model.addAttribute(
                "view",
                ProofView.against(
                        was,
                        now,
                        Map.of(
                                "then", words.date("date.day", was.sitting().startsAt()),
                                "now", words.date("date.day", now.sitting().startsAt())),
                        Optional.ofNullable(shots.get(then)).map(Picture::id).orElse(null),
                        Optional.ofNullable(shots.get(id)).map(Picture::id).orElse(null),
                        differs(me.studio(), was, now),
                        words));
        return "proof/compare";
    }

    /** What has to be otherwise than then, in words. */
    private List<String> differs(StudioId studio, Proofs.Told was, Proofs.Told now) {
        List<String> said = new ArrayList<>();
        Comparison c = Comparison.of(was.kept(), now.kept());
        if (now.kept().skin().isEmpty()) {
            said.add(words.say("proof.differs.unread"));
        } else if (c.skin().isEmpty()) {
            said.add(words.say("proof.differs.unmeasured"));
        } else {
            List<String> skin = words.changes(c.skin());
            said.add(
                    skin.isEmpty()
                            ? words.say("proof.differs.sameSkin")
                            : words.say("proof.differs.skin", String.join("; ", skin)));
        }
        base(studio, was, now).ifPresent(said::add);
        if (!now.kept().zones().isEmpty() && !c.gone().isEmpty()) {
            said.add(words.say("proof.differs.gone", ProofView.areas(c.gone(), words)));
        }
        if (!was.kept().zones().isEmpty() && !c.come().isEmpty()) {
            said.add(words.say("proof.differs.come", ProofView.areas(c.come(), words)));
        }
        return said;
    }

    /** How the base of then does on the skin of now. */
    private Optional<String> base(StudioId studio, Proofs.Told was, Proofs.Told now) {
        Kept.Base then = was.kept().base();
        Optional<MatchTarget> target = bases.target(studio, now.sitting().id());
        if (then == null || target.isEmpty()) {
            return Optional.empty();
        }
        double off = then.settled().differenceFrom(target.get().colour());
        String figure = String.format(Locale.ROOT, "%.1f", off);
        if (then.product() == null) {
            return Optional.of(words.say("proof.differs.mix." + Nearness.of(off), then.name(), figure));
        }
        Optional<Shortlist.Ranked> standing =
                bases.standing(studio, now.sitting().id(), then.product());
        if (standing.isEmpty()) {
            return Optional.of(words.say("proof.differs.baseGone", then.name()));
        }
        if (!standing.get().struck().isEmpty()) {
            return Optional.of(words.say("proof.differs.baseStruck", then.name()));
        }
        return Optional.of(
                words.say("proof.differs.base." + Nearness.of(standing.get().difference()), then.name(), figure));
    }
}
