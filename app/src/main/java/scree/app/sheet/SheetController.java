package scree.app.sheet;

import java.util.List;
import java.util.OptionalInt;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.bin.Gone;
import scree.app.kit.Kit;
import scree.app.look.Stones;
import scree.app.picture.Upload;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.StudioTime;
import scree.app.web.BadInput;
import scree.app.web.NotHere;
import scree.app.web.Once;
import scree.app.web.StaleSave;
import scree.core.colour.Srgb;
import scree.core.image.PictureRefused;
import scree.core.image.SheetLayout;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.swatch.SheetRefused;

/** Swatch sheets: printed, photographed just laid and settled, named field by field, taken into the kit. */
@Controller
@RequestMapping("/kit/sheets")
class SheetController {
    private static final int LONGEST_NAME = 60;
    private static final int MOST_FOUND = 8;

    private final Sheets sheets;
    private final SheetPdf pdf;
    private final Kit kit;
    private final Once once;
    private final StudioTime time;
    private final SheetWords words;

    SheetController(Sheets sheets, SheetPdf pdf, Kit kit, Once once, StudioTime time, SheetWords words) {
        this.sheets = sheets;
        this.pdf = pdf;
        this.kit = kit;
        this.once = once;
        this.time = time;
        this.words = words;
    }

    @GetMapping
    String list(@CurrentMember Member me, Model model) {
        model.addAttribute("sheets", sheets.all(me.studio()));
        model.addAttribute("zone", time.zone(me.studio()));
        return "sheet/list";
    }

    @PostMapping
    String add(@CurrentMember Member me, @RequestParam(name = "once", required = false) String token) {
        return "redirect:" + once.only(me.studio(), token, () -> "/kit/sheets/" + sheets.add(me));
    }

    @GetMapping("/{id}")
    String page(
            @CurrentMember Member me, @PathVariable long id, @RequestParam(defaultValue = "1") int field, Model model) {
        fill(me, id, field, model);
        return "sheet/page";
    }

    /** Shows another field. */
    @GetMapping(path = "/{id}", headers = "HX-Request")
    String work(
            @CurrentMember Member me, @PathVariable long id, @RequestParam(defaultValue = "1") int field, Model model) {
        fill(me, id, field, model);
        return "sheet/page :: work";
    }

    private void fill(Member me, long id, int field, Model model) {
        Sheets.Laid laid = sheets.laid(me.studio(), id);
        int chosen = Math.max(1, Math.min(SheetLayout.FIELDS, field));
        model.addAttribute("view", SheetView.of(laid, chosen, when(me, laid.wet()), when(me, laid.settled()), words));
        model.addAttribute("roles", Role.values());
        model.addAttribute("forms", Form.values());
        model.addAttribute("finishes", Finish.values());
    }

    private String when(Member me, java.util.Optional<SheetPicture> picture) {
        return picture.map(p -> words.date("date.moment", p.takenAt().atZoneSameInstant(time.zone(me.studio()))))
                .orElse(null);
    }

