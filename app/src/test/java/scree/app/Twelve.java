package scree.app;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import scree.core.face.FacePoints;
import scree.core.image.PictureIntake;
import scree.standins.camera.Camera;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Shot;
import scree.standins.camera.Studio;

/**
 * The twelve facing a window with the card, as most tests look at them. Their pictures ship with the tests, since taking one costs more
 * than most of these do; {@code TwelveTest} holds one against the stand-in and takes all of them anew when it is asked to.
 */
public final class Twelve {
    /** Pixels across. */
    public static final int WIDTH = 640;

    private Twelve() {}

    /** Returns a JPEG of one of them. */
    public static byte[] portrait(int sitter) {
        try (InputStream file = Twelve.class.getResourceAsStream("twelve/" + file(sitter))) {
            return file.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(file(sitter), e);
        }
    }

    /** Returns where the points of a face truly lie in its picture. */
    public static FacePoints points(int sitter) {
        return Studio.points(Ensemble.all().get(sitter), WIDTH);
    }

    static String file(int sitter) {
        return sitter + ".jpg";
    }

    /** Returns what the stand-in takes today. */
    static byte[] taken(int sitter) {
        return PictureIntake.encodeJpeg(
                Studio.seat(Ensemble.all().get(sitter), Lighting.facingWindow(), WIDTH)
                        .shoot(Camera.quiet(5), Lamp.daylight(5600), Shot.withCard(1)),
                .95f);
    }
}
