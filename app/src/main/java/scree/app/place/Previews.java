package scree.app.place;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import scree.app.correct.Corrections;
import scree.app.memory.Memories;
import scree.app.picture.Pictures;
import scree.app.studio.StudioId;
import scree.core.image.PictureIntake;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.placement.Covered;
import scree.core.placement.MadeUp;
import scree.core.plane.Vec;

/** The made-up face as a picture; the last few are kept, since the same one is asked for as a whole and in patches. */
@Service
public class Previews {
    private static final int KEPT = 12;
    private static final float QUALITY = .9f;
    /** Half the side of a zone's patch in pupil distances. */
    private static final double PATCH = .62;

    private final Pictures pictures;
    private final Corrections corrections;
    private final Cache<Key, Raster> made;

    /** Everything that the picture depends on. */
    private record Key(
            StudioId studio,
            long picture,
            MadeUp.Skin skin,
            List<Covered> covered,
            List<MadeUp.Layer> layers,
            MadeUp.Light light) {}

    Previews(Pictures pictures, Corrections corrections, Memories memories) {
        this.corrections = corrections;
        this.made = memories.keep("previews", KEPT);
        this.pictures = pictures;
    }

    byte[] whole(StudioId studio, long sitting, TakenPlan plan, MadeUp.Light light) {
        return PictureIntake.encodeJpeg(made(studio, sitting, plan, light), QUALITY);
    }

    /** Returns the face with what is placed and more over it. */
    public byte[] whole(StudioId studio, long sitting, TakenPlan plan, List<MadeUp.Layer> more, MadeUp.Light light) {
        List<MadeUp.Layer> all = new ArrayList<>(layers(plan));
        all.addAll(more);
        return PictureIntake.encodeJpeg(made(studio, sitting, plan, all, light), QUALITY);
    }

    /** Returns the place of a zone, bare or made up. */
    byte[] patch(StudioId studio, long sitting, TakenPlan plan, WorkedZone zone, boolean made) {
        Raster from = made
                ? made(studio, sitting, plan, MadeUp.Light.DAYLIGHT)
                : pictures.raster(studio, plan.face().sheet().pictureId());
        Vec heart = zone.zone().heart();
        Point at = plan.level().toPicture(heart);
        int half = (int) Math.round(PATCH * plan.level().unit());
        return PictureIntake.encodeJpeg(cut(from, (int) at.x(), (int) at.y(), half), QUALITY);
    }

    private Raster made(StudioId studio, long sitting, TakenPlan plan, MadeUp.Light light) {
        return made(studio, sitting, plan, layers(plan), light);
    }

    private static List<MadeUp.Layer> layers(TakenPlan plan) {
        List<MadeUp.Layer> layers = new ArrayList<>();
        for (WorkedZone z : plan.zones()) {
            if (z.dose() != null) {
                layers.add(MadeUp.Layer.of(z.zone(), z.laid(), z.dose().coats()));
            }
        }
        return layers;
    }

    private Raster made(StudioId studio, long sitting, TakenPlan plan, List<MadeUp.Layer> layers, MadeUp.Light light) {
        MadeUp.Skin skin = new MadeUp.Skin(
                plan.known().skin().skin(), plan.known().base(), plan.known().marksKept());
        long picture = plan.face().sheet().pictureId();
        Raster bare = pictures.raster(studio, picture);
        List<Covered> covered = corrections.covered(studio, sitting, picture);
        return made.get(
                new Key(studio, picture, skin, covered, layers, light),
                k -> MadeUp.over(bare, plan.level(), skin, covered, layers, light));
    }

    private static Raster cut(Raster from, int x, int y, int half) {
        int side = Math.max(8, Math.min(2 * half, Math.min(from.width(), from.height())));
        int left = Math.max(0, Math.min(from.width() - side, x - half));
        int top = Math.max(0, Math.min(from.height() - side, y - half));
        int[] rgb = new int[side * side];
        for (int row = 0; row < side; row++) {
            System.arraycopy(from.rgb(), (top + row) * from.width() + left, rgb, row * side, side);
        }
        return new Raster(side, side, rgb);
    }
}
