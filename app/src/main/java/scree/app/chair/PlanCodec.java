package scree.app.chair;

import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Writes a plan that is followed at a chair to a {@code jsonb} column and reads it back; the only place that knows its shape there. */
@Component
class PlanCodec {
    /** Rises when the shape changes; a migration brings older rows along. */
    private static final int VERSION = 1;

    private final JsonMapper json;

    PlanCodec(JsonMapper json) {
        this.json = json;
    }

    /** A document as stored. */
    private record Kept(int version, ChairPlan plan) {}

    String write(ChairPlan plan) {
        return json.writeValueAsString(new Kept(VERSION, plan));
    }

    /**
     * @throws IllegalArgumentException when it was written by a later Scree
     * @throws tools.jackson.core.JacksonException when it is no such document
     */
    ChairPlan read(String document) {
        Kept kept = json.readValue(document, Kept.class);
        if (kept.version() != VERSION || kept.plan() == null) {
            throw new IllegalArgumentException("a plan of version %d is stored, but %d is read: bring Scree up to date"
                    .formatted(kept.version(), VERSION));
        }
        return kept.plan();
    }
}
