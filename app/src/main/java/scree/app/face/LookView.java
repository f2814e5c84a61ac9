package scree.app.face;

import java.util.List;
import java.util.Optional;
import scree.app.look.PictureFrame;
import scree.app.picture.Picture;
import scree.core.sight.PictureCheck;

/**
 * A picture from which nothing is read: the face is still looked for, or it is said why not.
 *
 * @param said sentences; none while the face is looked for
 */
public record LookView(PictureFrame picture, boolean looking, List<String> said) {
    private static final int WIDTH = 560;
    private static final int HEIGHT = 640;

    /** Returns sentences on why nothing is read. */
    static List<String> stopping(FirstLook look, FaceWords words) {
        return look.said().stream()
                .filter(PictureCheck::stops)
                .map(r -> words.say("sight." + r.code().name(), r.args().toArray()))
                .toList();
    }

    static LookView of(Picture picture, Optional<FirstLook> look, FaceWords words) {
        List<String> said = look.map(l -> stopping(l, words)).orElse(List.of());
        return new LookView(PictureFrame.whole(picture, WIDTH, HEIGHT), look.isEmpty(), said);
    }
}
