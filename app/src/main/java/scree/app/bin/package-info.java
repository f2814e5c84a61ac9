/**
 * Knows what was deleted and can be brought back for thirty days. Start at {@link scree.app.bin.Bin}; a feature whose things can
 * be deleted brings a {@link scree.app.bin.Deletable}. Leans on {@code studio} and {@code web}.
 */
package scree.app.bin;
