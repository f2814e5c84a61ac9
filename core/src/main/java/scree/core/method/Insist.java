package scree.core.method;

/** A school that an artist wants although something on this face speaks against it: what one likes goes before any rule. */
public enum Insist {
    UNDER_EYE,
    WIDENING
}
