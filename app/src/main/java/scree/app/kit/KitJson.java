package scree.app.kit;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import scree.app.kit.KitFile.Problem;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The kit as JSON, in and out. The schema is docs/kit.schema.json; the names are those of the CSV file. */
@Component
class KitJson {
    private static final String FORMAT = "kit_format";
    private static final String PRODUCTS = "products";

    private final Validator validator;
    private final JsonMapper json = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
            .build();

    KitJson(Validator validator) {
        this.validator = validator;
    }

    /** The whole file. */
    private record Document(int kit_format, List<KitLine> products) {}

    String write(List<KitRow> rows) {
        return json.writeValueAsString(new Document(
                        KitLine.FORMAT, rows.stream().map(KitLine::of).toList()))
                + "\n";
    }

    /** Returns every product of a file, or everything that is wrong with it; a problem's line is the product's place in the file, from 1. */
    KitFile read(String text) {
        JsonNode whole;
        try {
            whole = json.readTree(text);
        } catch (JacksonException e) {
            return KitFile.unreadable(
                    "json", e.getLocation() == null ? 1 : e.getLocation().getLineNr());
        }
        JsonNode products = whole.path(PRODUCTS);
        if (!whole.isObject() || !products.isArray()) {
            return KitFile.unreadable("noKit");
        }
        int format = whole.path(FORMAT).asInt(0);
        if (format < 1 || format > KitLine.FORMAT) {
            return KitFile.unreadable("later", KitLine.FORMAT);
        }
        if (products.size() > KitCsv.MOST_ROWS) {
            return KitFile.unreadable("rows");
        }
        return products(products);
    }

    private KitFile products(JsonNode products) {
        List<KitRow> rows = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        int at = 0;
        for (JsonNode product : products) {
            KitLine line = line(product, ++at, problems);
            if (line != null && !seen.add(line.key())) {
                problems.add(new Problem(at, "name", "twice"));
            } else if (line != null) {
                rows.add(line.row());
            }
        }
        return rows.isEmpty() && problems.isEmpty() ? KitFile.unreadable("empty") : new KitFile(rows, problems);
    }

    /** Returns null when it is none, and adds why. */
    private KitLine line(JsonNode product, int at, List<Problem> problems) {
        KitLine line;
        try {
            line = json.treeToValue(product, KitLine.class);
        } catch (DatabindException e) {
            String field = e.getPath().isEmpty()
                    ? PRODUCTS
                    : String.valueOf(e.getPath().get(e.getPath().size() - 1).getPropertyName());
            problems.add(new Problem(at, field, "value"));
            return null;
        }
        Set<ConstraintViolation<KitLine>> broken = validator.validate(line);
        for (ConstraintViolation<KitLine> v : broken) {
            problems.add(new Problem(at, KitCsv.column(v.getPropertyPath().toString()), "rule", v.getMessage()));
        }
        return broken.isEmpty() ? line : null;
    }
}
