package scree.app.handover;

import org.springframework.stereotype.Component;
import scree.app.look.Cairn;
import scree.app.sitting.Sitting;
import scree.app.sitting.StageOfSitting;
import scree.app.studio.StudioId;
import scree.app.web.Words;

@Component
class HandoverStage implements StageOfSitting {
    private final Handovers handovers;
    private final Words words;

    HandoverStage(Handovers handovers, Words words) {
        this.handovers = handovers;
        this.words = words;
    }

    @Override
    public String key() {
        return "hand-over";
    }

    @Override
    public int order() {
        return 10;
    }

    @Override
    public Cairn.Stage reached(StudioId studio, Sitting sitting) {
        Handovers.Reached reached = handovers.reached(studio, sitting.id());
        Cairn.State state = switch (reached) {
            case NOTHING, ON_ITS_WAY -> Cairn.State.TO_COME;
            case GIVEN, OPENED -> Cairn.State.DONE;
            case IN_TROUBLE -> Cairn.State.LOOK_AGAIN;
        };
        String said = reached == Handovers.Reached.NOTHING ? null : words.say("handover.stone." + reached);
        return new Cairn.Stage(key(), state, said, null, null);
    }
}
