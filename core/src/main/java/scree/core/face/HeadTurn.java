package scree.core.face;

import java.util.List;
import scree.core.mesh.Pose;

/**
 * How the head is turned in the picture that its points lie on, and how far each point lies behind the pupils: enough to tell the sides
 * apart as if the head looked at the camera. Widths and midline are told from the points turned back, heights from the picture.
 *
 * @param yawDegrees as found, positive with the nose to the picture's left; 0.77 of the true turn
 * @param pitchDegrees as found, positive with the chin down
 * @param depths in pupil distances away from the viewer, in the order of {@link PointKey#all()}; none for a head whose turn is not known
 */
public record HeadTurn(double yawDegrees, double pitchDegrees, List<Double> depths) {
    /** Nothing is known of the turn: the points were laid by hand. */
    public static final HeadTurn UNKNOWN = new HeadTurn(0, 0, List.of());

    /** Found yaw from which the two sides are not told against one another. Derived: false differences of 6 % and more. */
    public static final double SIDES_TOLD = 5;
    /** Found yaw from which the head has to be turned to the camera first. Derived: the same. */
    public static final double ASKED = 9;
    /** Found yaw from which it is no view from the front. Derived: the same. */
    public static final double REFUSED = 17;
    /** Pitch of frontal portraits as found: their relief is drawn so. Derived: −3 ± 2. */
    public static final double USUAL_PITCH = -3;
    /** Pitch about the usual one from which the picture is asked for again: heights would be told wrongly. Derived: warps of 8 and 15°. */
    public static final double MOST_PITCH = 10;

    public HeadTurn {
        depths = depths == null ? List.of() : List.copyOf(depths);
        if (!depths.isEmpty() && depths.size() != PointKey.all().size()) {
            throw new IllegalArgumentException("a face has %d points, but got %d depths"
                    .formatted(PointKey.all().size(), depths.size()));
        }
        if (!Double.isFinite(yawDegrees) || !Double.isFinite(pitchDegrees)) {
            throw new IllegalArgumentException("a head is turned by %s and %s".formatted(yawDegrees, pitchDegrees));
        }
    }

    /** Returns a turn that was found in a picture whose points a hand laid: it withholds, and turns nothing back. */
    public static HeadTurn behind(Pose pose) {
        return new HeadTurn(pose.yawDegrees(), pose.pitchDegrees(), List.of());
    }

    /** Returns whether heights can be told: thirds, lengths of nose and chin, the tilt of the eyes. */
    public boolean heightsTold() {
        return Math.abs(pitchDegrees - USUAL_PITCH) <= MOST_PITCH;
    }

    /** Returns whether the turn was found. */
    public boolean known() {
        return !depths.isEmpty();
    }

    /** Returns whether left and right can be told against one another. */
    public boolean sidesTold() {
        return Math.abs(yawDegrees) <= SIDES_TOLD;
    }

    /** Returns x of a levelled place as it lies when the head looks at the camera. */
    double frontalX(int point, double x) {
        double yaw = Math.toRadians(yawDegrees);
        return known() ? x * Math.cos(yaw) - depths.get(point) * Math.sin(yaw) : x;
    }
}
