package scree.core.image;

import java.io.IOException;
import java.util.List;
import javax.imageio.stream.ImageInputStreamImpl;

/**
 * The parts of a file that a decoder may see, in their order, without copying them; what was left out does not exist for it.
 * Gives few bytes at a time and asks {@link Patience} each time: a decoder that works long on little input is stopped as well.
 */
final class KeptBytes extends ImageInputStreamImpl {
    /** Bytes handed over at once. House choice: the densest hostile scan met fits into it, so each costs one question. */
    private static final int AT_ONCE = 512;

    private final byte[] file;
    private final List<Span> spans;
    private final Patience patience;

    /** Bytes {@code from} to {@code to}, the latter not included. */
    record Span(int from, int to) {
        int length() {
            return to - from;
        }
    }

    /** Reading took too long. */
    static final class Over extends IOException {
        private static final long serialVersionUID = 1;
    }

    KeptBytes(byte[] file, List<Span> spans, Patience patience) {
        this.file = file;
        this.spans = List.copyOf(spans);
        this.patience = patience;
    }

    @Override
    public long length() {
        return spans.stream().mapToLong(Span::length).sum();
    }

    @Override
    public int read() throws IOException {
        byte[] one = new byte[1];
        return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
    }

    @Override
    public int read(byte[] into, int offset, int length) throws IOException {
        if (patience.over()) {
            throw new Over();
        }
        bitOffset = 0;
        long at = streamPos;
        for (Span span : spans) {
            if (at < span.length()) {
                int count = Math.min(Math.min(length, AT_ONCE), (int) (span.length() - at));
                System.arraycopy(file, span.from() + (int) at, into, offset, count);
                streamPos += count;
                return count;
            }
            at -= span.length();
        }
        return -1;
    }
}
