package scree.app.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import scree.app.base.BaseFilter;
import scree.app.base.Bases;
import scree.app.base.Shortlist;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.correct.Corrections;
import scree.app.event.Break;
import scree.app.event.Event;
import scree.app.event.Events;
import scree.app.event.Working;
import scree.app.face.FaceSheet;
import scree.app.face.Faces;
import scree.app.kit.Formulas;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.picture.Upload;
import scree.app.place.Placements;
import scree.app.privacy.Consent;
import scree.app.privacy.Consents;
import scree.app.sheet.SheetPicture;
import scree.app.sheet.Sheets;
import scree.app.sitting.Intake;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.skin.Touches;
import scree.app.studio.Accounts;
import scree.app.studio.Customs;
import scree.app.studio.Member;
import scree.app.studio.StillLoading;
import scree.app.studio.StudioId;
import scree.app.timetable.DayWork;
import scree.core.care.Care;
import scree.core.face.FacePoints;
import scree.core.face.Tick;
import scree.core.image.Point;
import scree.core.method.Aim;
import scree.core.shade.Coverage;
import scree.core.shade.Finish;
import scree.core.skin.FreeSpot;
import scree.core.swatch.SheetRefused;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Sitter;

/**
 * Fills an empty database with the made-up lakeside concert: a travelling make-up pair, twelve musicians, a kit, today's
 * sittings and some past ones. Readings and chosen bases come from the same services that an artist uses.
 */
