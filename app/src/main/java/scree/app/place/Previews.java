package scree.app.place;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import scree.app.picture.Pictures;
import scree.app.studio.StudioId;
import scree.core.image.PictureIntake;
import scree.core.image.Point;
import scree.core.image.Raster;
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
    private final Map<Key, Raster> recent = new LinkedHashMap<>(16, .75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Raster> eldest) {
            return size() > KEPT;
        }
    };

    /** Everything that the picture depends on. */
    private record Key(StudioId studio, long picture, List<MadeUp.Layer> layers, MadeUp.Light light) {}

    Previews(Pictures pictures) {
        this.pictures = pictures;
    }

    byte[] whole(StudioId studio, TakenPlan plan, MadeUp.Light light) {
        return PictureIntake.encodeJpeg(made(studio, plan, light), QUALITY);
    }

    /** Returns the place of a zone, bare or made up. */
    byte[] patch(StudioId studio, TakenPlan plan, WorkedZone zone, boolean made) {
        Raster from = made
                ? made(studio, plan, MadeUp.Light.DAYLIGHT)
                : pictures.raster(studio, plan.face().sheet().pictureId());
        Vec heart = zone.zone().heart();
        Point at = plan.level().toPicture(heart);
        int half = (int) Math.round(PATCH * plan.level().unit());
        return PictureIntake.encodeJpeg(cut(from, (int) at.x(), (int) at.y(), half), QUALITY);
    }

    private Raster made(StudioId studio, TakenPlan plan, MadeUp.Light light) {
        List<MadeUp.Layer> layers = new ArrayList<>();
        for (WorkedZone z : plan.zones()) {
            if (z.dose() != null) {
                layers.add(new MadeUp.Layer(z.zone(), z.film(), z.dose().coats()));
            }
        }
        long picture = plan.face().sheet().pictureId();
        Raster bare = pictures.raster(studio, picture);
        Key key = new Key(studio, picture, layers, light);
        synchronized (recent) {
            Raster kept = recent.get(key);
            if (kept != null) {
                return kept;
            }
        }
        Raster made = MadeUp.over(bare, plan.level(), plan.skinSpectrum(), layers, light);
        synchronized (recent) {
            recent.put(key, made);
        }
        return made;
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
