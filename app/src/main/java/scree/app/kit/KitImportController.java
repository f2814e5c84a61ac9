package scree.app.kit;

import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.io.Serializable;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import scree.app.look.Stones;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.core.colour.Srgb;

/** Brings a kit file in: first a preview with every error, then all of it or nothing. */
@Controller
@RequestMapping("/kit/import")
class KitImportController {
    private static final String WAITING = "kit.import.waiting";
    private static final int MOST_PROBLEMS_SHOWN = 200;
    private static final int MOST_SWATCHES = 48;
    private final Kit kit;
    private final KitCsv csv;

    KitImportController(Kit kit, KitCsv csv) {
        this.kit = kit;
        this.csv = csv;
    }

    /** The file between preview and yes. */
    record Waiting(String name, byte[] bytes) implements Serializable {}

    /** A swatch of the preview. */
    record Swatch(String name, String stone, String colour) {}

    @GetMapping
    String page(HttpSession session) {
        session.removeAttribute(WAITING);
        return "kit/import";
    }

    @PostMapping
    String preview(@CurrentMember Member me, @RequestParam("file") MultipartFile file, HttpSession session, Model model)
            throws IOException {
        KitCsv.Preview preview = csv.read(file.getBytes(), kit.names(me.studio()));
        show(model, file.getOriginalFilename(), preview);
        session.removeAttribute(WAITING);
        if (preview.problems().isEmpty()) {
            session.setAttribute(WAITING, new Waiting(file.getOriginalFilename(), file.getBytes()));
        }
        return "kit/import";
    }

    /** Reads the waiting file again, since the kit may have changed in between, and adds all or nothing. */
    @PostMapping("/yes")
    String yes(@CurrentMember Member me, HttpSession session, Model model) {
        Waiting waiting = (Waiting) session.getAttribute(WAITING);
        if (waiting == null) {
            return "redirect:/kit/import";
        }
        KitCsv.Preview preview = csv.read(waiting.bytes(), kit.names(me.studio()));
        if (!preview.problems().isEmpty()) {
            show(model, waiting.name(), preview);
            return "kit/import";
        }
        kit.addAll(me.studio(), preview.products());
        session.removeAttribute(WAITING);
        return "redirect:/kit?added=" + preview.products().size();
    }

    private static void show(Model model, String name, KitCsv.Preview preview) {
        Stones stones = new Stones();
        List<Swatch> swatches = preview.products().stream()
                .limit(MOST_SWATCHES)
                .map(p -> new Swatch(p.fullName(), stones.pebble(p.stoneId(), 24, 22, 16), Srgb.hex(p.settled())))
                .toList();
        model.addAttribute("fileName", name);
        model.addAttribute("count", preview.products().size());
        model.addAttribute(
                "problems",
                preview.problems().stream().limit(MOST_PROBLEMS_SHOWN).toList());
        model.addAttribute("problemCount", preview.problems().size());
        model.addAttribute("swatches", swatches);
    }
}
