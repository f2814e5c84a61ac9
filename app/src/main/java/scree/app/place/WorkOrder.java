package scree.app.place;

import java.util.List;
import scree.app.studio.StudioId;
import scree.core.placement.Area;

/** Tells in which order the areas of a plan are worked. The running order leans on Place, so it answers here. */
public interface WorkOrder {
    /** Returns the areas of a plan in the order of the work; those that no step lays are missing. */
    List<Area> areas(StudioId studio, long sitting, TakenPlan plan);
}
