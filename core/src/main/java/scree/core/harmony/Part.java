package scree.core.harmony;

import scree.core.shade.Role;

/** A part of a face that takes colour, in the order in which it is thought of. */
public enum Part {
    CHEEK(Role.BLUSH),
    LIP(Role.LIP),
    LID(Role.LID),
    LINER(Role.LINER),
    MASCARA(Role.MASCARA),
    BROW(Role.BROW);

    private final Role role;

    Part(Role role) {
        this.role = role;
    }

    /** Returns the role of product that it takes. */
    public Role role() {
        return role;
    }

    /** Returns whether its colour is chosen by families. */
    public boolean inFamilies() {
        return this == CHEEK || this == LIP;
    }
}
