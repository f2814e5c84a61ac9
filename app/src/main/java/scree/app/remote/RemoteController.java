package scree.app.remote;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import scree.app.picture.Upload;
import scree.app.skin.LightWords;
import scree.app.studio.StudioTime;
import scree.core.image.PictureRefused;
import scree.core.light.LightCode;
import scree.core.light.LightVerdict;
import scree.core.reason.Reason;
import scree.core.reason.Severity;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;
import scree.core.skin.SkinType;

/** What a client sees who opens a link: how to take the picture, a check at once, a short form, thanks. */
@Controller
@RequestMapping("/from-home/{token}")
class RemoteController {
    /** What a client can do nothing about, or hears in other words: a strong cast is among the picture's own remarks. */
    private static final Set<LightCode> FOR_THE_ARTIST =
            EnumSet.of(LightCode.COLOUR_UNKNOWN, LightCode.EVEN_DAYLIGHT, LightCode.STRONG_CAST);

    private final RemoteLinks links;
    private final StudioTime time;
    private final LightWords words;

    RemoteController(RemoteLinks links, StudioTime time, LightWords words) {
        this.links = links;
        this.time = time;
        this.words = words;
    }

    /** One remark on the picture. */
    record Said(boolean serious, String words) {}

    @GetMapping
    String page(@PathVariable String token, Model model) {
        model.addAttribute("form", RemoteForm.empty());
        return show(token, links.at(token), model);
    }

    private String show(String token, RemoteLink link, Model model) {
        model.addAttribute("link", link);
        model.addAttribute("zone", time.zone(link.studio()));
        model.addAttribute("token", token);
        model.addAttribute("skinTypes", SkinType.values());
        model.addAttribute("coverages", Coverage.values());
        model.addAttribute("finishes", Finish.ofBases());
        links.checked(link).ifPresent(c -> {
            List<Said> said = said(c);
            model.addAttribute("said", said);
            model.addAttribute("good", said.stream().noneMatch(Said::serious));
            model.addAttribute("version", c.version());
        });
        return "remote/page";
    }

    private List<Said> said(RemoteLinks.Checked checked) {
        List<Said> said = new ArrayList<>();
        for (Reason r : checked.about()) {
            said.add(new Said(
                    r.severity() == Severity.CAUTION,
                    words.say("sent." + r.code().name(), r.args().toArray())));
        }
        if (checked.light() == null) { // nothing was read
            return said;
        }
        LightVerdict light = checked.light();
        light.reasons().stream()
                .filter(r -> !FOR_THE_ARTIST.contains(r.code()))
                .forEach(r -> said.add(new Said(r.severity() == Severity.CAUTION, words.reason(r))));
        return said;
    }

    @PostMapping("/picture")
    String picture(
            @PathVariable String token,
            @RequestParam("picture") MultipartFile file,
            @RequestParam(defaultValue = "") String search,
            @RequestParam(defaultValue = "0") int shown,
            Model model) {
        RemoteLink link = links.at(token);
        try {
            links.picture(link, Upload.of(file), search, shown);
        } catch (PictureRefused refused) {
            model.addAttribute("refused", words.say("picture." + refused.why()));
            return page(token, model);
        }
        return "redirect:/from-home/" + token + "#picture-check";
    }

    @GetMapping("/picture.jpg")
    ResponseEntity<byte[]> thumb(@PathVariable String token) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noStore())
                .body(links.picture(links.at(token)));
    }

    @PostMapping
    String send(
            @PathVariable String token,
            @Valid @ModelAttribute("form") RemoteForm form,
            BindingResult errors,
            Model model) {
        RemoteLink link = links.at(token);
        if (!links.hasPicture(link)) {
            model.addAttribute("refused", words.say("sent.picture.first"));
            return show(token, link, model);
        }
        if (errors.hasErrors()) {
            return show(token, link, model);
        }
        links.send(link, form.answer());
        model.addAttribute("link", link);
        model.addAttribute("zone", time.zone(link.studio()));
        return "remote/thanks";
    }

    @ExceptionHandler(LinkClosed.class)
    String closed(LinkClosed closed, Model model, HttpServletResponse response) {
        response.setStatus(closed.why() == LinkClosed.Why.UNKNOWN ? 404 : 410);
        model.addAttribute("why", words.say("link." + closed.why()));
        return "remote/closed";
    }
}
