package scree.core.routine;

import scree.core.placement.Family;
import scree.core.shade.Form;

/** The school that an order starts from, with its reason; anyone may choose another. */
public record SchoolChoice(OrderSchool school, Why why) {
    /** Why it was chosen. */
    public enum Why {
        /** Creams on mature, creped or dry skin: no overlap, so that nothing cakes. */
        NOTHING_OVERLAPS,
        /** The base is a powder. */
        POWDER_BASE,
        /** No base is worn, and a bronzer is there to even the skin. */
        NO_BASE,
        USUAL,
        LAST_TIME,
        /** As the artist settled it for all or for this client. */
        METHOD,
        BY_HAND
    }

    /**
     * Returns the default.
     *
     * @param mature whether age or lines ask for care
     */
    public static SchoolChoice of(Needs needs, boolean mature) {
        Needs.Base base = needs.base();
        boolean thirsty = mature || needs.skin().creped() || needs.skin().dry();
        if (base != null && base.form() == Form.POWDER) {
            return thirsty
                    ? new SchoolChoice(OrderSchool.BASE_FIRST, Why.USUAL)
                    : new SchoolChoice(OrderSchool.POWDER_ONLY, Why.POWDER_BASE);
        }
        boolean creams = needs.told(Family.SHADOW) == Needs.Laid.CREAM && needs.told(Family.COLOUR) == Needs.Laid.CREAM;
        if (base != null && thirsty && creams && needs.correction().heavy() == null) {
            return new SchoolChoice(OrderSchool.ONE_LAYER, Why.NOTHING_OVERLAPS);
        }
        boolean bronzed = needs.areas().keySet().stream().anyMatch(a -> a.family() == Family.SUN);
        return base == null && bronzed
                ? new SchoolChoice(OrderSchool.QUICK_GLOW, Why.NO_BASE)
                : new SchoolChoice(OrderSchool.BASE_FIRST, Why.USUAL);
    }
}
