package scree.app.picture;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import scree.core.image.Patience;
import scree.core.image.PictureIntake;
import scree.core.image.PictureRefused;

/**
 * The one door through which uploaded pictures are read. It shares a fixed share of memory out, in megabytes of file and decoded
 * pixels, and leaves one processor to the pages: a few large pictures are read at a time, the others wait in line, and nobody
 * waits or is read for ever.
 */
@Component
public class PictureGate {
    /** One picture is read for so long at the most. */
    private static final Duration PATIENCE = Duration.ofSeconds(5);

    private static final int MB = 1_000_000;
    private static final int MOST_DECODED = PictureIntake.MOST_DECODED_BYTES / MB;

    private final int room;
    private final Semaphore free;
    private final Semaphore readers;
    private final Duration turn;
    private final LongSupplier nanos;
    private final AtomicInteger waiting = new AtomicInteger();

    @Autowired
    PictureGate(
            @Value("${scree.pictures.memory-mb:110}") int room,
            @Value("${scree.pictures.longest-wait:20s}") Duration turn) {
        this(room, Runtime.getRuntime().availableProcessors() - 1, turn, System::nanoTime);
    }

    /**
     * @param room megabytes shared out; at least as much as one picture may take
     * @param readers pictures read at once however small they are, at least one
     */
    PictureGate(int room, int readers, Duration turn, LongSupplier nanos) {
        this.room = Math.max(room, PictureIntake.MOST_BYTES / MB + 1 + MOST_DECODED);
        this.free = new Semaphore(this.room, true);
        this.readers = new Semaphore(Math.max(1, readers), true);
        this.turn = turn;
        this.nanos = nanos;
    }

    /** Reads one file within its time. */
    @FunctionalInterface
    interface Reading<T> {
        T of(byte[] file, Patience patience);
    }

    /** Returns how many are waiting in line now. */
    int waiting() {
        return waiting.get();
    }

    /** @throws PictureRefused when the file is too large, its turn does not come, or reading refuses it */
    <T> T read(Upload upload, Reading<T> reading) {
        if (upload.size() > PictureIntake.MOST_BYTES) {
            throw new PictureRefused(PictureRefused.Why.FILE_TOO_LARGE);
        }
        int held = mb(upload.size()) + MOST_DECODED; // the most, until the file's own first parts say less
        takeTurn(held);
        try {
            byte[] bytes = upload.bytes();
            int needed = mb(bytes.length) + mb(PictureIntake.bytesToDecode(bytes));
            if (needed < held) {
                free.release(held - needed);
                held = needed;
            }
            long until = nanos.getAsLong() + PATIENCE.toNanos();
            return reading.of(bytes, () -> nanos.getAsLong() - until > 0);
        } catch (OutOfMemoryError memory) { // other work took it; nothing of this picture is kept
            throw new PictureRefused(PictureRefused.Why.BUSY);
        } finally {
            free.release(held);
            readers.release();
        }
    }

    private void takeTurn(int megabytes) {
        waiting.incrementAndGet();
        long until = System.nanoTime() + turn.toNanos();
        try {
            take(readers, 1, until);
            try {
                take(free, megabytes, until);
            } catch (PictureRefused busy) {
                readers.release();
                throw busy;
            }
        } finally {
            waiting.decrementAndGet();
        }
    }

    private static void take(Semaphore of, int permits, long until) {
        try {
            if (!of.tryAcquire(permits, until - System.nanoTime(), TimeUnit.NANOSECONDS)) {
                throw new PictureRefused(PictureRefused.Why.BUSY);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new PictureRefused(PictureRefused.Why.BUSY);
        }
    }

    private static int mb(long bytes) {
        return (int) (bytes / MB) + 1;
    }
}