    /** The sheet to print, in its true size. */
    @GetMapping("/{id}/sheet.pdf")
    ResponseEntity<byte[]> print(@CurrentMember Member me, @PathVariable long id) {
        SwatchSheet sheet = sheets.get(me.studio(), id);
        SheetPdf.Text text = new SheetPdf.Text(
                words.say("sheet.print.title", sheet.number()),
                words.say("sheet.print.card"),
                List.of(words.say("sheet.print.words").split("\\|")));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("scree-sheet-" + sheet.number() + ".pdf")
                                .build()
                                .toString())
                .body(pdf.write(sheet.number(), text));
    }

    @GetMapping("/{id}/pictures/{picture}.jpg")
    ResponseEntity<byte[]> picture(@CurrentMember Member me, @PathVariable long id, @PathVariable long picture) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .header("X-Content-Type-Options", "nosniff")
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(sheets.jpeg(me.studio(), id, picture));
    }

    // ---- pictures ----

    @PostMapping("/{id}/picture")
    String read(
            @CurrentMember Member me, @PathVariable long id, @RequestParam("file") MultipartFile file, Model model) {
        try {
            Sheets.Read read = sheets.read(me.studio(), id, Upload.of(file));
            SheetPicture.Stage stage = sheets.keep(me.studio(), id, read);
            return "redirect:/kit/sheets/" + id + "?read=" + stage;
        } catch (PictureRefused refused) {
            model.addAttribute("refused", words.say("picture." + refused.why()));
        } catch (SheetRefused refused) {
            model.addAttribute("refused", words.say("sheet.refused." + refused.why()));
        } catch (Sheets.OtherSheet other) {
            model.addAttribute("refused", words.say("sheet.refused.OTHER", other.number()));
            sheets.withNumber(me.studio(), other.number()).ifPresent(s -> model.addAttribute("otherSheet", s));
        }
        return page(me, id, 1, model);
    }

    /** Says that the only picture was taken at the other time. */
    @PostMapping("/{id}/restage")
    String restage(@CurrentMember Member me, @PathVariable long id) {
        sheets.get(me.studio(), id);
        sheets.restage(me.studio(), id);
        return "redirect:/kit/sheets/" + id;
    }

    // ---- fields ----

    /** A product that may lie on a field. */
    record Found(long id, String name, String what, String stone, String colour) {}

    @GetMapping("/{id}/find")
    String find(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam int field,
            @RequestParam(defaultValue = "") String text,
            Model model) {
        sheets.get(me.studio(), id);
        Stones stones = new Stones();
        List<Found> found = text.isBlank()
                ? List.of()
                : kit.named(me.studio(), text, MOST_FOUND).stream()
                        .map(p -> new Found(
                                p.id(),
                                p.fullName(),
                                words.say("role." + p.role()),
                                stones.pebble(p.stoneId(), 24, 20, 15),
                                Srgb.hex(p.settled())))
                        .toList();
        model.addAttribute("found", found);
        model.addAttribute("text", text);
        model.addAttribute("sheetId", id);
        model.addAttribute("number", field);
        return "sheet/page :: found";
    }

    /** Says that a product of the kit lies on a field. */
    @PostMapping("/{id}/lay")
    String lay(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam int field,
            @RequestParam long product,
            Model model) {
        return laid(me, id, field, sheets.lay(me.studio(), id, checked(field), product), model);
    }

    /** What is typed of a new product; kept as it is while it is not whole. */
    record Named(String line, String name, Role role, Form form, Finish finish) {
        SheetField on(int field, boolean thick) {
            return new SheetField(field, null, typed(line), typed(name), role, form, finish, thick, null);
        }

        boolean tooLong() {
            return length(line) > LONGEST_NAME || length(name) > LONGEST_NAME;
        }

        private static int length(String text) {
            return text == null ? 0 : text.strip().length();
        }

        private static String typed(String text) {
            return text == null || text.isBlank() ? null : text.strip();
        }
    }

    /** Names a new product on a field. */
    @PostMapping("/{id}/name")
    String name(@CurrentMember Member me, @PathVariable long id, @RequestParam int field, Named named, Model model) {
        if (named.tooLong()) {
            model.addAttribute("refused", words.say("sheet.name.long", LONGEST_NAME));
            fill(me, id, field, model);
            model.addAttribute("typed", named);
            return "sheet/page :: work";
        }
        SheetField on = named.on(checked(field), Sheets.laidTwice(field, named.role()));
        return laid(me, id, field, sheets.lay(me.studio(), id, on), model);
    }

    /** Says whether a field's product lies on the next one too, laid thick. */
    @PostMapping("/{id}/thick")
    String thick(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam int field,
            @RequestParam boolean thick,
            Model model) {
        SheetField now = sheets.laid(me.studio(), id).fields().get(checked(field));
        if (now == null || field % 2 == 0) {
            throw new NotHere("field");
        }
        return laid(me, id, field, sheets.lay(me.studio(), id, now.lyingThick(thick)), model);
    }

    /** Takes back what was said of a field. */
    @PostMapping("/{id}/clear")
    String clear(@CurrentMember Member me, @PathVariable long id, @RequestParam int field, Model model) {
        sheets.clear(me.studio(), id, checked(field));
        return work(me, id, field, model);
    }

    private String laid(Member me, long id, int field, OptionalInt already, Model model) {
        if (already.isPresent()) {
            model.addAttribute("refused", words.say("sheet.twice", already.getAsInt()));
        }
        return work(me, id, field, model);
    }

    private static int checked(int field) {
        if (field < 1 || field > SheetLayout.FIELDS) {
            throw new BadInput("field", "input.mismatch");
        }
        return field;
    }

    // ---- the kit ----

    /** Puts what was read of some fields into the kit. */
    @PostMapping("/{id}/take")
    String take(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam List<Integer> numbers,
            @RequestParam(defaultValue = "1") int field,
            @RequestParam(defaultValue = "false") boolean asWorn,
            Model model) {
        try {
            List<String> taken = sheets.take(me, id, numbers, asWorn);
            model.addAttribute(
                    "done",
                    taken.size() == 1
                            ? words.say("sheet.took.one", taken.get(0))
                            : words.say("sheet.took", taken.size()));
        } catch (DuplicateKeyException e) {
            model.addAttribute("refused", words.say("kit.taken"));
        } catch (StaleSave stale) {
            model.addAttribute("refused", words.say("swatch.stale"));
        }
        return work(me, id, field, model);
    }

    /** Deletes a sheet; it can be brought back for thirty days. What the kit took from it stays there. */
    @PostMapping("/{id}/delete")
    String delete(@CurrentMember Member me, @PathVariable long id, RedirectAttributes next) {
        SwatchSheet sheet = sheets.get(me.studio(), id);
        sheets.delete(me.studio(), id);
        next.addFlashAttribute("gone", new Gone(sheets.kind(), id, words.say("sheet.name", sheet.number())));
        return "redirect:/kit/sheets";
    }
}
