package scree.app.place;

import scree.app.judge.RoleShelf;
import scree.app.kit.Product;
import scree.core.judge.LaidProduct;
import scree.core.judge.Verdict;
import scree.core.placement.Dose;
import scree.core.placement.PlacedZone;

/**
 * A zone with the product that it takes from this kit and its dose; all null when nothing in the kit looks right there and the artist chose
 * nothing.
 *
 * @param verdict of the product at a usual strength
 * @param answer what the kit has for its role
 */
public record WorkedZone(
        int number,
        PlacedZone zone,
        Product product,
        LaidProduct laid,
        Dose dose,
        Verdict verdict,
        RoleShelf.Answer answer) {
    WorkedZone numbered(int as) {
        return new WorkedZone(as, zone, product, laid, dose, verdict, answer);
    }
}
