package scree.app.studio;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** Tokens that nobody guesses, and hashes of what must not be kept as it is. */
public final class Secrets {
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secrets() {}

    /** Returns that many random bytes in letters that fit into an address. */
    public static String token(int length) {
        byte[] bytes = new byte[length];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** Returns the SHA-256 of a text's UTF-8 bytes in lower-case hexadecimal digits. */
    public static String hash(String text) {
        return hash(text.getBytes(StandardCharsets.UTF_8));
    }

    /** Returns the SHA-256 in lower-case hexadecimal digits. */
    public static String hash(byte[] bytes) {
        return HexFormat.of().formatHex(sha256(bytes));
    }

    /** Returns the 32 bytes of the SHA-256. */
    public static byte[] sha256(byte[] bytes) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(bytes);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
