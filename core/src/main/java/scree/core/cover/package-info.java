/**
 * Plans correction and cover: what parts a place from the skin beside it, and the fewest, thinnest coats that bring it back, as it will lie
 * with its base and powder on. Begin with {@link scree.core.cover.CoverSearch}. All colours are L*a*b* D65, thickness is in µm of film
 * as it lies settled, differences are ΔE00. Constants and their reasons: docs/method.md.
 */
package scree.core.cover;
