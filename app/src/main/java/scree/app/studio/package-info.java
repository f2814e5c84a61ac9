/**
 * Studios, their people and doors: accounts, sign-in, security, clocks, upkeep. Start at {@link scree.app.studio.Member}, which names the
 * studio of every request.
 */
package scree.app.studio;
