package scree.app.remote;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import scree.app.Ground;
import scree.app.Race;
import scree.app.TestDatabase;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.face.FaceWords;
import scree.app.face.FirstLooks;
import scree.app.picture.Upload;
import scree.app.privacy.Consent;
import scree.app.privacy.Consents;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.core.image.PictureIntake;
import scree.core.image.PictureRefused;
import scree.core.reason.Reason;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;
import scree.core.sight.SightCode;
import scree.core.skin.SkinReading.Trust;
import scree.core.skin.SkinType;
import scree.standins.camera.Camera;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Lamp;
import scree.standins.camera.Lighting;
import scree.standins.camera.Portrait;
import scree.standins.camera.Shot;
import scree.standins.camera.Sitter;
import scree.standins.camera.StandInSearch;
import scree.standins.camera.Studio;

/** An open door to strangers: it opens once, for a week, a dozen times, and leaves nothing behind that nobody agreed to. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class RemoteLinksIT {
    private static final RemoteAnswer ANSWER = new RemoteAnswer(
            "dark", "brown", SkinType.DRY, Coverage.SHEER, Finish.SATIN, "lanolin", "redness", "turned orange");

    @Autowired
    private Ground ground;

    @Autowired
    private Clients clients;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Readings readings;

    @Autowired
    private RemoteLinks links;

    @Autowired
    private Consents consents;

    @Autowired
    private JdbcTemplate sql;

    @Autowired
    private FirstLooks looks;

    @Autowired
    private FaceWords words;

    private Member mine;
    private Member theirs;
    private byte[] picture;
    private String search;

    @BeforeAll
    void aStudioAndAPicture() {
        mine = ground.artist("home");
        theirs = ground.artist("away");
        Sitter sitter = Ensemble.all().get(1);
        Portrait seated = Studio.seat(sitter, Lighting.facingWindow(), 640);
        search = StandInSearch.text(seated.facePoints(), 0);
        picture = PictureIntake.encodeJpeg(
                seated.shoot(Camera.quiet(3), Lamp.daylight(5800), Shot.withoutCard(sitter, 1)), .92f);
    }

    @Test
    void whatIsSentBecomesAProvisionalSittingAndTheLinkIsUsedUp() {
        long client = client(mine);
        String token = links.make(mine, client);
        links.picture(links.at(token), Upload.of(picture), search, 0);
        RemoteLink link = links.at(token);
        assertThat(sittings.ofClient(mine.studio(), client))
                .as("before consent nobody sees it")
                .isEmpty();
        assertThat(links.checked(link).orElseThrow().light()).isNotNull();
        links.send(link, ANSWER);
        assertThat(sittings.ofClient(mine.studio(), client)).singleElement().satisfies(s -> {
            assertThat(s.cameInAt()).isNotNull();
            assertThat(s.intake().reactions()).isEqualTo("lanolin");
            assertThat(s.intake().bothers()).isEqualTo("redness turned orange");
            assertThat(readings.of(mine.studio(), s.id()).orElseThrow().skin().trust())
                    .isEqualTo(Trust.PROVISIONAL);
            assertThat(links.answer(mine.studio(), s.id())).contains(ANSWER);
            assertThat(links.answer(theirs.studio(), s.id())).isEmpty();
        });
        assertThat(sittings.cameIn(mine.studio())).isNotEmpty();
        assertClosed(token, LinkClosed.Why.USED);
        assertThatThrownBy(() -> links.send(link, ANSWER)).hasMessageContaining("USED");
    }

    /** Whoever withdrew and agrees again, in the form from home, is heard. */
    @Test
    void whatIsAgreedToAtHomeIsAConsentInTheWordsOfTheForm() {
        long client = client(mine);
        consents.give(mine, client, LocalDate.of(2026, 1, 5), Set.of(Consent.Cover.PICTURES));
        consents.withdraw(
                mine, client, consents.of(mine.studio(), client).get(0).id());
        String token = links.make(mine, client);
        links.picture(links.at(token), Upload.of(picture), search, 0);
        links.send(links.at(token), ANSWER);
        assertThat(consents.of(mine.studio(), client)).hasSize(2).first().satisfies(c -> {
            assertThat(c.holds()).isTrue();
            assertThat(c.covers()).containsExactly(Consent.Cover.PICTURES, Consent.Cover.HEALTH);
            assertThat(c.wording()).contains("may keep this picture");
        });
        assertThat(sittings.ofClient(mine.studio(), client)).hasSize(1);
    }

    /** Whoever sends a wall is told so; nothing is read from it, and the artist sees the picture and no skin. */
    @Test
    void aPictureWithoutAFaceIsSaidToBeSoAndNothingIsReadFromIt() {
        long client = client(mine);
        String token = links.make(mine, client);
        links.picture(links.at(token), Upload.of(picture), "", 0);
        RemoteLinks.Checked checked = links.checked(links.at(token)).orElseThrow();
        assertThat(checked.light()).isNull();
        assertThat(checked.about()).extracting(Reason::code).isEqualTo(List.of(SightCode.NO_FACE));
        links.send(links.at(token), ANSWER);
        long sitting = sittings.ofClient(mine.studio(), client).get(0).id();
        assertThat(readings.of(mine.studio(), sitting)).isEmpty();
        assertThat(looks.waiting(mine.studio(), sitting, words).orElseThrow().said())
                .singleElement()
                .asString()
                .startsWith("No face found");
        assertThat(looks.waiting(theirs.studio(), sitting, words)).isEmpty();
    }

    @Test
    void tokensAreUnguessableAndOnlyTheirHashIsKept() {
        String one = links.make(mine, client(mine));
        String two = links.make(mine, client(mine));
        assertThat(one).hasSize(32).isNotEqualTo(two);
        Integer inClear = sql.queryForObject(
                "SELECT count(*) FROM remote_link WHERE token_hash LIKE '%' || ? || '%'", Integer.class, one);
        assertThat(inClear).isZero();
        assertClosed(one.substring(1), LinkClosed.Why.UNKNOWN);
        assertClosed("' OR 1=1 --", LinkClosed.Why.UNKNOWN);
        assertClosed("x".repeat(5000), LinkClosed.Why.UNKNOWN);
    }

    @Test
    void anotherStudioNeitherSeesNorClosesALinkNorMakesOneForAStranger() {
        long client = client(mine);
        String token = links.make(mine, client);
        assertThat(links.open(theirs.studio(), client)).isEmpty();
        links.close(theirs.studio(), links.at(token).id());
        assertThat(links.open(mine.studio(), client)).hasSize(1);
        assertThatThrownBy(() -> links.make(theirs, client)).isInstanceOf(NotHere.class);
        links.close(mine.studio(), links.at(token).id());
        assertClosed(token, LinkClosed.Why.EXPIRED);
    }

    @Test
    void hostileFilesAreRefusedAndAFloodWearsTheLinkOut() {
        String token = links.make(mine, client(mine));
        RemoteLink link = links.at(token);
        assertThatThrownBy(() -> links.picture(link, Upload.of("<svg onload=alert(1)>".getBytes()), search, 0))
                .isInstanceOf(PictureRefused.class);
        assertThat(links.at(token).tries()).as("a refused file counts").isEqualTo(1);
        sql.update("UPDATE remote_link SET tries = ? WHERE id = ?", RemoteLinks.MOST_TRIES, link.id());
        assertThatThrownBy(() -> links.picture(link, Upload.of(picture), search, 0))
                .hasMessageContaining("WORN_OUT");
        assertThatThrownBy(() -> links.send(links.at(token), ANSWER)).isInstanceOf(NotHere.class);
    }

    @Test
    void whatWasNeverSentIsErasedWhenTheLinkRunsOut() {
        long client = client(mine);
        String token = links.make(mine, client);
        links.picture(links.at(token), Upload.of(picture), search, 0);
        long link = links.at(token).id();
        assertThat(tries(link)).isEqualTo(1);
        sql.update("UPDATE remote_link SET expires_at = now() WHERE id = ?", link);
        links.keepUp(theirs.studio());
        assertThat(tries(link)).as("another studio's upkeep").isEqualTo(1);
        links.keepUp(mine.studio());
        assertThat(tries(link)).isZero();
    }

    @Test
    void whatWasTriedIsErasedAtOnceWhenTheLinkIsClosed() {
        String token = links.make(mine, client(mine));
        links.picture(links.at(token), Upload.of(picture), search, 0);
        long link = links.at(token).id();
        links.close(mine.studio(), link);
        assertThat(tries(link)).isZero();
    }

    /** Five first pictures at once made five sittings, of which four were never agreed to. */
    @Test
    void oneLinkMakesOneSittingHoweverManyPicturesCameAtOnce() throws Exception {
        long client = client(mine);
        String token = links.make(mine, client);
        Race.run(5, () -> links.picture(links.at(token), Upload.of(picture), search, 0));
        RemoteLink link = links.at(token);
        assertThat(tries(link.id())).isEqualTo(1);
        List<Throwable> late = Race.failures(3, () -> links.send(link, ANSWER));
        assertThat(late).hasSize(2);
        assertThat(sittings.ofClient(mine.studio(), client)).hasSize(1);
        assertThat(tries(link.id())).isZero();
    }

    private int tries(long link) {
        return sql.queryForObject("SELECT count(*) FROM remote_try WHERE link_id = ?", Integer.class, link);
    }

    private void assertClosed(String token, LinkClosed.Why why) {
        assertThatThrownBy(() -> links.at(token))
                .isInstanceOfSatisfying(
                        LinkClosed.class, e -> assertThat(e.why()).isEqualTo(why));
    }

    private long client(Member who) {
        return clients.add(
                who.studio(), new Client(0, "Odd Myrvang", null, 1952, null, null, null, null, LocalDate.now(), 0));
    }
}
