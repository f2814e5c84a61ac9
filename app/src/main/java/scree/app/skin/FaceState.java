package scree.app.skin;

import java.util.ArrayList;
import java.util.List;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.skin.FaceFrame;
import scree.core.skin.Zone;
import scree.core.skin.ZoneOutline;

/**
 * Where the face and its zones lie in a picture, as the artist left them.
 *
 * @param outlines all zones; those moved by hand differ from the template
 */
public record FaceState(Point rightPupil, Point leftPupil, Point chin, List<ZoneOutline> outlines) {
    public FaceState {
        outlines = List.copyOf(outlines);
    }

    static FaceState usualIn(int width, int height) {
        FaceFrame f = FaceFrame.usualIn(width, height);
        return new FaceState(f.rightPupil(), f.leftPupil(), f.chin(), ZoneOutline.templates());
    }

    /** Returns the frame of the three points. */
    public FaceFrame frame() {
        return new FaceFrame(rightPupil, leftPupil, chin);
    }

    /** The three points that lay the template. */
    enum Handle {
        RIGHT_PUPIL,
        LEFT_PUPIL,
        CHIN
    }

    Point at(Handle handle) {
        return switch (handle) {
            case RIGHT_PUPIL -> rightPupil;
            case LEFT_PUPIL -> leftPupil;
            case CHIN -> chin;
        };
    }

    FaceState withMoved(Handle handle, double dx, double dy) {
        Point to = at(handle).plus(dx, dy);
        return new FaceState(
                handle == Handle.RIGHT_PUPIL ? to : rightPupil,
                handle == Handle.LEFT_PUPIL ? to : leftPupil,
                handle == Handle.CHIN ? to : chin,
                outlines);
    }

    /** Moves a zone by pixels and scales its radii. */
    FaceState withZone(Zone zone, Side side, double dx, double dy, double scale) {
        FaceFrame frame = frame();
        List<ZoneOutline> changed = new ArrayList<>();
        for (ZoneOutline o : outlines) {
            changed.add(o.zone() == zone && o.side() == side ? moved(o, frame, dx, dy, scale) : o);
        }
        return new FaceState(rightPupil, leftPupil, chin, changed);
    }

    FaceState withTemplate() {
        return new FaceState(rightPupil, leftPupil, chin, ZoneOutline.templates());
    }

    private static ZoneOutline moved(ZoneOutline o, FaceFrame frame, double dx, double dy, double scale) {
        Point centre = frame.toFace(frame.toPicture(o.x(), o.y()).plus(dx, dy));
        return new ZoneOutline(
                o.zone(),
                o.side(),
                centre.x(),
                centre.y(),
                clamp(o.radiusX() * scale),
                clamp(o.radiusY() * scale),
                o.leanDegrees());
    }

    private static double clamp(double radius) {
        return Math.min(1.5, Math.max(0.025, radius));
    }
}
