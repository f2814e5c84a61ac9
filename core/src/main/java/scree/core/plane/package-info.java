/** Points and smooth curves in the plane, without units of their own: y grows downwards. Leans on nothing. */
package scree.core.plane;
