package scree.core.routine;

import java.util.Arrays;
import java.util.Comparator;
import scree.core.skin.FreeSpot;
import scree.core.skin.Zone;

/** Where a step works, from the top of the face down. */
public enum WorkZone {
    BROW(1),
    FOREHEAD(0),
    TEMPLE(1),
    LID(2),
    LASH(2),
    UNDER_EYE(3),
    NOSE(4),
    CHEEK(4),
    OUTER(5),
    MOUTH(6),
    LIPS(6),
    JAW(7),
    NECK(8);

    private final int height;

    WorkZone(int height) {
        this.height = height;
    }

    /** Returns the zone that a region of skin lies in. */
    public static WorkZone of(Zone zone) {
        return switch (zone) {
            case FOREHEAD -> FOREHEAD;
            case TEMPLE -> TEMPLE;
            case LID -> LID;
            case UNDER_EYE -> UNDER_EYE;
            case NOSE, AROUND_NOSE -> NOSE;
            case CHEEK -> CHEEK;
            case OUTER_CHEEK -> OUTER;
            case UPPER_LIP, AROUND_MOUTH, CHIN -> MOUTH;
            case JAW -> JAW;
            case NECK, CHEST, FOREARM -> NECK;
        };
    }

    /** Returns the zone that a spot lies on: that of the nearest region. */
    public static WorkZone at(FreeSpot spot) {
        return of(Arrays.stream(Zone.values())
                .filter(Zone::inPortrait)
                .min(Comparator.comparingDouble(z -> z.distanceTo(spot.x(), spot.y())))
                .orElseThrow());
    }

    /** Returns how far down it lies, 0 at the hairline to 8 on the neck. */
    int height() {
        return height;
    }
}
