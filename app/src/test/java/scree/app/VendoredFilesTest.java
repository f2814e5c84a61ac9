package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class VendoredFilesTest {
    private static final Path FACE = Path.of("src/main/resources/static/vendor/face");

    /** What runs on clients' pictures is what was fetched, byte for byte. */
    @Test
    void everyFileOfTheFaceMeshIsAsItWasSummed() throws IOException, NoSuchAlgorithmException {
        List<String> sums = Files.readAllLines(FACE.resolve("SHA256SUMS"));
        for (String line : sums) {
            String[] sum = line.split("\\s+");
            byte[] file = Files.readAllBytes(FACE.resolve(sum[1]));
            assertThat(HexFormat.of()
                            .formatHex(MessageDigest.getInstance("SHA-256").digest(file)))
                    .as(sum[1])
                    .isEqualTo(sum[0]);
        }
        try (Stream<Path> files = Files.list(FACE)) {
            assertThat(files).hasSize(sums.size() + 1); // the sums themselves are not summed
        }
    }
}
