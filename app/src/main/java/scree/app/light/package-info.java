/**
 * The Light stage: whether the light is good to decide in, by picture and meter, and where the face will be seen. Start at
 * {@code LightController}; the judgement is the core's.
 */
package scree.app.light;
