package scree.core.routine;

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

    /** Returns how far down it lies, 0 at the hairline to 8 on the neck. */
    int height() {
        return height;
    }
}
