package scree.app.place;

import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import scree.app.face.FaceSheet;
import scree.app.face.TakenFace;
import scree.app.judge.RoleShelf;
import scree.app.judge.SittingSkins;
import scree.core.colour.Lab;
import scree.core.face.FacePoints;
import scree.core.face.FaceReading;
import scree.core.face.LevelledFace;
import scree.core.judge.RoleSkin;
import scree.core.judge.RoleWish;
import scree.core.judge.Sought;
import scree.core.method.PlacementMethod;
import scree.core.placement.FaceBrief;
import scree.core.placement.PlacedZone;
import scree.core.placement.Plan;
import scree.core.placement.Planner;
import scree.core.skin.SkinType;

/** Plans of a made-up face from an empty kit. */
final class TakenPlans {
    private static final SittingSkins.Known KNOWN = new SittingSkins.Known(
            RoleSkin.bare(Lab.of(66, 10, 17)), RoleWish.of(1), SittingSkins.Read.READ, null, false);

    private TakenPlans() {}

    static TakenPlan of(FacePoints points, int age, SkinType type, Predicate<PlacedZone> worked) {
        FaceReading reading = FaceReading.of(points);
        Plan plan = Planner.plan(FaceBrief.of(points, reading, Set.of(), age, type), PlacementMethod.usual());
        TakenFace face = new TakenFace(
                FaceSheet.start(1, FaceSheet.Found.TEMPLATE, points, null), points, reading, 1, false, false);
        return new TakenPlan(
                PlaceSheet.usual(),
                face,
                LevelledFace.of(points),
                plan,
                plan.zones().stream()
                        .filter(worked)
                        .map(z -> worked(plan.areas().indexOf(z.area()) + 1, z))
                        .toList(),
                KNOWN,
                1,
                false,
                false,
                false,
                List.of());
    }

    private static WorkedZone worked(int number, PlacedZone zone) {
        Sought sought = Sought.of(zone.area().family().wants(), KNOWN.skin(), KNOWN.wish());
        return new WorkedZone(number, zone, null, null, null, null, new RoleShelf.Answer(List.of(), sought, null));
    }
}
