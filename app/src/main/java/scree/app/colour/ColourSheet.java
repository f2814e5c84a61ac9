package scree.app.colour;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import scree.core.harmony.ColourFamily;
import scree.core.harmony.Part;
import scree.core.judge.RoleWish.LipLook;
import scree.core.placement.FacePaint.Eyes;
import scree.core.placement.FacePaint.Lips;

/**
 * What an artist chose of colour; null where it is left to Scree.
 *
 * @param families by part, cheeks and lips alike while one family is worn
 * @param two whether cheeks and lips may be of two families
 * @param turn steps of cooler (minus) or warmer over the lip, −3 to 3
 * @param products chosen by hand
 * @param off parts that stay bare
 */
public record ColourSheet(
        Map<Part, ColourFamily> families,
        boolean two,
        LipLook look,
        Lips lips,
        Eyes eyes,
        int turn,
        Map<Part, Long> products,
        Set<Part> off) {
    static final int MOST_TURN = 3;

    public ColourSheet {
        families = families == null ? Map.of() : Map.copyOf(families);
        look = look == null ? LipLook.NATURAL : look;
        lips = lips == null ? Lips.NATURAL : lips;
        eyes = eyes == null ? Eyes.LIGHT : eyes;
        products = products == null ? Map.of() : Map.copyOf(products);
        off = off == null ? Set.of() : Set.copyOf(off);
        if (Math.abs(turn) > MOST_TURN) {
            throw new IllegalArgumentException("a lip is turned by at most %d steps".formatted(MOST_TURN));
        }
    }

    static ColourSheet usual() {
        return new ColourSheet(Map.of(), false, null, null, null, 0, Map.of(), Set.of());
    }

    /** Takes a family for a part, for cheeks and lips together while one family is worn; hand-picked products of it give way. */
    ColourSheet family(Part part, ColourFamily family) {
        Map<Part, ColourFamily> now = new EnumMap<>(Part.class);
        now.putAll(families);
        Map<Part, Long> kept = new EnumMap<>(Part.class);
        kept.putAll(products);
        for (Part p : two ? Set.of(part) : Set.of(Part.CHEEK, Part.LIP)) {
            now.put(p, family);
            kept.remove(p);
        }
        return new ColourSheet(now, two, look, lips, eyes, turn, kept, off);
    }

    ColourSheet twoFamilies(boolean other) {
        Map<Part, ColourFamily> now = new EnumMap<>(Part.class);
        now.putAll(families);
        if (!other && now.containsKey(Part.LIP)) {
            now.put(Part.CHEEK, now.get(Part.LIP));
        }
        return new ColourSheet(now, other, look, lips, eyes, turn, products, off);
    }

    ColourSheet with(LipLook other) {
        return new ColourSheet(families, two, other, lips, eyes, turn, products, off);
    }

    ColourSheet with(Lips other) {
        return new ColourSheet(families, two, look, other, eyes, turn, products, off);
    }

    ColourSheet with(Eyes other) {
        return new ColourSheet(families, two, look, lips, other, turn, products, off);
    }

    /** Turns the lip by some steps more. */
    ColourSheet turned(int by) {
        int now = Math.max(-MOST_TURN, Math.min(MOST_TURN, turn + by));
        return new ColourSheet(families, two, look, lips, eyes, now, products, off);
    }

    /** Chooses a product; null leaves it to Scree. */
    ColourSheet using(Part part, Long product) {
        Map<Part, Long> now = new EnumMap<>(Part.class);
        now.putAll(products);
        if (product == null) {
            now.remove(part);
        } else {
            now.put(part, product);
        }
        return new ColourSheet(families, two, look, lips, eyes, turn, now, off);
    }

    ColourSheet toggled(Part part) {
        Set<Part> now = off.isEmpty() ? EnumSet.noneOf(Part.class) : EnumSet.copyOf(off);
        if (!now.remove(part)) {
            now.add(part);
        }
        return new ColourSheet(families, two, look, lips, eyes, turn, products, now);
    }
}
