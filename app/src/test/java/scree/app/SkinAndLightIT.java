package scree.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import scree.app.card.Cards;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.face.FaceSheet;
import scree.app.face.FaceWords;
import scree.app.face.Faces;
import scree.app.face.FirstLook;
import scree.app.face.FirstLooks;
import scree.app.picture.Picture;
import scree.app.picture.Upload;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.skin.TakenReading;
import scree.app.skin.Touched;
import scree.app.skin.Touches;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.core.colour.Lab;
import scree.core.face.HeadTurn;
import scree.core.face.Landmark;
import scree.core.face.PointKey;
import scree.core.face.Side;
import scree.core.image.CardLayout;
import scree.core.image.PictureIntake;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.light.LightVerdict;
import scree.core.sight.SightCode;
import scree.core.skin.Answer;
import scree.core.skin.Region;
import scree.core.skin.SkinFinding;
import scree.core.skin.SkinReading.Trust;
import scree.core.skin.SkinType;
import scree.core.skin.Texture;
import scree.core.skin.Undertone;
import scree.core.skin.Witness;
import scree.core.skin.Zone;
import scree.standins.camera.Camera;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Portrait;
import scree.standins.camera.Shot;
import scree.standins.camera.Sitter;
import scree.standins.camera.StandInSearch;
import scree.standins.camera.Studio;

