/** Correct: what parts from the skin beside it, and the fewest coats that bring it back, between Base and Face. */
package scree.app.correct;
