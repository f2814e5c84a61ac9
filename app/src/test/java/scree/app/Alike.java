package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import scree.core.image.PictureIntake;

/** Holds a picture that ships against one that the stand-in took today. */
public final class Alike {
    /** Codes of green, mean; another JPEG writer may round otherwise. */
    private static final double ROUNDING = .2;

    private Alike() {}

    /** Both are JPEGs. */
    public static void assertAlike(byte[] shipped, byte[] taken) {
        int[] here = PictureIntake.read(shipped).rgb();
        int[] there = PictureIntake.read(taken).rgb();
        assertThat(here).hasSameSizeAs(there);
        double off = IntStream.range(0, there.length)
                .mapToDouble(i -> Math.abs((there[i] >> 8 & 255) - (here[i] >> 8 & 255)))
                .average()
                .orElseThrow();
        assertThat(off).as("codes of green, mean").isLessThan(ROUNDING);
    }
}
