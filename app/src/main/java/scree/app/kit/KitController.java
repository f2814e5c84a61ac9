package scree.app.kit;

import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.bin.Gone;
import scree.app.look.Drawn;
import scree.app.look.Stones;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.StudioTime;
import scree.app.web.Once;
import scree.app.web.StaleSave;
import scree.app.web.Words;
import scree.core.colour.Srgb;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.skin.Depth;
import scree.core.skin.Undertone;

/** The kit: a list with swatches, one product's form, files out. */
@Controller
@RequestMapping("/kit")
class KitController {
    private final Kit kit;
    private final Catalogue catalogue;
    private final Formulas formulas;
    private final KitCsv csv;
    private final Once once;
    private final StudioTime time;
    private final Words words;

    KitController(
            Kit kit, Catalogue catalogue, Formulas formulas, KitCsv csv, Once once, StudioTime time, Words words) {
        this.once = once;
        this.kit = kit;
        this.catalogue = catalogue;
        this.formulas = formulas;
        this.csv = csv;
        this.time = time;
        this.words = words;
    }

    /** One product in the list. */
    record Row(
            long id,
            String name,
            String what,
            String drawing,
            String until,
            boolean past,
            boolean inStock,
            boolean badDate) {}

    @GetMapping
    String list(@CurrentMember Member me, KitQuery query, @RequestParam(defaultValue = "0") int page, Model model) {
        Kit.Page shown = catalogue.page(me.studio(), query, page);
        model.addAttribute("query", query);
        model.addAttribute("roles", Role.values());
        model.addAttribute("forms", Form.values());
        model.addAttribute("finishes", Finish.values());
        model.addAttribute("depths", Depth.values());
        model.addAttribute("families", Undertone.Family.values());
        model.addAttribute("states", KitQuery.State.values());
        model.addAttribute("sorts", KitQuery.Sort.values());
        model.addAttribute("page", shown);
        model.addAttribute(
                "rows",
                shown.products().stream()
                        .map(p -> row(p, time.today(me.studio())))
                        .toList());
        return "kit/list";
    }

    private Row row(Product p, LocalDate today) {
        Stones stones = new Stones();
        LocalDate until = p.opened().until();
        String what = say("role." + p.role()) + ", "
                + say("form." + p.form()).toLowerCase(words.locale()) + ", "
                + say("finish." + p.finish()).toLowerCase(words.locale());
        return new Row(
                p.id(),
                p.fullName(),
                what,
                new Drawn()
                        .shade(stones.pebble(p.stoneId(), 56, 22, 12), Srgb.hex(p.wet()))
                        .stone(stones.pebble(p.stoneId(), 24, 22, 17), Srgb.hex(p.settled()))
                        .toString(),
                until == null ? null : until.toString(),
                until != null && until.isBefore(today),
                p.inStock(),
                p.opened().bad());
    }

    @GetMapping("/new")
    String blank(Model model) {
        model.addAttribute("form", ProductForm.empty());
        return choices(model);
    }

    @PostMapping("/new")
    String add(
            @CurrentMember Member me,
            @Valid @ModelAttribute("form") ProductForm form,
            BindingResult errors,
            @RequestParam(name = "once", required = false) String token,
            Model model) {
        if (errors.hasErrors()) {
            return choices(model);
        }
        try {
            return "redirect:" + once.only(me.studio(), token, () -> added(me, form));
        } catch (DuplicateKeyException e) {
            errors.rejectValue("name", "kit.taken", say("kit.taken"));
            return choices(model);
        }
    }

    private String added(Member me, ProductForm form) {
        kit.add(me.studio(), form.product(0));
        return "/kit?find=" + encoded(form.line().strip() + " " + form.name().strip());
    }

    /** Deletes a product; it can be brought back for thirty days. */
    @PostMapping("/{id}/delete")
    String delete(@CurrentMember Member me, @PathVariable long id, RedirectAttributes next) {
        Product product = kit.get(me.studio(), id);
        kit.delete(me.studio(), id);
        next.addFlashAttribute("gone", new Gone(kit.kind(), id, product.fullName()));
        return "redirect:/kit";
    }

    @GetMapping("/{id}")
    String edit(@CurrentMember Member me, @PathVariable long id, Model model) {
        Product product = kit.get(me.studio(), id);
        model.addAttribute("product", product);
        model.addAttribute("form", ProductForm.of(product));
        return choices(model);
    }

    @PostMapping("/{id}")
    String change(
            @CurrentMember Member me,
            @PathVariable long id,
            @Valid @ModelAttribute("form") ProductForm form,
            BindingResult errors,
            Model model) {
        Product product = kit.get(me.studio(), id);
        model.addAttribute("product", product);
        if (errors.hasErrors()) {
            return choices(model);
        }
        try {
            kit.change(me.studio(), form.over(product));
        } catch (StaleSave stale) {
            model.addAttribute("stored", ProductForm.of((Product) stale.stored()));
            return choices(model);
        } catch (DuplicateKeyException e) {
            errors.rejectValue("name", "kit.taken", say("kit.taken"));
            return choices(model);
        }
        return "redirect:/kit?find="
                + encoded(form.line().strip() + " " + form.name().strip());
    }

    private static String encoded(String text) {
        return java.net.URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private static String choices(Model model) {
        model.addAttribute("roles", Role.values());
        model.addAttribute("forms", Form.values());
        model.addAttribute("finishes", Finish.values());
        return "kit/edit";
    }

    @GetMapping("/export.csv")
    ResponseEntity<byte[]> export(@CurrentMember Member me) {
        Map<Long, Formula> formulas = this.formulas.recorded(me.studio());
        List<KitRow> rows = kit.all(me.studio()).stream()
                .map(p -> new KitRow(p, formulas.get(p.id())))
                .toList();
        return file(csv.write(rows), "text/csv", "kit.csv");
    }

    /** Shades as a GIMP palette, settled colours. */
    @GetMapping("/palette.gpl")
    ResponseEntity<byte[]> palette(@CurrentMember Member me) {
        StringBuilder gpl = new StringBuilder("GIMP Palette\nName: Kit\nColumns: 6\n#\n");
        List<Product> all = kit.all(me.studio());
        for (Product p : all) {
            int rgb = Integer.parseInt(Srgb.hex(p.settled()).substring(1), 16);
            gpl.append("%3d %3d %3d\t%s%n"
                    .formatted(
                            rgb >> 16, rgb >> 8 & 0xff, rgb & 0xff, p.fullName().replaceAll("\\s+", " ")));
        }
        return file(gpl.toString(), "text/plain", "kit.gpl");
    }

    private static ResponseEntity<byte[]> file(String text, String type, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type + ";charset=UTF-8"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }

    private String say(String key) {
        return words.say(key);
    }
}
