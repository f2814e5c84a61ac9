package scree.core.image;

import java.util.Locale;
import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadProgressListener;
import javax.imageio.event.IIOReadWarningListener;

/** Stands beside a decoder: stops it between two lines when patience is over, and hears when it made pixels up. */
final class ReadingWatch implements IIOReadProgressListener, IIOReadWarningListener {
    private final Patience patience;
    private boolean brokeOff;

    /** Thrown through the decoder, which passes on what its listeners throw. */
    static final class Stopped extends RuntimeException {
        private static final long serialVersionUID = 1;

        Stopped() {
            super("patience is over", null, false, false);
        }
    }

    ReadingWatch(Patience patience) {
        this.patience = patience;
    }

    /** Returns whether the pixels ended before the picture did. */
    boolean brokeOff() {
        return brokeOff;
    }

    @Override
    public void warningOccurred(ImageReader source, String warning) {
        brokeOff |= warning != null && warning.toLowerCase(Locale.ROOT).contains("premature");
    }

    @Override
    public void imageProgress(ImageReader source, float percentageDone) {
        if (patience.over()) {
            throw new Stopped();
        }
    }

    @Override
    public void sequenceStarted(ImageReader source, int minIndex) {}

    @Override
    public void sequenceComplete(ImageReader source) {}

    @Override
    public void imageStarted(ImageReader source, int imageIndex) {}

    @Override
    public void imageComplete(ImageReader source) {}

    @Override
    public void thumbnailStarted(ImageReader source, int imageIndex, int thumbnailIndex) {}

    @Override
    public void thumbnailProgress(ImageReader source, float percentageDone) {}

    @Override
    public void thumbnailComplete(ImageReader source) {}

    @Override
    public void readAborted(ImageReader source) {}
}
