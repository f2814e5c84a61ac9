package scree.app.skin;

import java.util.Optional;
import org.springframework.stereotype.Component;
import scree.app.look.Cairn;
import scree.app.sitting.Sitting;
import scree.app.sitting.StageOfSitting;
import scree.app.studio.StudioId;
import scree.core.colour.Srgb;
import scree.core.skin.MatchTarget;
import scree.core.skin.SkinReading;

@Component
class SkinStage implements StageOfSitting {
    private final Readings readings;
    private final SkinWords words;

    SkinStage(Readings readings, SkinWords words) {
        this.readings = readings;
        this.words = words;
    }

    @Override
    public String key() {
        return "skin";
    }

    @Override
    public int order() {
        return 2;
    }

    @Override
    public Cairn.Stage reached(StudioId studio, Sitting sitting) {
        Optional<TakenReading> taken = readings.of(studio, sitting.id());
        Optional<MatchTarget> target = taken.flatMap(t -> MatchTarget.from(t.skin(), MatchTarget.School.JAW_TO_NECK));
        if (target.isEmpty()) {
            return new Cairn.Stage(key(), Cairn.State.TO_COME, null, null, null);
        }
        boolean provisional = taken.get().skin().trust() == SkinReading.Trust.PROVISIONAL;
        String result = provisional ? words.say("stage.provisional") : words.shortVerdict(taken.get());
        return new Cairn.Stage(
                key(),
                taken.get().kept() ? Cairn.State.DONE : Cairn.State.TO_COME,
                taken.get().kept() ? result : words.say("stage.notKept"),
                taken.get().kept() ? Srgb.hex(target.get().colour()) : null,
                "client-" + sitting.clientId());
    }

    @Override
    public boolean unreadable(StudioId studio, long sitting) {
        return readings.unreadable(studio, sitting);
    }
}
