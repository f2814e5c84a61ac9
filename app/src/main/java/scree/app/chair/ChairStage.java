package scree.app.chair;

import org.springframework.stereotype.Component;
import scree.app.look.Cairn;
import scree.app.sitting.Sitting;
import scree.app.sitting.StageOfSitting;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;

@Component
class ChairStage implements StageOfSitting {
    private final Chairs chairs;
    private final StudioTime time;
    private final ChairWords words;

    ChairStage(Chairs chairs, StudioTime time, ChairWords words) {
        this.chairs = chairs;
        this.time = time;
        this.words = words;
    }

    @Override
    public String key() {
        return "chair";
    }

    @Override
    public int order() {
        return 9;
    }

    @Override
    public Cairn.Stage reached(StudioId studio, Sitting sitting) {
        return chairs.finished(studio, sitting.id())
                .map(at -> new Cairn.Stage(
                        key(),
                        Cairn.State.DONE,
                        words.say("chair.stone.done", words.date("chair.time", at.atZone(time.zone(studio)))),
                        null,
                        null))
                .orElseGet(() -> new Cairn.Stage(
                        key(),
                        Cairn.State.TO_COME,
                        chairs.begun(studio, sitting.id()) ? words.say("chair.stone.now") : null,
                        null,
                        null));
    }

    @Override
    public boolean unreadable(StudioId studio, long sitting) {
        return chairs.unreadable(studio, sitting);
    }
}
