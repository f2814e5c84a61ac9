/**
 * Pictures: taken in through a gate that shares memory out, kept bare of everything but pixels, given back. Start at
 * {@link scree.app.picture.Pictures}. A stored picture never changes.
 */
package scree.app.picture;
