package scree.app.mail;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import scree.app.Ground;
import scree.app.TestDatabase;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.standins.mail.BadDayMail;
import scree.standins.mail.LoopbackMail;

/** Letters with a mail server that takes them, and with ones on a bad day: nothing is lost, and what is in the way is told. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class OutboxIT {
    @Autowired
    private Ground ground;

    @Autowired
    private Outbox outbox;

    @Autowired
    private JdbcTemplate sql;

    private LoopbackMail good;
    private Member me;
    private long sitting;

    @BeforeAll
    void aServer() {
        good = LoopbackMail.start();
    }

    @AfterAll
    void stop() {
        good.close();
    }

    @BeforeEach
    void aSitting() {
        me = ground.artist("letters");
        sitting = ground.sitting(me, ground.client(me, null));
    }

    private Postman postman(int port) {
        return new Postman(outbox, new MailRoute("127.0.0.1", port, null, null, "letters@scree.example", false, 1));
    }

    private long put(String address) {
        return outbox.put(
                me, sitting, new Draft("Petra Kvist", address, "Your sheet", "Hello Petra,\nhere it is.", null));
    }

    private Letter only() {
        assertThat(outbox.of(me.studio(), sitting)).hasSize(1);
        return outbox.of(me.studio(), sitting).get(0);
    }

    private List<LoopbackMail.Taken> mine() {
        String number = "<" + me.studio().value() + ".";
        return good.letters().stream()
                .filter(l -> l.number().startsWith(number))
                .toList();
    }

    /** Makes what waits due now, as time does. */
    private void later() {
        sql.update(
                "update letter set next_at = now() where studio_id = ?",
                me.studio().value());
    }

    @Test
    void aLetterArrivesWithTheStudiosNameAnswersGoToTheArtistAndItsTextIsErased() {
        put("petra@lakeside.example");
        postman(good.port()).carry(me.studio());
        assertThat(mine()).singleElement().satisfies(l -> {
            assertThat(l.from()).contains("letters@scree.example").startsWith("letters");
            assertThat(l.replyTo()).contains(me.email());
            assertThat(l.to()).contains("Petra Kvist", "petra@lakeside.example");
            assertThat(l.text()).contains("here it is.");
            assertThat(l.files()).isEmpty();
        });
        assertThat(only().state()).isEqualTo(Letter.State.SENT);
        assertThat(only().body()).isNull();
        postman(good.port()).carry(me.studio());
        assertThat(mine()).as("once is enough").hasSize(1);
    }

    @Test
    void whileNobodyAnswersItWaitsLongerEachTimeIsToldAndThenArrives() throws IOException {
        int closed;
        try (BadDayMail gone = BadDayMail.start(BadDayMail.Mood.BUSY)) {
            closed = gone.port();
        }
        put("petra@lakeside.example");
        postman(closed).carry(me.studio());
        assertThat(only().trouble()).isEqualTo(Letter.Trouble.AWAY);
        assertThat(only().nextAt()).isAfter(only().madeAt().plusSeconds(50));
        assertThat(outbox.inTrouble(me.studio())).hasSize(1);
        assertThat(outbox.next(me.studio())).as("not before its time").isEmpty();
        later();
        postman(closed).carry(me.studio());
        assertThat(only().tries()).isEqualTo(2);
        later();
        postman(good.port()).carry(me.studio());
        assertThat(only().state()).isEqualTo(Letter.State.SENT);
        assertThat(outbox.inTrouble(me.studio())).isEmpty();
        assertThat(mine()).hasSize(1);
    }

    @Test
    void eachBadDayHasItsName() throws IOException {
        try (BadDayMail bad = BadDayMail.start(BadDayMail.Mood.SILENT)) {
            put("petra@lakeside.example");
            postman(bad.port()).carry(me.studio());
            assertThat(only().trouble()).isEqualTo(Letter.Trouble.SLOW);
            bad.turn(BadDayMail.Mood.BUSY);
            later();
            postman(bad.port()).carry(me.studio());
            assertThat(only().trouble()).isEqualTo(Letter.Trouble.REFUSED);
            bad.turn(BadDayMail.Mood.TORN);
            later();
            postman(bad.port()).carry(me.studio());
            assertThat(only().state()).as("torn in the middle it is not lost").isEqualTo(Letter.State.WAITING);
            bad.turn(BadDayMail.Mood.NOBODY);
            later();
            postman(bad.port()).carry(me.studio());
            assertThat(only().state()).isEqualTo(Letter.State.REFUSED);
            assertThat(only().trouble()).isEqualTo(Letter.Trouble.ADDRESS);
            assertThat(only().body()).as("kept, to be sent to a mended address").contains("here it is");
        }
        outbox.again(me, sitting, only().id(), "petra.kvist@lakeside.example");
        postman(good.port()).carry(me.studio());
        assertThat(mine().get(0).to()).contains("petra.kvist@");
    }

    @Test
    void whatIsNoAddressIsRefusedAndHoldsNothingElseUp() {
        put("petra at the lake@");
        long second = outbox.put(me, sitting, new Draft("Odd", "odd@lakeside.example", "Yours", "Hello", null));
        postman(good.port()).carry(me.studio());
        assertThat(outbox.of(me.studio(), sitting))
                .extracting(Letter::id, Letter::state)
                .contains(org.assertj.core.groups.Tuple.tuple(second, Letter.State.SENT))
                .extracting(t -> t.toList().get(1))
                .contains(Letter.State.REFUSED);
    }

    @Test
    void afterAllTriesItIsGivenUpToldAndStillThere() {
        long id = put("petra@lakeside.example");
        sql.update("update letter set tries = 6 where id = ?", id);
        outbox.failed(me.studio(), outbox.next(me.studio()).orElseThrow(), Letter.Trouble.AWAY);
        assertThat(only().state()).isEqualTo(Letter.State.GIVEN_UP);
        assertThat(outbox.inTrouble(me.studio())).hasSize(1);
        outbox.again(me, sitting, id, null);
        postman(good.port()).carry(me.studio());
        assertThat(only().state()).isEqualTo(Letter.State.SENT);
    }

    /** A process that died with a letter in hand gives it back after a while, under the same number. */
    @Test
    void twoPostmenNeverCarryTheSameAndOneThatDiedGivesBack() {
        IntStream.range(0, 12).forEach(i -> put("petra" + i + "@lakeside.example"));
        outbox.next(me.studio()).orElseThrow(); // in the hand of one who died
        CompletableFuture.allOf(
                        CompletableFuture.runAsync(() -> postman(good.port()).carry(me.studio())),
                        CompletableFuture.runAsync(() -> postman(good.port()).carry(me.studio())))
                .join();
        assertThat(mine()).hasSize(11).extracting(LoopbackMail.Taken::number).doesNotHaveDuplicates();
        sql.update(
                "update letter set held_until = now() where studio_id = ? and state = 'WAITING'",
                me.studio().value());
        postman(good.port()).carry(me.studio());
        assertThat(mine()).hasSize(12).extracting(LoopbackMail.Taken::number).doesNotHaveDuplicates();
    }

    @Test
    void oneIsTakenBackWhileItWaitsAndNotWhileItIsOnItsWay() {
        long id = put("petra@lakeside.example");
        outbox.next(me.studio()).orElseThrow();
        assertThat(outbox.withdraw(me, sitting, id)).isFalse();
        sql.update("update letter set held_until = null where id = ?", id);
        assertThat(outbox.withdraw(me, sitting, id)).isTrue();
        assertThat(only().body()).isNull();
        postman(good.port()).carry(me.studio());
        assertThat(mine()).isEmpty();
        assertThatThrownBy(() -> outbox.again(me, sitting, id, null)).isInstanceOf(NotHere.class);
    }

    /** A head has one line each; a stranger's studio sees, sends and takes back nothing of it. */
    @Test
    void noLineIsSmuggledIntoTheHeadAndNoOtherStudioReachesIt() {
        long id = outbox.put(
                me,
                sitting,
                new Draft(
                        "Petra\r\nBcc: all@lakeside.example",
                        "p@lakeside.example",
                        "Hi\nBcc: x@y.example",
                        "Hello",
                        null));
        Member stranger = ground.artist("stranger");
        assertThat(outbox.withdraw(stranger, sitting, id)).isFalse();
        assertThatThrownBy(() -> outbox.again(stranger, sitting, id, "me@else.example"))
                .isInstanceOf(NotHere.class);
        assertThat(outbox.of(stranger.studio(), sitting)).isEmpty();
        assertThat(outbox.next(stranger.studio())).isEmpty();
        postman(good.port()).carry(me.studio());
        assertThat(mine())
                .singleElement()
                .satisfies(l -> assertThat(l.subject()).isEqualTo("Hi Bcc: x@y.example"));
        assertThat(good.letters())
                .noneMatch(l -> l.to().equals("all@lakeside.example") || l.to().equals("x@y.example"));
    }
}
