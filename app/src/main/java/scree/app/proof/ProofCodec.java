package scree.app.proof;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import scree.app.face.FaceSheet;
import scree.core.colour.Lab;
import scree.core.skin.Zone;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Writes records, and what was seen of a picture after the work, and reads them back; the only place that knows their shape in the store. */
@Component
class ProofCodec {
    private static final Logger LOG = LoggerFactory.getLogger(ProofCodec.class);
    /** Rises when the shape changes; a migration brings older rows along. */
    private static final int VERSION = 1;

    private final JsonMapper json;

    ProofCodec(JsonMapper json) {
        this.json = json;
    }

    /** A record with its version; the base stands beside it so that the store can ask for its name. */
    private record Stored(int version, Kept kept, Kept.Base base) {}

    private record Colours(Map<Zone, Lab> zones) {}

    String write(Kept kept) {
        return json.writeValueAsString(new Stored(VERSION, kept, kept.base()));
    }

    /** Returns the record, empty when it cannot be read: it stays as it is. */
    Optional<Kept> read(String document) {
        try {
            Stored stored = json.readValue(document, Stored.class);
            return stored.version() == VERSION ? Optional.ofNullable(stored.kept()) : Optional.empty();
        } catch (JacksonException | IllegalArgumentException unreadable) {
            LOG.warn("a record cannot be read: {}", unreadable.toString());
            return Optional.empty();
        }
    }

    String face(FaceSheet sheet) {
        return json.writeValueAsString(sheet);
    }

    Optional<FaceSheet> face(String document) {
        try {
            return document == null ? Optional.empty() : Optional.of(json.readValue(document, FaceSheet.class));
        } catch (JacksonException | IllegalArgumentException unreadable) {
            LOG.warn("the points of a picture after the work cannot be read: {}", unreadable.toString());
            return Optional.empty();
        }
    }

    String colours(Map<Zone, Lab> zones) {
        return json.writeValueAsString(new Colours(zones));
    }

    Map<Zone, Lab> colours(String document) {
        Map<Zone, Lab> zones = new EnumMap<>(Zone.class);
        try {
            if (document != null) {
                zones.putAll(json.readValue(document, Colours.class).zones());
            }
        } catch (JacksonException | IllegalArgumentException unreadable) {
            LOG.warn("the colours of a picture after the work cannot be read: {}", unreadable.toString());
        }
        return zones;
    }
}
