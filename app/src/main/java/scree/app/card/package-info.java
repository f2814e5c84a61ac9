/**
 * The colour card: its file to print and the measured values of a print. Start at {@link scree.app.card.Cards}; a studio has one print in
 * use, the design itself while none was measured.
 */
package scree.app.card;
