package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

class TwelveTest {
    private static final String ANEW = "scree.twelve";

    /** Else a change of the simulated camera would pass by most tests. */
    @Test
    void whatShipsIsWhatTheCameraMakesToday() {
        Alike.assertAlike(Twelve.portrait(0), Twelve.taken(0));
    }

    /** Asked for after a change of the camera; docs/architecture.md has the command. */
    @Test
    @EnabledIfSystemProperty(named = ANEW, matches = ".+")
    void allAreTakenAnew() throws IOException {
        Path home = Files.createDirectories(Path.of(System.getProperty(ANEW)));
        for (int i = 0; i < 12; i++) {
            Files.write(home.resolve(Twelve.file(i)), Twelve.taken(i));
        }
        assertThat(home).isDirectoryContaining(p -> p.endsWith(Twelve.file(11)));
    }
}
