/**
 * The people who sit: their page, what they react to, their consent. Start at {@link scree.app.client.Clients}.
 */
package scree.app.client;
