package scree.app.reply;

import scree.core.shade.Role;

/** What an answer names, in the order of the work. */
enum ReplyPart {
    BASE(Role.BASE, 1),
    CORRECTOR(Role.CORRECTOR, 1),
    BRIGHTENER(Role.BRIGHTENER, 1),
    CONTOUR(Role.CONTOUR, 1),
    BRONZER(Role.BRONZER, 1),
    CHEEK(Role.BLUSH, 3),
    LIP(Role.LIP, 3);

    private final Role role;
    private final int most;

    ReplyPart(Role role, int most) {
        this.role = role;
        this.most = most;
    }

    Role role() {
        return role;
    }

    /** Returns how many of it are named at the most. */
    int most() {
        return most;
    }
}
