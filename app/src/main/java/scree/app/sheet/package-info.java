/**
 * A kit from pictures: printed swatch sheets, their pictures just laid and settled, what each field says, and the products that take it.
 * Start at {@link scree.app.sheet.Sheets}.
 */
package scree.app.sheet;
