package scree.app.timetable;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import scree.app.Ground;
import scree.app.Race;
import scree.app.TestDatabase;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.event.Break;
import scree.app.event.Event;
import scree.app.event.Events;
import scree.app.event.Working;
import scree.app.sitting.Sittings;
import scree.app.studio.Accounts;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;

/** Days in the real database: planned, taken once, undone whole or not at all, and of their studio only. */
@TestDatabase
class TimetablesIT {
    private static final LocalDate DAY = LocalDate.now().plusDays(40);

    @Autowired
    private Ground ground;

    @Autowired
    private Accounts accounts;

    @Autowired
    private Clients clients;

    @Autowired
    private Events events;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Timetables timetables;

    @Autowired
    private TakenDays days;

    @Autowired
    private DayWork work;

    @Autowired
    private Calendars calendars;

    @Autowired
    private CallSheet callSheet;

    private Member me;
    private long bea;
    private long event;

    @BeforeEach
    void aDayWithTwoArtists() {
        me = ground.artist("day");
        bea = accounts.addArtist(
                me.studio(), "Bea Hallorin", "bea" + UUID.randomUUID() + "@scree.example", Ground.PASSWORD);
        event = day(DAY, "Concert").id();
    }

    private Event day(LocalDate on, String name) {
        return events.add(
                        me.studio(),
                        new Event(0, name, "Pier 2", on, 2, null, 0),
                        List.of(working(me.artistId(), "Runa", on), working(bea, "Bea Hallorin", on)))
                .orElseThrow();
    }

    private static Working working(long artist, String name, LocalDate on) {
        return new Working(artist, name, List.of(), on.atTime(8, 0), on.atTime(16, 0), true, List.of());
    }

    private long sits(String name, long artist, int hour, int minutes, LocalDateTime ready) {
        long client = clients.add(me.studio(), new Client(0, name, null, null, null, null, null, null, null, 0));
        Event of = events.get(me.studio(), event);
        long id = sittings.add(me.studio(), client, artist, DAY.atTime(hour, 0), minutes, of);
        work.want(me.studio(), event, id, null, ready, null);
        return id;
    }

    private Booked now(long sitting) {
        return days.of(me.studio(), event).find(sitting).orElseThrow();
    }

    private int version() {
        return events.get(me.studio(), event).version();
    }

    private void take(Proposal p) {
        Long about = p.about() == null ? null : p.about().sitting();
        work.take(
                me,
                event,
                version(),
                p.what(),
                about,
                p.moves().stream().map(DayChange.Moved::after).toList());
    }

    @Test
    void aPlannedDayIsTakenAndUndoneWhole() {
        long mei = sits("Mei Tarnholt", me.artistId(), 9, 60, DAY.atTime(10, 0));
        long noor = sits("Noor Vasskog", me.artistId(), 9, 60, DAY.atTime(10, 0));
        Proposal p = timetables.plan(me.studio(), event);
        assertThat(p.table().proven()).isTrue();
        assertThat(p.troubles()).isEmpty();
        assertThat(p.moves()).hasSize(1);
        take(p);
        assertThat(List.of(now(mei).artist(), now(noor).artist())).containsExactlyInAnyOrder(me.artistId(), bea);
        assertThat(now(mei).startsAt()).isEqualTo(DAY.atTime(9, 0));
        assertThat(work.undo(me, event, version())).isEqualTo(DayWork.Undone.DONE);
        assertThat(List.of(now(mei).artist(), now(noor).artist())).containsOnly(me.artistId());
        assertThat(work.undo(me, event, version()))
                .as("there is one change only")
                .isEqualTo(DayWork.Undone.NOTHING);
    }

