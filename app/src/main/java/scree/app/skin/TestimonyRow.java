package scree.app.skin;

import scree.core.skin.Answer;
import scree.core.skin.Witness;

/** What one witness of the undertone said, as stored. */
record TestimonyRow(long sittingId, Witness witness, Answer answer, boolean struck) {}
