/**
 * Pictures from home: links that open without an account, once, for a week. Start at {@link scree.app.remote.RemoteLinks}. What a client
 * tried lies apart until it is sent.
 */
package scree.app.remote;