    @Test
    void whoIsLateMovesAsFewAsCanBe() {
        events.publish(me.studio(), event);
        long mei = sits("Mei Tarnholt", me.artistId(), 9, 60, DAY.atTime(10, 30));
        long noor = sits("Noor Vasskog", me.artistId(), 10, 60, DAY.atTime(12, 30));
        long luca = sits("Luca Fenmarsh", bea, 9, 60, DAY.atTime(13, 0));
        Proposal p = timetables.late(me.studio(), event, mei, 20);
        take(p);
        assertThat(now(mei).startsAt()).isEqualTo(DAY.atTime(9, 20));
        assertThat(now(mei).arrivesAt()).isEqualTo(DAY.atTime(9, 20));
        assertThat(now(noor).startsAt())
                .as("to another artist rather than to another time")
                .isEqualTo(DAY.atTime(10, 0));
        assertThat(now(noor).artist()).isEqualTo(bea);
        assertThat(now(luca).startsAt()).isEqualTo(DAY.atTime(9, 0));
        assertThat(days.of(me.studio(), event).changes().get(0).what()).isEqualTo(DayChange.What.LATE);
    }

    @Test
    void aMovedStoneStaysAndTheRestMakesRoom() {
        long mei = sits("Mei Tarnholt", me.artistId(), 9, 60, DAY.atTime(11, 0));
        long noor = sits("Noor Vasskog", bea, 9, 60, DAY.atTime(11, 0));
        take(timetables.move(me.studio(), event, mei, bea, DAY.atTime(9, 30)));
        assertThat(now(mei).held()).isTrue();
        assertThat(now(mei).startsAt()).isEqualTo(DAY.atTime(9, 30));
        assertThat(Trouble.of(DayQuestion.of(days.of(me.studio(), event)))).isEmpty();
        take(timetables.plan(me.studio(), event));
        assertThat(now(mei).startsAt()).as("held").isEqualTo(DAY.atTime(9, 30));
        assertThat(now(noor).artist() == me.artistId() || !now(noor).startsAt().equals(DAY.atTime(9, 0)))
                .isTrue();
    }

    /** Two people move one stone: one is first, the other is told; the day is one of both, never a mixture. */
    @Test
    void ofTwoWhoMoveOneStoneOneIsToldOfTheOther() throws Exception {
        long mei = sits("Mei Tarnholt", me.artistId(), 9, 60, null);
        int version = version();
        List<Throwable> failed = Race.failures(2, () -> {
            Proposal p = timetables.move(me.studio(), event, mei, bea, DAY.atTime(11, 0));
            work.take(me, event, version, p.what(), mei, List.of(p.places().get(0)));
        });
        assertThat(failed).hasSize(1).first().isInstanceOf(StaleSave.class);
        assertThat(now(mei).startsAt()).isEqualTo(DAY.atTime(11, 0));
        assertThat(days.of(me.studio(), event).changes()).hasSize(1);
    }

    @Test
    void whatWasChangedSinceIsNotUndoneByHalves() {
        long mei = sits("Mei Tarnholt", me.artistId(), 9, 60, null);
        take(timetables.move(me.studio(), event, mei, bea, DAY.atTime(11, 0)));
        work.want(me.studio(), event, mei, null, DAY.atTime(15, 0), null);
        assertThat(work.undo(me, event, version())).isEqualTo(DayWork.Undone.CHANGED_SINCE);
        assertThat(now(mei).startsAt()).isEqualTo(DAY.atTime(11, 0));
    }

