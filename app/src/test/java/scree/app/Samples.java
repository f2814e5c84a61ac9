package scree.app;

import scree.app.kit.Opened;
import scree.app.kit.Product;
import scree.app.kit.Swatch;
import scree.core.colour.Lab;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;

/** Products that several tests need; each test changes what matters to it. */
public final class Samples {
    private Samples() {}

    /** Returns a liquid base in stock that settles one deeper than it comes out. */
    public static Product base(long id, String name, Lab settled, int version) {
        Lab wet = Lab.of(settled.lightness() + 1, settled.a(), settled.b());
        return Product.fresh("Marl", name, Role.BASE, Form.LIQUID, Finish.SATIN, .8, Swatch.of(wet, settled))
                .stored(id, version);
    }

    /** The same opened on a day. */
    public static Product opened(Product product, java.time.LocalDate on, int months) {
        return product.with(new Opened(on, months));
    }
}
