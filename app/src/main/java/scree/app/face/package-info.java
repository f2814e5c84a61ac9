/**
 * The Face stage: points on a picture, kept as steps that can be undone, and what they are read as. Start at
 * {@link scree.app.face.Faces}. Points are in pixels of the stored picture; measures are the core's.
 */
package scree.app.face;
