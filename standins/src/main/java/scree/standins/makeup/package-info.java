/** Made-up make-up: pigments with absorption and scattering of their own, so that what is fitted is not what was drawn with. */
package scree.standins.makeup;
