/**
 * The Intake stage: what is asked before the work, with the usual cautions. Start at {@code IntakeController}; what was told lies in
 * {@link scree.app.sitting.Intake}.
 */
package scree.app.intake;
