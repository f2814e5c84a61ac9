/** The schools and aims that an artist chooses between; each a setting, per client or sitting. Leans on nothing. */
package scree.core.method;
