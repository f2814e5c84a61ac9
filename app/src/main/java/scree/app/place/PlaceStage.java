package scree.app.place;

import org.springframework.stereotype.Component;
import scree.app.face.Faces;
import scree.app.look.Cairn;
import scree.app.sitting.Sitting;
import scree.app.sitting.StageOfSitting;
import scree.app.studio.StudioId;

@Component
class PlaceStage implements StageOfSitting {
    private final Faces faces;
    private final Placements placements;

    PlaceStage(Faces faces, Placements placements) {
        this.faces = faces;
        this.placements = placements;
    }

    @Override
    public String key() {
        return "place";
    }

    @Override
    public int order() {
        return 6;
    }

    @Override
    public Cairn.Stage reached(StudioId studio, Sitting sitting) {
        if (!placements.worked(studio, sitting.id())
                || faces.of(studio, sitting.id()).isEmpty()) {
            return new Cairn.Stage(key(), Cairn.State.TO_COME, null, null, null);
        }
        long areas = placements.areas(studio, sitting);
        return new Cairn.Stage(key(), Cairn.State.DONE, areas + " zones", null, null);
    }

    @Override
    public boolean unreadable(StudioId studio, long sitting) {
        return placements.unreadable(studio, sitting);
    }
}
