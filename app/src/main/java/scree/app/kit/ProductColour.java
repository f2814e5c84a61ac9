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
    private static final Swatch CLEAR = Swatch.of(Lab.of(92, 0, 2));

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
        ProductForm.Colour c = form.colour();
        ProductForm.Way way = c.way() == null ? ProductForm.Way.KEEP : c.way();
        boolean clear = form.label().colourless();
        return switch (way) {
            case KEEP ->
                stored != null ? stored.swatch() : clear ? CLEAR : missing(errors, "colour.way", "kit.colour.none");
            case BESIDE -> c.beside() == null && clear && stored == null ? CLEAR : beside(studio, c, errors);
            case HEX ->
                c.hex() == null || c.hex().isBlank()
                        ? missing(errors, "colour.hex", "kit.colour.noHex")
                        : possible(settled(ProductForm.ofHex(c.hex()), form.form()), "colour.hex", errors);
            case FIGURES -> figures(form, stored, errors);
        };
    }

    private Swatch beside(StudioId studio, ProductForm.Colour c, BindingResult errors) {
        Product other = c.beside() == null ? null : kit.find(studio, c.beside()).orElse(null);
        if (other == null) {
            return missing(errors, "colour.beside", "kit.colour.noOther");
        }
        Beside by = new Beside(c.deeper() == null ? 0 : c.deeper(), c.golden() == null ? 0 : c.golden());
        Lab settled = by.of(other.settled());
        DryDown.Shift shift = DryDown.Shift.between(other.wet(), other.settled());
        return possible(Swatch.of(shift.before(settled), settled), "colour.beside", errors);
    }

    private Swatch figures(ProductForm form, Product stored, BindingResult errors) {
        ProductForm.Colour c = form.colour();
        if (stored != null && c.shows(stored.swatch())) {
            return stored.swatch();
        }
        if (!c.settledWhole()) {
            String field = c.settledL() == null ? "settledL" : c.settledA() == null ? "settledA" : "settledB";
            return missing(errors, "colour." + field, "kit.colour.noFigure");
        }
        Lab settled = Lab.of(c.settledL(), c.settledA(), c.settledB());
        Swatch swatch =
                c.wetGiven() ? Swatch.of(Lab.of(c.wetL(), c.wetA(), c.wetB()), settled) : settled(settled, form.form());
        return possible(swatch, "colour.settledL", errors);
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
