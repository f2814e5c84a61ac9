package scree.app.privacy;

import java.util.Map;
import java.util.Set;
import java.util.function.LongUnaryOperator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Finds the numbers of products and pictures in what is kept as a document, and puts others in their place. By name: {@code product} and
 * {@code pictureId} are one, {@code products} and {@code picked} hold several; within {@code wares} an {@code id} is a product's, within {@code frame} a picture's.
 */
final class Numbering {
    private static final Set<String> SEVERAL = Set.of("products", "picked");

    private final LongUnaryOperator products;
    private final LongUnaryOperator pictures;
    private final Map<String, LongUnaryOperator> holders;

    /**
     * @param products another number for a product's, 0 for one that is gone
     * @param pictures the same for a picture's
     */
    Numbering(LongUnaryOperator products, LongUnaryOperator pictures) {
        this.products = products;
        this.pictures = pictures;
        this.holders = Map.of("wares", products, "frame", pictures);
    }

    /** Returns the document with other numbers. */
    JsonNode of(JsonNode document) {
        return walk(document, "", null);
    }

    /** @param ids what an id is here, null for nothing of these */
    private JsonNode walk(JsonNode node, String name, LongUnaryOperator ids) {
        if (node instanceof ObjectNode object) {
            ObjectNode other = JsonNodeFactory.instance.objectNode();
            object.properties().forEach(p -> other.set(p.getKey(), field(p.getValue(), name, p.getKey(), ids)));
            return other;
        }
        if (node instanceof ArrayNode array) {
            ArrayNode other = JsonNodeFactory.instance.arrayNode();
            array.forEach(n -> other.add(SEVERAL.contains(name) ? number(n, products) : walk(n, name, ids)));
            return other;
        }
        return node;
    }

    private JsonNode field(JsonNode value, String within, String key, LongUnaryOperator ids) {
        if (value.isIntegralNumber()) {
            if (key.equals("product") || SEVERAL.contains(within)) {
                return number(value, products);
            }
            if (key.equals("pictureId")) {
                return number(value, pictures);
            }
            return key.equals("id") && ids != null ? number(value, ids) : value;
        }
        return walk(value, SEVERAL.contains(within) ? within : key, holders.getOrDefault(key, ids));
    }

    private static JsonNode number(JsonNode value, LongUnaryOperator by) {
        if (!value.isIntegralNumber()) {
            return value;
        }
        return JsonNodeFactory.instance.numberNode(by.applyAsLong(value.longValue()));
    }
}
