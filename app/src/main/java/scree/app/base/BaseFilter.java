package scree.app.base;

import scree.app.kit.Product;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;
import scree.core.shade.Form;

/** What the artist wants of a base; null for anything. */
public record BaseFilter(Form form, Finish finish, Coverage coverage, boolean inStock) {
    boolean lets(Product p) {
        return (form == null || p.form().equals(form.name()))
                && (finish == null || p.finish().equals(finish.name()))
                && (coverage == null || p.coverage() == coverage)
                && (!inStock || p.inStock());
    }
}
