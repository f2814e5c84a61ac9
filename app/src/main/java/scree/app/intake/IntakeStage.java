package scree.app.intake;

import org.springframework.stereotype.Component;
import scree.app.look.Cairn;
import scree.app.sitting.Intake;
import scree.app.sitting.Sitting;
import scree.app.sitting.StageOfSitting;
import scree.app.studio.StudioId;
import scree.app.web.Words;

@Component
class IntakeStage implements StageOfSitting {
    private final Words words;

    IntakeStage(Words words) {
        this.words = words;
    }

    @Override
    public String key() {
        return "intake";
    }

    @Override
    public int order() {
        return 0;
    }

    @Override
    public Cairn.Stage reached(StudioId studio, Sitting s) {
        if (s.intakeAt() == null) {
            return new Cairn.Stage(key(), Cairn.State.TO_COME, null, null, null);
        }
        Intake told = s.intake();
        String what = told.occasion() == null ? words.say("stage.asked") : words.say("occasion." + told.occasion());
        String hours = told.lastsHours() == null ? "" : ", " + told.lastsHours() + " h";
        return new Cairn.Stage(key(), Cairn.State.DONE, what + hours, null, null);
    }
}
