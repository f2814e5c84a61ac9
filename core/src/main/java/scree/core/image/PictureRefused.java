package scree.core.image;

/** A picture that cannot be used. Carries why, for words at the edge; nothing of the file's content. */
public final class PictureRefused extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** Why a picture is refused. */
    public enum Why {
        /** No bytes came. */
        EMPTY,
        /** More than {@link PictureIntake#MOST_BYTES}. */
        FILE_TOO_LARGE,
        /** More than {@link PictureIntake#MOST_PIXELS}, told from the header before any pixel is decoded. */
        TOO_MANY_PIXELS,
        /** Under {@link PictureIntake#LEAST_SIDE} pixels on a side. */
        TOO_SMALL,
        /** HEIC or HEIF, which cannot be read here. */
        HEIC,
        /** Content is not JPEG, PNG or WebP, whatever its name says. */
        NOT_A_PICTURE,
        /** It starts like a picture but breaks off or contradicts itself. */
        BROKEN,
        /** Reading it took longer than whoever asked would wait. */
        TOO_SLOW,
        /** Other pictures were being read for so long that this one's turn did not come. */
        BUSY
    }

    private final Why why;

    public PictureRefused(Why why) {
        super(why.name());
        this.why = why;
    }

    public Why why() {
        return why;
    }
}