    @Test
    void anArtistWhoLeavesAtNoonHasNoOneAfter() {
        List<Long> all = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            all.add(sits("Face " + i, i % 2 == 0 ? me.artistId() : bea, 9 + i, 50, DAY.atTime(10 + i, 0)));
        }
        Event of = events.get(me.studio(), event);
        Working leaves =
                new Working(bea, "Bea Hallorin", List.of(), DAY.atTime(8, 0), DAY.atTime(12, 0), true, List.of());
        events.change(me.studio(), of, List.of(working(me.artistId(), "Runa", DAY), leaves));
        assertThat(Trouble.of(DayQuestion.of(days.of(me.studio(), event))))
                .extracting(Trouble::kind)
                .contains(Trouble.Kind.OUT_OF_HOURS);
        take(timetables.plan(me.studio(), event));
        assertThat(all.stream().map(this::now).filter(b -> b.artist() == bea))
                .allMatch(b -> !b.startsAt().plusMinutes(b.minutes()).isAfter(DAY.atTime(12, 0)));
        assertThat(days.of(me.studio(), event).booked()).hasSize(6);
    }

    @Test
    void aSittingElsewhereTakesTheArtistsTime() {
        Event other = day(DAY, "Lesson");
        long client =
                clients.add(me.studio(), new Client(0, "Odd Myrvang", null, null, null, null, null, null, null, 0));
        sittings.add(me.studio(), client, bea, DAY.atTime(9, 0), 120, other);
        long mei = sits("Mei Tarnholt", bea, 9, 60, DAY.atTime(10, 0));
        assertThat(Trouble.of(DayQuestion.of(days.of(me.studio(), event))))
                .extracting(Trouble::kind)
                .containsExactly(Trouble.Kind.ELSEWHERE);
        take(timetables.plan(me.studio(), event));
        assertThat(now(mei).artist()).isEqualTo(me.artistId());
    }

    @Test
    void aFaceIsAddedWhereItDisturbsNobody() {
        long mei = sits("Mei Tarnholt", me.artistId(), 8, 60, DAY.atTime(9, 0));
        long client =
                clients.add(me.studio(), new Client(0, "Sefu Lindqvarn", null, null, null, null, null, null, null, 0));
        long sefu = work.add(me, event, client);
        assertThat(Trouble.of(DayQuestion.of(days.of(me.studio(), event)))).isEmpty();
        assertThat(now(mei).startsAt()).isEqualTo(DAY.atTime(8, 0));
        assertThat(now(sefu).minutes()).isEqualTo(45);
    }

    @Test
    void aDayIsCopiedWithPeopleHoursAndWishes() {
        long mei = sits("Mei Tarnholt", me.artistId(), 9, 60, DAY.atTime(10, 30));
        work.terms(
                me,
                event,
                version(),
                mei,
                new DayWork.Terms(
                        DAY.atTime(9, 0),
                        me.artistId(),
                        DAY.atTime(8, 45),
                        DAY.atTime(10, 30),
                        bea,
                        60,
                        List.of("beard"),
                        List.of(new Booked.Tool("airbrush", 10, 15))));
        Event next = day(DAY.plusDays(1), "Concert");
        work.copyPeople(me, event, next);
        Booked copy = days.of(me.studio(), next.id()).booked().get(0);
        assertThat(copy.startsAt()).isEqualTo(DAY.plusDays(1).atTime(9, 0));
        assertThat(copy.readyBy()).isEqualTo(DAY.plusDays(1).atTime(10, 30));
        assertThat(copy.wished()).isEqualTo(bea);
        assertThat(copy.skills()).containsExactly("beard");
        assertThat(copy.tools()).containsExactly(new Booked.Tool("airbrush", 10, 15));
    }

    @Test
    void nothingOfAnotherStudiosDayCanBeSeenOrTouched() {
        long mei = sits("Mei Tarnholt", me.artistId(), 9, 60, null);
        Member other = ground.artist("other");
        assertThatThrownBy(() -> days.of(other.studio(), event)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> work.here(other, event, mei)).isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> work.undo(other, event, 0)).isInstanceOf(RuntimeException.class);
        long theirs = events.named(other.studio(), DAY, "Theirs").id();
        Place stolen = now(mei).place().at(other.artistId(), DAY.atTime(12, 0));
        assertThatThrownBy(() -> work.take(other, theirs, 0, DayChange.What.MOVED, mei, List.of(stolen)))
                .isInstanceOf(NotHere.class);
        assertThat(now(mei).startsAt()).isEqualTo(DAY.atTime(9, 0));
    }

    @Test
    void aCalendarIsOpenToWhoHasTheAddressUntilItIsClosed() {
        sits("Mei Tarnholt", me.artistId(), 9, 60, null);
        String token = calendars.make(me);
        assertThat(new String(calendars.subscribed(token).orElseThrow()))
                .contains("SUMMARY:Mei")
                .doesNotContain("Tarnholt");
        assertThat(calendars.subscribed(token + "x")).isEmpty();
        calendars.open(me).forEach(l -> calendars.close(ground.artist("stranger"), l.id()));
        assertThat(calendars.subscribed(token)).as("a stranger closes nothing").isPresent();
        calendars.open(me).forEach(l -> calendars.close(me, l.id()));
        assertThat(calendars.subscribed(token)).isEmpty();
    }

    /** What a calendar brings is put once, however often the file is taken. */
    @Test
    void arrivalsAndTakenTimeComeFromACalendarOnce() {
        long mei = sits("Mei Tarnholt", me.artistId(), 9, 60, null);
        Break call = new Break(DAY.atTime(12, 0), DAY.atTime(12, 20), "call");
        var arrival = new Calendars.Arrival(mei, "", DAY.atTime(9, 10));
        for (int twice = 0; twice < 2; twice++) {
            calendars.take(me, event, version(), List.of(arrival), bea, List.of(call));
        }
        assertThat(now(mei).arrivesAt()).isEqualTo(DAY.atTime(9, 10));
        assertThat(events.crew(me.studio(), event))
                .filteredOn(w -> w.artist() == bea)
                .first()
                .extracting(Working::breaks)
                .isEqualTo(List.of(call));
        assertThat(events.crew(me.studio(), event))
                .filteredOn(w -> w.artist() == me.artistId())
                .first()
                .extracting(Working::breaks)
                .isEqualTo(List.of());
    }

    @Test
    void aSittingOverMidnightIsPlannedLikeAnyOther() {
        Event night = events.add(
                        me.studio(),
                        new Event(0, "Night", null, DAY, 1, null, 0),
                        List.of(new Working(
                                me.artistId(),
                                "Runa",
                                List.of(),
                                DAY.atTime(22, 0),
                                DAY.plusDays(1).atTime(2, 0),
                                true,
                                List.of())))
                .orElseThrow();
        long client =
                clients.add(me.studio(), new Client(0, "Kofi Brandmoor", null, null, null, null, null, null, null, 0));
        long kofi = sittings.add(me.studio(), client, me.artistId(), DAY.atTime(22, 0), 90, night);
        work.want(
                me.studio(),
                night.id(),
                kofi,
                DAY.atTime(23, 30),
                DAY.plusDays(1).atTime(1, 10),
                null);
        Proposal p = timetables.plan(me.studio(), night.id());
        assertThat(p.places().get(0).startsAt()).isEqualTo(DAY.atTime(23, 40));
        assertThat(p.troubles()).isEmpty();
    }

    /** The longest names there are, and everybody prints at once: all sheets come, with all on them. */
    @Test
    void thirtySheetsAtOnceAreAllPrintedAndNothingIsDropped() throws Exception {
        String longName = "Ingeborg-Wilhelmina ".repeat(6).strip();
        sits(longName, me.artistId(), 9, 60, DAY.atTime(10, 0));
        long client = clients.add(
                me.studio(),
                new Client(
                        0,
                        "Noor Vasskog",
                        null,
                        null,
                        "Cello",
                        null,
                        "nickel, latex ".repeat(30).strip(),
                        null,
                        null,
                        0));
        sittings.add(me.studio(), client, bea, DAY.atTime(9, 0), 60, events.get(me.studio(), event));
        TakenDay day = days.of(me.studio(), event);
        Race.run(30, () -> {
            try (PDDocument pdf = Loader.loadPDF(callSheet.write(day))) {
                String words = new PDFTextStripper().getText(pdf).replaceAll("\\s+", ""); // lines break where they must
                assertThat(words).contains(longName.replace(" ", ""), "NoorVasskog", "Pier2");
                assertThat(words.split("nickel", -1)).hasSize(31);
            }
        });
    }
}
