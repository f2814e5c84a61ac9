package scree.app.skin;

import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import scree.app.picture.Picture;
import scree.app.picture.Pictures;
import scree.app.studio.StudioId;
import scree.core.skin.Testimony;
import scree.core.skin.UndertoneBench;
import scree.core.skin.UndertoneVerdict;
import scree.core.skin.Witness;

/** Gathers what the undertone bench shows, in one transaction. */
@Component
class UndertoneContents {
    private final Readings readings;
    private final Pictures pictures;
    private final SkinWords words;

    UndertoneContents(Readings readings, Pictures pictures, SkinWords words) {
        this.readings = readings;
        this.pictures = pictures;
        this.words = words;
    }

    /** Shows what each witness says and what they come to. */
    @Transactional(readOnly = true)
    void show(StudioId studio, long id, Model model) {
        TakenReading taken = readings.of(studio, id).orElse(null);
        Map<Witness, Testimony> said = readings.said(studio, id);
        Optional<UndertoneVerdict> verdict = UndertoneBench.weigh(taken == null ? null : taken.skin(), said.values());
        Picture picture = taken == null ? null : pictures.get(studio, taken.pictureId());
        model.addAttribute("sittingId", id);
        model.addAttribute("view", UndertoneView.of(taken, picture, said, verdict, words));
    }
}
