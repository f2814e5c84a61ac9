/**
 * What a studio keeps of its clients, and how it gives it away, takes it in, lets go of it and answers for it. Start at
 * {@link scree.app.privacy.ClientFiles}. What belongs to a client is told by the tables themselves: everything that falls with one.
 */
package scree.app.privacy;
