package scree.app.kit;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.StudioId;
import scree.app.web.StaleSave;

/** One product with what it is in a mix: read and saved together. */
@Service
public class Products {
    private final Kit kit;
    private final Formulas formulas;

    Products(Kit kit, Formulas formulas) {
        this.kit = kit;
        this.formulas = formulas;
    }

    /** @throws scree.app.web.NotHere when the studio has no such product */
    @Transactional(readOnly = true)
    public KitRow get(StudioId studio, long id) {
        Product product = kit.get(studio, id);
        return new KitRow(product, formulas.of(studio, product));
    }

    /** Adds a product with what its page said of the mix, and returns its id. */
    @Transactional
    long add(StudioId studio, ProductForm form, Product product) {
        long id = kit.add(studio, product);
        if (!form.packSilent()) {
            formulas.save(studio, form.formula(product.stored(id, 0)));
        }
        return id;
    }

    /** @throws StaleSave when someone else saved either in between; carries the stored {@link KitRow} */
    @Transactional
    void change(StudioId studio, ProductForm form, Product product) {
        try {
            kit.change(studio, product);
            if (!form.packSilent()) {
                formulas.save(studio, form.formula(product));
            }
        } catch (StaleSave stale) {
            throw new StaleSave(get(studio, product.id()));
        }
    }
}
