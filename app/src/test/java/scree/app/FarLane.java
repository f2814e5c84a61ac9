package scree.app;

import org.junit.jupiter.api.parallel.ResourceLock;
import org.springframework.test.context.TestPropertySource;

/** The third of the lanes, like the second: one after the other, on a demo and in a browser of their own. */
@ResourceLock("the far lane")
@TestPropertySource(
        properties = {
            "spring.datasource.hikari.schema=" + FarLane.SCHEMA,
            "spring.flyway.default-schema=" + FarLane.SCHEMA
        })
abstract class FarLane extends Journeys {
    static final String SCHEMA = "journey_far";

    @Override
    String lane() {
        return SCHEMA;
    }
}
