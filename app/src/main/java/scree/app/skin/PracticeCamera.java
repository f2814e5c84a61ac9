package scree.app.skin;

import scree.app.sitting.Sitting;

/** The port behind which a camera may be plugged in; the demo plugs in the stand-in. */
public interface PracticeCamera {
    /** Rooms in which a picture can be practised, good ones and bad ones. */
    enum Room {
        WINDOW,
        SIDE_WINDOW,
        LAMP_ABOVE,
        WARM_LAMP,
        LAMP_AND_WINDOW,
        WINDOW_BEHIND,
        COLOURED_WALL,
        GREY_CARD
    }

    /** Returns a JPEG of the sitter, facing a window. */
    default byte[] photograph(Sitting sitting) {
        return photograph(sitting, Room.WINDOW);
    }

    /** Returns a JPEG of the sitter in a room. */
    byte[] photograph(Sitting sitting, Room room);
}
