package scree.app.studio;

import org.springframework.stereotype.Component;

/** Whether the demo's people are still being made up, so that whoever cannot sign in yet is told why. */
@Component
public class StillLoading {
    private volatile boolean loading;

    public boolean now() {
        return loading;
    }

    public void begun() {
        loading = true;
    }

    public void ended() {
        loading = false;
    }
}
