package scree.app.proof;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import scree.core.colour.Lab;
import scree.core.face.Side;
import scree.core.light.LightVerdict;
import scree.core.placement.Area;
import scree.core.placement.Family;
import scree.core.skin.SkinReading;
import scree.core.skin.Zone;

/**
 * What a sitting was, as it was when it ended: light, skin, base, placement as drawn; products by their names then. A field is null, a list empty,
 * where nothing was decided.
 *
 * @param careful what the client told of allergies and reactions, in their words
 * @param skinWords what the reading says, in words of the day
 */
record Kept(
        String careful,
        LightVerdict.Grade light,
        SkinReading.Trust trust,
        Map<Zone, Lab> skin,
        String skinWords,
        Base base,
        List<Drawn> zones) {
    Kept {
        Map<Zone, Lab> sorted = new EnumMap<>(Zone.class);
        if (skin != null) {
            sorted.putAll(skin);
        }
        skin = sorted;
        zones = List.copyOf(zones);
    }

    /**
     * What was taken as base.
     *
     * @param product of the kit, or null for a mix
     * @param parts of a mix in words, empty for one product
     */
    record Base(
            Long product,
            String name,
            String stone,
            Lab settled,
            Lab target,
            double difference,
            List<String> parts,
            String note,
            String against) {
        Base {
            parts = List.copyOf(parts);
        }
    }

    /**
     * A zone as it was drawn.
     *
     * @param outlines x and y by turns, px of the picture
     * @param product by name, null where nothing of the kit was meant
     */
    record Drawn(
            int number,
            Area area,
            Side side,
            Family family,
            double strength,
            List<List<Double>> outlines,
            String product,
            Lab colour) {
        Drawn {
            outlines = List.copyOf(outlines);
        }
    }

    /** Returns whether the colours were read with a card. */
    boolean measured() {
        return trust == SkinReading.Trust.COLOUR_CARD || trust == SkinReading.Trust.GREY_CARD;
    }
}
