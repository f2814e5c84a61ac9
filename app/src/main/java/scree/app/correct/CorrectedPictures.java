package scree.app.correct;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import scree.app.face.Faces;
import scree.app.judge.SittingSkins;
import scree.app.memory.Memories;
import scree.app.picture.Pictures;
import scree.app.sitting.Sitting;
import scree.app.studio.StudioId;
import scree.core.face.FacePoints;
import scree.core.face.LevelledFace;
import scree.core.image.PictureIntake;
import scree.core.judge.LaidProduct;
import scree.core.placement.Covered;
import scree.core.placement.MadeUp;

/** The face with its base and its marks brought back, nothing else on. */
@Service
public class CorrectedPictures {
    private static final int KEPT = 8;
    private static final float QUALITY = .9f;

    private final Faces faces;
    private final SittingSkins skins;
    private final Pictures pictures;
    private final Cache<Key, byte[]> made;

    private record Key(StudioId studio, long picture, FacePoints points, MadeUp.Skin skin, List<Covered> covered) {}

    CorrectedPictures(Faces faces, SittingSkins skins, Pictures pictures, Memories memories) {
        this.faces = faces;
        this.skins = skins;
        this.pictures = pictures;
        this.made = memories.keep("corrected pictures", KEPT);
    }

    /** Returns whether there is one: the face has points on the picture that the skin was read from. */
    boolean possible(StudioId studio, long sitting, TakenCorrections taken) {
        return points(studio, sitting, taken).isPresent();
    }

    private Optional<FacePoints> points(StudioId studio, long sitting, TakenCorrections taken) {
        return faces.of(studio, sitting)
                .filter(f -> f.sheet().pictureId() == taken.reading().pictureId())
                .map(f -> f.points());
    }

    /** What is worn, or what stands first on the shortlist: the plans were made with it. */
    private static LaidProduct base(TakenCorrections taken) {
        var base = taken.base();
        return base == null ? null : new LaidProduct(base.form(), base.coat(), null, 0);
    }

    /** Returns it as a JPEG, empty when the face has no points on that picture. */
    Optional<byte[]> of(StudioId studio, Sitting sitting, TakenCorrections taken) {
        SittingSkins.Known known = skins.of(studio, sitting);
        MadeUp.Skin skin = new MadeUp.Skin(known.skin().skin(), base(taken), known.marksKept());
        long picture = taken.reading().pictureId();
        return points(studio, sitting.id(), taken)
                .map(points -> made.get(
                        new Key(studio, picture, points, skin, taken.covered()),
                        k -> PictureIntake.encodeJpeg(
                                MadeUp.over(
                                        pictures.raster(studio, picture),
                                        LevelledFace.of(points),
                                        skin,
                                        taken.covered(),
                                        List.of(),
                                        MadeUp.Light.DAYLIGHT),
                                QUALITY)));
    }
}
