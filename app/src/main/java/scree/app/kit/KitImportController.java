package scree.app.kit;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
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
import scree.app.look.Figures;
import scree.app.look.Stones;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.web.Once;
import scree.app.web.Words;
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
    private final KitFiles files;
    private final Once once;
    private final Words words;

    KitImportController(KitImports imports, KitFiles files, Once once, Words words) {
        this.imports = imports;
        this.files = files;
        this.once = once;
        this.words = words;
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
        KitFiles.Held held = files.hold(me.studio(), bytes);
        show(model, name, held);
        imports.forget(me);
        if (held.ready()) {
            imports.put(
                    me,
                    name,
                    bytes,
                    held.merge().fresh().size() + held.merge().changed().size());
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
        if (outcome.change() == null) {
            show(model, waiting.name(), outcome.held());
            return AGAIN;
        }
        return "/kit";
    }

    /** Returns "done rows" of an import that is at work, for whoever waits for it. */
    @GetMapping(value = "/progress", produces = MediaType.TEXT_PLAIN_VALUE)
    @ResponseBody
    String progress(@CurrentMember Member me) {
        return imports.progress(me).map(p -> p.done() + " " + p.rows()).orElse("");
    }

    /** One product that a file changes, with what changes in words. */
    record Changed(String name, String was, String will, List<Part> parts) {}

    /** One figure before and after. */
    record Part(String name, String was, String will) {}

    private void show(Model model, String name, KitFiles.Held held) {
        model.addAttribute("fileName", name);
        model.addAttribute(
                "problems",
                held.file().problems().stream().limit(MOST_PROBLEMS_SHOWN).toList());
        model.addAttribute("problemCount", held.file().problems().size());
        KitMerge merge = held.merge();
        if (merge == null) {
            return;
        }
        Stones stones = new Stones();
        model.addAttribute("merge", merge);
        model.addAttribute(
                "swatches",
                merge.fresh().stream()
                        .limit(MOST_SWATCHES)
                        .map(KitRow::product)
                        .map(p ->
                                new Swatch(p.fullName(), stones.pebble(p.stoneId(), 24, 22, 16), Srgb.hex(p.settled())))
                        .toList());
        model.addAttribute(
                "changed",
                merge.changed().stream().limit(MOST_SWATCHES).map(this::changed).toList());
        model.addAttribute(
                "missing", merge.missing().stream().limit(MOST_SWATCHES).toList());
    }

    private Changed changed(KitMerge.Change c) {
        return new Changed(
                c.was().product().fullName(),
                Srgb.hex(c.was().product().settled()),
                Srgb.hex(c.will().product().settled()),
                c.parts().stream()
                        .map(p -> new Part(words.say("kit.column." + p.column()), shown(p.was()), shown(p.will())))
                        .toList());
    }

    private String shown(Object value) {
        if (value == null) {
            return words.say("kit.import.nothing");
        }
        if (value instanceof Boolean yes) {
            return words.say(yes ? "told.YES" : "told.NO");
        }
        if (value instanceof Enum<?> e) {
            return words.say(prefix(e) + "." + e);
        }
        return value instanceof Double number ? Figures.plain(number) : value.toString();
    }

    private static String prefix(Enum<?> value) {
        return value instanceof Measure.By
                ? "measure"
                : value.getDeclaringClass().getSimpleName().toLowerCase(Locale.ROOT);
    }
}
