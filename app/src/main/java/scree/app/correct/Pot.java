package scree.app.correct;

import java.util.Objects;
import scree.app.base.Worn;
import scree.app.kit.Product;
import scree.core.colour.Lab;
import scree.core.cover.Ware;

/**
 * A product as a plan knows it; two of them are one when they are the same product, whatever colour it takes on this skin.
 *
 * @param id its own, or null for a mix or for what is worn as a base and no longer in the kit
 * @param stone the key that its stone keeps in every view
 * @param estimated whether nobody measured what a coat of it hides
 */
public record Pot(Long id, String name, String stone, Lab colour, boolean estimated) {
    /** Returns a product of the kit. */
    public static Pot of(Product p) {
        return new Pot(
                p.id(), p.fullName(), p.stoneId(), p.settled(), p.traits().wornShare() == null);
    }

    /** Returns what is worn as a base, as it was taken; a mix is named by its parts. */
    public static Pot of(Worn worn) {
        Worn.Shade s = worn.shade();
        String name = worn instanceof Worn.Mix ? s.name() : s.fullName();
        return new Pot(s.product(), name, s.stoneId(), s.onSkin(), s.wornShare() == null);
    }

    /** Returns the inner of two tones. */
    public static Pot of(Worn.Inner inner) {
        return new Pot(null, inner.fullName(), inner.line() + "|" + inner.name(), inner.onSkin(), true);
    }

    /** Returns by what a plan by hand names it: its id, null for the base on the face. */
    Long byHand(Ware<Pot> base) {
        return base != null && equals(base.what()) ? null : id;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Pot p && Objects.equals(id, p.id) && (id != null || Objects.equals(name, p.name));
    }

    @Override
    public int hashCode() {
        return Objects.hashCode(id);
    }
}
