package scree.core.placement;

import scree.core.face.Side;

/** A fault on one zone. */
public record Caution(Fault fault, Area area, Side side) {}
