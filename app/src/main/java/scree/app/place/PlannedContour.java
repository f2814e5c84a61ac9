package scree.app.place;

import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import scree.app.base.ContourOver;
import scree.app.studio.StudioId;
import scree.core.placement.Family;
import scree.core.shade.Form;

/** Tells the base of a cream contour that the artist has worked on. */
@Component
class PlannedContour implements ContourOver {
    private final ObjectProvider<Placements> placements; // Place leans on the base, which asks here

    PlannedContour(ObjectProvider<Placements> placements) {
        this.placements = placements;
    }

    @Override
    public boolean creamPlanned(StudioId studio, long sitting) {
        Placements all = placements.getObject();
        return all.worked(studio, sitting)
                && all.of(studio, sitting).map(p -> cream(p.zones())).orElse(false);
    }

    static boolean cream(List<WorkedZone> zones) {
        return zones.stream()
                .filter(z -> z.zone().area().family() == Family.SHADOW && z.product() != null)
                .anyMatch(z -> z.product().form() == Form.CREAM || z.product().form() == Form.STICK);
    }
}
