package scree.core.routine;

import scree.core.reason.Severity;

/**
 * One step goes before another.
 *
 * @param from index of the earlier one
 * @param least half minutes between its end and the start of the later one
 * @param most half minutes between them, or null for as long as one likes
 * @param severity of the opposite: spoilt or risky, usually seen, a matter of school
 */
public record Arc(int from, int to, int least, Integer most, OrderCode reason, Severity severity) {
    /** Returns both rules on one pair as one: the longer wait, the earlier limit, the words of the worse. */
    Arc and(Arc later) {
        boolean own = severity.compareTo(later.severity) >= 0;
        Integer limit =
                most == null ? later.most : later.most == null ? most : Integer.valueOf(Math.min(most, later.most));
        return new Arc(
                from,
                to,
                Math.max(least, later.least),
                limit,
                own ? reason : later.reason,
                own ? severity : later.severity);
    }

    Arc unlimited() {
        return new Arc(from, to, least, null, reason, severity);
    }
}
