package scree.app.skin;

import java.util.Optional;
import org.springframework.stereotype.Component;
import scree.app.card.Cards;
import scree.app.face.FirstLook;
import scree.app.face.FirstLooks;
import scree.app.picture.Pictures;
import scree.app.studio.StudioId;
import scree.core.face.FacePoints;
import scree.core.image.CameraProfile;
import scree.core.image.CardSighting;
import scree.core.image.Raster;
import scree.core.light.LightJudge;
import scree.core.light.LightVerdict;
import scree.core.sight.FaceSkin;
import scree.core.sight.SightCode;
import scree.core.skin.Features;
import scree.core.skin.SkinReader;
import scree.core.skin.SkinReading;
import scree.core.skin.SkinScene;
import tools.jackson.databind.json.JsonMapper;

/** Gathers what is known of a picture before its skin is read: the face, what of it is bare skin, the print of the card, the phone. */
@Component
class SkinScenes {
    private final FirstLooks looks;
    private final Pictures pictures;
    private final Cards cards;
    private final SkinMapper skin;
    private final JsonMapper json;

    SkinScenes(FirstLooks looks, Pictures pictures, Cards cards, SkinMapper skin, JsonMapper json) {
        this.looks = looks;
        this.pictures = pictures;
        this.cards = cards;
        this.skin = skin;
        this.json = json;
    }

    /**
     * Returns the scene of a stored picture. Bare skin is told where the browser found the face; where a hand laid the points, all of a
     * zone counts.
     *
     * @param points that lie on this picture, or null when none do
     */
    SkinScene stored(StudioId studio, long picture, Raster raster, FaceState face, FacePoints points) {
        SkinScene scene = scene(studio, face, points, pictures.camera(studio, picture));
        return looks.of(studio, picture)
                .map(look -> seen(scene, look, raster, points))
                .orElse(scene);
    }

    /** Returns the scene of a picture that is not kept. */
    SkinScene unkept(StudioId studio, Pictures.Ready ready, FirstLooks.Checked found) {
        FacePoints points = found.points();
        return scene(studio, FaceState.on(points, 0), points, Optional.ofNullable(ready.camera()))
                .where(FaceSkin.of(found.face(), points))
                .inLight(found.said().stream().anyMatch(r -> r.code() == SightCode.TINTED));
    }

    private static SkinScene seen(SkinScene scene, FirstLook look, Raster raster, FacePoints points) {
        SkinScene lit = scene.inLight(look.says(SightCode.TINTED));
        return look.mesh() == null || points == null ? lit : lit.where(FaceSkin.of(raster, look.mesh(), points));
    }

    private SkinScene scene(StudioId studio, FaceState face, FacePoints points, Optional<String> camera) {
        Optional<CameraProfile> phone = camera.map(c -> skin.phone(studio, c))
                .map(map -> new CameraProfile(json.readValue(map, double[][].class)));
        var features = points == null ? Features.of(face.frame()) : Features.of(points);
        return new SkinScene(face.frame(), face.outlines(), face.spots(), features, cards.inUse(studio), phone);
    }

    /** A phone is learned from good daylight with the colour card; another light would teach it wrongly. */
    static Optional<CameraProfile> learned(Raster raster, CardSighting card, SkinScene scene, SkinReading reading) {
        boolean good = LightJudge.judge(reading.light(), null).grade() == LightVerdict.Grade.GOOD;
        return good && reading.trust() == SkinReading.Trust.COLOUR_CARD
                ? SkinReader.learn(raster, card, scene.print())
                : Optional.empty();
    }

    /** Keeps what was learned of a phone. */
    void remember(StudioId studio, String camera, CameraProfile phone) {
        skin.putPhone(studio, camera, json.writeValueAsString(phone.map()));
    }
}
