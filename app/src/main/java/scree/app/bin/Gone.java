package scree.app.bin;

import java.io.Serializable;

/** What was just deleted, for the note with "undo" on the next page. */
public record Gone(String kind, long id, String name) implements Serializable {}
