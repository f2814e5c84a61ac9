package scree.app.privacy;

import java.util.Set;
import java.util.function.LongUnaryOperator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Finds the numbers of products and pictures in what is kept as a document, and puts others in their place. By name: {@code product} and
 * {@code pictureId} are one, {@code products} and {@code picked} hold several, {@code wares} holds things whose {@code id} is a product's.
 */
final class Numbering {
    private static final Set<String> SEVERAL = Set.of("products", "picked");
    private static final String WARES = "wares";

    private final LongUnaryOperator products;
    private final LongUnaryOperator pictures;

    /**
     * @param products another number for a product's, 0 for one that is gone
     * @param pictures the same for a picture's
     */
    Numbering(LongUnaryOperator products, LongUnaryOperator pictures) {
        this.products = products;
        this.pictures = pictures;
    }

    /** Returns the document with other numbers. */
    JsonNode of(JsonNode document) {
        return walk(document, "", false);
    }

    private JsonNode walk(JsonNode node, String name, boolean wares) {
        if (node instanceof ObjectNode object) {
            ObjectNode other = JsonNodeFactory.instance.objectNode();
            object.properties()
                    .forEach(p -> other.set(
                            p.getKey(), field(p.getValue(), name, p.getKey(), wares || WARES.equals(p.getKey()))));
            return other;
        }
        if (node instanceof ArrayNode array) {
            ArrayNode other = JsonNodeFactory.instance.arrayNode();
            array.forEach(n -> other.add(SEVERAL.contains(name) ? number(n, products) : walk(n, name, wares)));
            return other;
        }
        return node;
    }

    private JsonNode field(JsonNode value, String within, String key, boolean wares) {
        boolean product = key.equals("product") || wares && key.equals("id") || SEVERAL.contains(within);
        if (product && value.isIntegralNumber()) {
            return number(value, products);
        }
        if (key.equals("pictureId") && value.isIntegralNumber()) {
            return number(value, pictures);
        }
        return walk(value, SEVERAL.contains(within) ? within : key, wares);
    }

    private static JsonNode number(JsonNode value, LongUnaryOperator by) {
        if (!value.isIntegralNumber()) {
            return value;
        }
        return JsonNodeFactory.instance.numberNode(by.applyAsLong(value.longValue()));
    }
}
