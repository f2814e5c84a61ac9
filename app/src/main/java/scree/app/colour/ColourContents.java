package scree.app.colour;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import scree.app.look.PictureFrame;
import scree.app.picture.Pictures;
import scree.app.studio.StudioId;

/** Gathers what Colour shows, in one transaction. */
@Component
class ColourContents {
    private final Colours colours;
    private final Pictures pictures;
    private final ColourWords words;

    ColourContents(Colours colours, Pictures pictures, ColourWords words) {
        this.colours = colours;
        this.pictures = pictures;
        this.words = words;
    }

    /** Shows the families and what each part wears. */
    @Transactional(readOnly = true)
    void show(StudioId studio, long id, Model model) {
        model.addAttribute("sittingId", id);
        model.addAttribute("unreadable", colours.unreadable(studio, id));
        Optional<TakenColour> taken = colours.of(studio, id);
        taken.ifPresent(t -> {
            PictureFrame frame = PictureFrame.face(
                    pictures.get(studio, t.plan().face().sheet().pictureId()),
                    t.plan().level(),
                    ColourView.WIDTH,
                    ColourView.HEIGHT);
            model.addAttribute("view", ColourView.of(t, frame, words));
        });
    }
}
