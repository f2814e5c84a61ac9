package scree.app.studio;

import java.io.Serializable;

/** Whose data a question is about. Comes from the signed-in artist, never from an address. */
public record StudioId(long value) implements Serializable {}
