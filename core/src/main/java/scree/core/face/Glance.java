package scree.core.face;

import static scree.core.face.Landmark.*;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Points that an artist checks with one look, enlarged; in the order in which a face is checked. */
public enum Glance {
    HAIRLINE(Landmark.HAIRLINE, FOREHEAD_CORNER),
    TEMPLES_AND_CHEEKS(EAR_TOP, TEMPLE, CHEEK, BROW_END),
    JAW_AND_CHIN(JAW, JAW_MID, CHIN_SIDE, CHIN);

    private final List<Landmark> landmarks;

    Glance(Landmark... landmarks) {
        this.landmarks = List.of(landmarks);
    }

    public List<Landmark> landmarks() {
        return landmarks;
    }

    /** Returns whether every point was looked at or put by hand. */
    public boolean settled(FacePoints points) {
        return landmarks.stream().allMatch(points::settled);
    }

    /** Returns the looks that are still to be taken. */
    public static List<Glance> open(FacePoints points) {
        return Arrays.stream(values()).filter(g -> !g.settled(points)).toList();
    }

    /** Returns the look that checks a landmark; empty for those that the first guess knows well. */
    public static Optional<Glance> of(Landmark landmark) {
        return Arrays.stream(values())
                .filter(g -> g.landmarks.contains(landmark))
                .findFirst();
    }
}
