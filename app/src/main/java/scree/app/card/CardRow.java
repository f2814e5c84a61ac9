package scree.app.card;

/** A print as stored: its name and the file of its measured values. */
record CardRow(String name, String file) {}
