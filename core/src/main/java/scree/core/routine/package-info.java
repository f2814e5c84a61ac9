/**
 * The order of the work: {@link Needs} of a sitting become {@link Step}s by the catalogue ({@link StepCode}), {@link Rules} say which goes
 * before which, and {@link RunningOrder} is the shortest course through them and, of those, the calmest. {@link OrderCheck} judges an order
 * that a hand made, {@link TimeCut} says what to leave when time is short, {@link Aftermath} what a deviation at the chair asks for.
 * Time runs in half minutes: nobody times a hand step finer, and whole numbers make equal orders equal. Leans on {@code placement} for the
 * areas of a plan, on {@code shade} for forms, on {@code reason}.
 */
package scree.core.routine;
