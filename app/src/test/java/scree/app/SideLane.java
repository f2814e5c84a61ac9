package scree.app;

import org.junit.jupiter.api.parallel.ResourceLock;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
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

    /** Where two processes are reached; keys of devices are made for one origin, which processes behind a door must be told. */
    private static final int DOOR = Boolean.getBoolean("scree.two.nodes") ? TwoNodes.free() : 0;

    @DynamicPropertySource
    static void origin(DynamicPropertyRegistry settings) {
        if (DOOR != 0) {
            settings.add("scree.origin", () -> TwoNodes.origin(DOOR));
        }
    }

    @Override
    int door() {
        return DOOR;
    }

    @Override
    String lane() {
        return SCHEMA;
    }
}
