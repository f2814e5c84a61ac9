/**
 * Knows what can hurt: what a client reacts to and whether a label names it, patch tests, broken skin. Start at
 * {@link scree.core.care.Sensitivities} for labels and {@link scree.core.care.Care} for what to say before touching the skin.
 * Rather a caution too many; never a diagnosis. Leans on {@code reason}.
 */
package scree.core.care;
