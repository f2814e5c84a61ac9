/**
 * What a sitting was: kept when it ends and never rewritten; pictures before and after, how it wore, what would have to change to do it again. Start
 * at {@code Proofs}.
 */
package scree.app.proof;
