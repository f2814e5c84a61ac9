package scree.app.kit;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BeanPropertyBindingResult;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import scree.app.bin.Gone;
import scree.app.look.Stones;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.Once;
import scree.app.web.StaleSave;
import scree.app.web.Words;
import scree.core.care.AllergenFamily;
import scree.core.colour.Srgb;
import scree.core.mix.Carrier;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Told;

/** One product: what it looks like first, then what it is, and where its colour comes from. */
@Controller
@RequestMapping("/kit")
class ProductController {
    private static final int FOUND = 6;
    private static final String PAGE = "kit/product";
    private static final List<String> OF_THE_COLOUR =
            List.of("hex", "deeper", "golden", "settledL", "settledA", "settledB", "wetL", "wetA", "wetB", "form");

    private final Products products;
    private final ProductColour colours;
    private final Kit kit;
    private final DryDowns dryDowns;
    private final Once once;
    private final Words words;

    ProductController(Products products, ProductColour colours, Kit kit, DryDowns dryDowns, Once once, Words words) {
        this.products = products;
        this.colours = colours;
        this.kit = kit;
        this.dryDowns = dryDowns;
        this.once = once;
        this.words = words;
    }

    @GetMapping("/new")
    String blank(@CurrentMember Member me, @RequestParam(defaultValue = "BASE") Role role, Model model) {
        return page(me.studio(), ProductForm.empty(role), null, model);
    }

    @PostMapping("/new")
    String add(
            @CurrentMember Member me,
            @Valid @ModelAttribute("form") ProductForm form,
            BindingResult errors,
            @RequestParam(name = "once", required = false) String token,
            Model model) {
        Swatch swatch = legible(errors) ? colours.of(me.studio(), form, null, errors) : null;
        if (errors.hasErrors()) {
            return page(me.studio(), form, null, model);
        }
        try {
            return "redirect:"
                    + once.only(me.studio(), token, () -> {
                        long id = products.add(me.studio(), form, form.product(null, swatch));
                        return "/kit/" + id + "?saved";
                    });
        } catch (DuplicateKeyException e) {
            errors.rejectValue("name", "kit.taken", words.say("kit.taken"));
            return page(me.studio(), form, null, model);
        }
    }

    @GetMapping("/{id}")
    String show(@CurrentMember Member me, @PathVariable long id, Model model) {
        KitRow row = products.get(me.studio(), id);
        return page(me.studio(), ProductForm.of(row.product(), row.formula()), row, model);
    }

    @PostMapping("/{id}")
    String change(
            @CurrentMember Member me,
            @PathVariable long id,
            @Valid @ModelAttribute("form") ProductForm form,
            BindingResult errors,
            Model model) {
        KitRow row = products.get(me.studio(), id);
        Swatch swatch = legible(errors) ? colours.of(me.studio(), form, row.product(), errors) : null;
        if (errors.hasErrors()) {
            return page(me.studio(), form, row, model);
        }
        try {
            products.change(me.studio(), form, form.product(row.product(), swatch));
        } catch (StaleSave stale) {
            KitRow stored = (KitRow) stale.stored();
            model.addAttribute("stored", ProductForm.of(stored.product(), stored.formula()));
            return page(me.studio(), form, row, model);
        } catch (DuplicateKeyException e) {
            errors.rejectValue("name", "kit.taken", words.say("kit.taken"));
            return page(me.studio(), form, row, model);
        }
        return "redirect:/kit/" + id + "?saved";
    }

    /** What is wrong elsewhere does not hide what is wrong with the colour; a value that cannot be read at all does. */
    private static boolean legible(BindingResult errors) {
        return errors.getTarget() != null && OF_THE_COLOUR.stream().noneMatch(errors::hasFieldErrors);
    }

    /** Shows what the page tells so far, before anything is saved. */
    @GetMapping({"/new/look", "/{id}/look"})
    String look(
            @CurrentMember Member me,
            @PathVariable(required = false) Long id,
            @Valid @ModelAttribute("form") ProductForm form,
            BindingResult errors,
            Model model) {
        KitRow row = id == null ? null : products.get(me.studio(), id);
        look(me.studio(), form, row, errors, model);
        return PAGE + " :: look";
    }

    /** Finds products that a new colour may stand beside. */
    @GetMapping("/beside")
    String beside(@CurrentMember Member me, @RequestParam(defaultValue = "") String text, Model model) {
        model.addAttribute("found", text.isBlank() ? List.of() : found(kit.named(me.studio(), text, FOUND)));
        model.addAttribute("asked", text);
        return PAGE + " :: neighbours";
    }

    /** Deletes a product; it can be brought back for thirty days. */
    @PostMapping("/{id}/delete")
    String delete(@CurrentMember Member me, @PathVariable long id, RedirectAttributes next) {
        Product product = kit.get(me.studio(), id);
        kit.delete(me.studio(), id);
        next.addFlashAttribute("gone", new Gone(kit.kind(), id, product.fullName()));
        return "redirect:/kit";
    }

    /** Takes one observation of a stripe back. */
    @PostMapping("/{id}/forget")
    String forget(@CurrentMember Member me, @PathVariable long id, @RequestParam long seen) {
        dryDowns.forget(me.studio(), id, seen);
        return "redirect:/kit/" + id + "#dry-down";
    }

    /** A product that another one may be told by. */
    record Neighbour(long id, String name, String stone, String colour) {}

    private static List<Neighbour> found(List<Product> products) {
        Stones stones = new Stones();
        return products.stream()
                .map(p -> new Neighbour(
                        p.id(), p.fullName(), stones.pebble(p.stoneId(), 17, 15, 11), Srgb.hex(p.settled())))
                .toList();
    }

    private void look(StudioId studio, ProductForm form, KitRow row, BindingResult errors, Model model) {
        Product stored = row == null ? null : row.product();
        boolean clear = form != null && form.clear();
        Swatch swatch = form == null || errors.hasErrors() || clear ? null : colours.of(studio, form, stored, errors);
        if (swatch != null) {
            ProductLook.of(form.product(stored, swatch)).ifPresent(l -> model.addAttribute("look", l));
        }
        model.addAttribute("clear", clear);
        model.addAttribute("product", stored);
    }

    /** @param form null when a figure in it could not be read; the page then shows what was typed all the same */
    private String page(StudioId studio, ProductForm form, KitRow row, Model model) {
        if (!model.containsAttribute("form")) { // one that is there carries what is to be mended
            model.addAttribute("form", form);
        }
        Object told = model.getAttribute(BindingResult.MODEL_KEY_PREFIX + "form");
        look(
                studio,
                form,
                row,
                told instanceof BindingResult errors ? errors : new BeanPropertyBindingResult(form, "form"),
                model);
        model.addAttribute("roles", Role.values());
        model.addAttribute("forms", Form.values());
        model.addAttribute("finishes", Finish.values());
        model.addAttribute("stocks", Stock.values());
        model.addAttribute("carriers", Carrier.values());
        model.addAttribute("tolds", Told.values());
        model.addAttribute("families", AllergenFamily.values());
        if (form != null && form.beside() != null) {
            model.addAttribute(
                    "found", found(kit.find(studio, form.beside()).stream().toList()));
        }
        if (row != null) {
            model.addAttribute("formula", row.formula());
            model.addAttribute("seen", dryDowns.of(studio, row.product().id()));
            model.addAttribute("minutes", row.product().form().dryDownMinutes());
        }
        return PAGE;
    }
}
