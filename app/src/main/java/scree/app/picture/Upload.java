package scree.app.picture;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.springframework.web.multipart.MultipartFile;

/** A file on its way in: its size is known before its bytes lie in memory. */
public interface Upload {
    long size();

    byte[] bytes();

    static Upload of(MultipartFile file) {
        return new Upload() {
            @Override
            public long size() {
                return file.getSize();
            }

            @Override
            public byte[] bytes() {
                try {
                    return file.getBytes();
                } catch (IOException e) {
                    throw new UncheckedIOException("the upload could not be read", e);
                }
            }
        };
    }

    static Upload of(byte[] bytes) {
        return new Upload() {
            @Override
            public long size() {
                return bytes.length;
            }

            @Override
            public byte[] bytes() {
                return bytes;
            }
        };
    }
}
