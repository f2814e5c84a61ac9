package scree.app.correct;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import scree.app.picture.Pictures;
import scree.app.studio.StudioId;

/** Gathers what Correct shows, in one transaction. */
@Component
class CorrectContents {
    private final Corrections corrections;
    private final CorrectedPictures corrected;
    private final Pictures pictures;
    private final CorrectWords words;

    CorrectContents(Corrections corrections, CorrectedPictures corrected, Pictures pictures, CorrectWords words) {
        this.corrections = corrections;
        this.corrected = corrected;
        this.pictures = pictures;
        this.words = words;
    }

    /** Shows the marks, and the plan of the one that is looked at. */
    @Transactional(readOnly = true)
    void show(StudioId studio, long id, CorrectController.Looking at, Model model) {
        model.addAttribute("sittingId", id);
        model.addAttribute("unreadable", corrections.unreadable(studio, id));
        Optional<TakenCorrections> taken = corrections.of(studio, id);
        model.addAttribute(
                "madeable", taken.filter(t -> corrected.possible(studio, id, t)).isPresent());
        taken.ifPresent(t -> model.addAttribute(
                "view",
                CorrectView.of(
                        t,
                        pictures.get(studio, t.reading().pictureId()),
                        at.mark(),
                        at.beside() == null ? MarkView.Beside.BY_TABLE : at.beside(),
                        words)));
    }
}
