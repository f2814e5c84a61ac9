package scree.app.look;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/**
 * Scree's faces for PDF. Their table of joined letters (GSUB) is hidden from whoever draws: a joined "ff" has no text behind it in a PDF, so that it
 * could neither be copied nor found nor read aloud.
 */
final class PrintFaces {
    private static final String FOLDER = "/scree/app/place/fonts/";
    private static final byte[] JOINED = "GSUB".getBytes(StandardCharsets.US_ASCII);
    private static final byte[] HIDDEN = "xSUB".getBytes(StandardCharsets.US_ASCII);
    /** Of a TrueType file: the head, and one entry of its table of tables (OpenType 1.9, "Table Directory"). */
    private static final int HEAD = 12;

    private static final int ENTRY = 16;
    private static final int COUNT_AT = 4;

    private PrintFaces() {}

    static InputStream open(String file) {
        try (InputStream in = PrintFaces.class.getResourceAsStream(FOLDER + file)) {
            byte[] bytes = in.readAllBytes();
            int tables = ByteBuffer.wrap(bytes).getShort(COUNT_AT);
            for (int at = HEAD; at < HEAD + ENTRY * tables; at += ENTRY) {
                if (Arrays.equals(bytes, at, at + JOINED.length, JOINED, 0, JOINED.length)) {
                    System.arraycopy(HIDDEN, 0, bytes, at, HIDDEN.length);
                }
            }
            return new ByteArrayInputStream(bytes);
        } catch (IOException e) {
            throw new UncheckedIOException("the shipped face " + file + " cannot be read", e);
        }
    }
}
