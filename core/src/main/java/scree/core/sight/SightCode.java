package scree.core.sight;

/** What may be said of a picture before anything is read from it, in the order in which it is looked for. Args in comments. */
public enum SightCode {
    NO_FACE(Kind.REFUSES),
    HEAD_DOWN(Kind.REFUSES),
    TWO_FACES(Kind.REFUSES),
    /** Args: pixels between the pupils. */
    TOO_SMALL(Kind.REFUSES),
    TOO_DARK(Kind.REFUSES),
    BURNT(Kind.REFUSES),
    BLURRED(Kind.REFUSES),
    /** Points and shape are kept, skin and undertone are not read. */
    NO_COLOUR(Kind.WITHHOLDS_COLOUR),
    /** Without a card: the undertone is not told. */
    TINTED(Kind.WITHHOLDS_COLOUR),
    /** Args: about how many degrees. */
    TURNED_AWAY(Kind.REFUSES),
    /** Args: about how many degrees. Points can be laid by hand. */
    TURN_TO_CAMERA(Kind.ASKS_AGAIN),
    EYE_HEIGHT(Kind.ASKS_AGAIN),
    /** Looks at one face part, or it does not fit a face. */
    UNSURE(Kind.ASKS_AGAIN),
    DARK_GLASSES(Kind.ASKS_AGAIN),
    /** A question. */
    GLASSES(Kind.ASKS),
    MOUTH_OPEN(Kind.ASKS),
    FOREHEAD_COVERED(Kind.ASKS),
    /** A question. */
    HAND(Kind.ASKS),
    /** Args: pixels between the pupils. */
    SMALL(Kind.NOTES),
    SOFT(Kind.NOTES);

    /** What follows. */
    public enum Kind {
        /** Nothing is read; the file is kept. */
        REFUSES,
        /** Another picture is asked for; by hand the points can be laid on this one. */
        ASKS_AGAIN,
        /** The face is read, its colour is not. */
        WITHHOLDS_COLOUR,
        /** Read; something is asked. */
        ASKS,
        NOTES
    }

    private final Kind kind;

    SightCode(Kind kind) {
        this.kind = kind;
    }

    public Kind kind() {
        return kind;
    }

    /** Returns whether nothing is read until another picture is taken or the points are laid by hand. */
    public boolean stops() {
        return kind == Kind.REFUSES || kind == Kind.ASKS_AGAIN;
    }

    /** Returns whether a hand may lay the points on the picture all the same: there is something to see. */
    public boolean handMayLay() {
        return kind == Kind.ASKS_AGAIN || this == NO_FACE || this == TURNED_AWAY;
    }
}
