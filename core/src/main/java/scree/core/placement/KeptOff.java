package scree.core.placement;

import scree.core.method.Insist;

/**
 * A zone that a rule left out, or a school that it did not follow, with the reason.
 *
 * @param insist how to have it all the same, or null where the artist can only draw it by hand
 */
public record KeptOff(Area area, Why why, Insist insist) {}
