package scree.app.timetable;

import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Writes what a change moved to a {@code jsonb} column and reads it back; the only place that knows its shape there. */
@Component
class ChangeCodec {
    private static final Logger LOG = LoggerFactory.getLogger(ChangeCodec.class);
    /** Rises when the shape changes; a migration brings older rows along. */
    private static final int VERSION = 1;

    private final JsonMapper json;

    ChangeCodec(JsonMapper json) {
        this.json = json;
    }

    /** A document as stored. */
    private record Kept(int version, List<DayChange.Moved> moves) {}

    String write(List<DayChange.Moved> moves) {
        return json.writeValueAsString(new Kept(VERSION, moves));
    }

    /** Returns what was moved; nothing when a later Scree wrote it, so that the day is shown and only its undo is not offered. */
    List<DayChange.Moved> read(String document) {
        try {
            Kept kept = json.readValue(document, Kept.class);
            return kept.version() == VERSION ? kept.moves() : List.of();
        } catch (JacksonException unreadable) {
            LOG.warn("a change of a day cannot be read: {}", unreadable.toString());
            return List.of();
        }
    }
}
