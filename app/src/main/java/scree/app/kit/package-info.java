/**
 * The products of a studio: list, form, files, swatches, what they are in a mix, what stripes taught, and which skins they reach. Start at
 * {@link scree.app.kit.Kit}; {@link scree.app.kit.KitShelf} keeps the bases indexed until the kit's version rises, and whoever changes a
 * product raises it in the same transaction.
 */
package scree.app.kit;
