/**
 * A simulated camera with known truth: made-up sitters are built as one relief with skin of melanin and blood, lit, and
 * developed through a camera's spectral sensitivities, white balance, matrix, tone curve and noise into a JPEG. Start at
 * {@link scree.standins.camera.Studio}. Unit of length is one pupil distance, origin midway between the pupils, x to the
 * picture's right, y down. Deterministic from a seed.
 */
package scree.standins.camera;
