package scree.app.face;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import scree.app.look.PictureFrame;
import scree.app.picture.Picture;
import scree.app.picture.Pictures;
import scree.app.studio.StudioId;
import scree.core.face.Shape;

/** Gathers what Face shows, in one transaction. */
@Component
class FaceContents {
    private final Faces faces;
    private final FirstLooks looks;
    private final Pictures pictures;
    private final FaceWords words;

    FaceContents(Faces faces, FirstLooks looks, Pictures pictures, FaceWords words) {
        this.faces = faces;
        this.looks = looks;
        this.pictures = pictures;
        this.words = words;
    }

    /** Shows the picture with the points that lie on it and what they measure. */
    @Transactional(readOnly = true)
    void show(StudioId studio, long id, Model model) {
        model.addAttribute("sittingId", id);
        model.addAttribute("unreadable", faces.unreadable(studio, id));
        Optional<Picture> newest = faces.picture(studio, id);
        newest.ifPresent(p -> model.addAttribute("picture", PictureFrame.whole(p, FaceView.WIDTH, FaceView.HEIGHT)));
        looks.waiting(studio, id, words).ifPresent(look -> {
            model.addAttribute("look", look);
            if (!look.said().isEmpty()) {
                model.addAttribute("refused", String.join(" ", look.said()));
            }
        });
        faces.of(studio, id).ifPresent(face -> {
            long on = face.sheet().pictureId();
            Picture picture = pictures.get(studio, on);
            boolean other = newest.map(p -> p.id() != on).orElse(false);
            FaceView view = FaceView.of(face, picture, faces.millimetresPerPixel(studio, on), other, words);
            model.addAttribute("view", view);
            model.addAttribute("picture", view.picture());
        });
        model.addAttribute("shapes", Shape.values());
    }
}
