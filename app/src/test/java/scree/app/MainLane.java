package scree.app;

import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** Journeys that go one after the other by name, from the run's first moment to its last. */
@Execution(ExecutionMode.SAME_THREAD)
abstract class MainLane extends Journeys {
    @Override
    String lane() {
        return DemoStudio.SCHEMA;
    }
}
