/**
 * How a studio, an artist, and an artist with one client work: schools, habits and measures that stages start from. Start at
 * {@link scree.app.method.Methods}; what can be settled is {@link scree.app.method.Setting}. Nothing is rewritten: a sitting is
 * answered as things stood on its day.
 */
package scree.app.method;
