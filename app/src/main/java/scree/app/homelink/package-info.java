/**
 * Links that a client opens without an account, about one sitting: how it wore, the sheet to take home, the answer to a picture. Start at
 * {@link scree.app.homelink.HomeLinks}. What lies behind one belongs to the feature that made it.
 */
package scree.app.homelink;
