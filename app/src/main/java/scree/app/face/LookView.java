package scree.app.face;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import scree.app.look.PictureFrame;
import scree.app.picture.Picture;
import scree.core.reason.Reason;
import scree.core.sight.PictureCheck;
import scree.core.sight.SightCode;

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
        return sentences(look, words, PictureCheck::stops);
    }

    /** Returns sentences on what is asked and noted. */
    static List<String> asked(FirstLook look, FaceWords words) {
        return sentences(
                look, words, r -> !withholds(r) && r.code() != SightCode.TINTED); // the light's own verdict says that
    }

    private static boolean withholds(Reason r) {
        return PictureCheck.stops(r) || r.code() == SightCode.NO_COLOUR;
    }

    private static List<String> sentences(FirstLook look, FaceWords words, Predicate<Reason> which) {
        return look.said().stream()
                .filter(which)
                .map(r -> words.say("sight." + r.code().name(), r.args().toArray()))
                .toList();
    }

    static LookView of(Picture picture, Optional<FirstLook> look, FaceWords words) {
        List<String> said =
                look.map(l -> sentences(l, words, LookView::withholds)).orElse(List.of());
        return new LookView(PictureFrame.whole(picture, WIDTH, HEIGHT), look.isEmpty(), said);
    }
}
