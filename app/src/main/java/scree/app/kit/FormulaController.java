package scree.app.kit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.web.StaleSave;
import scree.core.mix.Carrier;

/** What a product is in a mix, and what stripes taught of it. */
@Controller
@RequestMapping("/kit/{id}/formula")
class FormulaController {
    private final Kit kit;
    private final Formulas formulas;
    private final DryDowns dryDowns;

    FormulaController(Kit kit, Formulas formulas, DryDowns dryDowns) {
        this.kit = kit;
        this.formulas = formulas;
        this.dryDowns = dryDowns;
    }

    /** The figures that can be typed; the strength is learned. */
    record FormulaForm(
            @NotNull Carrier carrier,
            @DecimalMin("0.2") @DecimalMax("5") Double density,
            @DecimalMin("0") @DecimalMax("100000") Double price,
            @DecimalMin("0.1") @DecimalMax("5000") Double contentMl,
            int version) {
        static FormulaForm of(Formula f) {
            return new FormulaForm(f.carrier(), f.density(), f.price(), f.contentMl(), f.version());
        }
    }

    @GetMapping
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        Product product = kit.get(me.studio(), id);
        model.addAttribute("form", FormulaForm.of(formulas.of(me.studio(), product)));
        return fill(me, product, model);
    }

    @PostMapping
    String save(
            @CurrentMember Member me,
            @PathVariable long id,
            @Valid @ModelAttribute("form") FormulaForm form,
            BindingResult errors,
            Model model) {
        Product product = kit.get(me.studio(), id);
        if (errors.hasErrors()) {
            return fill(me, product, model);
        }
        try {
            formulas.save(
                    me.studio(),
                    new Formula(
                            id,
                            form.carrier(),
                            form.density(),
                            form.price(),
                            form.contentMl(),
                            1,
                            form.version(),
                            false));
        } catch (StaleSave meanwhile) {
            model.addAttribute("stored", FormulaForm.of((Formula) meanwhile.stored()));
            return fill(me, product, model);
        }
        return "redirect:/kit/" + id + "/formula?saved";
    }

    /** Takes one observation of a stripe back. */
    @PostMapping("/forget")
    String forget(@CurrentMember Member me, @PathVariable long id, @RequestParam long seen) {
        dryDowns.forget(me.studio(), id, seen);
        return "redirect:/kit/" + id + "/formula";
    }

    private String fill(Member me, Product product, Model model) {
        Formula formula = formulas.of(me.studio(), product);
        model.addAttribute("product", product);
        model.addAttribute("formula", formula);
        model.addAttribute("carriers", Carrier.values());
        model.addAttribute("seen", dryDowns.of(me.studio(), product.id()));
        model.addAttribute("minutes", product.form().dryDownMinutes());
        return "kit/formula";
    }
}
