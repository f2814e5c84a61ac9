package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import scree.core.image.PictureIntake;

class TwelveTest {
    private static final String ANEW = "scree.twelve";

    /** Else a change of the simulated camera would pass by most tests. */
    @Test
    void whatShipsIsWhatTheCameraMakesToday() {
        int[] shipped = PictureIntake.read(Twelve.portrait(0)).rgb();
        int[] made = PictureIntake.read(Twelve.taken(0)).rgb();
        assertThat(shipped).hasSameSizeAs(made);
        double off = IntStream.range(0, made.length)
                .mapToDouble(i -> Math.abs((made[i] >> 8 & 255) - (shipped[i] >> 8 & 255)))
                .average()
                .orElseThrow();
        assertThat(off).as("codes of green, mean").isLessThan(.2);
    }

    /** {@code mvn test -pl app -am -Dtest=TwelveTest -Dscree.twelve=DIRECTORY} takes all of them anew, after a change of the camera. */
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
