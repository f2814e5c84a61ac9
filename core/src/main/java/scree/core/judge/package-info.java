/**
 * Judges a product in a role on a skin: how it is dosed, what comes of it, whether that looks right, and if not, what one would see.
 * Every role has a target colour and bounds on measures of the result; the tables stand in {@link scree.core.judge.RoleBounds} and
 * {@link scree.core.judge.RoleTarget}. Begin with {@link scree.core.judge.RoleJudge}.
 */
package scree.core.judge;
