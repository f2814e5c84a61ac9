package scree.app.kit;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.multipart.MultipartFile;
import scree.app.look.Stones;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.web.Once;
import scree.core.colour.Srgb;

/** Brings a kit file in: first a preview with every error, then all of it or nothing. */
@Controller
@RequestMapping("/kit/import")
class KitImportController {
    private static final int MOST_PROBLEMS_SHOWN = 200;
    private static final int MOST_SWATCHES = 48;
    private static final int LONGEST_NAME = 200;
    private static final String AGAIN = "again";
    private final KitImports imports;
    private final Kit kit;
    private final KitCsv csv;
    private final Once once;

    KitImportController(KitImports imports, Kit kit, KitCsv csv, Once once) {
        this.imports = imports;
        this.kit = kit;
        this.csv = csv;
        this.once = once;
    }

    /** A swatch of the preview. */
    record Swatch(String name, String stone, String colour) {}

    @GetMapping
    String page(@CurrentMember Member me) {
        imports.forget(me);
        return "kit/import";
    }

    @PostMapping
    String preview(@CurrentMember Member me, @RequestParam("file") MultipartFile file, Model model) throws IOException {
        byte[] bytes = file.getBytes();
        String name = name(file);
        KitCsv.Preview preview = csv.read(bytes, kit.names(me.studio()));
        show(model, name, preview);
        imports.forget(me);
        if (preview.problems().isEmpty()) {
            imports.put(me, name, bytes, preview.products().size());
        }
        return "kit/import";
    }

    private static String name(MultipartFile file) {
        String name = file.getOriginalFilename() == null ? "" : file.getOriginalFilename();
        return name.substring(0, Math.min(LONGEST_NAME, name.length()));
    }

    /** Adds all or nothing, once: a second press gets the outcome of the first. */
    @PostMapping("/yes")
    String yes(@CurrentMember Member me, @RequestParam(name = "once", required = false) String token, Model model) {
        Optional<KitImports.Waiting> waiting = imports.waiting(me);
        String next = once.only(
                me.studio(),
                token,
                () -> waiting.map(w -> bringIn(me, w, model)).orElse("/kit/import"));
        if (next.equals(AGAIN)) {
            return "kit/import";
        }
        imports.forget(me);
        return "redirect:" + next;
    }

    private String bringIn(Member me, KitImports.Waiting waiting, Model model) {
        KitImports.Outcome outcome = imports.bringIn(me, waiting);
        if (!outcome.brought()) {
            show(model, waiting.name(), outcome.preview());
            return AGAIN;
        }
        return "/kit?added=" + outcome.preview().products().size();
    }

    /** Returns "done rows" of an import that is at work, for whoever waits for it. */
    @GetMapping(value = "/progress", produces = MediaType.TEXT_PLAIN_VALUE)
    @ResponseBody
    String progress(@CurrentMember Member me) {
        return imports.progress(me).map(p -> p.done() + " " + p.rows()).orElse("");
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
