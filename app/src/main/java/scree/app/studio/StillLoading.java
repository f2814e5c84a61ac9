package scree.app.studio;

import org.springframework.stereotype.Component;

/** Whether the demo's people are still being made up, so that whoever cannot sign in yet is told why. */
@Component
public class StillLoading {
    private volatile boolean loading;

    /** Returns whether the first data are still being laid in. */
    public boolean now() {
        return loading;
    }

    /** Marks their beginning. */
    public void begun() {
        loading = true;
    }

    /** Marks their end. */
    public void ended() {
        loading = false;
    }
}
