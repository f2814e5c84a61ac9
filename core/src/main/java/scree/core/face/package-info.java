/**
 * Reads a face from points on a picture: measures with their doubt, shape as a blend, findings, left against right. Start at
 * {@link scree.core.face.FaceReading}. Lengths are in pupil distances, levelled on the pupils. Leans on {@code plane},
 * {@code image} for pixels, {@code colour} for range checks and {@code reason}.
 */
package scree.core.face;
