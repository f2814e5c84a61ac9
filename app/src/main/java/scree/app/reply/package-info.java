/**
 * The artist's answer to a picture from home: colours for one who cannot be touched, from the kit or described, with what is unsure, and how they
 * fit as the client tells it. Start at {@link scree.app.reply.Replies}. What was sent is never rewritten.
 */
package scree.app.reply;
