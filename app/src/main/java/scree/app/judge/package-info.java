/**
 * Asks the kit for a role on the skin of a sitting: {@link scree.app.judge.SittingSkins} says what is known of the person,
 * {@link scree.app.judge.RoleShelf} what the kit has for them. Place and Colour lean on it.
 */
package scree.app.judge;
