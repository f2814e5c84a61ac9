/**
 * Keys on somebody's own device, a second door beside the password. Start at {@link scree.app.passkey.PasskeyDoor}; what is checked of a
 * key's answer is Spring Security's and WebAuthn4J's, after W3C Web Authentication Level 3.
 */
package scree.app.passkey;
