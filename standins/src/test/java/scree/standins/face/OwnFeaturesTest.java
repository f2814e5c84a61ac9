package scree.standins.face;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import scree.core.colour.Lab;
import scree.core.face.LevelledFace;
import scree.core.image.Raster;
import scree.core.sight.OwnFeatures;
import scree.standins.camera.Camera;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Portrait;
import scree.standins.camera.Seats;
import scree.standins.camera.Shot;

/** Lips, brows and eyes beside a skin whose colour is known. */
class OwnFeaturesTest {
    private static final int WIDTH = 640;
    /** Fair with fair hair and blue eyes; dark hair and dark eyes on tan skin. */
    private static final int LIV = 0;

    private static final int SAMIRA = 5;

    private static OwnFeatures read(int sitter, Lamp lamp, Lab skin) {
        Portrait p = Seats.of(Ensemble.all().get(sitter), Lighting.facingWindow(), WIDTH);
        Raster picture = p.shoot(Camera.quiet(3), lamp, Shot.withCard(1));
        return OwnFeatures.of(picture, LevelledFace.of(p.facePoints()), skin);
    }

    @Test
    void darkFeaturesAreReadDarkerThanFairOnesAndLipsRedderThanSkin() {
        Lab fair = Lab.of(72.7, 8.6, 10.4);
        Lab tan = Lab.of(57.3, 10.4, 24);
        OwnFeatures liv = read(LIV, Lamp.daylight(5600), fair);
        OwnFeatures samira = read(SAMIRA, Lamp.daylight(5600), tan);
        assertThat(samira.brow()).isLessThan(liv.brow() - 10);
        assertThat(samira.iris()).isLessThan(liv.iris() - 10);
        assertThat(liv.lip().a()).isGreaterThan(fair.a() + 8);
        assertThat(samira.lip().a()).isGreaterThan(tan.a() + 3);
        assertThat(liv.lip().lightness()).isBetween(40.0, fair.lightness());
    }

    /** Only ratios are taken: another lamp and another exposure drop out. */
    @Test
    void lightDropsOut() {
        Lab fair = Lab.of(72.7, 8.6, 10.4);
        OwnFeatures day = read(LIV, Lamp.daylight(5600), fair);
        OwnFeatures late = read(LIV, Lamp.daylight(4800), fair);
        assertThat(late.lip().differenceFrom(day.lip())).isLessThan(2.5);
        assertThat(late.brow()).isCloseTo(day.brow(), within(2.5));
    }
}
