/**
 * What the kit lacks: which skins it meets with a base, alone or mixed, and in every role; what a purchase would add; the cheapest
 * purchases for chosen clients. Knows the kit and the bases. Begin with {@link scree.app.gaps.Gaps}.
 */
package scree.app.gaps;
