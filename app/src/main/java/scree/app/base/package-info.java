/**
 * The Base stage: which bases of the kit suit a skin, stripes on trial, two tones, bridges to the neck, and the one that was taken. Start at
 * {@link scree.app.base.Bases}; what is worn is {@link scree.app.base.Worn}. Ranking and simulation are the core's; here they are asked
 * with a sitting. Colours are L*a*b* under D65, differences ΔE00.
 */
package scree.app.base;
