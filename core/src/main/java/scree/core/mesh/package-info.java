/**
 * The browser's face mesh as it comes: several looks at one picture, their mean and spread, and how the head is turned. What the
 * points mean for our own landmarks is {@link scree.core.face.MeshGuess}'s business.
 */
package scree.core.mesh;
