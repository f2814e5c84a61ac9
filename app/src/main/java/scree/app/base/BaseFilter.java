package scree.app.base;

import scree.app.kit.Product;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;
import scree.core.shade.Form;

/** Which bases are listed; null for any. */
public record BaseFilter(Form form, Finish finish, Coverage coverage) {
    public static final BaseFilter ANY = new BaseFilter(null, null, null);

    boolean lets(Product p) {
        return (form == null || p.form() == form)
                && (finish == null || p.finish() == finish)
                && (coverage == null || p.coverage() == coverage);
    }
}
