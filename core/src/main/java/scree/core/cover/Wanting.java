package scree.core.cover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;

/**
 * What to buy for a place that a kit does not bring back safely: tried by adding it and searching again.
 *
 * @param role concealer or corrector
 * @param colour it would have to be
 * @param leaning in the craft's words, for a corrector
 * @param left ΔE00 with it
 */
public record Wanting(Role role, Lab colour, Leaning leaning, double left) {
    /** Cover of what is tried, contrast ratio: a dense concealer, a usual corrector. House choices. */
    private static final double CONCEALER = .93;

    private static final double CORRECTOR = .80;

    /** Returns the first that helps: a concealer of what the place has to look like, then the ideal corrector. */
    public static <T> Optional<Wanting> of(Place<T> place, List<Ware<T>> kit) {
        Lab target = place.target().toLab();
        Optional<Wanting> concealer = tried(place, kit, Role.CONCEALER, target, null, CONCEALER);
        if (concealer.isPresent()) {
            return concealer;
        }
        Ideal ideal = Ideal.of(place);
        return tried(place, kit, Role.CORRECTOR, ideal.colour(), ideal.leaning(), CORRECTOR);
    }

    private static <T> Optional<Wanting> tried(
            Place<T> place, List<Ware<T>> kit, Role role, Lab colour, Leaning leaning, double contrast) {
        List<Ware<T>> more = new ArrayList<>(kit);
        more.add(new Ware<>(null, "", role, Form.CREAM, UsualCoat.of(Form.CREAM, colour, contrast)));
        return CoverSearch.of(place, more)
                .plan()
                .filter(p -> p.level() == CoverPlan.Level.SAFE)
                .map(p -> new Wanting(role, colour, leaning, p.left()));
    }
}
