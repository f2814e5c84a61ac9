package scree.app.face;

import java.util.Optional;
import org.springframework.stereotype.Component;
import scree.app.look.Cairn;
import scree.app.sitting.Sitting;
import scree.app.sitting.StageOfSitting;
import scree.app.studio.StudioId;

@Component
class FaceStage implements StageOfSitting {
    private final Faces faces;
    private final FaceWords words;

    FaceStage(Faces faces, FaceWords words) {
        this.faces = faces;
        this.words = words;
    }

    @Override
    public String key() {
        return "face";
    }

    @Override
    public int order() {
        return 5;
    }

    @Override
    public Cairn.Stage reached(StudioId studio, Sitting sitting) {
        Optional<TakenFace> face = faces.of(studio, sitting.id());
        if (face.isEmpty()) {
            return new Cairn.Stage(key(), Cairn.State.TO_COME, null, null, null);
        }
        boolean settled =
                face.get().reading().shape().settled() || face.get().sheet().shape() != null;
        boolean oldPicture = faces.picture(studio, sitting.id())
                .map(p -> p.id() != face.get().sheet().pictureId())
                .orElse(false);
        String name = words.shortName(face.get());
        Cairn.State state = oldPicture ? Cairn.State.LOOK_AGAIN : settled ? Cairn.State.DONE : Cairn.State.TO_COME;
        return new Cairn.Stage(key(), state, settled ? name : words.say("stage.notSettled"), null, null);
    }

    @Override
    public boolean unreadable(StudioId studio, long sitting) {
        return faces.unreadable(studio, sitting);
    }
}
