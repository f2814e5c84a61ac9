package scree.app.privacy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;

/** Reads the ZIP of a client without believing a word of it: names by a pattern, sizes as they come and not as they are said. */
final class ClientZip {
    /** The document. */
    static final String DOCUMENT = "client.json";

    /** House choices: no client had a tenth of it. */
    static final int MOST_FILES = 2_000;

    static final int MOST_BYTES = 300 * 1024 * 1024;
    static final int MOST_OF_ONE = 40 * 1024 * 1024;
    /** What a picture or text is made smaller by at the most; more is air. */
    static final int MOST_TIMES = 200;

    private static final int BLOCK = 8192;
    private static final Pattern OURS = Pattern.compile(
            "client\\.json|read-me\\.txt|(picture|handed_sheet)/\\d{1,6}\\.[a-z]{2,6}|charts/\\d{1,6}\\.pdf");

    private ClientZip() {}

    /** @throws ClientFileRefused when it is no file of a client, or more than one */
    static Map<String, byte[]> read(byte[] zip) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        long total = 0;
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                if (!OURS.matcher(entry.getName()).matches() || files.containsKey(entry.getName())) {
                    throw new ClientFileRefused(ClientFileRefused.Why.OTHER_FILES);
                }
                byte[] bytes = one(in, Math.min(MOST_OF_ONE, (long) zip.length * MOST_TIMES - total));
                total += bytes.length;
                if (files.size() >= MOST_FILES || total > MOST_BYTES) {
                    throw new ClientFileRefused(ClientFileRefused.Why.TOO_LARGE);
                }
                files.put(entry.getName(), bytes);
            }
        } catch (ZipException | java.io.EOFException torn) {
            throw new ClientFileRefused(ClientFileRefused.Why.TORN, torn);
        } catch (IOException | IllegalArgumentException torn) { // a name that is no text
            throw new ClientFileRefused(ClientFileRefused.Why.TORN, torn);
        }
        if (!files.containsKey(DOCUMENT)) {
            throw new ClientFileRefused(ClientFileRefused.Why.TORN);
        }
        return files;
    }

    private static byte[] one(ZipInputStream in, long most) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] block = new byte[BLOCK];
        for (int n = in.read(block); n >= 0; n = in.read(block)) {
            out.write(block, 0, n);
            if (out.size() > most) {
                throw new ClientFileRefused(ClientFileRefused.Why.TOO_LARGE);
            }
        }
        return out.toByteArray();
    }
}
