package scree.core.skin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import scree.core.image.Bare;
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
 * @param bare which pixels of the face are bare skin
 * @param tinted whether the light has a strong colour of its own that no card takes out
 */
public record SkinScene(
        FaceFrame face,
        List<ZoneOutline> outlines,
        List<FreeSpot> spots,
        List<List<Point>> features,
        PrintedCard print,
        Optional<CameraProfile> phone,
        Bare bare,
        boolean tinted) {
    /** A scene of which it is not known where skin is bare. */
    public SkinScene(
            FaceFrame face,
            List<ZoneOutline> outlines,
            List<FreeSpot> spots,
            List<List<Point>> features,
            PrintedCard print,
            Optional<CameraProfile> phone) {
        this(face, outlines, spots, features, print, phone, Bare.EVERYWHERE, false);
    }

    public SkinScene {
        outlines = List.copyOf(outlines);
        spots = List.copyOf(spots);
        features = List.copyOf(features);
    }

    /** Returns a scene with the card as designed and nothing else known. */
    public static SkinScene of(FaceFrame face, List<ZoneOutline> outlines) {
        return new SkinScene(face, outlines, List.of(), Features.of(face), PrintedCard.design(), Optional.empty());
    }

    /** Returns which pixels of a zone are bare skin; below the face the cheeks' colour says nothing. */
    Bare bareOf(Zone zone) {
        return zone == Zone.NECK || zone == Zone.CHEST ? Bare.EVERYWHERE : bare;
    }

    /** Returns the same scene where it is known which pixels of the face are bare skin. */
    public SkinScene where(Bare skin) {
        return new SkinScene(face, outlines, spots, features, print, phone, skin, tinted);
    }

    /** Returns the same scene in a light of which it is known whether it has a strong colour that no card takes out. */
    public SkinScene inLight(boolean strongCast) {
        return new SkinScene(face, outlines, spots, features, print, phone, bare, strongCast);
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
