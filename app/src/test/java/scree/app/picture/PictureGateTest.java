package scree.app.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.Arrays;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.LongSupplier;
import org.junit.jupiter.api.Test;
import scree.app.Race;
import scree.core.image.PictureIntake;
import scree.core.image.PictureRefused;
import scree.core.image.Raster;

/** Pictures take turns by what they need; nobody waits or is read for ever, and what was held is given back. */
class PictureGateTest {
    private static final byte[] SMALL = picture(500, 500);
    /** However loaded the machine, everybody's turn comes, and no reading takes long. */
    private static final Duration PATIENT = Duration.ofMinutes(3);

    private static final LongSupplier STOPPED = () -> 0;
    private static final byte[] LARGE = picture(5200, 4000);

    private static byte[] picture(int width, int height) {
        int[] rgb = new int[width * height];
        Arrays.fill(rgb, 0x806050);
        return PictureIntake.encodeJpeg(new Raster(width, height, rgb), .8f);
    }

    @Test
    void aPictureThatIsTooLargeIsRefusedBeforeItsBytesAreRead() {
        PictureGate gate = new PictureGate(150, 4, Duration.ofSeconds(1), System::nanoTime);
        Upload huge = new Upload() {
            @Override
            public long size() {
                return PictureIntake.MOST_BYTES + 1L;
            }

            @Override
            public byte[] bytes() {
                throw new AssertionError("read");
            }
        };
        assertThatThrownBy(() -> gate.read(huge, (b, p) -> 1)).hasMessage("FILE_TOO_LARGE");
    }

    /** Ten large ones at once: never more memory is shared out than there is, and all are read. */
    @Test
    void tenLargePicturesTakeTurnsAndAllAreRead() throws Exception {
        PictureGate gate = new PictureGate(150, 4, PATIENT, STOPPED);
        AtomicInteger inside = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        AtomicInteger read = new AtomicInteger();
        Race.run(
                10,
                () -> gate.read(Upload.of(LARGE), (bytes, patience) -> {
                    most.accumulateAndGet(inside.incrementAndGet(), Math::max);
                    read.addAndGet(PictureIntake.read(bytes, patience).width() == 2000 ? 1 : 0);
                    inside.decrementAndGet();
                    return true;
                }));
        assertThat(read).hasValue(10);
        assertThat(most.get()).isBetween(1, 4);
        assertThat(gate.waiting()).isZero();
    }

    /** However small they are: one processor stays for the pages. */
    @Test
    void noMoreAreReadAtOnceThanThereAreReaders() throws Exception {
        PictureGate gate = new PictureGate(150, 2, PATIENT, STOPPED);
        AtomicInteger inside = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        Race.run(
                10,
                () -> gate.read(Upload.of(SMALL), (bytes, patience) -> {
                    most.accumulateAndGet(inside.incrementAndGet(), Math::max);
                    Thread.yield();
                    PictureIntake.read(bytes, patience);
                    inside.decrementAndGet();
                    return true;
                }));
        assertThat(most.get()).isBetween(1, 2);
    }

    @Test
    void whoseTurnDoesNotComeIsToldAndTheNextOneIsRead() throws Exception {
        PictureGate gate = new PictureGate(0, 4, Duration.ofMillis(50), System::nanoTime);
        CountDownLatch in = new CountDownLatch(1);
        CountDownLatch out = new CountDownLatch(1);
        Thread first = new Thread(() -> gate.read(Upload.of(LARGE), (b, p) -> {
            in.countDown();
            try {
                out.await(20, TimeUnit.SECONDS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            return true;
        }));
        first.start();
        assertThat(in.await(20, TimeUnit.SECONDS)).isTrue();
        assertThatThrownBy(() -> gate.read(Upload.of(LARGE), (b, p) -> true))
                .isInstanceOfSatisfying(
                        PictureRefused.class, e -> assertThat(e.why()).isEqualTo(PictureRefused.Why.BUSY));
        out.countDown();
        first.join();
        String next = gate.read(Upload.of(SMALL), (b, p) -> "read");
        assertThat(next).isEqualTo("read");
    }

    @Test
    void memoryThatRunsOutIsARefusalAndWhatWasHeldIsGivenBack() {
        PictureGate gate = new PictureGate(0, 1, Duration.ofMillis(50), System::nanoTime);
        for (int i = 0; i < 5; i++) {
            assertThatThrownBy(() -> gate.read(Upload.of(SMALL), (b, p) -> {
                        throw new OutOfMemoryError("test");
                    }))
                    .hasMessage("BUSY");
        }
        String next = gate.read(Upload.of(SMALL), (b, p) -> "read");
        assertThat(next).isEqualTo("read");
    }

    @Test
    void patienceIsOverAfterFiveSecondsOfTheClockGiven() {
        long[] now = {0};
        PictureGate gate = new PictureGate(150, 4, Duration.ofSeconds(1), () -> now[0]);
        gate.read(Upload.of(SMALL), (b, patience) -> {
            now[0] = Duration.ofMillis(4900).toNanos();
            assertThat(patience.over()).isFalse();
            now[0] = Duration.ofMillis(5100).toNanos();
            assertThat(patience.over()).isTrue();
            return true;
        });
    }
}
