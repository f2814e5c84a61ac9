package scree.app.rights;

import scree.app.studio.Role;

/** A page that is there, but not for whoever asks. */
public class NotForThisRole extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final Role role;

    NotForThisRole(Role role) {
        super("not for " + role);
        this.role = role;
    }

    /** Returns what whoever asked may be. */
    public Role role() {
        return role;
    }
}
