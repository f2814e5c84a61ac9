package scree.app.place;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import scree.app.base.BaseChoice;
import scree.app.base.Bases;
import scree.app.correct.Corrections;
import scree.app.correct.TakenCorrections;
import scree.app.look.Lines;
import scree.app.look.PictureFrame;
import scree.app.picture.Pictures;
import scree.app.sitting.Sitting;
import scree.app.studio.StudioId;
import scree.core.placement.Family;
import scree.core.skin.FreeSpot;

/** Gathers what Place shows, in one transaction: what the plan, the correction and the base ask alike is read once. */
@Component
class PlaceContents {
    private final Placements placements;
    private final Pictures pictures;
    private final Bases bases;
    private final Corrections corrections;
    private final PlaceWords words;

    PlaceContents(Placements placements, Pictures pictures, Bases bases, Corrections corrections, PlaceWords words) {
        this.placements = placements;
        this.pictures = pictures;
        this.bases = bases;
        this.corrections = corrections;
        this.words = words;
    }

    /** Shows the plan as it stands, the zone that is looked at, and what correction asks of it. */
    @Transactional(readOnly = true)
    void show(StudioId studio, Sitting sitting, String zone, Model model) {
        model.addAttribute("sitting", sitting);
        model.addAttribute("sittingId", sitting.id());
        model.addAttribute("unreadable", placements.unreadable(studio, sitting.id()));
        Optional<TakenPlan> taken = placements.inOrder(studio, sitting.id());
        if (taken.isEmpty()) {
            return;
        }
        TakenPlan plan = taken.get();
        PictureFrame frame = PictureFrame.face(
                pictures.get(studio, plan.face().sheet().pictureId()), plan.level(), PlaceView.WIDTH, PlaceView.HEIGHT);
        corrections.of(studio, sitting.id()).ifPresent(t -> corrected(t, plan, frame, model));
        Optional<BaseChoice> base = bases.choice(studio, sitting.id());
        model.addAttribute(
                "view",
                PlaceView.of(
                        plan,
                        frame,
                        zone,
                        base.map(BaseChoice::fullName).orElse(null),
                        base.map(BaseChoice::settled).orElse(null),
                        words.broken(sitting.intake().brokenSkin(), plan.broken()),
                        words));
        model.addAttribute(
                "leftOut",
                plan.plan().leftOut().stream()
                        .map(z -> new LeftOut(z.area().name(), z.side().name(), words.area(z.area())))
                        .filter(z -> !z.side().equals("LEFT"))
                        .toList());
    }

    /** Says what correction asks of the placing: spots last, what is kept clear, and no light on what is not corrected. */
    private void corrected(TakenCorrections taken, TakenPlan plan, PictureFrame frame, Model model) {
        model.addAttribute(
                "spotsLast",
                SpotsLast.of(taken, plan).stream().map(words::spotLast).toList());
        model.addAttribute(
                "keepAway",
                taken.keptClear().stream().map(FreeSpot::kind).distinct().toList());
        if (taken.reading().pictureId() == plan.face().sheet().pictureId()) {
            model.addAttribute("lifts", lifts(taken, frame));
        }
        model.addAttribute("darkUnderEyes", lit(plan) && taken.darkUnderEyes());
    }

    /** Returns the outlines that the brush is lifted over. */
    private static List<String> lifts(TakenCorrections taken, PictureFrame frame) {
        return taken.keptClear().stream()
                .map(s -> Lines.closed(s.polygon(taken.reading().face().frame(), 1).stream()
                        .map(frame::at)
                        .toList()))
                .toList();
    }

    /** Returns whether a light is planned under the eyes. */
    private static boolean lit(TakenPlan plan) {
        return plan.zones().stream()
                .anyMatch(z -> z.dose() != null
                        && z.zone().area().name().startsWith("UNDER_EYE")
                        && z.zone().area().family() == Family.LIGHT);
    }

    /** A zone that the artist left out. */
    record LeftOut(String area, String side, String name) {}
}
