package scree.app;

import org.junit.jupiter.api.parallel.ResourceLock;
import org.springframework.test.context.TestPropertySource;

/** Journeys beside those of the main lane, one after the other too: on a demo and in a browser of their own. */
@ResourceLock("the side lane")
@TestPropertySource(
        properties = {
            "spring.datasource.hikari.schema=" + SideLane.SCHEMA,
            "spring.flyway.default-schema=" + SideLane.SCHEMA
        })
abstract class SideLane extends Journeys {
    static final String SCHEMA = "journey_beside";

    @Override
    String lane() {
        return SCHEMA;
    }
}
