/**
 * Decides where shadow, light and colour go on a face and says why. Start at {@link scree.core.placement.Planner}; each area
 * is one rule. Lengths are in pupil distances on the levelled face, y grows downwards. Leans on {@code face}, {@code plane},
 * {@code method}, {@code shade} for roles, {@code colour} for films and {@code reason}.
 */
package scree.core.placement;
