package scree.app.skin;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import scree.app.face.FaceWords;
import scree.app.face.FirstLooks;
import scree.app.face.LookView;
import scree.app.meter.Meters;
import scree.app.picture.Pictures;
import scree.app.studio.StudioId;
import scree.core.skin.SkinType;

/** Gathers what Skin shows, in one transaction. */
@Component
class SkinContents {
    private final Readings readings;
    private final FirstLooks looks;
    private final FaceWords faceWords;
    private final Pictures pictures;
    private final Touches touches;
    private final Meters meters;
    private final SkinWords words;
    private final LightWords lightWords;
    private final Optional<PracticeCamera> camera;

    SkinContents(
            Readings readings,
            FirstLooks looks,
            FaceWords faceWords,
            Pictures pictures,
            Touches touches,
            Meters meters,
            SkinWords words,
            LightWords lightWords,
            Optional<PracticeCamera> camera) {
        this.readings = readings;
        this.looks = looks;
        this.faceWords = faceWords;
        this.pictures = pictures;
        this.touches = touches;
        this.meters = meters;
        this.words = words;
        this.lightWords = lightWords;
        this.camera = camera;
    }

    /** Shows the picture with its zones, the reading, and what was asked and felt beside it. */
    @Transactional(readOnly = true)
    void show(StudioId studio, long id, Model model) {
        model.addAttribute("sittingId", id);
        model.addAttribute("camera", camera.isPresent());
        Optional<LookView> look = looks.colourless(studio, id, faceWords);
        if (look.isPresent()) { // nothing is shown of a picture in which no face is known
            model.addAttribute("look", look.get());
            return;
        }
        TakenReading taken = readings.of(studio, id).orElse(null);
        if (taken == null) {
            return;
        }
        model.addAttribute("asked", looks.asked(studio, taken.pictureId(), faceWords));
        boolean pointsMoved = readings.pointsMoved(studio, taken);
        model.addAttribute("follows", pointsMoved && !taken.kept()); // what was kept is not changed without being asked
        SkinView view = SkinView.of(
                taken,
                pictures.get(studio, taken.pictureId()),
                readings.card(studio, taken.pictureId()),
                readings.unsure(studio, taken),
                words);
        model.addAttribute("view", view);
        model.addAttribute(
                "beside",
                SkinBeside.of(
                        taken,
                        view.picture().scale(),
                        pointsMoved,
                        touches.of(studio, id),
                        touches.types(studio, id),
                        touches.ruled(studio, id),
                        meters.pressed(studio, id),
                        meters.colourSetUp(),
                        words,
                        lightWords));
        model.addAttribute("skinTypes", SkinType.values());
    }
}
