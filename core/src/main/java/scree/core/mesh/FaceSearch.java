package scree.core.mesh;

import java.util.List;
import java.util.Optional;

/**
 * What the browser's search found in one picture.
 *
 * @param first the likeliest face, or null when there is none
 * @param second the next, or null
 * @param onItsHead score of the box when the picture is turned by half a circle, or null when that was not tried
 * @param looks at the first face, each in pixels of the picture with its sides the right way round; none when it has no mesh
 */
public record FaceSearch(Seen first, Seen second, Double onItsHead, List<HeadMesh> looks) {
    /** Found nothing. */
    public static final FaceSearch NOTHING = new FaceSearch(null, null, null, List.of());

    public FaceSearch {
        looks = List.copyOf(looks);
    }

    /**
     * One face that was seen.
     *
     * @param boxScore of its box, 0 to 1
     * @param faceScore of its mesh, 0 to 1
     * @param size of its box in pixels
     */
    public record Seen(double boxScore, double faceScore, double size) {
        private static final double LEAST_BOX = .50;
        private static final double LEAST_FACE = .80;

        /** Returns whether it is believed. Derived: 112 of 113 pictures without a face refused, 31 of 31 faces kept. */
        boolean face() {
            return boxScore >= LEAST_BOX && faceScore >= LEAST_FACE;
        }
    }

    /** Size of a second face over the first's from which it is one. Derived: false ones lie at 0.11–0.29. */
    private static final double LEAST_SECOND = .35;

    /** By so much the turned picture's box must be the better one. Derived: smallest right difference 0.03. */
    private static final double MORE_ON_HEAD = .02;

    /** Looks that part by more are asked again, pupil distances. Derived: upright frontal faces stay within 0.013. */
    private static final double MOST_SPREAD = .02;

    /** Returns whether there is a face at all. */
    public boolean found() {
        return first != null && first.face() && !looks.isEmpty();
    }

    /** Returns whether more than one face is seen. */
    public boolean two() {
        return first != null && second != null && second.face() && second.size() >= LEAST_SECOND * first.size();
    }

    /** Returns whether the picture stands on its head: the mesh lays an upright face on one that does. */
    public boolean upsideDown() {
        return first != null && onItsHead != null && onItsHead >= first.boxScore() + MORE_ON_HEAD;
    }

    /** Returns whether its looks part by more than those at an upright face from the front. */
    public boolean restless() {
        return looks.size() > 1 && HeadMesh.spread(looks) > MOST_SPREAD;
    }

    /** Returns the mean of its looks. */
    public Optional<HeadMesh> mesh() {
        return looks.isEmpty() ? Optional.empty() : Optional.of(HeadMesh.mean(looks));
    }
}
