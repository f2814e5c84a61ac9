package scree.app.light;

import java.util.Optional;
import org.springframework.stereotype.Component;
import scree.app.look.Cairn;
import scree.app.meter.Meters;
import scree.app.sitting.Sitting;
import scree.app.sitting.StageOfSitting;
import scree.app.skin.LightWords;
import scree.app.skin.Readings;
import scree.app.skin.TakenReading;
import scree.app.studio.StudioId;
import scree.core.light.LightJudge;
import scree.core.light.LightVerdict;

@Component
class LightStage implements StageOfSitting {
    private final Readings readings;
    private final Meters meters;
    private final LightWords words;

    LightStage(Readings readings, Meters meters, LightWords words) {
        this.readings = readings;
        this.meters = meters;
        this.words = words;
    }

    @Override
    public String key() {
        return "light";
    }

    @Override
    public int order() {
        return 1;
    }

    @Override
    public Cairn.Stage reached(StudioId studio, Sitting sitting) {
        Optional<LightVerdict> verdict = readings.of(studio, sitting.id())
                .map(TakenReading::light)
                .or(() -> meters.metered(studio, sitting.id()).map(LightJudge::judge));
        if (verdict.isEmpty()) {
            return new Cairn.Stage(key(), Cairn.State.TO_COME, null, null, null);
        }
        boolean unfit = verdict.get().grade() == LightVerdict.Grade.UNFIT;
        return new Cairn.Stage(
                key(), unfit ? Cairn.State.LOOK_AGAIN : Cairn.State.DONE, words.grade(verdict.get()), null, null);
    }
}
