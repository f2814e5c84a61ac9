/** Mixing products in small whole counts: what a recipe gives, the best one, what one part more does. Leans on colour. */
package scree.core.mix;
