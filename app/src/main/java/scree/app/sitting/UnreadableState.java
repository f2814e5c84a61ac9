package scree.app.sitting;

/** What a stage has stored cannot be read, so it is not built on. The way out is to undo its last step. */
public class UnreadableState extends RuntimeException {
    private static final long serialVersionUID = 1;

    UnreadableState(String stage) {
        super("the stored state of " + stage + " cannot be read: undo its last step");
    }
}
