package scree.standins.face;

import java.util.EnumSet;
import java.util.Random;
import java.util.Set;
import scree.core.face.FacePoints;
import scree.core.face.FaceReading;
import scree.core.face.PointState;
import scree.core.face.Tick;
import scree.core.method.Aim;
import scree.core.method.Insist;
import scree.core.method.PlacementMethod;
import scree.core.placement.FaceBrief;
import scree.core.skin.SkinType;

/** Random faces with ticks, age, skin, aim and schools: the same number gives the same case. */
public final class Cases {
    private static final double[] NOISE = {0, .008, .016};

    private Cases() {}

    /** A face and how it is to be worked. */
    public record Case(FacePoints points, FaceBrief brief, PlacementMethod method) {}

    public static Case at(int number) {
        Random r = new Random(77_000L + number);
        FacePoints points = null;
        while (points == null) {
            points = maybe(r, NOISE[number % 3]);
        }
        Set<Tick> ticks = EnumSet.noneOf(Tick.class);
        for (Tick t : Tick.values()) {
            if (r.nextInt(8) == 0) {
                ticks.add(t);
            }
        }
        FaceBrief brief =
                FaceBrief.of(points, FaceReading.of(points), ticks, 18 + r.nextInt(65), pick(r, SkinType.values()));
        PlacementMethod method = new PlacementMethod(
                pick(r, Aim.values()),
                pick(r, PlacementMethod.CheekLine.values()),
                pick(r, PlacementMethod.CheekStop.values()),
                pick(r, PlacementMethod.UnderEye.values()),
                pick(r, PlacementMethod.BlushWay.values()),
                pick(r, PlacementMethod.Widening.values()),
                PlacementMethod.Shadow.OWN_SHADOW,
                r.nextInt(4) == 0 ? EnumSet.allOf(Insist.class) : Set.of());
        return new Case(points, brief, method);
    }

    /** Noise can make a face that no one would lay; another is drawn then. */
    private static FacePoints maybe(Random r, double noise) {
        try {
            return DrawnFace.any(r).points(r, noise, 24 * r.nextDouble() - 12, PointState.PLACED);
        } catch (scree.core.face.PointsRefused refused) {
            return null;
        }
    }

    private static <T> T pick(Random r, T[] of) {
        return of[r.nextInt(of.length)];
    }
}
