package scree.app.chair;

import java.time.Instant;
import java.util.List;
import scree.app.sitting.Sitting;
import scree.core.routine.Progress;

/**
 * The work at a chair as it stands.
 *
 * @param no of the plan that is followed
 * @param begun when the work began
 * @param notes of this work, in the order of arrival
 */
record TakenChair(Sitting sitting, int no, Instant begun, ChairPlan plan, List<ChairNote> notes, Progress progress) {}
