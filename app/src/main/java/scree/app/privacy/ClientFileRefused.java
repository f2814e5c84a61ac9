package scree.app.privacy;

/** A file that no Scree wrote, or that this one does not take. */
public class ClientFileRefused extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** Why. */
    public enum Why {
        /** No ZIP, or one that ends too early. */
        TORN,
        /** More in it than any client has, or than it says. */
        TOO_LARGE,
        /** Files that no Scree puts there, such as of other folders. */
        OTHER_FILES,
        /** Made by a Scree that is newer. */
        NEWER,
        /** What is told of the client does not hold together. */
        DOCUMENT,
        /** A picture or sheet that is none. */
        PICTURE
    }

    private final Why why;

    ClientFileRefused(Why why) {
        super(why.name());
        this.why = why;
    }

    ClientFileRefused(Why why, Throwable cause) {
        super(why.name(), cause);
        this.why = why;
    }

    /** Returns why. */
    public Why why() {
        return why;
    }
}
