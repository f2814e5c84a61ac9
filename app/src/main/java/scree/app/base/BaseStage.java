package scree.app.base;

import java.util.Optional;
import org.springframework.stereotype.Component;
import scree.app.look.Cairn;
import scree.app.sitting.Sitting;
import scree.app.sitting.StageOfSitting;
import scree.app.skin.Readings;
import scree.app.studio.StudioId;
import scree.app.web.Words;
import scree.core.colour.Srgb;

@Component
class BaseStage implements StageOfSitting {
    private final Bases bases;
    private final Readings readings;
    private final Words words;

    BaseStage(Bases bases, Readings readings, Words words) {
        this.words = words;
        this.bases = bases;
        this.readings = readings;
    }

    @Override
    public String key() {
        return "base";
    }

    @Override
    public int order() {
        return 3;
    }

    /** A base taken before the skin was read again asks for another look. */
    @Override
    public Cairn.Stage reached(StudioId studio, Sitting sitting) {
        Optional<BaseChoice> choice = bases.choice(studio, sitting.id());
        if (choice.isEmpty()) {
            return new Cairn.Stage(key(), Cairn.State.TO_COME, null, null, null);
        }
        boolean later = readings.of(studio, sitting.id())
                .map(r -> !r.kept() || r.keptAt().isAfter(choice.get().chosenAt()))
                .orElse(false);
        return new Cairn.Stage(
                key(),
                later ? Cairn.State.LOOK_AGAIN : Cairn.State.DONE,
                later ? words.say("stage.lookAgain") : choice.get().shortName(),
                Srgb.hex(choice.get().settled()),
                choice.get().stoneId());
    }
}
