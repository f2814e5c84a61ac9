/**
 * One appointment and what every stage of it shares: the sitting, its lock, its steps, its cairn. Start at
 * {@link scree.app.sitting.Sittings}; a stage brings a {@link scree.app.sitting.StageOfSitting}.
 */
package scree.app.sitting;
