package scree.core.skin;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.face.FacePoints;
import scree.core.face.Landmark;
import scree.core.face.PointKey;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.reason.Reason;

/**
 * Checks a picture that someone sent from home, while they can still take another: sharp, upright, neck in it, light, and a
 * question when the skin is too even to be bare.
 */
public final class SentPicture {
    /** Steepest edges round the eyes over their range of light, per pixel at 110 pixels a pupil distance. Derived: sharp portraits
     * give 0.30 to 0.55, blurred by 2 % of the pupil distance under 0.16. */
    static final double SHARP_FROM = 0.2;

    private static final int UNIT_FOR_SHARPNESS = 110;
    /** Degrees of the pupils' line. House choice: under it nobody sees a tilt. */
    static final double MOST_TILT = 9;
    /** Pupil distances of picture needed below the chin for the neck zone. */
    static final double NECK_NEEDED = 0.75;
    /** Mean ΔE00 of the zones of bare skin from their mean is 0.7 (deep) to 2.0 (fair) on simulated faces; base evens it out. House choice:
     * only a question follows. */
    static final double TOO_EVEN = 0.6;

    private SentPicture() {}

    /** What may be said; args in comments. */
    public enum Code {
        /** Args: degrees. */
        TILTED,
        NECK_MISSING,
        /** Only a question. */
        SKIN_VERY_EVEN
    }

    /**
     * Checks one picture in which a face was found and which can be read; light is told by the reading's own verdict.
     */
    public static List<Reason> check(Raster picture, FacePoints points, SkinReading reading) {
        List<Reason> reasons = new ArrayList<>();
        double tilt = tiltDegrees(points);
        if (Math.abs(tilt) > MOST_TILT) {
            reasons.add(Reason.check(Code.TILTED, (int) Math.round(Math.abs(tilt))));
        }
        Point chin = points.at(PointKey.of(Landmark.CHIN)).at();
        boolean room = picture.height() - chin.y() >= NECK_NEEDED * points.unit();
        if (!room || reading.colourOf(Zone.NECK).isEmpty()) {
            reasons.add(Reason.caution(Code.NECK_MISSING));
        }
        evenness(reading).filter(e -> e < TOO_EVEN).ifPresent(e -> reasons.add(Reason.note(Code.SKIN_VERY_EVEN)));
        reasons.sort(Comparator.comparing(Reason::severity).reversed());
        return reasons;
    }

    static double tiltDegrees(FacePoints points) {
        Point r = points.at(new PointKey(Landmark.PUPIL, Side.RIGHT)).at();
        Point l = points.at(new PointKey(Landmark.PUPIL, Side.LEFT)).at();
        return Math.toDegrees(Math.atan2(l.y() - r.y(), l.x() - r.x()));
    }

    /** Returns the mean ΔE00 of zones that differ on bare skin from their common mean, when four of them were read. */
    static Optional<Double> evenness(SkinReading reading) {
        Lab[] zones = Arrays.stream(new Zone[] {
                    Zone.FOREHEAD, Zone.NOSE, Zone.CHEEK, Zone.AROUND_NOSE, Zone.UNDER_EYE, Zone.CHIN, Zone.OUTER_CHEEK
                })
                .map(reading::colourOf)
                .flatMap(Optional::stream)
                .toArray(Lab[]::new);
        if (zones.length < 4) {
            return Optional.empty();
        }
        Lab mean = Mean.of(List.of(zones));
        return Optional.of(Arrays.stream(zones)
                .mapToDouble(z -> z.differenceFrom(mean))
                .average()
                .orElse(0));
    }
}
