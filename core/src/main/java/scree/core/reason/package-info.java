/** A decision's code, severity and arguments, without prose: words live at the edge. Leans on nothing. */
package scree.core.reason;