/** Light, zones on points, witnesses, touch, phones and prints in the real database, and whose they are. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class SkinAndLightIT {
    private static final int WIDTH = 640;
    private static final Sitter SITTER = Ensemble.all().get(6);

    @Autowired
    private Ground ground;

    @Autowired
    private Clients clients;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Readings readings;

    @Autowired
    private Touches touches;

    @Autowired
    private Faces faces;

    @Autowired
    private FirstLooks looks;

    @Autowired
    private FaceWords words;

    @Autowired
    private Cards cards;

    @Autowired
    private JdbcTemplate sql;

    private Member mine;
    private Member theirs;
    private Portrait portrait;

    @BeforeAll
    void twoStudios() {
        mine = ground.artist("light");
        theirs = ground.artist("dark");
        portrait = Studio.seat(SITTER, Lighting.facingWindow(), WIDTH);
    }

    @Test
    void theLightIsKeptWithTheReadingAndMakesItProvisional() {
        long good = sitting();
        take(mine, good, Upload.of(shot(Shot.withCard(1), 5600)));
        assertThat(read(good).light().grade()).isEqualTo(LightVerdict.Grade.GOOD);
        assertThat(read(good).skin().light().kelvin()).isBetween(4600.0, 6800.0);
        long bad = sitting();
        byte[] above = PictureIntake.encodeJpeg(
                Studio.seat(SITTER, Lighting.lampAbove(), WIDTH)
                        .shoot(Camera.quiet(2), Lamp.daylight(5600), Shot.withCard(1)),
                .93f);
        take(mine, bad, Upload.of(above));
        assertThat(read(bad).light().grade()).isEqualTo(LightVerdict.Grade.UNFIT);
        assertThat(read(bad).skin().trust()).isEqualTo(Trust.PROVISIONAL);
    }

    @Test
    void zonesFollowThePointsOnlyWhenTheyLieOnThisPictureAndHandsStay() {
        long id = sitting();
        take(mine, id, Upload.of(shot(Shot.withCard(1), 5600)));
        faces.move(mine, id, PointKey.of(Landmark.CHIN), 0, 6, false);
        assertThat(readings.pointsMoved(mine.studio(), read(id))).isTrue();
        readings.layOnPoints(mine.studio(), id);
        TakenReading laid = read(id);
        assertThat(laid.face().laidOn()).isEqualTo(2);
        assertThat(readings.pointsMoved(mine.studio(), laid)).isFalse();
        readings.take(mine.studio(), id, Upload.of(shot(Shot.withCard(2), 5600)));
        assertThat(readings.pointsMoved(mine.studio(), read(id)))
                .as("the points lie on the former picture")
                .isFalse();
    }

    /** A picture without colour keeps the face's points and tells no skin; one with colour after it tells both, and nobody else's studio. */
    @Test
    void aGreyPictureKeepsItsPointsAndReadsNoSkin() {
        long id = sitting();
        BufferedImage grey = new BufferedImage(WIDTH, WIDTH * 5 / 4, BufferedImage.TYPE_BYTE_GRAY);
        grey.getGraphics()
                .drawImage(
                        portrait.shoot(Camera.quiet(2), Lamp.daylight(5600), Shot.withCard(1))
                                .toImage(),
                        0,
                        0,
                        null);
        readings.take(mine.studio(), id, Upload.of(PictureIntake.encodeJpeg(Raster.of(grey), .93f)));
        FirstLook look = looks.take(mine, id, StandInSearch.of(portrait.facePoints(), 0));
        assertThat(look.says(SightCode.NO_COLOUR)).isTrue();
        assertThat(faces.of(mine.studio(), id)).isPresent();
        assertThat(readings.of(mine.studio(), id)).isEmpty();
        assertThat(looks.waiting(mine.studio(), id, words)).isEmpty();
        assertThat(looks.colourless(mine.studio(), id, words).orElseThrow().said())
                .singleElement()
                .asString()
                .contains("no colour");
        assertThat(looks.of(theirs.studio(), look.pictureId())).isEmpty();
        readings.take(mine.studio(), id, Upload.of(shot(Shot.withCard(1), 5600)));
        FirstLook coloured = looks.take(mine, id, StandInSearch.of(portrait.facePoints(), 0));
        assertThat(coloured.said()).isEmpty();
        assertThat(read(id).pictureId()).isEqualTo(coloured.pictureId());
        assertThat(looks.colourless(mine.studio(), id, words)).isEmpty();
        assertThat(looks.asked(mine.studio(), coloured.pictureId(), words)).isEmpty();
    }

    /** How the head is turned stays with the points, through the store and through every move. */
    @Test
    void theTurnOfTheHeadIsKeptWithItsPoints() {
        long id = sitting();
        readings.take(mine.studio(), id, Upload.of(shot(Shot.withCard(1), 5600)));
        looks.take(mine, id, StandInSearch.of(portrait.facePoints(), 4));
        HeadTurn turn = faces.of(mine.studio(), id).orElseThrow().points().turn();
        assertThat(turn.yawDegrees()).isCloseTo(4, within(.3));
        faces.move(mine, id, PointKey.of(Landmark.CHIN), 0, 6, false);
        assertThat(faces.of(mine.studio(), id).orElseThrow().points().turn()).isEqualTo(turn);
        Point right = portrait.facePoints()
                .at(new PointKey(Landmark.PUPIL, Side.RIGHT))
                .at();
        Point left = portrait.facePoints()
                .at(new PointKey(Landmark.PUPIL, Side.LEFT))
                .at();
        faces.template(
                mine,
                id,
                right,
                left,
                portrait.facePoints().at(PointKey.of(Landmark.CHIN)).at());
        assertThat(faces.of(mine.studio(), id).orElseThrow().points().turn().known())
                .as("a hand knows nothing of it")
                .isFalse();
    }

    @Test
    void witnessesAreWeighedStruckAndForgotten() {
        long id = sitting();
        take(mine, id, Upload.of(shot(Shot.withCard(1), 5600)));
        Undertone measured = read(id).undertone().orElseThrow();
        readings.say(mine, id, Answer.DRAPES_PINK);
        readings.say(mine, id, Answer.DRAPES_YELLOW);
        assertThat(read(id).said()).hasSize(1);
        assertThat(read(id).undertone().orElseThrow().warm()).isGreaterThan(measured.warm());
        readings.strike(mine.studio(), id, Witness.DRAPES, true);
        Undertone struck = read(id).undertone().orElseThrow();
        readings.unsay(mine.studio(), id, Witness.DRAPES);
        assertThat(read(id).undertone().orElseThrow()).isEqualTo(struck);
        assertThatThrownBy(() -> readings.say(theirs, id, Answer.VEINS_BLUE)).isInstanceOf(NotHere.class);
        assertThat(readings.said(theirs.studio(), id)).isEmpty();
    }

    @Test
    void touchIsToggledAndTypesAreKeptByRegion() {
        long id = sitting();
        Touched broken = new Touched(Zone.CHIN, Side.CENTRE, Texture.BROKEN_SKIN);
        touches.toggle(mine.studio(), id, broken);
        touches.toggle(mine.studio(), id, new Touched(Zone.CHEEK, Side.LEFT, Texture.DRY_PATCH));
        assertThat(touches.broken(mine.studio(), id)).containsExactly(broken);
        touches.toggle(mine.studio(), id, broken);
        assertThat(touches.of(mine.studio(), id)).hasSize(1);
        touches.type(mine.studio(), id, Region.T_ZONE, SkinType.OILY);
        touches.type(mine.studio(), id, Region.T_ZONE, SkinType.DRY);
        touches.type(mine.studio(), id, Region.CHEEKS, SkinType.DRY);
        touches.type(mine.studio(), id, Region.CHEEKS, null);
        assertThat(touches.types(mine.studio(), id)).hasSize(1).containsEntry(Region.T_ZONE, SkinType.DRY);
        assertThat(touches.of(theirs.studio(), id)).isEmpty();
        assertThatThrownBy(() -> touches.toggle(theirs.studio(), id, broken)).isInstanceOf(NotHere.class);
    }

    @Test
    void anArtistsWordOverAFindingIsKeptWithItsNameAndTakenBack() {
        long id = sitting();
        touches.rule(mine, id, SkinFinding.Code.NOSE_RED);
        assertThat(touches.ruled(mine.studio(), id)).containsEntry(SkinFinding.Code.NOSE_RED, mine.name());
        assertThat(touches.ruled(theirs.studio(), id)).isEmpty();
        touches.rule(mine, id, SkinFinding.Code.NOSE_RED);
        assertThat(touches.ruled(mine.studio(), id)).isEmpty();
        assertThatThrownBy(() -> touches.rule(theirs, id, SkinFinding.Code.SALLOW))
                .isInstanceOf(NotHere.class);
    }

    /** What a phone taught with the colour card serves its later grey-card pictures, and no other studio's. */
    @Test
    void aPhoneIsLearnedOnceAndForItsStudioOnly() {
        long id = sitting();
        byte[] withCard = named(shot(Shot.withCard(1), 5600), "Flint", "Pocket 7");
        assertThat(PictureIntake.cameraOf(withCard)).contains("Flint Pocket 7");
        take(mine, id, Upload.of(withCard));
        byte[] grey = named(shot(Shot.withCard(5).withCard(CardLayout.Kind.GREY), 6200), "Flint", "Pocket 7");
        Lab learnt = neck(mine, grey);
        Lab pooled = neck(theirs, grey);
        assertThat(learnt).isNotEqualTo(pooled);
        Integer phones = sql.queryForObject(
                "SELECT count(*) FROM phone WHERE studio_id = ?",
                Integer.class,
                theirs.studio().value());
        assertThat(phones).isZero();
    }

    private Lab neck(Member who, byte[] picture) {
        long id = sitting(who);
        take(who, id, Upload.of(picture));
        TakenReading taken = readings.of(who.studio(), id).orElseThrow();
        assertThat(taken.skin().trust()).isEqualTo(Trust.GREY_CARD);
        return taken.skin().colourOf(Zone.NECK).orElseThrow();
    }

    @Test
    void theMeasuredPrintIsUsedAndABadFileLeavesTheFormerInUse() {
        String file = "field,L,a,b\n"
                + CardLayout.fields().stream()
                        .map(f -> f.number() + "," + f.colour().lightness() + ","
                                + (f.colour().a() + 1) + "," + f.colour().b())
                        .collect(Collectors.joining("\n"));
        Member own = ground.artist("print");
        cards.use(own.studio(), "matt, May", file);
        assertThat(cards.inUse(own.studio()).spectraKnown()).isFalse();
        assertThatThrownBy(() -> cards.use(own.studio(), "torn", "field,L,a,b\n1,50,0,0\n"))
                .hasMessageContaining("field 2 is missing");
        assertThat(cards.inUse(own.studio()).name()).isEqualTo("matt, May");
        long id = sitting(own);
        take(own, id, Upload.of(shot(Shot.withCard(1), 5600)));
        assertThat(readings.of(own.studio(), id).orElseThrow().printName()).isEqualTo("matt, May");
        cards.forget(own.studio());
        assertThat(cards.measured(own.studio())).isEmpty();
        assertThat(cards.measured(mine.studio())).isEmpty();
    }

    private void take(Member who, long sitting, Upload upload) {
        readings.take(who.studio(), sitting, upload);
        assertThat(readings.of(who.studio(), sitting).map(TakenReading::pictureId))
                .as("nothing is read from a picture before a face is known in it")
                .isNotEqualTo(faces.picture(who.studio(), sitting).map(Picture::id));
        faces.take(who, sitting, Studio.points(SITTER, WIDTH), FaceSheet.Found.TEMPLATE);
    }

    private TakenReading read(long sitting) {
        return readings.of(mine.studio(), sitting).orElseThrow();
    }

    private byte[] shot(Shot shot, double kelvin) {
        return PictureIntake.encodeJpeg(
                portrait.shoot(new Camera(Camera.Family.EVALUATION, 66), Lamp.daylight(kelvin), shot), .93f);
    }

    /** Writes make and model into a JPEG as phones do: an EXIF segment behind its first two bytes. */
    private static byte[] named(byte[] jpeg, String make, String model) {
        byte[] one = (make + "\0").getBytes(StandardCharsets.US_ASCII);
        byte[] two = (model + "\0").getBytes(StandardCharsets.US_ASCII);
        ByteBuffer tiff = ByteBuffer.allocate(8 + 2 + 24 + 4 + one.length + two.length);
        tiff.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        tiff.putShort((short) 2);
        int at = 8 + 2 + 24 + 4;
        tiff.putShort((short) 0x10F).putShort((short) 2).putInt(one.length).putInt(at);
        tiff.putShort((short) 0x110).putShort((short) 2).putInt(two.length).putInt(at + one.length);
        tiff.putInt(0).put(one).put(two);
        var out = new ByteArrayOutputStream();
        out.writeBytes(new byte[] {jpeg[0], jpeg[1], (byte) 0xff, (byte) 0xe1});
        int length = 2 + 6 + tiff.capacity();
        out.writeBytes(new byte[] {(byte) (length >> 8), (byte) length});
        out.writeBytes("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        out.writeBytes(tiff.array());
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    private long sitting() {
        return sitting(mine);
    }

    private long sitting(Member who) {
        long client = clients.add(
                who.studio(), new Client(0, "Noor Vasskog", null, 1970, null, null, null, null, LocalDate.now(), 0));
        return sittings.add(who.studio(), client, who.artistId(), LocalDateTime.now(), 45, "Concert");
    }
}
