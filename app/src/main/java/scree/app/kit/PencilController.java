package scree.app.kit;

import jakarta.validation.Valid;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;
import scree.app.web.Words;
import scree.core.colour.LeastSlope;
import scree.core.shade.PencilLine;
import scree.core.shade.UsualCoat;

/** Measures what a usual coat of a product hides on a face, by a pencil line on the wrist under one coat. */
@Controller
@RequestMapping("/kit/{id}/pencil")
class PencilController {
    private final Kit kit;
    private final Words words;

    PencilController(Kit kit, Words words) {
        this.kit = kit;
        this.words = words;
    }

    @GetMapping
    String page(@CurrentMember Member me, @PathVariable long id, Model model) {
        return page(covering(me, id), PencilForm.empty(), null, model);
    }

    /** Reads the line and keeps what it tells. */
    @PostMapping
    String read(
            @CurrentMember Member me,
            @PathVariable long id,
            @Valid @ModelAttribute("form") PencilForm form,
            BindingResult errors,
            Model model) {
        Product product = covering(me, id);
        if (errors.hasErrors()) {
            return page(product, form, null, model);
        }
        PencilLine line = form.line();
        if (!line.tells()) {
            return page(product, form, words.say("pencil.faint", PencilLine.LEAST_LINE), model);
        }
        Optional<Double> share =
                line.wornShare(UsualCoat.of(product.form(), product.settled(), product.contrastRatio()));
        if (share.isEmpty()) {
            return page(product, form, words.say("pencil.impossible", percent(line.left())), model);
        }
        return keep(me, product, share.get(), form, model);
    }

    /** Goes back to the estimate. */
    @PostMapping("/forget")
    String forget(@CurrentMember Member me, @PathVariable long id, Model model) {
        return keep(me, covering(me, id), null, PencilForm.empty(), model);
    }

    private String keep(Member me, Product product, Double share, PencilForm form, Model model) {
        try {
            kit.change(me.studio(), product.with(product.traits().worn(share)));
        } catch (StaleSave stale) {
            return page(product, form, words.say("pencil.stale"), model);
        }
        return "redirect:/kit/" + product.id() + "/pencil";
    }

    /** Tools hide nothing, and of a colour that no product can have no coat is known. */
    private Product covering(Member me, long id) {
        Product product = kit.get(me.studio(), id);
        if (product.role().thing() || LeastSlope.spectrumOf(product.settled()).isEmpty()) {
            throw new NotHere("product");
        }
        return product;
    }

    private static long percent(double share) {
        return Math.round(100 * share);
    }

    private String page(Product product, PencilForm form, String refused, Model model) {
        model.addAttribute("product", product);
        if (!model.containsAttribute("form")) { // one that is there carries what is to be mended
            model.addAttribute("form", form);
        }
        model.addAttribute("refused", refused);
        Double share = product.traits().wornShare();
        model.addAttribute(
                "now",
                share == null
                        ? words.say("pencil.estimated", percent(UsualCoat.ESTIMATED))
                        : words.say("pencil.measured", percent(share)));
        model.addAttribute("measured", share != null);
        return "kit/pencil";
    }
}
