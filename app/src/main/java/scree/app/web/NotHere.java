package scree.app.web;

/** Asked for something that this studio does not have. Becomes a 404 without telling whether another studio has it. */
public class NotHere extends RuntimeException {
    private static final long serialVersionUID = 1;

    public NotHere(String what) {
        super(what);
    }

    /** Returns the value, or refuses when there is none. */
    public static <T> T unless(T value, String what) {
        if (value == null) {
            throw new NotHere(what);
        }
        return value;
    }
}
