package scree.app.colour;

import org.springframework.stereotype.Component;
import scree.app.look.Cairn;
import scree.app.sitting.Sitting;
import scree.app.sitting.StageOfSitting;
import scree.app.studio.StudioId;
import scree.app.web.Words;

@Component
class ColourStage implements StageOfSitting {
    private final Colours colours;
    private final Words words;

    ColourStage(Colours colours, Words words) {
        this.colours = colours;
        this.words = words;
    }

    @Override
    public String key() {
        return "colour";
    }

    @Override
    public int order() {
        return 7;
    }

    @Override
    public Cairn.Stage reached(StudioId studio, Sitting sitting) {
        if (!colours.worked(studio, sitting.id())) {
            return new Cairn.Stage(key(), Cairn.State.TO_COME, null, null, null);
        }
        String family = colours.chosen(studio, sitting.id())
                .map(f -> words.say("colour.family." + f))
                .orElse(null);
        return new Cairn.Stage(key(), Cairn.State.DONE, family, null, null);
    }

    @Override
    public boolean unreadable(StudioId studio, long sitting) {
        return colours.unreadable(studio, sitting);
    }
}
