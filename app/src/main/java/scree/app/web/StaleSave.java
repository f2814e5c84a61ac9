package scree.app.web;

/** Someone else saved the same thing in between. Carries what is stored now, so that both versions can be shown. */
public class StaleSave extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final transient Object stored;

    public StaleSave(Object stored) {
        super("saved by someone else in between");
        this.stored = stored;
    }

    /** Returns what is stored now. */
    public Object stored() {
        return stored;
    }
}
