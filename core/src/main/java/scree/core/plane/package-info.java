/** Points and smooth curves in the plane, without units of their own: y grows downwards. Leans on {@code colour} for range checks. */
package scree.core.plane;
