package scree.app.sitting;

import java.time.OffsetDateTime;

/** The present step of a stage as stored. */
record StepRow(int seq, String state, OffsetDateTime madeAt, boolean undoable, boolean redoable) {}
