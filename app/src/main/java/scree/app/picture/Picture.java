package scree.app.picture;

/**
 * A stored picture without its bytes.
 *
 * @param sha256 of the stored bytes, in hex
 */
public record Picture(long id, long sittingId, int width, int height, String sha256) {}
