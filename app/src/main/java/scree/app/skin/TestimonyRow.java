package scree.app.skin;

/** What one witness of the undertone said, as stored. */
record TestimonyRow(long sittingId, String witness, String answer, boolean struck) {}
