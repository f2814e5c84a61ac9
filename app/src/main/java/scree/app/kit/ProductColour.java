package scree.app.kit;

import org.springframework.stereotype.Component;
import org.springframework.validation.BindingResult;
import scree.app.studio.StudioId;
import scree.app.web.Words;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.shade.Beside;
import scree.core.shade.DryDown;
import scree.core.shade.Form;

/** Works out a product's colours from the way in which its page tells them. */
@Component
class ProductColour {
    /** Of a product without a colour of its own: nothing is computed with it. House choice: a clear gel on a white plate. */
    static final Swatch CLEAR = Swatch.of(Lab.of(92, 0, 2));

    private final Kit kit;
    private final Words words;

    ProductColour(Kit kit, Words words) {
        this.kit = kit;
        this.words = words;
    }

    /**
     * Returns the colours; an error at its field when they cannot be told.
     *
     * @param stored as it is, or null for a new product
     * @param errors gets what is to be mended
     * @return null when there is an error
     */
    Swatch of(StudioId studio, ProductForm form, Product stored, BindingResult errors) {
        ProductForm.Way way = form.way() == null ? ProductForm.Way.KEEP : form.way();
        boolean clear = form.clear();
        return switch (way) {
            case KEEP -> stored != null ? stored.swatch() : clear ? CLEAR : missing(errors, "way", "kit.colour.none");
            case BESIDE -> form.beside() == null && clear && stored == null ? CLEAR : beside(studio, form, errors);
            case HEX ->
                form.hex() == null || form.hex().isBlank()
                        ? missing(errors, "hex", "kit.colour.noHex")
                        : possible(settled(ProductForm.ofHex(form.hex()), form.form()), "hex", errors);
            case FIGURES -> figures(form, stored, errors);
        };
    }

    private Swatch beside(StudioId studio, ProductForm form, BindingResult errors) {
        Product other =
                form.beside() == null ? null : kit.find(studio, form.beside()).orElse(null);
        if (other == null) {
            return missing(errors, "beside", "kit.colour.noOther");
        }
        Beside by = new Beside(orNone(form.deeper()), orNone(form.golden()));
        Lab settled = by.of(other.settled());
        DryDown.Shift shift = DryDown.Shift.between(other.wet(), other.settled());
        return possible(Swatch.of(shift.before(settled), settled), "beside", errors);
    }

    private static int orNone(Integer steps) {
        return steps == null ? 0 : steps;
    }

    private Swatch figures(ProductForm form, Product stored, BindingResult errors) {
        if (stored != null && form.shows(stored.swatch())) {
            return stored.swatch();
        }
        if (!form.settledWhole()) {
            String field = form.settledL() == null ? "settledL" : form.settledA() == null ? "settledA" : "settledB";
            return errors.hasFieldErrors(field) ? null : missing(errors, field, "kit.colour.noFigure");
        }
        Lab settled = Lab.of(form.settledL(), form.settledA(), form.settledB());
        Swatch swatch = form.wetGiven()
                ? Swatch.of(Lab.of(form.wetL(), form.wetA(), form.wetB()), settled)
                : settled(settled, form.form());
        return possible(swatch, "settledL", errors);
    }

    /** It settles as its form usually does. */
    private static Swatch settled(Lab settled, Form form) {
        return Swatch.of((form == null ? DryDown.Shift.NONE : form.usualShift()).before(settled), settled);
    }

    private Swatch possible(Swatch swatch, String field, BindingResult errors) {
        return LeastSlope.spectrumOf(swatch.settled()).isPresent()
                ? swatch
                : missing(errors, field, "kit.colour.impossible");
    }

    private Swatch missing(BindingResult errors, String field, String code) {
        errors.rejectValue(field, code, words.say(code));
        return null;
    }
}
