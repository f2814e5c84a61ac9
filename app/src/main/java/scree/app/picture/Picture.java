package scree.app.picture;

/** A stored picture without its bytes. */
public record Picture(long id, long sittingId, int width, int height) {}
