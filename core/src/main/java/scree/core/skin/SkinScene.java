package scree.core.skin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import scree.core.image.CameraProfile;
import scree.core.image.Point;
import scree.core.image.PrintedCard;

/**
 * What is known of a picture before its skin is read.
 *
 * @param outlines of the zones, each zone and side at most once
 * @param features outlines in pixels of what is no skin
 * @param print what is known of the card
 * @param phone what the same phone taught in daylight with the colour card
 */
public record SkinScene(
        FaceFrame face,
        List<ZoneOutline> outlines,
        List<FreeSpot> spots,
        List<List<Point>> features,
        PrintedCard print,
        Optional<CameraProfile> phone) {
    public SkinScene {
        outlines = List.copyOf(outlines);
        spots = List.copyOf(spots);
        features = List.copyOf(features);
    }

    /** Returns a scene with the card as designed and nothing else known. */
    public static SkinScene of(FaceFrame face, List<ZoneOutline> outlines) {
        return new SkinScene(face, outlines, List.of(), Features.of(face), PrintedCard.design(), Optional.empty());
    }

    /** Returns everything that is left out of a zone's mean: features and spots. */
    public List<List<Point>> without() {
        List<List<Point>> all = new ArrayList<>(features);
        for (FreeSpot spot : spots) {
            all.add(spot.polygon(face, 1.15));
        }
        return all;
    }
}
