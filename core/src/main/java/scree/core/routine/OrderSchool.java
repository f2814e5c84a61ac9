package scree.core.routine;

import java.util.EnumMap;
import java.util.Map;

/** Which layer goes before which. Cited: the schools of the craft, docs/method.md. */
public enum OrderSchool {
    /** Base, then shape on it. The default. */
    BASE_FIRST(
            "EYE_DRY CORRECT HEAVY BASE COVER LIGHT SHADOW SUN COLOUR SPOT CREASE POWDER SWEEP REINFORCE SHEEN SPRAY BROW BODY"),
    /** Shape in creams first, then very little base that ties the seams. */
    UNDERPAINTING(
            "EYE_DRY CORRECT HEAVY SHADOW COVER LIGHT SUN COLOUR SHEEN SEAM BASE SPOT CREASE POWDER SWEEP REINFORCE SPRAY BROW BODY"),
    /** Everything placed beside each other, then only the borders blended. */
    ONE_LAYER(
            "EYE_DRY SHADOW CORRECT HEAVY COVER LIGHT MAIN SUN COLOUR BLEND SPOT SHEEN CREASE POWDER SWEEP REINFORCE BASE SPRAY BROW BODY"),
    /** Powder base on dry-to-touch skin, powders over it. */
    POWDER_ONLY(
            "EYE_DRY CORRECT HEAVY COVER LIGHT CREASE POWDER SWEEP BASE SPOT SHADOW SUN COLOUR REINFORCE SHEEN SPRAY BROW BODY"),
    /** Bronzer evens the skin, light only where it is needed; no base and no shadow. */
    QUICK_GLOW("EYE_DRY SUN CORRECT HEAVY COVER LIGHT COLOUR SPOT SHEEN CREASE POWDER SWEEP BASE SPRAY BROW BODY");

    private static final String HEAD = "SAFE CARE PRIME ";
    private static final String TAIL = " BROW_WET EYE_WET LIPS RETOUCH MIST LOOK";
    /** Of what a school does not have. */
    private static final int NOWHERE = 50;

    private final Map<WorkLayer, Integer> ranks = new EnumMap<>(WorkLayer.class);

    OrderSchool(String between) {
        String[] layers = (HEAD + between + TAIL).split(" ");
        for (int i = 0; i < layers.length; i++) {
            ranks.put(WorkLayer.valueOf(layers[i]), i);
        }
    }

    /** Returns the place of a layer: a lower one goes first where zones meet. */
    int rank(WorkLayer layer) {
        return ranks.getOrDefault(layer, NOWHERE);
    }

    /** Returns the place of a layer, or another for what the school does not have. */
    int rank(WorkLayer layer, int otherwise) {
        return ranks.getOrDefault(layer, otherwise);
    }
}
