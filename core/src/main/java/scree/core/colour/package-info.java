/**
 * Knows what a colour is: tristimulus values, L*a*b*, differences, lamps, spectra, and how pigments mix and lie as films.
 * Start at {@link scree.core.colour.Lab}. Everything is D65 and the CIE 1931 2° observer unless a name says otherwise;
 * luminance runs 0..1, reflectance 0..1 in 36 bands (380–730 nm by 10 nm). Values are immutable and checked at their one
 * door. Leans on no other package of the core.
 */
package scree.core.colour;
