package scree.app.chair;

import java.time.OffsetDateTime;

/**
 * A plan that is or was followed.
 *
 * @param begins whether the work begins with it
 * @param begunAt when the work that it belongs to began
 */
record PlanRow(int no, String plan, boolean begins, OffsetDateTime takenAt, OffsetDateTime begunAt) {}
