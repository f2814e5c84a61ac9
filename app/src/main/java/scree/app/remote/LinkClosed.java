package scree.app.remote;

/** A link that no longer opens; says why without telling anything of a client. */
class LinkClosed extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** Why. */
    enum Why {
        UNKNOWN,
        EXPIRED,
        USED,
        /** Too many pictures were tried. */
        WORN_OUT
    }

    private final Why why;

    LinkClosed(Why why) {
        super("link: " + why);
        this.why = why;
    }

    Why why() {
        return why;
    }
}
