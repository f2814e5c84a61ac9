package scree.app.correct;

import org.springframework.stereotype.Component;
import scree.app.look.Cairn;
import scree.app.sitting.Sitting;
import scree.app.sitting.StageOfSitting;
import scree.app.studio.StudioId;

@Component
class CorrectStage implements StageOfSitting {
    private final Corrections corrections;

    CorrectStage(Corrections corrections) {
        this.corrections = corrections;
    }

    @Override
    public String key() {
        return "correct";
    }

    @Override
    public int order() {
        return 4;
    }

    @Override
    public Cairn.Stage reached(StudioId studio, Sitting sitting) {
        Cairn.State state = corrections.worked(studio, sitting.id()) ? Cairn.State.DONE : Cairn.State.TO_COME;
        return new Cairn.Stage(key(), state, null, null, null);
    }

    @Override
    public boolean unreadable(StudioId studio, long sitting) {
        return corrections.unreadable(studio, sitting);
    }
}