@Component
@ConditionalOnProperty("scree.demo.enabled")
class DemoLoader implements ApplicationRunner {
    /** Days. */
    private static final int AGREED_BEFORE = 400;

    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);
    static final String EVENT = "Ellmark lakeside concert";
    private static final String NAME = "Two chairs, travelling";
    static final String PASSWORD = "loose stones";
    private static final int DONE_TODAY = 5;
    /** Minutes that faces wait, made up, until they are wanted. */
    private static final int[] WAITS = {15, 10, 25, 20};
    /** Minutes that musicians come before their time. */
    private static final int EARLY = 15;

    private final Accounts accounts;
    private final Clients clients;
    private final Consents consents;
    private final Customs customs;
    private final Kit kit;
    private final Sheets sheets;
    private final Formulas formulas;
    private final Sittings sittings;
    private final Events events;
    private final DayWork dayWork;
    private final Readings readings;
    private final Bases bases;
    private final Faces faces;
    private final Placements placements;
    private final Touches touches;
    private final Corrections corrections;
    private final StandInCamera camera;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final StillLoading loading;

    DemoLoader(
            Accounts accounts,
            Clients clients,
            Consents consents,
            Customs customs,
            Kit kit,
            Sheets sheets,
            Formulas formulas,
            Sittings sittings,
            Events events,
            DayWork dayWork,
            Readings readings,
            Bases bases,
            Faces faces,
            Placements placements,
            Touches touches,
            Corrections corrections,
            StandInCamera camera,
            Clock clock,
            TransactionTemplate transaction,
            StillLoading loading) {
        this.loading = loading;
        this.accounts = accounts;
        this.clients = clients;
        this.consents = consents;
        this.customs = customs;
        this.kit = kit;
        this.sheets = sheets;
        this.formulas = formulas;
        this.sittings = sittings;
        this.events = events;
        this.dayWork = dayWork;
        this.readings = readings;
        this.bases = bases;
        this.faces = faces;
        this.placements = placements;
        this.touches = touches;
        this.corrections = corrections;
        this.camera = camera;
        this.clock = clock;
        this.transaction = transaction;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (accounts.none()) {
            LOG.info("empty database: loading the made-up concert");
            long start = System.nanoTime();
            loading.begun();
            try {
                transaction.executeWithoutResult(status -> load());
            } finally {
                loading.ended();
            }
            LOG.info("demo data loaded in {} s", (System.nanoTime() - start) / 1_000_000_000);
        }
    }

    private void load() {
        LocalDate today = LocalDate.now(clock);
        StudioId studio = accounts.foundStudio(NAME);
        customs.put(studio, new Customs.Kept(NAME, null, "EUR", Customs.Units.METRIC));
        accounts.addArtist(studio, "Runa Vestby", "runa@scree.example", PASSWORD);
        accounts.addArtist(studio, "Bea Hallorin", "bea@scree.example", PASSWORD);
        List<Member> artists = List.of(
                accounts.loadUserByUsername("runa@scree.example"), accounts.loadUserByUsername("bea@scree.example"));
        kit.addAll(studio, DemoKit.all(today));
        kit.all(studio).forEach(p -> DemoKit.formula(p).ifPresent(f -> formulas.put(studio, f)));
        formulas.putPurchases(studio, new Formulas.Purchases(DemoKit.FOR_SALE, 0));
        sheet(artists.get(0));
        List<Sitter> sitters = Ensemble.all();
        int shift = shiftMinutes(LocalTime.now(clock));
        for (int i = 0; i < sitters.size(); i++) {
            load(studio, artists, sitters.get(i), DemoExtra.ALL.get(i), i, today, shift);
        }
        day(studio, artists, today, shift);
    }

    /** Hours and breaks of the two, when each face is there and wanted, and that everybody was told. */
    private void day(StudioId studio, List<Member> artists, LocalDate today, int shift) {
        Event event = events.named(studio, today, EVENT);
        LocalDateTime from = today.atTime(7, 30).plusMinutes(shift);
        LocalDateTime until = today.atTime(16, 0).plusMinutes(shift);
        List<Working> crew = new ArrayList<>();
        for (int i = 0; i < artists.size(); i++) {
            LocalDateTime lunch = today.atTime(12, 0).plusMinutes(shift + 15L * i);
            crew.add(new Working(
                    artists.get(i).artistId(),
                    artists.get(i).name(),
                    List.of(),
                    from,
                    until,
                    true,
                    List.of(new Break(lunch, lunch.plusMinutes(30), "lunch"))));
        }
        events.change(
                studio,
                new Event(event.id(), EVENT, "Boathouse, Ellmark", today, artists.size(), null, event.version()),
                crew);
        List<Sitting> sat = sittings.on(studio, today);
        for (int i = 0; i < sat.size(); i++) {
            Sitting s = sat.get(i);
            LocalDateTime ready = s.endsAt().plusMinutes(WAITS[i % WAITS.length]);
            dayWork.want(studio, event.id(), s.id(), s.startsAt().minusMinutes(EARLY), ready, null);
        }
        events.publish(studio, event.id());
    }

    /** A swatch sheet that was read just laid and settled, and waits to be taken. */
    private void sheet(Member me) {
        long id = sheets.add(me);
        try {
            for (DemoSheet.When when : DemoSheet.When.values()) {
                Sheets.Read read = sheets.read(me.studio(), id, Upload.of(when.jpeg()));
                sheets.keep(me.studio(), id, read, SheetPicture.Stage.valueOf(when.name()));
            }
        } catch (SheetRefused | Sheets.OtherSheet e) {
            throw new IllegalStateException("the demo's sheet cannot be read", e);
        }
        Map<String, Long> ids = kit.all(me.studio()).stream().collect(Collectors.toMap(Product::fullName, Product::id));
        DemoSheet.LAID.forEach((field, name) -> sheets.lay(me.studio(), id, field, ids.get(name)));
    }

    private void load(
            StudioId studio, List<Member> artists, Sitter sitter, DemoExtra x, int index, LocalDate today, int shift) {
        long client = clients.add(
                studio,
                new Client(
                        0,
                        sitter.name(),
                        sitter.name().split(" ")[0].toLowerCase(Locale.ROOT) + "@lakeside.example",
                        today.getYear() - sitter.age(),
                        x.plays(),
                        x.skinType(),
                        x.allergies(),
                        x.notes(),
                        null,
                        0));
        Member artist = artists.get(x.artist());
        consents.give(
                artist,
                client,
                today.minusDays(AGREED_BEFORE),
                EnumSet.of(Consent.Cover.PICTURES, Consent.Cover.HEALTH, Consent.Cover.LETTERS));
        for (PastSeason season : PastSeason.saw(index) ? PastSeason.values() : new PastSeason[0]) {
            LocalDateTime at = last(season.month(), season.day()).atTime(LocalTime.of(14, 30));
            long id = sittings.add(studio, client, artist.artistId(), at, 50, season.event());
            work(artist, id, camera.then(sitter, season), x, sitter, true, guessed(camera.guessedThen(sitter)));
            sittings.finish(studio, id);
        }
        long id = sittings.add(
                studio,
                client,
                artist.artistId(),
                today.atTime(x.hour(), x.minute()).plusMinutes(shift),
                x.minutes(),
                EVENT);
        if (index < DONE_TODAY + 2) {
            boolean done = index < DONE_TODAY;
            // at the present one's points nobody has looked yet
            Laying laying = index == DONE_TODAY ? guessed(camera.guessed(sitter)) : looked(sitter, done);
            work(artist, id, camera.today(sitter), x, sitter, done, laying);
            mark(artist, id, DemoConcerns.of(sitter));
            if (done) {
                sittings.finish(studio, id);
            }
        }
    }

    /** Moves the day's plan so that the sixth face sits about now, as far as the day allows. */
    static int shiftMinutes(LocalTime now) {
        int wanted = now.toSecondOfDay() / 60 - (10 * 60 + 55);
        return Math.max(-4 * 60, Math.min(7 * 60, Math.round(wanted / 15f) * 15));
    }

    /** Does what an artist does: intake, picture, reading, and the best base that is not struck out. */
    private void work(Member me, long id, byte[] picture, DemoExtra x, Sitter sitter, boolean takeBase, Laying laying) {
        StudioId studio = me.studio();
        String broken = x.bothers().contains("cold sore") ? "cold sore at the mouth's left corner" : null;
        sittings.saveIntake(
                studio,
                id,
                0,
                new Intake(
                        x.occasion(),
                        9,
                        true,
                        Coverage.MEDIUM,
                        Finish.SATIN,
                        null,
                        x.allergies() == null ? Care.PatchTest.CLEAR : Care.PatchTest.NONE,
                        broken,
                        x.bothers(),
                        null,
                        SitterColours.of(sitter),
                        sitter.marks().freckles() > 0));
        readings.take(studio, id, Upload.of(picture));
        laying.lay(me, id);
        readings.keep(studio, id, readings.of(studio, id).orElseThrow().version());
        if (takeBase) {
            bases.shortlist(studio, id, BaseFilter.ANY).stream()
                    .flatMap(list -> list.ranked().stream())
                    .findFirst()
                    .map(Shortlist.Ranked::product)
                    .ifPresent(p -> bases.take(me, id, p.id(), null, null, 0));
        }
    }

    /** Marks spots and what was felt, as an artist does on Skin and Correct. */
    private void mark(Member me, long id, DemoConcerns.Of concerns) {
        StudioId studio = me.studio();
        for (FreeSpot s : concerns.spots()) {
            readings.relay(studio, id, face -> {
                Point at = camera.place(s.x(), s.y());
                return face.withSpot(s.kind(), at.x(), at.y());
            });
        }
        concerns.felt().forEach(t -> touches.toggle(studio, id, t));
        if (!concerns.spots().isEmpty()) {
            readings.keep(studio, id, readings.of(studio, id).orElseThrow().version());
        }
        concerns.popped().forEach(spot -> corrections.callBroken(me, id, spot));
    }

    /** Lays the points of a face on the picture that was just taken. */
    private interface Laying {
        void lay(Member me, long id);
    }

    private Laying guessed(FacePoints points) {
        return (me, id) -> faces.take(me, id, points, FaceSheet.Found.MESH);
    }

    private Laying looked(Sitter sitter, boolean planned) {
        return (me, id) -> readFace(me, id, sitter, planned);
    }

    /** Lays the points, ticks what shows with age, and of a finished sitting keeps the plan. */
    private void readFace(Member me, long id, Sitter sitter, boolean planned) {
        faces.take(me, id, camera.points(sitter), FaceSheet.Found.TEMPLATE);
        if (sitter.age() >= Tick.matureFrom()) {
            faces.tick(me, id, Tick.JOWL);
            faces.tick(me, id, Tick.NOSE_FOLDS);
            faces.tick(me, id, Tick.UNDER_EYE_LINES);
        }
        if (planned) {
            Aim aim = sitter.age() >= Tick.matureFrom() ? Aim.LIFT : Aim.BALANCE;
            placements.method(me, id, m -> m.withAim(aim));
        }
    }

    /** Returns the last such day of a year that is at least two weeks ago. */
    private LocalDate last(int month, int day) {
        LocalDate today = LocalDate.now(clock);
        LocalDate then = LocalDate.of(today.getYear(), month, day);
        return then.isAfter(today.minusWeeks(2)) ? then.minusYears(1) : then;
    }
}
