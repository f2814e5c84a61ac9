/** Draws faces as points with a known shape: for measuring how well shapes are read and placements keep their rules. */
package scree.standins.face;
