/**
 * The Chair stage: the running order led through at the client's side, one step at a time, and the record that writes itself meanwhile.
 * Start at {@link scree.app.chair.Chairs}. A plan is fixed when the work begins ({@code ChairPlan}); what is noted comes in as numbered
 * notes of a device ({@code ChairNote}), taken once and merged by step ({@code core.routine.Progress}). The page works without the server
 * too: {@code link.js} queues, {@code chair-worker.js} keeps the page.
 */
package scree.app.chair;
