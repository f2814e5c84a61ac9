package scree.app.face;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import scree.app.memory.Memories;
import scree.app.picture.Picture;
import scree.app.picture.Pictures;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.core.face.FacePoints;
import scree.core.face.MeshGuess;
import scree.core.face.PointsRefused;
import scree.core.image.CardFinder;
import scree.core.image.CardLayout;
import scree.core.image.CardSighting;
import scree.core.image.Raster;
import scree.core.mesh.FaceSearch;
import scree.core.mesh.HeadMesh;
import scree.core.reason.Reason;
import scree.core.sight.EdgeFit;
import scree.core.sight.PictureCheck;
import scree.core.sight.SeenFace;
import scree.core.sight.SightCode;

/** Looks at a picture before anything is read from it: is there one face, upright, sharp, in light that can be read? */
@Service
public class FirstLooks {
    private static final int KEPT = 60;

    private final FirstLookMapper mapper;
    private final Faces faces;
    private final Pictures pictures;
    private final Cache<FirstLookRow, FirstLook> read;

    FirstLooks(FirstLookMapper mapper, Faces faces, Pictures pictures, Memories memories) {
        this.mapper = mapper;
        this.faces = faces;
        this.pictures = pictures;
        this.read = memories.keep("looks", KEPT);
    }

    /** What is known of a picture that is not kept. */
    public record Checked(FacePoints points, SeenFace face, List<Reason> said) {
        /** Returns whether nothing is to be read from it. */
        public boolean stops() {
            return points == null || said.stream().anyMatch(PictureCheck::stops);
        }
    }

    /** Returns what was found in a picture, or empty while nobody looked. */
    public Optional<FirstLook> of(StudioId studio, long picture) {
        return Optional.ofNullable(mapper.of(studio, picture)).map(row -> read.get(row, FirstLook::of));
    }

    /** Checks a picture that is not kept. */
    public Checked check(FaceSearch search, Raster raster) {
        boolean card =
                CardFinder.find(raster) instanceof CardSighting.Found found && found.kind() == CardLayout.Kind.COLOUR;
        SeenFace face = search.mesh().map(found -> SeenFace.of(raster, found)).orElse(null);
        List<Reason> said = PictureCheck.of(search, face, card);
        if (said.stream().anyMatch(PictureCheck::stops)) {
            boolean posed = said.stream()
                    .anyMatch(r -> r.code() == SightCode.TURN_TO_CAMERA || r.code() == SightCode.EYE_HEIGHT);
            return new Checked(null, posed ? face : null, said); // a hand may lay points on it, and the pose withholds
        }
        HeadMesh mesh = search.mesh().orElseThrow();
        try {
            FacePoints guess = MeshGuess.from(mesh, raster.width(), raster.height());
            EdgeFit.Fitted fitted = EdgeFit.of(face, guess);
            List<Reason> all = new ArrayList<>(said);
            if (fitted.foreheadCovered()) {
                all.add(PictureCheck.reason(SightCode.FOREHEAD_COVERED));
            }
            if (fitted.handPerhaps()) {
                all.add(PictureCheck.reason(SightCode.HAND));
            }
            return new Checked(fitted.points(), face, all);
        } catch (PointsRefused noFace) {
            return new Checked(null, null, List.of(PictureCheck.reason(SightCode.UNSURE)));
        }
    }

    /**
     * Takes what the browser found in the newest picture: points when it can be read, else what is said of it.
     *
     * @return what is said of it
     */
    public FirstLook take(Member me, long sitting, FaceSearch search) {
        Picture picture = faces.picture(me.studio(), sitting).orElseThrow(() -> new NotHere("picture"));
        Checked checked = check(search, pictures.raster(me.studio(), picture.id()));
        return take(me, sitting, picture.id(), checked);
    }

    /** Takes what was checked before the picture was kept. */
    public FirstLook take(Member me, long sitting, long picture, Checked checked) {
        FirstLook look = new FirstLook(
                picture, checked.face() == null ? null : checked.face().mesh(), checked.said());
        mapper.put(me.studio(), look.row());
        if (!checked.stops()) {
            faces.take(me, sitting, checked.points(), FaceSheet.Found.MESH);
        }
        return look;
    }

    /** Returns what to show of the newest picture while no skin is read from it: as {@link #waiting}, and where it has no colour. */
    public Optional<LookView> colourless(StudioId studio, long sitting, FaceWords words) {
        return waiting(studio, sitting, words)
                .or(() -> faces.picture(studio, sitting)
                        .flatMap(p -> of(studio, p.id())
                                .filter(l -> l.says(SightCode.NO_COLOUR))
                                .map(l -> LookView.of(p, Optional.of(l), words))));
    }

    /** Returns sentences on what is asked and noted of a picture from which is read. */
    public List<String> asked(StudioId studio, long picture, FaceWords words) {
        return of(studio, picture).map(l -> LookView.asked(l, words)).orElse(List.of());
    }

    /** Returns what to show of the newest picture while nothing is read from it; empty when it is read, or there is none. */
    public Optional<LookView> waiting(StudioId studio, long sitting, FaceWords words) {
        return faces.picture(studio, sitting)
                .filter(p -> faces.of(studio, sitting)
                        .filter(f -> f.sheet().pictureId() == p.id())
                        .isEmpty())
                .map(p -> LookView.of(p, of(studio, p.id()), words));
    }
}
