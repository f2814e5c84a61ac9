package scree.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/** What a virtual machine's host takes away while something is measured, from Linux's own count. */
final class Host {
    private static final int STOLEN = 7;
    private static final int COUNTED = 8;

    private Host() {}

    /** Returns ticks by use since the machine started: user, nice, system, idle, wait, two interrupts, stolen; none elsewhere. */
    static long[] ticks() {
        try {
            String first = Files.readAllLines(Path.of("/proc/stat")).get(0);
            return Arrays.stream(first.split("\\s+"))
                    .skip(1)
                    .limit(COUNTED)
                    .mapToLong(Long::parseLong)
                    .toArray();
        } catch (IOException notLinux) {
            return new long[COUNTED];
        }
    }

    /** Returns the share of all time between two counts that others got, 0 to 1. */
    static double stolen(long[] before, long[] after) {
        long all = Arrays.stream(after).sum() - Arrays.stream(before).sum();
        return all == 0 ? 0 : (after[STOLEN] - before[STOLEN]) / (double) all;
    }
}
