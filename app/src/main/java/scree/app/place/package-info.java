/**
 * The Place stage: what goes where on a face, with which product and how much, the made-up preview and the face chart. Start at
 * {@link scree.app.place.Placements}. Places are in pupil distances of the levelled face, in drawings px.
 */
package scree.app.place;
